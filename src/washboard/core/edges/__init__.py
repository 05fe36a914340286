"""Edges: each stretch of border, how it is made, and how it is shown."""
