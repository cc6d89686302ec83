"""Heat, flush, events and windows: when each kind of work is right."""
