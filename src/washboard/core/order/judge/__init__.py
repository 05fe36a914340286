"""The judge: what the surface lets a painter do, as data, and plans replayed on it."""
