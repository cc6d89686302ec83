"""What the calculators take and answer."""
