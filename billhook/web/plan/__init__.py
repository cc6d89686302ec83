"""Cuts: proposed, costed, on a sheet."""
