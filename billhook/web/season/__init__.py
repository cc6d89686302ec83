"""When: the year, the fortnight, the weather, the ways of working."""
