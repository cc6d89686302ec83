"""Light: through leaf, and from the sun."""
