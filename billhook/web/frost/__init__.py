"""Before the cold, the night, and the hurt tree."""
