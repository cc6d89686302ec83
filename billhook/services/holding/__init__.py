"""The holding: its places and trees, in plan and in lists."""
