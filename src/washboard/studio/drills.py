"""The trainer: which question comes next, what an answer was worth, how one gets better."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import UTC, datetime
from typing import Any

from ..core.drills import KINDS
from ..core.drills.boxes import Answer, by_week, cards_of, chosen, missed
from ..core.drills.next_pass import KIND as NEXT
from ..core.errors import InvalidInput, UnknownName
from ..pipeline.tasks import DrillQuestions
from ..store.drills import DrillAnswer
from ..store.pieces import Piece
from .answers import ask, kept
from .planning import current, planned
from .studio import Studio

EPOCH = datetime(2000, 1, 1, tzinfo=UTC)
"""Days are counted from here."""


@dataclass(frozen=True)
class Asked:
    """A question of a piece, as JSON with its right option, under a name that holds for all pieces."""

    piece: Piece
    plan: str
    item: str
    fields: dict[str, Any]


@dataclass(frozen=True)
class Told:
    """What an answer comes to: whether it was right, the right option, and in how many days it comes back."""

    right: bool
    option: int
    whys: list[str]
    days: float


def next_question(
    studio: Studio, kind: str | None, piece: str | None, row: int | None, now: datetime
) -> Asked | None:
    """The question that is due, or something new: of one kind, of one piece, of the picture after one pass
    where that is said. None where there is nothing to ask. Raises UnknownName, and Missing."""
    if kind is not None and kind not in KINDS:
        raise UnknownName("drill", kind, KINDS)
    pieces = [studio.pieces.get(piece)] if piece else studio.pieces.all()
    found = {one.item: one for own in pieces for one in _of(studio, own, wait=piece is not None)}
    if not found and not piece:
        # Nothing is asked yet of any piece: one is made ready now, the others follow beside it.
        ready = next((own for own in pieces if current(studio, own) is not None), next(iter(pieces), None))
        found = {one.item: one for one in _of(studio, ready, wait=True)} if ready else {}
    wanted = [
        (item, str(one.fields["kind"]))
        for item, one in found.items()
        if (kind is None or one.fields["kind"] == kind) and (row is None or one.fields["row"] == row)
    ]
    given = answers(studio)
    item = chosen(wanted, given, day_of(now), seed=len(given))
    return None if item is None else found[item]


def guess(studio: Studio, piece: str, onward: int) -> Asked | None:
    """The next pass of a piece to be guessed, from the picture after pass `onward` on; None where no pass is
    left to guess. Raises Missing and Unplanned."""
    asked = [one for one in questions(studio, studio.pieces.get(piece)) if one.fields["kind"] == NEXT]
    left = [one for one in asked if one.fields["row"] >= onward]
    return min(left, key=lambda one: int(one.fields["row"]), default=None)


def questions(studio: Studio, piece: Piece) -> list[Asked]:
    """All questions that a piece holds, waiting for them where they are not there yet. Raises Unplanned."""
    return _of(studio, piece, wait=True)


def _of(studio: Studio, piece: Piece, wait: bool) -> list[Asked]:
    """The questions of a piece; where they are not there yet and nobody waits, they are made beside it."""
    stored = planned(studio, piece) if wait else current(studio, piece)
    if stored is None:
        return []
    data = None if wait else kept(studio, piece, DrillQuestions)
    if data is None:
        if not wait:
            studio.jobs.start(f"drills {piece.id}", lambda _: _prepared(studio, piece), beside=True)
            return []
        data = ask(studio, piece, DrillQuestions)
    return [Asked(piece, stored.key, f"{piece.id}:{one['item']}", one) for one in data.fields]


def _prepared(studio: Studio, piece: Piece) -> None:
    """Have the questions of a piece made, and kept with its plan."""
    ask(studio, piece, DrillQuestions)


def answer(studio: Studio, id: str, piece: str, item: str, option: int, now: datetime) -> Told:
    """Keep an answer to an item of a piece, and say what was right. Raises InvalidInput for a question or an
    option that there is not, and Missing."""
    there = studio.pieces.get(piece)
    one = next((one for one in _of(studio, there, wait=True) if one.item == item), None)
    if one is None or not 0 <= option < len(one.fields["options"]):
        raise InvalidInput("refused-no-question")
    right = option == one.fields["right"]
    fields = {"band": one.fields["band"], "option": option}
    studio.drills.add(DrillAnswer(id, item, one.fields["kind"], right, fields, now.isoformat()))
    card = cards_of(answers(studio))[item]
    whys = [own["why"] for own in one.fields["options"]]
    return Told(right, int(one.fields["right"]), whys, card.due - day_of(now))


def answers(studio: Studio) -> list[Answer]:
    """All answers so far."""
    return [
        Answer(
            one.item, one.kind, one.right, day_of(datetime.fromisoformat(one.answered)), one.fields["band"]
        )
        for one in studio.drills.all()
    ]


def progress(studio: Studio, now: datetime) -> tuple[list[tuple[int, int]], list[tuple[str, str, int, int]]]:
    """Right answers and all answers, week by week; and what is missed most: kind, band, wrong, asked."""
    given, day = answers(studio), day_of(now)
    often = [(*key, *count) for key, count in missed(given).items() if count[0]]
    return by_week(given, day), sorted(often, key=lambda one: (-one[2] / one[3], one[:2]))


def day_of(when: datetime) -> float:
    """An instant as a number of days."""
    return (when - EPOCH).total_seconds() / 86400
