"""Pieces made and changed: every change is one undoable edit that takes along what falls back with it."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace
from typing import Any

from ..core.errors import InvalidInput
from ..core.schools import school_named
from ..settings import changed_by, declared, fields_of, settings_of
from ..settings.framing import FORMAT
from ..store.pieces import Piece
from ..store.references import Reference
from .habits import habit_for
from .studio import Studio, now
from .subjects import subject_of

SAME_FORMAT = 0.02
"""Share by which the formats of two photos may differ for places on one to hold on the other."""
LONGEST_WORDS = 200
LONGEST_NAME = 120
WORDS = {"name": "name", "reference": "photo", "shapes": "drawn shapes"}
"""What an edit can change besides settings, in words."""


def create(
    studio: Studio,
    name: str,
    decisions: Mapping[str, Any],
    reference: str | None = None,
    shapes: Sequence[Mapping[str, Any]] | None = None,
) -> Piece:
    """A new piece from a reference, or drawn shapes, and the decisions; raises what cannot be."""
    if (reference is None) == (shapes is None):
        raise InvalidInput("refused-photo-or-drawn")
    checked = settings_of(decisions)
    habit = habit_for(studio, checked.medium, checked.start.words)
    settings = fields_of(replace(checked, habit=habit))
    return studio.pieces.create(name.strip() or "Untitled", settings, now(), reference, shapes)


def copy(studio: Studio, piece: str) -> Piece:
    """Another try at a piece: its photo and settings, with what was learnt since; raises Missing."""
    there = studio.pieces.get(piece)
    known = subject_of(studio, there).settings
    habit = habit_for(studio, known.medium, known.start.words)
    settings = {**there.settings, "habit": declared()["habit"].plain(habit)}
    name = f"{there.name}, again"[:LONGEST_NAME]
    reference = there.reference.hash if there.reference else None
    return studio.pieces.create(name, settings, now(), reference, there.shapes)


def edit(studio: Studio, piece: str, revision: int, given: dict[str, Any]) -> Piece:
    """Change what is given as one edit; raises Missing, Stale and what cannot be."""
    there = studio.pieces.get(piece)
    changes = changes_by(studio, there, given)
    lost = {key: changes[key] for key in changes if key not in given and _worth_a_word(there, key, changes)}
    return studio.pieces.edit(piece, revision, changes, words_for(given | lost), now())


def _worth_a_word(there: Piece, key: str, changes: Mapping[str, Any]) -> bool:
    """Whether what falls back was told on a photo that is gone: the painter should see that it went."""
    return FORMAT in declared()[key].falls_with and changes[key] != there.settings.get(key)


def changes_by(studio: Studio, there: Piece, given: Mapping[str, Any]) -> dict[str, Any]:
    """All that changes with what is given, checked; raises Missing and what cannot be."""
    for thing in given.get("borrowed") or ():
        studio.references.get(thing["photo"])
    if "shapes" in given and there.shapes is None:
        raise InvalidInput("refused-piece-has-photo")
    also = {key for key in ("shapes", "reference") if key in given}
    if "reference" in given:
        also |= _other_format(there, studio.references.get(given["reference"]))
    own = {key: value for key, value in given.items() if key in declared()}
    changes = changed_by(own, there.settings, also)
    settings_of({**there.settings, **changes}, studio.own_paints())
    _check_new_orders(studio, there, changes)
    return changes | {key: value for key, value in given.items() if key not in changes}


def _check_new_orders(studio: Studio, there: Piece, changes: Mapping[str, Any]) -> None:
    """An order that is kept now must be one that can be taken up; older ones may wait for their medium."""
    known = there.settings.get("variants") or ()
    for variant in changes.get("variants") or ():
        if variant not in known:
            order = {key: value for key, value in variant.items() if key != "name"}
            settings_of({**there.settings, **changes, **order}, studio.own_paints())


def _other_format(piece: Piece, photo: Reference) -> set[str]:
    """Whether places told on the old photo mean nothing on the new one."""
    if piece.reference is None:
        raise InvalidInput("refused-piece-is-drawn")
    old, new = piece.reference.width / piece.reference.height, photo.width / photo.height
    return set() if abs(old / new - 1) <= SAME_FORMAT else {FORMAT}


def words_for(given: Mapping[str, Any]) -> str:
    """An edit in words: which settings the painter changed, and to what where that is short.

    What is only set back to its default beside something else is not worth a word.
    """
    shown = [key for key in given if not _set_back(key, given[key])] or list(given)
    parts: dict[str, str] = {}
    for key in shown:
        words, value = WORDS.get(key) or declared()[key].words, given[key]
        text = f" to {value:g}" if isinstance(value, (int, float)) and not isinstance(value, bool) else ""
        if isinstance(value, str) and key != "reference":
            text = f" to {_named(key, value)}"
        parts[words] = words + text
    return ", ".join(parts.values())[:LONGEST_WORDS]


def _named(key: str, value: str) -> str:
    """What a painter calls a value: an approach goes by its name, not by its key."""
    return school_named(value).words if key == "school" else value


def _set_back(key: str, value: Any) -> bool:
    one = declared().get(key)
    if one is None or not one.falls_with or FORMAT in one.falls_with:
        return False
    return value in (None, one.plain_default)


def delete(studio: Studio, piece: str, revision: int) -> None:
    """Delete a piece with its history, log, plans and all bytes that nothing else refers to."""
    with studio.filing:
        studio.media.discard(studio.pieces.delete(piece, revision))
