"""The studio: one data folder with its database, media and worker, and what the routes ask of it."""

from __future__ import annotations

import hashlib
import json
import threading
from collections.abc import Callable, Mapping, Sequence
from datetime import UTC, datetime
from pathlib import Path
from typing import Any

from .. import ENGINE
from ..core.materials.paints import FEWEST, PAINTS, Paint
from ..core.materials.shelf import Kind
from ..formats import planfile
from ..pipeline.fields import ANALYSED, settings_of, shapes_of
from ..pipeline.shelf import item_of
from ..pipeline.subject import Subject
from ..pipeline.tasks import Compute, TakeIn, Task
from ..pipeline.worker import Worker
from ..store.database import Database, translated
from ..store.media import Media
from ..store.pieces import Piece, Pieces, Reference, StoredPlan
from ..store.schools import OwnSchools
from ..store.shelf import Shelf
from .jobs import Job, Jobs

CACHE_FILES = 120
"""Value pictures and working copies kept; the oldest go first."""


def now() -> str:
    """The time as ISO text in UTC."""
    return datetime.now(UTC).isoformat(timespec="milliseconds")


class Studio:
    """Everything behind the routes."""

    def __init__(self, folder: Path) -> None:
        self.database = Database(folder)
        self.pieces = Pieces(self.database)
        self.shelf = Shelf(self.database)
        self.schools = OwnSchools(self.database)
        self.media = Media(folder / "media")
        self.cache = Media(folder / "cache")
        self.worker = Worker()
        self.jobs = Jobs()
        # Whatever a broken-off upload or a killed process left behind goes now, before anyone adds.
        self.media.sweep(self.pieces.wanted_media())
        self.cache.sweep(set())
        self._cached: dict[tuple[str, str], str] = {}
        self._intake = threading.Lock()

    def close(self) -> None:
        """End jobs and worker, close the database."""
        self.jobs.close()
        self.worker.close()
        self.database.close()

    def take_in(self, data: bytes) -> Reference:
        """Keep an uploaded picture; raises InvalidImage before anything is stored."""
        content = hashlib.sha256(data).hexdigest()
        found = self.worker.run(TakeIn(content, data), _silent, threading.Event())
        reference = Reference(
            content, found["width"], found["height"], found["format"], tuple(found["notes"])
        )
        with translated(), self._intake:
            self.media.keep(data)
            self._cached[content, "working"] = self.cache.keep(found["working"])
        self.pieces.keep_reference(reference, now())
        return reference

    def working(self, content: str) -> bytes:
        """The working copy of a reference as JPEG; raises Missing."""
        self.pieces.reference(content)
        return self._from_cache(content, "working", lambda: self._work_again(content))

    def _work_again(self, content: str) -> bytes:
        task = TakeIn(content, self.media.read(content))
        return bytes(self.worker.run(task, _silent, threading.Event())["working"])

    def ask(self, piece: Piece, what: str, question: Callable[[Subject], Task]) -> bytes:
        """The answer to a question about a piece as it is set now, kept until it is set otherwise."""

        def make() -> bytes:
            answer = self.ask_anew(piece, question)
            return answer if isinstance(answer, bytes) else json.dumps(answer).encode()

        return self._from_cache(self._question_key(piece), what, make)

    def ask_anew(self, piece: Piece, question: Callable[[Subject], Task]) -> Any:
        """The answer to a question about a piece, worked out now."""
        return self.worker.run(question(self._subject(piece)), _silent, threading.Event())

    def _subject(self, piece: Piece) -> Subject:
        own = self.own_paints()
        settings = settings_of(_still_owned(piece.settings, own), own)
        content = piece.reference.hash if piece.reference else None
        wanted = [content] if content else []
        wanted += [thing.photo for thing in settings.borrowed]
        photos = {photo: self.media.path(photo).read_bytes for photo in wanted}
        return Subject(settings, content, photos, shapes_of(piece.shapes))

    def own_paints(self) -> list[Paint]:
        """The paints on the shelf."""
        items = (item_of(key, fields) for key, fields in self.shelf.state().items.items())
        return [item.paint for item in items if item.kind is Kind.PAINT]

    def _question_key(self, piece: Piece) -> str:
        """The name of all that is set about a piece: a hash of what an answer about it depends on."""
        films = [(p.key, p.words, p.pigment, p.films) for p in self.own_paints()]
        return _key(piece, {key: piece.settings.get(key) for key in ANALYSED} | {"own": films})

    def _plan_key(self, piece: Piece) -> str:
        """The name of a piece's plan: a hash of everything it depends on."""
        parts = {key: piece.settings.get(key) for key in ANALYSED if key not in UNPLANNED}
        parts["intent"] = (piece.settings.get("intent") or {}).get("mood")
        taken = set(piece.settings.get("palette") or ())
        own = [(p.key, p.pigment, p.films) for p in self.own_paints() if p.key in taken]
        return _key(piece, parts | ({"own": own} if own else {}))

    def _from_cache(self, content: str, what: str, make: Callable[[], bytes]) -> bytes:
        name = self._cached.get((content, what))
        if name is not None:
            try:
                return self.cache.read(name)
            except FileNotFoundError:
                del self._cached[content, what]
        data = make()
        with translated():
            self._cached[content, what] = self.cache.keep(data)
        while len(self._cached) > CACHE_FILES:
            oldest = next(iter(self._cached))
            self.cache.path(self._cached.pop(oldest)).unlink(missing_ok=True)
        return data

    def analyse(self, piece: Piece) -> Job:
        """Work a piece out unless its plan is already frozen; the running job if there is one."""
        key = self._plan_key(piece)
        subject = f"{piece.id} {key}"
        if self.pieces.plan(piece.id, key) is not None:
            return self.jobs.finished(subject)
        return self.jobs.start(subject, lambda job: self._compute(piece, key, job))

    def _compute(self, piece: Piece, key: str, job: Job) -> None:
        task = Compute(piece.name, self._subject(piece), self._before(piece))
        result = self.worker.run(task, job.report, job.cancelled)
        with translated():
            media = {name: self.media.keep(data) for name, data in result["blobs"].items()}
        view = result["view"] | {"media": media}
        plan = StoredPlan(key, ENGINE, result["document"], view, now())
        self.pieces.keep_plan(piece.id, plan, result["next_mass"])

    def _before(self, piece: Piece) -> tuple[bytes, tuple[int, int], Mapping[int, str], int] | None:
        """The masses of the plan computed last, whose ids the new ones inherit."""
        last = self.pieces.newest_plan(piece.id)
        if last is None:
            return None
        masses = json.loads(last.document)["masses"]
        ids = {int(mass["label"]): str(mass["id"]) for mass in masses}
        shape = (last.view["height"], last.view["width"])
        return self.media.read(last.view["media"]["labels"]), shape, ids, piece.next_mass

    def plan(self, piece: Piece) -> StoredPlan | None:
        """The frozen plan of a piece as it is set now, or None while it is not worked out."""
        return self.pieces.plan(piece.id, self._plan_key(piece))


UNPLANNED = {"focus", "light", "sources", "pins"}
"""Settings that no plan depends on (yet)."""


def _key(piece: Piece, parts: dict[str, Any]) -> str:
    parts["reference"] = piece.reference.hash if piece.reference else None
    parts["shapes"] = piece.shapes
    return hashlib.sha256(json.dumps(parts, sort_keys=True).encode()).hexdigest()


def _still_owned(fields: Mapping[str, Any], own: Sequence[Paint]) -> Mapping[str, Any]:
    """Settings without paints that are no longer on the shelf; too few left are none chosen."""
    known = PAINTS.keys() | {paint.key for paint in own}
    palette = [key for key in fields.get("palette") or () if key in known]
    return {**fields, "palette": palette if len(palette) >= FEWEST else []}


def document_of(plan: StoredPlan) -> planfile.Document:
    """The open document of a frozen plan."""
    return planfile.read(plan.document)


def _silent(stage: str, done: float) -> None:
    """Progress that nobody waits for."""
