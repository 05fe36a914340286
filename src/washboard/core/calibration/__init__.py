"""Calibration: a strip of swatches found and read on a photo, and a paint refitted to it."""
