"""The weeks of the crew on the wire."""
