"""From a reference and a painter's settings to a plan: the core's stages in a row, each remembered."""
