"""Archives of a holding: made while it runs, every day by themselves, checked, and put back."""
