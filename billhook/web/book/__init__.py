"""What was done."""
