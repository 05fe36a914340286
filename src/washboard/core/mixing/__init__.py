"""Mixing: how paints and sticks change what lies there, and what brings it to a colour."""
