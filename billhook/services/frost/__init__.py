"""Before the cold, the night, and the hurt tree until it is grown on."""
