"""Under the tree: the walk, the row, whose shoot it is."""
