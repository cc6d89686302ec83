"""The cut plan: candidates, the choice among them, and what it costs."""
