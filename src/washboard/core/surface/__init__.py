"""The surface: what lies on it, what it lets a painter do, and plans replayed on it by the judge."""
