"""Billhook: pruning decisions for evergreen subtropical fruit trees."""

__version__ = "0.24.0"
