"""The way through a pass: where to begin, where to go, where to stop."""
