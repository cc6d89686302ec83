"""Billhook: pruning decisions for evergreen subtropical fruit trees."""

__version__ = "0.26.0"
