"""Recipes: which paints, in which parts, how much water, how many layers."""
