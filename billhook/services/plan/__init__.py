"""Cuts: proposed, costed, put on a sheet, printed and finished."""
