"""Whose shoot is it: rootstock sucker, water sprout, or bearing shoot."""
