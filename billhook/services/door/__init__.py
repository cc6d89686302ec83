"""Who may come in, by which sign, and what they may do."""
