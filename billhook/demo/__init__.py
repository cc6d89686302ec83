"""The demo holding: invented, generated, the same every time for the same day."""
