"""One file per thing a grower does. A service owns the transaction: load, let the core decide,
save.
"""
