"""Fruit on the tree: thinning, and what a trunk may carry."""
