"""Minutes: working and drying."""
