"""The walk round a tree: steps in order, and what the answers find."""
