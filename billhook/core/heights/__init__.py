"""Holding a height: sections of rows, renewal over years, which limb, hedging rounds, and how a
frame grows.
"""
