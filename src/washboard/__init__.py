"""Washboard: in which order to lay which values where."""

ENGINE = "0.7.0"
"""Version of the engine that computes plans; a stored plan keeps the one that made it."""
