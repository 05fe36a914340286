"""Composition: horizon, light, focus, and what weakens the arrangement."""
