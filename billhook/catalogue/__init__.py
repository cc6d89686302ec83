"""What is known: species, cultivars, rootstocks, climates, rules and limits, each with unit, range
and provenance.
"""

from .loader import catalogue_version, load_catalogue
from .refusals import CatalogueError

__all__ = ["CatalogueError", "catalogue_version", "load_catalogue"]
