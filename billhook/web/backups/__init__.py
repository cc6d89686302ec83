"""Backups and what leaves the holding as a whole."""
