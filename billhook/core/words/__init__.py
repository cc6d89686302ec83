"""Numbers and directions as growers say them."""
