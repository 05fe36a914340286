"""Questions of the trainer as JSON."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

from ..core.drills.question import Question
from ..core.plan.plan import Plan
from ..core.sentence import row_of, sentence
from ..words import About, speaker


def entries_of(questions: Sequence[Question], plan: Plan) -> list[dict[str, Any]]:
    """Questions in words, the place of the right option in each."""
    about = About.of(plan)
    return [_entry(one, about) for one in questions]


def _entry(one: Question, about: About) -> dict[str, Any]:
    return {
        "kind": one.kind,
        "item": one.item,
        "ask": speaker().text(one.ask, about),
        "row": one.row,
        "masses": list(one.masses),
        "name": _named(one.masses, about),
        "lab": None if one.lab is None else [round(c, 2) for c in one.lab],
        "band": one.band,
        "right": one.right,
        "options": [
            {
                "words": "" if own.words is None else speaker().text(own.words, about),
                "masses": list(own.masses),
                "name": _named(own.masses, about),
                "place": None if own.place is None else [round(share, 4) for share in own.place],
                "row": own.row,
                "why": speaker().text(own.why, about),
            }
            for own in one.options
        ],
    }


def _named(masses: Sequence[str], about: About) -> str:
    return speaker().text(sentence("drill-named", masses=row_of(masses)), about) if masses else ""


def lines_of(entry: dict[str, Any]) -> list[str]:
    """The question and its options as they stand at a terminal."""
    asked = f"{entry['ask']} ({entry['name']})" if entry["name"] else str(entry["ask"])
    return [asked, *(own["words"] or own["name"] for own in entry["options"])]
