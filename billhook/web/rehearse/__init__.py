"""Rehearsals over the API."""
