"""One tree: its record, its frames, what was seen of it."""
