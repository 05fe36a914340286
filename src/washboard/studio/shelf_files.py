"""The shelf in and out of files, for routes and the command line alike."""

from __future__ import annotations

import json
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path

from ..core.errors import InvalidInput
from ..core.materials.shelf import MOST_THINGS, Item
from ..formats import shelves
from ..store.database import Database
from ..store.shelf import Shelf, ShelfState
from .folder import data_folder
from .shelf_items import Merged, item_of, merged
from .studio import now

MOST_WORDS = 190
"""Letters of what an edit of the shelf is called."""


@dataclass(frozen=True)
class Taken:
    """What an import did: the shelf after it, what changed, what to know about the file."""

    state: ShelfState
    merged: Merged
    notes: list[str]


def items_of(state: ShelfState) -> list[Item]:
    """The things on a shelf, in the order in which they came."""
    return [_thing(key, json.dumps(fields, sort_keys=True)) for key, fields in state.items.items()]


@lru_cache(maxsize=2 * MOST_THINGS)
def _thing(key: str, fields: str) -> Item:
    """A thing by its key and its fields as JSON, kept with all that is worked out from its films."""
    return item_of(key, json.loads(fields))


def room_for(state: ShelfState, count: int) -> None:
    """Raises InvalidInput where so many things more are too many for a shelf."""
    if len(state.items) + count > MOST_THINGS:
        raise InvalidInput("refused-shelf-full", most=MOST_THINGS, there=len(state.items), more=count)


def imported(shelf: Shelf, name: str, data: bytes, revision: int | None = None) -> Taken:
    """Put the things of a file to those on the shelf, all or none; raises InvalidInput and Stale."""
    items, notes = shelves.read_shelf(name, data)
    state = shelf.state()
    found = merged(items_of(state), items, state.next_number)
    room_for(state, found.added)
    words = f"read in: {name}"[:MOST_WORDS]
    return Taken(
        shelf.change(state.revision if revision is None else revision, found.changes, words, now()),
        found,
        notes,
    )


def exported(shelf: Shelf, name: str) -> bytes:
    """The shelf as a file of the format that the name ends with; raises InvalidInput."""
    return shelves.written_shelf(name, items_of(shelf.state()))


@contextmanager
def shelf_in(folder: Path | None) -> Iterator[Shelf]:
    """The shelf of a data folder, the platform's own by default."""
    database = Database(data_folder(folder))
    try:
        yield Shelf(database)
    finally:
        database.close()
