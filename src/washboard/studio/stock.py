"""What of the paints on the shelf a piece takes: counted before, and taken off once a pass is done."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import replace
from typing import Any

from ..core.materials.shelf import Item, ItemKind
from ..pipeline.tasks import RecipeBoard
from ..store.errors import Stale
from ..store.pieces import Piece
from .answers import ask
from .shelf_files import items_of
from .shelf_items import fields_of
from .studio import Studio, now

TRIES = 5
"""How often the shelf may change under our hands before it is left as it is."""


def tubes_of(shelf: Iterable[Item], paint: str, medium: str) -> list[Item]:
    """The tubes of a paint on the shelf: its own, or like it and of the medium."""
    paints = (item for item in shelf if item.kind is ItemKind.PAINT)
    return [i for i in paints if paint == i.key or (paint, medium) == (i.like, i.medium)]


def left_in(tubes: Sequence[Item]) -> float | None:
    """Millilitres in tubes, as far as they were counted."""
    counted = [tube.left for tube in tubes if tube.left is not None]
    return sum(counted) if counted else None


def take_off(studio: Studio, piece: Piece, passes: Sequence[str]) -> None:
    """Take the paint of passes that are done off the tubes that were counted, as one undoable edit of the
    shelf."""
    uses = ask(studio, piece, RecipeBoard).fields["uses"]
    used: dict[str, float] = {}
    for use in uses:
        for own in use["paints"] if use["pass"] in passes else ():
            used[own["paint"]] = used.get(own["paint"], 0.0) + own["ml"]
    medium, words = str(piece.settings["medium"]), f"used for: {piece.name}"
    for _ in range(TRIES):
        state = studio.shelf.state()
        changes = _changes(items_of(state), used, medium)
        if not changes:
            return
        try:
            studio.shelf.change(state.revision, changes, words[:80], now())
        except Stale:
            continue
        return


def _changes(shelf: Sequence[Item], used: Mapping[str, float], medium: str) -> dict[str, dict[str, Any]]:
    """Tubes with what is left in them: the first that was opened is used up first, none below nothing."""
    changes = {}
    for paint, ml in used.items():
        for tube in tubes_of(shelf, paint, medium):
            if tube.left is not None and ml > 0:
                taken = min(tube.left, ml)
                ml -= taken
                changes[tube.key] = fields_of(replace(tube, left=round(tube.left - taken, 3)))
    return changes
