"""Under the tree."""
