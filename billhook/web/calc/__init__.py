"""Calculators: answers without anything stored."""
