"""Heights over the years."""
