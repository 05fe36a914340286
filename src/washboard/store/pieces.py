"""Pieces: create, edit, undo, redo; every change one transaction, checked against the revision."""

from __future__ import annotations

import uuid
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Any

from sqlalchemy import select
from sqlalchemy.orm import Session

from .database import Database
from .errors import Missing, NothingTo, Stale
from .rows import EditRow, PieceRow, PlanRow, ReferenceRow


@dataclass(frozen=True)
class Reference:
    """A picture that was taken in."""

    hash: str
    width: int
    height: int
    format: str
    notes: tuple[str, ...]


@dataclass(frozen=True)
class Edit:
    """One edit of a piece's history; `undone` while it waits to be redone."""

    number: int
    words: str
    undone: bool
    created: str


@dataclass(frozen=True)
class Piece:
    """A piece as it is now."""

    id: str
    name: str
    reference: Reference | None
    shapes: tuple[Mapping[str, Any], ...] | None
    settings: Mapping[str, Any]
    revision: int
    next_mass: int
    created: str
    undo: str | None
    redo: str | None


@dataclass(frozen=True)
class StoredPlan:
    """A frozen plan: the open document as text, and what the page needs to show it."""

    key: str
    engine: str
    document: str
    view: Mapping[str, Any]
    created: str


class Pieces:
    """The repository of pieces. Times are given by the caller as ISO text."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def keep_reference(self, reference: Reference, now: str) -> None:
        """Enter a reference whose bytes are already kept; one already there is left as it is."""
        with self._database.session() as session:
            if session.get(ReferenceRow, reference.hash) is None:
                fields = vars(reference) | {"notes": list(reference.notes)}
                session.add(ReferenceRow(**fields, created=now))

    def reference(self, content: str) -> Reference:
        """Raises Missing."""
        with self._database.session() as session:
            row = session.get(ReferenceRow, content)
            if row is None:
                raise Missing("There is no such picture here. Upload it again.")
            return _reference(row)

    def create(
        self,
        name: str,
        settings: Mapping[str, Any],
        now: str,
        reference: str | None = None,
        shapes: Sequence[Mapping[str, Any]] | None = None,
    ) -> Piece:
        """A new piece; raises Missing when the reference is not here."""
        with self._database.session() as session:
            if reference is not None and session.get(ReferenceRow, reference) is None:
                raise Missing("The picture of this piece is not here. Upload it again; nothing was made.")
            row = PieceRow(
                id=uuid.uuid4().hex,
                name=name,
                reference_hash=reference,
                settings=dict(settings),
                shapes=list(shapes) if shapes is not None else None,
                revision=0,
                cursor=0,
                next_mass=1,
                created=now,
            )
            session.add(row)
            session.flush()
            return _piece(session, row)

    def all(self) -> list[Piece]:
        """Every piece, the newest first."""
        with self._database.session() as session:
            rows = session.scalars(select(PieceRow).order_by(PieceRow.created.desc(), PieceRow.id))
            return [_piece(session, row) for row in rows]

    def get(self, piece: str) -> Piece:
        """Raises Missing."""
        with self._database.session() as session:
            return _piece(session, _row(session, piece))

    def delete(self, piece: str, revision: int) -> None:
        """Delete a piece with its history and plans; raises Missing and Stale."""
        with self._database.session() as session:
            row = _current(session, piece, revision)
            session.delete(row)

    def edit(self, piece: str, revision: int, changes: Mapping[str, Any], words: str, now: str) -> Piece:
        """Change settings (or a column) as one undoable edit; what was undone before is dropped.

        Raises Missing and Stale.
        """
        with self._database.session() as session:
            row = _current(session, piece, revision)
            before = {key: _get(row, key) for key in changes}
            if before == dict(changes):
                return _piece(session, row)
            for edit in [e for e in row.edits if e.number > row.cursor]:
                row.edits.remove(edit)
            session.flush()
            number = row.cursor + 1
            row.edits.append(
                EditRow(number=number, words=words, before=before, after=dict(changes), created=now)
            )
            _put(row, changes)
            row.cursor, row.revision = number, row.revision + 1
            session.flush()
            return _piece(session, row)

    def undo(self, piece: str, revision: int) -> Piece:
        """Take the last edit back; raises Missing, Stale and NothingTo."""
        with self._database.session() as session:
            row = _current(session, piece, revision)
            edit = next((e for e in row.edits if e.number == row.cursor), None)
            if edit is None:
                raise NothingTo("There is nothing to undo; the piece is as it was made.")
            _put(row, edit.before)
            row.cursor, row.revision = row.cursor - 1, row.revision + 1
            return _piece(session, row)

    def redo(self, piece: str, revision: int) -> Piece:
        """Do the next undone edit again; raises Missing, Stale and NothingTo."""
        with self._database.session() as session:
            row = _current(session, piece, revision)
            edit = next((e for e in row.edits if e.number == row.cursor + 1), None)
            if edit is None:
                raise NothingTo("There is nothing to redo; the piece is at its newest.")
            _put(row, edit.after)
            row.cursor, row.revision = row.cursor + 1, row.revision + 1
            return _piece(session, row)

    def history(self, piece: str) -> list[Edit]:
        """Every edit, the oldest first; raises Missing."""
        with self._database.session() as session:
            row = _row(session, piece)
            return [Edit(e.number, e.words, e.number > row.cursor, e.created) for e in row.edits]

    def keep_plan(self, piece: str, plan: StoredPlan, next_mass: int) -> StoredPlan:
        """Freeze a plan; one already there under the same key stays as it is. Raises Missing."""
        with self._database.session() as session:
            row = _row(session, piece)
            there = next((p for p in row.plans if p.key == plan.key), None)
            if there is not None:
                return _plan(there)
            row.plans.append(
                PlanRow(
                    key=plan.key,
                    engine=plan.engine,
                    document=plan.document,
                    view=dict(plan.view),
                    created=plan.created,
                )
            )
            row.next_mass = max(row.next_mass, next_mass)
            return plan

    def plan(self, piece: str, key: str) -> StoredPlan | None:
        """The frozen plan under a key, or None; raises Missing for an unknown piece."""
        with self._database.session() as session:
            return next((_plan(p) for p in _row(session, piece).plans if p.key == key), None)

    def newest_plan(self, piece: str) -> StoredPlan | None:
        """The plan computed last, or None; raises Missing."""
        with self._database.session() as session:
            plans = _row(session, piece).plans
            return _plan(plans[-1]) if plans else None

    def wanted_media(self) -> set[str]:
        """Hashes of all bytes that a piece, its history or a plan still names; forgets other references."""
        with self._database.session() as session:
            used = set(session.scalars(select(PieceRow.reference_hash)))
            used = used.union(*map(_photos, session.scalars(select(PieceRow.settings))))
            for edit in session.scalars(select(EditRow)):
                used |= _photos(edit.before) | _photos(edit.after)
            for row in session.scalars(select(ReferenceRow)):
                if row.hash not in used:
                    session.delete(row)
            wanted = {content for content in used if content}
            for view in session.scalars(select(PlanRow.view)):
                wanted |= set(view.get("media", {}).values())
            return wanted


def _row(session: Session, piece: str) -> PieceRow:
    row = session.get(PieceRow, piece)
    if row is None:
        raise Missing("There is no such piece. It may have been deleted in another tab.")
    return row


def _current(session: Session, piece: str, revision: int) -> PieceRow:
    row = _row(session, piece)
    if row.revision != revision:
        newer = [e.words for e in row.edits if e.number <= row.cursor][-max(1, row.revision - revision) :]
        raise Stale(row.revision, newer)
    return row


COLUMNS = {"name": "name", "reference": "reference_hash", "shapes": "shapes"}
"""Fields of an edit that are columns; all others are settings."""


def _get(row: PieceRow, key: str) -> Any:
    return getattr(row, COLUMNS[key]) if key in COLUMNS else row.settings.get(key)


def _put(row: PieceRow, changes: Mapping[str, Any]) -> None:
    settings = dict(row.settings)
    for key, value in changes.items():
        if key in COLUMNS:
            setattr(row, COLUMNS[key], value)
        else:
            settings[key] = value
    row.settings = settings


def _photos(fields: Mapping[str, Any]) -> set[str]:
    """The photos that the settings of a piece, or one side of an edit, name."""
    named = {thing["photo"] for thing in fields.get("borrowed") or ()}
    return named | ({fields["reference"]} if fields.get("reference") else set())


def _reference(row: ReferenceRow) -> Reference:
    return Reference(row.hash, row.width, row.height, row.format, tuple(row.notes))


def _plan(row: PlanRow) -> StoredPlan:
    return StoredPlan(row.key, row.engine, row.document, row.view, row.created)


def _piece(session: Session, row: PieceRow) -> Piece:
    reference = session.get(ReferenceRow, row.reference_hash) if row.reference_hash else None
    words = {e.number: e.words for e in row.edits}
    return Piece(
        row.id,
        row.name,
        _reference(reference) if reference else None,
        tuple(row.shapes) if row.shapes is not None else None,
        dict(row.settings),
        row.revision,
        row.next_mass,
        row.created,
        words.get(row.cursor),
        words.get(row.cursor + 1),
    )
