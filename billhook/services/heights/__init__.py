"""Heights of a block and a tree over the years."""
