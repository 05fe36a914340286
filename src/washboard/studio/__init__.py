"""The application itself: pieces, edits, plans, answers, jobs, shelf files over one data folder.

The web interface, the command line and the demo stand on it; it knows none of them.
"""

from ..store.pieces import Piece
from .studio import Studio, now

__all__ = ["Piece", "Studio", "now"]
