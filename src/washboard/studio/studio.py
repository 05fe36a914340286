"""The studio: one data folder with its database, its files, its workers and its jobs."""

from __future__ import annotations

import hashlib
import threading
from collections.abc import Callable
from contextlib import suppress
from datetime import UTC, datetime
from pathlib import Path
from typing import Any

from ..core.materials.grounds import Ground
from ..core.materials.paints import Paint
from ..core.materials.shelf import Item, ItemKind, paper_of
from ..core.sentence import USUAL_LANGUAGE
from ..formats.thumbnail import thumbnail
from ..pipeline.tasks import FindSheet, Straighten, TakeIn
from ..pipeline.workers import Workers
from ..store.database import Database, translated
from ..store.devices import Devices
from ..store.drills import DrillAnswers
from ..store.errors import Full, Missing
from ..store.lock import FolderLock
from ..store.log import Log
from ..store.media import Media
from ..store.observations import Observations
from ..store.painter import Painter
from ..store.pieces import Pieces
from ..store.plans import Plans
from ..store.references import Reference, References
from ..store.schools import OwnSchools
from ..store.shelf import Shelf
from .jobs import Jobs
from .pairing import Pairing
from .shelf_items import item_of

CACHE_FILES = 120
"""Value pictures and working copies kept; the oldest go first."""


def now() -> str:
    """The time as ISO text in UTC."""
    return datetime.now(UTC).isoformat(timespec="milliseconds")


class Studio:
    """Everything behind the web interface and the demo. Raises Held where another server has the folder."""

    def __init__(self, folder: Path) -> None:
        self._folder_lock = FolderLock(folder)
        self.database = Database(folder)
        self.pieces = Pieces(self.database)
        self.references = References(self.database)
        self.plans = Plans(self.database)
        self.shelf = Shelf(self.database)
        self.schools = OwnSchools(self.database)
        self.log = Log(self.database)
        self.observations = Observations(self.database)
        self.drills = DrillAnswers(self.database)
        self.painter = Painter(self.database)
        self.pairing = Pairing(Devices(self.database))
        self.folder = folder
        self.media = Media(folder / "media")
        self.cache = Media(folder / "cache")
        self.workers = Workers()
        self.jobs = Jobs()
        self.filing = threading.Lock()
        """Held while files are written and said to be in use, or found to be out of use and deleted."""
        self.strips: dict[str, tuple[Any, Any]] = {}
        """What the wall told last of each piece, and of what."""
        self._cached: dict[tuple[str, str], str] = {}
        self._shelved: tuple[int, tuple[Item, ...]] = (-1, ())
        # Whatever a broken-off upload or a killed process left behind goes now, before anyone adds.
        self.media.sweep(self.references.settle())
        self.cache.sweep(set())

    @property
    def language(self) -> str:
        """What the studio speaks: English until the painter says otherwise."""
        return str(self.painter.fields().get("language") or USUAL_LANGUAGE)

    def close(self) -> None:
        """End jobs and workers, close the database, let the folder go."""
        self.jobs.close()
        self.workers.close()
        self.database.close()
        self._folder_lock.release()

    def take_in(self, data: bytes) -> Reference:
        """Keep an uploaded picture; raises InvalidImage before anything is stored."""
        content = hashlib.sha256(data).hexdigest()
        found = self.workers.run(TakeIn(content, data), content, silent, threading.Event())
        reference = Reference(
            content, found["width"], found["height"], found["format"], tuple(found["notes"])
        )
        with translated(), self.filing:
            self._cached[content, "working"] = self.cache.keep(found["working"])
        self.keep(data, reference)
        return reference

    def sheet_in(self, content: str) -> dict[str, Any]:
        """Where a painting may lie in a photo of one; raises Missing."""
        task = FindSheet(content, self._file(content))
        return dict(self.workers.run(task, content, silent, threading.Event()))

    def straighten(self, content: str, corners: tuple[tuple[float, float], ...]) -> Reference:
        """A painting cut straight out of a photo, taken in beside it; raises Missing, and InvalidInput for
        corners between which no painting can lie."""
        task = Straighten(content, self._file(content), corners)
        return self.take_in(bytes(self.workers.run(task, content, silent, threading.Event())))

    def keep(self, data: bytes, reference: Reference) -> None:
        """Keep a picture of which all is known."""
        with translated(), self.filing:
            self.media.keep(data)
            self.references.keep(reference, now())

    def working(self, content: str) -> bytes:
        """The working copy of a reference as JPEG; raises Missing."""
        self.references.get(content)
        return self.from_cache(content, "working", lambda: self._work_again(content))

    def thumbnail(self, content: str) -> bytes:
        """A reference as the wall shows it, as JPEG; raises Missing."""
        return self.from_cache(content, "thumbnail", lambda: thumbnail(self.working(content)))

    def _file(self, content: str) -> bytes:
        self.references.get(content)
        return self.media.read(content)

    def _work_again(self, content: str) -> bytes:
        task = TakeIn(content, self.media.read(content))
        return bytes(self.workers.run(task, content, silent, threading.Event())["working"])

    def from_cache(self, content: str, what: str, make: Callable[[], bytes]) -> bytes:
        """Bytes that were made before, or are made now; they go when there are too many, or at the end."""
        name = self._cached.get((content, what))
        if name is not None:
            try:
                return self.cache.read(name)
            except Missing:
                self._cached.pop((content, what), None)
        data = make()
        # Where the disk is full it is shown all the same, and made again the next time.
        with suppress(Full), translated(), self.filing:
            self._cached[content, what] = self.cache.keep(data)
            while len(self._cached) > CACHE_FILES:
                gone = self._cached.pop(next(iter(self._cached)))
                if gone not in self._cached.values():
                    self.cache.discard({gone})
        return data

    def own_paints(self) -> tuple[Paint, ...]:
        """The paints on the shelf."""
        return tuple(item.paint for item in self._items() if item.kind is ItemKind.PAINT)

    def own_papers(self, medium: str) -> tuple[Ground, ...]:
        """The surfaces on the shelf that suit a medium, as grounds."""
        return tuple(
            paper_of(item)
            for item in self._items()
            if item.kind is ItemKind.SURFACE and item.medium in ("", medium)
        )

    def _items(self) -> tuple[Item, ...]:
        """What stands on the shelf, read again when it has changed."""
        revision, items = self._shelved
        if self.shelf.revision() != revision:
            state = self.shelf.state()
            items = tuple(item_of(key, fields) for key, fields in state.items.items())
            self._shelved = state.revision, items
        return items


def silent(stage: str, done: float) -> None:
    """Progress that nobody waits for."""
