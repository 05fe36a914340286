"""The shelf's rows: whole changes or none, a history walked both ways, keys that are never given twice."""

from __future__ import annotations

import json
from collections.abc import Iterator
from pathlib import Path

import numpy as np
import pytest

from tests.said import refuses
from washboard.store.database import Database
from washboard.store.errors import NothingTo, Stale
from washboard.store.shelf import Shelf, ShelfState

NOW = "2026-01-01T00:00:00"


@pytest.fixture
def database(tmp_path: Path) -> Iterator[Database]:
    opened = Database(tmp_path)
    yield opened
    opened.close()


def export(state: ShelfState) -> str:
    return json.dumps(dict(state.items), sort_keys=True)


def test_a_walk_through_the_history_finds_the_same_shelf_at_each_position(database: Database) -> None:
    shelf, dice = Shelf(database), np.random.default_rng(3)
    seen = [export(shelf.state())]
    for number in range(50):
        state = shelf.state()
        keys = list(state.items)
        kind = int(dice.integers(3)) if keys else 0
        fresh = f"own-{state.next_number}"
        if kind == 0:
            changes: dict = {fresh: {"name": f"thing {number}", "left": number}}
        elif kind == 1:
            changes = {keys[int(dice.integers(len(keys)))]: {"name": f"changed {number}", "left": None}}
        else:
            changes = {keys[0]: None, fresh: {"name": f"instead {number}", "left": 1.5}}
        after = shelf.change(state.revision, changes, f"edit {number}", NOW)
        assert after.revision == state.revision + 1
        seen.append(export(after))
    at = 50
    for _ in range(120):
        back = bool(dice.integers(2))
        if not 0 <= at + (-1 if back else 1) <= 50:
            continue
        state = shelf.state()
        walked = shelf.undo(state.revision) if back else shelf.redo(state.revision)
        at += -1 if back else 1
        assert export(walked) == seen[at]
        assert walked.undo == (f"edit {at - 1}" if at else None)
        assert walked.redo == (f"edit {at}" if at < 50 else None)


def test_a_stale_change_changes_nothing_and_says_what_was_done(database: Database) -> None:
    shelf = Shelf(database)
    shelf.change(0, {"own-1": {"name": "Blue"}}, "Blue added", NOW)
    before = shelf.state()
    with refuses(Stale, "This shelf was changed elsewhere"):
        shelf.change(0, {"own-2": {"name": "Red"}}, "Red added", NOW)
    with refuses(Stale, "This shelf was changed elsewhere"):
        shelf.undo(0)
    with refuses(Stale, "This shelf was changed elsewhere"):
        shelf.redo(7)
    assert shelf.state() == before
    with pytest.raises(Stale) as caught:
        shelf.undo(0)
    assert caught.value.changed == ("Blue added",)


def test_a_change_that_changes_nothing_is_no_edit(database: Database) -> None:
    shelf = Shelf(database)
    one = shelf.change(0, {"own-1": {"name": "Blue"}}, "Blue added", NOW)
    assert shelf.change(1, {"own-1": {"name": "Blue"}}, "again", NOW) == one
    assert shelf.change(1, {"own-9": None}, "nothing there", NOW) == one
    assert shelf.undo(1).items == {}
    with pytest.raises(NothingTo):
        shelf.undo(2)


def test_a_new_edit_drops_what_was_undone_but_no_key_comes_again(database: Database) -> None:
    shelf = Shelf(database)
    shelf.change(0, {"own-1": {"name": "Blue"}}, "Blue added", NOW)
    undone = shelf.undo(1)
    assert (undone.redo, undone.next_number) == ("Blue added", 2)
    other = shelf.change(2, {f"own-{undone.next_number}": {"name": "Red"}}, "Red added", NOW)
    assert (other.redo, list(other.items)) == (None, ["own-2"])
    with pytest.raises(NothingTo):
        shelf.redo(3)


def test_two_processes_see_one_shelf(database: Database, tmp_path: Path) -> None:
    other = Database(tmp_path)
    Shelf(database).change(0, {"own-1": {"name": "Blue"}}, "Blue added", NOW)
    assert list(Shelf(other).state().items) == ["own-1"]
    with pytest.raises(Stale):
        Shelf(other).change(0, {"own-2": {"name": "Red"}}, "Red added", NOW)
    other.close()
