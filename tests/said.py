"""What sentences come to in English, and whether a text is one that a painter should read."""

from __future__ import annotations

import re
from collections.abc import Iterator
from contextlib import contextmanager

import pytest

from washboard.core.errors import WashboardError
from washboard.core.plan.plan import Pass, Plan
from washboard.core.sentence import Sentence
from washboard.words import ENGLISH, About

AVOIDED = {
    "ΔE": "a figure of a model",
    "L*": "a figure of a model",
    "chroma": "a figure of a model",
    "deep": "reads as dark and rich, and stood for a lighter value than dark",
    "blackish": "black or dark",
    "pale": "light",
    "palest": "first",
    "foot": "bottom",
    "end": "it had five meanings: lightest or darkest, side, weak point, or the verb",
    "ends": "as end",
    "shape": "mass",
    "shapes": "mass",
    "island": "how many there are is enough",
    "islands": "as island",
    "glint": "highlight",
    "finding": "weak point",
    "weakness": "weak point",
    "school": "approach",
    "reserve": "paint round, or white",
    "reserved": "as reserve",
    "runs under": "paint across",
    "carry it on": "paint across",
    "goes round": "paint round",
    "loose": "rough",
    "nested": "in steps",
    "bone dry": "only for a blade",
    "it shines": "say what shines",
    "take it back": "undo",
    "as it was": "say what",
    "quarrel": "no metaphor",
    "afraid": "no preaching",
    "nan": "no number",
}
"""Words that product text does without, and why; `bone dry` is allowed where a blade is meant."""
CODE = re.compile(r"\b(?:[mapq]\d+|own\d+)\b|[{}_]|\bNone\b|-0\.0|\.\.|  | ,|\s$")
"""Ids, code words and values that were not filled in."""


def text(words: Sentence, plan: Plan | None = None) -> str:
    """A sentence about a plan, or about nothing in particular."""
    return ENGLISH.text(words, About.of(plan) if plan else About())


def without_names(words: Sentence) -> str:
    """A sentence without what it names or counts: the figures that are left are its own."""
    said = ENGLISH.say(words)
    plain = said.text
    for mark in reversed(said.marks):
        if mark.masses:
            plain = plain[: mark.start] + plain[mark.end :]
    return plain


def how(done: Pass, plan: Plan) -> str:
    """How a pass is done."""
    return " ".join(text(step, plan) for step in done.what)


def why(done: Pass, plan: Plan) -> str:
    """The reasons of a pass."""
    return " ".join(text(reason.sentence, plan) for reason in done.reasons)


def words_of(error: WashboardError) -> str:
    """What a refusal says."""
    return ENGLISH.text(error.sentence)


@contextmanager
def refuses(
    kind: type[WashboardError] | tuple[type[WashboardError], ...], says: str
) -> Iterator[pytest.ExceptionInfo[WashboardError]]:
    """What is done inside is refused by an error of this kind, in words that match."""
    with pytest.raises(kind) as caught:
        yield caught
    assert re.search(says, words_of(caught.value)), words_of(caught.value)


def faults(words: str, own: frozenset[str] = frozenset()) -> list[str]:
    """What is wrong with a text: code in it, an avoided word; `own` are the painter's words, which stay."""
    found = CODE.findall(words)
    lower = words.lower()
    for name in own:
        lower = lower.replace(name.lower(), "")
    found += [word for word in AVOIDED if re.search(rf"(?<![\w]){re.escape(word.lower())}(?![\w])", lower)]
    if "bone dry" in found and ("blade" in lower or "must be" in lower):
        found.remove("bone dry")
    return found
