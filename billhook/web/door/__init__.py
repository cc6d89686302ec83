"""Who is answered: by which name, from which page, and as whom."""
