"""The tree's skeleton: geometry, canopy share, wood, balance, envelope, and the generator of
sketched frames.
"""
