"""What was done: the log, crops, photos, and how fast a tree grows back."""
