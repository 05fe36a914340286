"""Every language says all that English says, with the same values, and has a word for all that lists hold."""

from __future__ import annotations

import dataclasses
import re
from collections.abc import Iterator
from typing import Any

import pytest
from fluent.syntax import FluentParser
from fluent.syntax.ast import Junk, Message

from washboard.core.calibration.strip import FIELDS
from washboard.core.materials.grounds import GROUNDS
from washboard.core.materials.media import MEDIA
from washboard.core.materials.paints import PAINTS
from washboard.core.materials.sticks import STICKS
from washboard.core.materials.stocks import STOCKS, described_stock
from washboard.core.materials.tools import TOOLS
from washboard.core.plan.acts import ACTS
from washboard.core.plan.tools import TOOLS as STICK_TOOLS
from washboard.core.schools import SCHOOLS
from washboard.settings import declared
from washboard.words import LANGUAGES, speaker, speaking
from washboard.words.catalogue import named, patterns, texts

OTHERS = [language for language in LANGUAGES if language != "en"]
SAME = {"Pastel", "in", "orange", "Orange", "finger", "1 : 3", "1 : 7"}
"""Words that may be the same in two languages, or have no letters."""


def catalogue(folder: str) -> dict[str, set[str]]:
    found: dict[str, set[str]] = {}
    for text in texts(folder):
        whole = FluentParser().parse(text).body
        assert not [entry for entry in whole if isinstance(entry, Junk)]
        own = patterns(text)
        assert list(own) == [entry.id.name for entry in whole if isinstance(entry, Message)]
        assert all(
            own[entry.id.name].equals(entry, ["span", "comment"])
            for entry in whole
            if isinstance(entry, Message)
        )
        found |= {key: named(entry) for key, entry in own.items()}
    return found


@pytest.mark.parametrize("language", LANGUAGES)
def test_no_pattern_names_another_since_each_is_read_when_it_is_first_said(language: str) -> None:
    for text in texts(language):
        assert not re.search(r"\{ *-?[a-z][a-z0-9-]* *\}", text)


@pytest.mark.parametrize("language", OTHERS)
@pytest.mark.parametrize("part", ["", "/page"])
def test_a_language_has_every_pattern_with_the_same_values(language: str, part: str) -> None:
    assert catalogue(language + part) == catalogue("en" + part)


def listed() -> Iterator[str]:
    """All that lists of the core call things."""
    things: list[Any] = [*MEDIA.values(), *SCHOOLS.values(), *TOOLS.values(), *ACTS.values()]
    things += [*STICK_TOOLS.values(), *PAINTS.values(), *STICKS.values(), *STOCKS.values(), *FIELDS]
    things += [ground for own in GROUNDS.values() for ground in own]
    for thing in things:
        for part in dataclasses.fields(thing):
            if part.name in ("words", "caution", "note", "fits", "why_not", "tool"):
                yield getattr(thing, part.name) or ""
    yield from (one.words for one in declared().values())
    yield from map(described_stock, STOCKS.values())


@pytest.mark.parametrize("language", OTHERS)
def test_a_language_has_a_word_for_all_that_lists_hold(language: str) -> None:
    with speaking(language):
        left = {words for words in listed() if words and speaker().local(words) == words}
    assert left <= SAME


def test_a_language_that_is_not_known_is_english() -> None:
    with speaking("tlh"):
        assert speaker().pattern("tone-black") == "black"
    with speaking("de"):
        assert speaker().pattern("tone-black") == "schwarz"
        assert speaker().local("deep red earth") == "tief rote Erde"
        assert speaker().local("My own red, large tube") == "My own red, large tube"
    assert speaker().pattern("tone-black") == "black"
