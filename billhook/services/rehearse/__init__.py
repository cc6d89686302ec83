"""Rehearsals: cut it here first, and watch it grow."""
