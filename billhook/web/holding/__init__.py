"""The holding: its places and trees."""
