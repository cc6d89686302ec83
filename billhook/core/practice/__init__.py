"""Practice trees: believable trees with a trouble, to be looked at, decided on and talked over."""
