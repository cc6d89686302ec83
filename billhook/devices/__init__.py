"""Outside devices behind the interface a real one would have, and the simulated stand-ins that ship
with Billhook.
"""
