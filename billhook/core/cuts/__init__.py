"""Limits, technique, tool, order and words of cuts, and when to come back."""
