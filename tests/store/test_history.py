"""A long history costs no more than a short one, for pieces and the shelf alike; the log is only added to."""

from __future__ import annotations

from pathlib import Path

import pytest
from sqlalchemy import event

from washboard.store.database import Database
from washboard.store.errors import Clash, Missing
from washboard.store.log import Entry, Log
from washboard.store.pieces import Pieces
from washboard.store.shelf import Shelf

NOW = "2026-01-01T00:00:00.000+00:00"


class Asked:
    """What was asked of the database: statements, and rows that came back."""

    def __init__(self, database: Database) -> None:
        self.statements: list[str] = []
        event.listen(database.engine, "before_cursor_execute", self._note)

    def _note(self, *given: object) -> None:
        self.statements.append(str(given[2]))


def test_an_edit_and_a_read_ask_as_little_after_four_hundred_edits_as_after_four(tmp_path: Path) -> None:
    database = Database(tmp_path)
    pieces, asked = Pieces(database), Asked(database)
    piece = pieces.create("P", {"bands": 5}, NOW, shapes=[]).id
    counts = []
    for revision in range(400):
        asked.statements.clear()
        pieces.edit(
            piece, revision, {"names": [{"name": "x" * 400}]} if revision % 2 else {"names": []}, "n", NOW
        )
        edited = len(asked.statements)
        pieces.get(piece)
        counts.append((edited, len(asked.statements) - edited))
        assert not any("FROM edit" in s and "number" not in s.split("WHERE")[-1] for s in asked.statements)
    assert set(counts[4:]) == {counts[4]}
    asked.statements.clear()
    pieces.undo(piece, 400)
    assert len(asked.statements) <= 8


def test_the_wall_asks_the_same_for_many_pieces_as_for_few(tmp_path: Path) -> None:
    database = Database(tmp_path)
    pieces, asked = Pieces(database), Asked(database)
    counts = []
    for k in range(30):
        pieces.create(f"P{k}", {"bands": 5}, NOW, shapes=[])
        asked.statements.clear()
        assert len(pieces.all()) == k + 1
        counts.append(len(asked.statements))
    assert len(set(counts)) == 1


def test_the_shelf_and_a_piece_have_histories_of_their_own_in_one_table(tmp_path: Path) -> None:
    database = Database(tmp_path)
    pieces, shelf = Pieces(database), Shelf(database)
    piece = pieces.create("P", {"bands": 5}, NOW, shapes=[]).id
    pieces.edit(piece, 0, {"bands": 6}, "bands to 6", NOW)
    shelf.change(0, {"own-1": {"name": "blue"}}, "blue added", NOW)
    assert shelf.undo(1).items == {}
    assert pieces.get(piece).undo == "bands to 6"
    assert pieces.undo(piece, 1).settings["bands"] == 5
    assert shelf.redo(2).items == {"own-1": {"name": "blue"}}


@pytest.fixture
def log(tmp_path: Path) -> tuple[Log, str]:
    database = Database(tmp_path)
    return Log(database), Pieces(database).create("P", {}, NOW, shapes=[]).id


def test_entries_come_back_in_the_order_in_which_they_were_added(log: tuple[Log, str]) -> None:
    kept, piece = log
    entries = [Entry(f"id-{k}", "pass-done", {"pass": f"p{k}"}, NOW) for k in range(5)]
    assert kept.append(piece, entries[:2], NOW) == 2
    assert kept.append(piece, entries[2:], NOW) == 3
    assert kept.entries(piece) == entries
    assert kept.entries(piece, after=3) == entries[3:]


def test_an_entry_sent_twice_is_kept_once_and_another_under_its_id_is_refused(log: tuple[Log, str]) -> None:
    kept, piece = log
    entry = Entry("one", "note", {"text": "lost a white"}, NOW)
    assert kept.append(piece, [entry, entry], NOW) == 1
    assert kept.append(piece, [entry], NOW) == 0
    other = Entry("one", "note", {"text": "found it"}, NOW)
    with pytest.raises(Clash):
        kept.append(piece, [Entry("two", "note", {}, NOW), other], NOW)
    assert kept.entries(piece) == [entry], "all of what is sent together is kept, or none"
    with pytest.raises(Missing):
        kept.append("0" * 32, [entry], NOW)
