"""Who refers to which bytes: nothing that is referred to is swept, nothing else stays."""

from __future__ import annotations

import random
from pathlib import Path

import pytest

from washboard.store.database import Database
from washboard.store.errors import NothingTo
from washboard.store.pieces import Pieces, photos_in
from washboard.store.plans import Plans, StoredPlan
from washboard.store.references import Reference, References
from washboard.store.uses import all_used

NOW = "2026-01-01T00:00:00.000+00:00"
PHOTOS = [f"{k:064x}" for k in range(6)]


def entered(folder: Path) -> tuple[Database, Pieces, References]:
    database = Database(folder)
    references = References(database)
    for photo in PHOTOS:
        references.keep(Reference(photo, 40, 30, "PNG", ()), NOW)
    return database, Pieces(database), references


def named(database: Database, pieces: Pieces) -> set[str]:
    """Every photo that a piece or its history names, found by reading all of it."""
    from sqlalchemy import select

    from washboard.store.rows import EditRow

    found: set[str] = set()
    for piece in pieces.all():
        fields = {**piece.settings, "reference": piece.reference.hash if piece.reference else None}
        found |= photos_in(fields)
    with database.reading() as session:
        for edit in session.scalars(select(EditRow)):
            found |= photos_in(edit.before) | photos_in(edit.after)
    return found


@pytest.mark.parametrize("seed", range(4))
def test_after_any_edits_undos_and_deletions_just_what_is_named_is_in_use(tmp_path: Path, seed: int) -> None:
    database, pieces, references = entered(tmp_path)
    dice = random.Random(seed)
    ids = [pieces.create(f"P{k}", {}, NOW, dice.choice(PHOTOS)).id for k in range(3)]
    gone: set[str] = set()
    for _ in range(60):
        piece = pieces.get(dice.choice(ids))
        act = dice.randrange(5)
        try:
            if act == 0:
                things = [{"photo": dice.choice(PHOTOS)} for _ in range(dice.randrange(3))]
                pieces.edit(piece.id, piece.revision, {"borrowed": things}, "things", NOW)
            elif act == 1:
                pieces.edit(piece.id, piece.revision, {"reference": dice.choice(PHOTOS)}, "photo", NOW)
            elif act == 2:
                pieces.undo(piece.id, piece.revision)
            elif act == 3:
                pieces.redo(piece.id, piece.revision)
            elif len(ids) > 1:
                ids.remove(piece.id)
                gone |= pieces.delete(piece.id, piece.revision)
        except NothingTo:
            continue
        # While nobody restarts, uploads are held as well.
        with database.reading() as session:
            assert named(database, pieces) <= all_used(session)
    assert gone == set(), "an upload may still become part of a piece"
    assert references.settle() == named(database, pieces)


def test_a_photo_that_only_an_undone_edit_named_is_let_go_by_the_next_edit(tmp_path: Path) -> None:
    database, pieces, references = entered(tmp_path)
    piece = pieces.create("P", {}, NOW, PHOTOS[0]).id
    pieces.edit(piece, 0, {"borrowed": [{"photo": PHOTOS[1]}]}, "things", NOW)
    pieces.undo(piece, 1)
    assert references.settle() == {PHOTOS[0], PHOTOS[1]}, "it can still be done again"
    pieces.edit(piece, 2, {"bands": 4}, "bands to 4", NOW)
    assert references.settle() == {PHOTOS[0]}
    database.close()


def test_a_piece_that_goes_takes_along_what_only_it_referred_to(tmp_path: Path) -> None:
    database, pieces, references = entered(tmp_path)
    first, second = (pieces.create(name, {}, NOW, photo) for name, photo in zip("ab", PHOTOS, strict=False))
    pieces.edit(second.id, 0, {"borrowed": [{"photo": PHOTOS[0]}, {"photo": PHOTOS[2]}]}, "things", NOW)
    references.settle()
    assert pieces.delete(second.id, 1) == {PHOTOS[1], PHOTOS[2]}
    assert pieces.delete(first.id, 0) == {PHOTOS[0]}
    database.close()


def test_answers_are_kept_with_the_plan_in_force_and_let_go_with_it(tmp_path: Path) -> None:
    database, pieces, references = entered(tmp_path)
    plans, piece = Plans(database), pieces.create("P", {}, NOW, PHOTOS[0])
    references.settle()
    for key in ("one", "two"):
        maps = {"labels": f"{key} labels", "maps": f"{key} maps"}
        plans.keep(piece.id, StoredPlan(key, "0", "{}", {"media": maps}, NOW), 5)
    assert plans.in_force(piece.id) is None
    assert plans.put_in_force(piece.id, "one") == set()
    assert plans.keep_answer(piece.id, "one", "mix", "k1", "answer 1") == set()
    assert plans.answer(piece.id, "one", "mix", "k1") == "answer 1"
    assert plans.answer(piece.id, "one", "mix", "k2") is None
    assert plans.keep_answer(piece.id, "one", "mix", "k2", "answer 2") == {"answer 1"}
    assert plans.keep_answer(piece.id, "two", "mix", "k1", "late") == {"late"}, "that plan is not in force"
    assert plans.put_in_force(piece.id, "two") == {"answer 2"}
    assert plans.put_in_force(piece.id, "three") == set()
    kept = plans.in_force(piece.id)
    assert kept is not None
    assert kept.key == "two"
    assert pieces.delete(piece.id, 0) == {PHOTOS[0], "one labels", "one maps", "two labels", "two maps"}
