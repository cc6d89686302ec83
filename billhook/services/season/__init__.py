"""When: the verdict, the year, the fortnight, the weather and the ways of working."""
