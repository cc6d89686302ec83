"""One tree."""
