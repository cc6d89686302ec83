"""A drawing over seasons: what grows from cuts, light, frost and the years."""
