"""Keeping: rows in SQLite, bytes in files by content hash, every edit undoable."""
