"""Pieces: create, edit, undo, redo; every change one transaction, checked against the revision."""

from __future__ import annotations

import uuid
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Any

from sqlalchemy import delete, select
from sqlalchemy.orm import Session

from .database import Database
from .errors import Missing
from .history import Edit, Fields, History, words_beside
from .references import Reference, reference_in, references_in
from .rows import EditRow, PieceRow
from .uses import hold, release


@dataclass(frozen=True)
class Piece:
    """A piece as it is now; `plan_key` names its plan in force."""

    id: str
    name: str
    reference: Reference | None
    shapes: tuple[Mapping[str, Any], ...] | None
    settings: Mapping[str, Any]
    revision: int
    next_mass: int
    plan_key: str | None
    created: str
    undo: str | None
    redo: str | None


class Pieces:
    """The repository of pieces. Times are given by the caller as ISO text."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def create(
        self,
        name: str,
        settings: Fields,
        now: str,
        reference: str | None = None,
        shapes: Sequence[Fields] | None = None,
    ) -> Piece:
        """A new piece; raises Missing when the reference is not here."""
        with self._database.writing() as session:
            if reference is not None:
                reference_in(session, reference)
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
            _hold_photos(session, row)
            return _piece(session, row)

    def all(self) -> list[Piece]:
        """Every piece, the newest first."""
        with self._database.reading() as session:
            rows = list(session.scalars(select(PieceRow).order_by(PieceRow.created.desc(), PieceRow.id)))
            references = references_in(session, {row.reference_hash for row in rows if row.reference_hash})
            words = words_beside(session, {row.id: row.cursor for row in rows})
            return [_read(row, references.get(row.reference_hash or ""), words[row.id]) for row in rows]

    def get(self, piece: str) -> Piece:
        """Raises Missing."""
        with self._database.reading() as session:
            return _piece(session, row_of(session, piece))

    def delete(self, piece: str, revision: int) -> set[str]:
        """Delete a piece with its history, log and plans; returns the hashes of bytes that nobody refers to
        any more. Raises Missing and Stale."""
        with self._database.writing() as session:
            row = row_of(session, piece)
            _history(session, row).at(revision)
            session.execute(delete(EditRow).where(EditRow.owner == piece))
            session.delete(row)
            return release(session, f"piece:{piece}")

    def edit(self, piece: str, revision: int, changes: Fields, words: str, now: str) -> Piece:
        """Change settings (or a column) as one undoable edit; what was undone before is dropped.

        Raises Missing and Stale.
        """
        with self._database.writing() as session:
            row = row_of(session, piece)
            history = _history(session, row)
            history.at(revision)
            before = {key: _get(row, key) for key in changes}
            if before == dict(changes):
                return _piece(session, row)
            number, dropped = history.add(before, changes, words, now)
            for undone in dropped:
                release(session, f"piece:{row.id}:edit:{undone}")
            _put(row, changes)
            photos = photos_in(before) | photos_in(changes)
            if photos:
                hold(session, f"piece:{row.id}:edit:{number}", photos)
                _hold_photos(session, row)
            session.flush()
            return _piece(session, row)

    def undo(self, piece: str, revision: int) -> Piece:
        """Take the last edit back; raises Missing, Stale and NothingTo."""
        with self._database.writing() as session:
            return self._walked(session, piece, revision, back=True)

    def redo(self, piece: str, revision: int) -> Piece:
        """Do the next undone edit again; raises Missing, Stale and NothingTo."""
        with self._database.writing() as session:
            return self._walked(session, piece, revision, back=False)

    @staticmethod
    def _walked(session: Session, piece: str, revision: int, back: bool) -> Piece:
        row = row_of(session, piece)
        history = _history(session, row)
        history.at(revision)
        walk = history.undo if back else history.redo
        walk(lambda fields: _put(row, fields))
        _hold_photos(session, row)
        session.flush()
        return _piece(session, row)

    def history(self, piece: str) -> list[Edit]:
        """Every edit, the oldest first; raises Missing."""
        with self._database.reading() as session:
            return _history(session, row_of(session, piece)).all()


def row_of(session: Session, piece: str) -> PieceRow:
    """The row of a piece; raises Missing."""
    row = session.get(PieceRow, piece)
    if row is None:
        raise Missing("refused-no-piece")
    return row


def _history(session: Session, row: PieceRow) -> History:
    return History(session, row.id, row, "piece")


COLUMNS = {"name": "name", "reference": "reference_hash", "shapes": "shapes"}
"""Fields of an edit that are columns; all others are settings."""


def _get(row: PieceRow, key: str) -> Any:
    return getattr(row, COLUMNS[key]) if key in COLUMNS else row.settings.get(key)


def _put(row: PieceRow, changes: Fields) -> None:
    settings = dict(row.settings)
    for key, value in changes.items():
        if key in COLUMNS:
            setattr(row, COLUMNS[key], value)
        else:
            settings[key] = value
    row.settings = settings


def photos_in(fields: Fields) -> set[str]:
    """The photos that the settings of a piece, or one side of an edit, name."""
    named = {thing["photo"] for thing in fields.get("borrowed") or ()}
    return named | ({fields["reference"]} if fields.get("reference") else set())


def _hold_photos(session: Session, row: PieceRow) -> None:
    hold(session, f"piece:{row.id}", photos_in({**row.settings, "reference": row.reference_hash}))


def _piece(session: Session, row: PieceRow) -> Piece:
    reference = reference_in(session, row.reference_hash) if row.reference_hash else None
    return _read(row, reference, _history(session, row).words())


def _read(row: PieceRow, reference: Reference | None, words: tuple[str | None, str | None]) -> Piece:
    return Piece(
        row.id,
        row.name,
        reference,
        tuple(row.shapes) if row.shapes is not None else None,
        dict(row.settings),
        row.revision,
        row.next_mass,
        row.plan_key,
        row.created,
        *words,
    )
