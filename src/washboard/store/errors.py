"""What keeping can refuse.

StoreError
├── Missing      no such piece, reference or plan
├── Stale        the piece or shelf changed since the caller read it
├── NothingTo    nothing to undo or redo
├── Clash        an id that a client made is taken by something else
├── Held         another server has the data folder
├── Busy         another process holds the database
├── Full         the disk takes no more
├── Unusable     the data folder is of a newer version, damaged, or may not be written to
└── Gone         the data folder was moved or deleted while it was in use
"""

from __future__ import annotations

from collections.abc import Sequence

from ..core.errors import WashboardError
from ..core.sentence import Listed, Sentence, term


class StoreError(WashboardError):
    code = "store"


class Missing(StoreError):
    code = "missing"


class Stale(StoreError):
    code = "stale"

    def __init__(self, revision: int, changed: Sequence[str], what: str = "piece") -> None:
        self.revision, self.changed = revision, tuple(changed)
        done = Listed(tuple(map(term, self.changed)) or (Sentence("stale-undo"),))
        super().__init__(f"refused-stale-{what}", done=done)


class NothingTo(StoreError):
    code = "nothing-to"


class Clash(StoreError):
    code = "clash"


class Held(StoreError):
    code = "held"


class Busy(StoreError):
    code = "busy"


class Full(StoreError):
    code = "disk-full"


class Unusable(StoreError):
    code = "unusable"


class Gone(StoreError):
    code = "gone"
