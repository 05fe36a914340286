"""Sentences in a language: the catalogue's patterns filled in, and where in them masses are named.

Catalogues are written in Fluent (projectfluent.org), one folder a language; plurals, numbers and lists follow
the language by its CLDR data.
"""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from importlib.resources import files
from typing import Any

from babel.lists import format_list
from fluent.runtime import FluentBundle, FluentResource
from fluent.runtime.types import FluentNone, fluent_number

from ..core.plan.plan import Plan
from ..core.reference.name import Name
from ..core.sentence import Amount, Given, Listed, Masses, Sentence, Turn, Value

OPEN, CLOSE = "\ue000", "\ue001"
"""Stand round each name while a sentence is put together: Unicode keeps them for private use."""
NAMED = re.compile(f"{OPEN}(?P<number>[0-9]+);(?P<name>[^{OPEN}{CLOSE}]*){CLOSE}")


@dataclass(frozen=True)
class About:
    """What sentences are about: `names` of masses and `numbers` of passes, both by their ids."""

    names: Mapping[str, Name] = field(default_factory=dict)
    numbers: Mapping[str, int] = field(default_factory=dict)

    @classmethod
    def of(cls, plan: Plan) -> About:
        """Those of a plan."""
        names = {mass.id: mass.called for mass in plan.masses}
        return cls(names, {done.id: number for number, done in enumerate(plan.passes, 1)})


NOTHING = About()


@dataclass(frozen=True)
class Mark:
    """From `start` to `end` of a text these masses are named, or counted."""

    start: int
    end: int
    masses: tuple[str, ...]


@dataclass(frozen=True)
class Said:
    """A text and where in it masses are named."""

    text: str
    marks: tuple[Mark, ...] = ()


class Speaker:
    """Says sentences in one language: `folder` of the catalogue, `locale` for numbers and lists.

    Raises KeyError for a sentence that the catalogue does not hold, and ValueError where a value is missing.
    """

    def __init__(self, folder: str, locale: str) -> None:
        self._locale = locale.replace("-", "_")
        self._bundle = FluentBundle([locale], use_isolating=False)
        for file in sorted(files(__package__).joinpath(folder).iterdir(), key=lambda f: f.name):
            self._bundle.add_resource(FluentResource(file.read_text("utf-8")))

    def say(self, given: Sentence, about: About = NOTHING) -> Said:
        """The sentence with its marks, its first letter large."""
        spoken: list[tuple[str, ...]] = []
        text = self._filled(given, about, spoken)
        marks, plain, at = [], "", 0
        for found in NAMED.finditer(text):
            plain += text[at : found.start()]
            start = len(plain)
            plain += found["name"]
            marks.append(Mark(start, len(plain), spoken[int(found["number"])]))
            at = found.end()
        plain += text[at:]
        return Said(plain[:1].upper() + plain[1:], tuple(marks))

    def text(self, given: Sentence, about: About = NOTHING) -> str:
        """The sentence as plain text."""
        return self.say(given, about).text

    def name(self, name: Name) -> str:
        """A mass's name as it stands in a list: `dark green patch, lower right`."""
        return name.own or self._named(name, "name-listed")

    def keys(self) -> frozenset[str]:
        """Every key of the catalogue."""
        return frozenset(self._bundle._messages)

    def _filled(self, given: Sentence, about: About, spoken: list[tuple[str, ...]]) -> str:
        values: dict[str, Any] = {}
        for key, value in given.values.items():
            values[key] = self._value(value, about, spoken)
            if isinstance(value, Masses):
                values[f"{key}-count"] = len(value.ids)
        return self._pattern(given.key, values)

    def _pattern(self, key: str, values: dict[str, Any]) -> str:
        if not self._bundle.has_message(key):
            raise KeyError(key)
        pattern = self._bundle.get_message(key).value
        assert pattern is not None, key
        text, errors = self._bundle.format_pattern(pattern, values)
        if errors or isinstance(text, FluentNone):
            raise ValueError(f"{key}: {errors}")
        return str(text)

    def _value(self, value: Value, about: About, spoken: list[tuple[str, ...]]) -> Any:
        if isinstance(value, Amount):
            digits = value.digits
            rounded = round(value.number, digits) + 0.0
            return fluent_number(rounded, minimumFractionDigits=digits, maximumFractionDigits=digits)
        if isinstance(value, Sentence):
            return self._filled(value, about, spoken)
        if isinstance(value, Listed):
            return self._row([v if isinstance(v, str) else self._filled(v, about, spoken) for v in value.of])
        if isinstance(value, Masses):
            return self._masses(value, about, spoken)
        if isinstance(value, Given):
            return _marked(value, spoken)
        if isinstance(value, Turn):
            number = about.numbers.get(value.id)
            return (
                self._pattern("pass-numbered", {"number": number})
                if number
                else self._pattern("the-start", {})
            )
        if isinstance(value, Name):
            return self._inside(value, row=False)
        return value

    def _masses(self, value: Masses, about: About, spoken: list[tuple[str, ...]]) -> str:
        """Names and, where they are too many, a count of the rest; each remembered as a mark."""
        ids = value.ids if len(value.ids) <= value.most + 1 else value.ids[: value.most]
        said = []
        for name in ids:
            spoken.append((name,))
            said.append(
                f"{OPEN}{len(spoken) - 1};{self._inside(about.names.get(name, UNNAMED), value.row)}{CLOSE}"
            )
        if rest := value.ids[len(ids) :]:
            spoken.append(rest)
            more = self._pattern(f"count-{value.counted}", {"count": len(rest)})
            said.append(f"{OPEN}{len(spoken) - 1};{more}{CLOSE}")
        return self._row(said)

    def _inside(self, name: Name, row: bool) -> str:
        """A name inside a sentence, or in a row of names."""
        if name.own:
            return name.own if row else self._own(name.own)
        return self._named(name, "name-in-row" if row else "name-in-sentence")

    def _own(self, name: str) -> str:
        """A painter's own name: one that begins with a small letter takes its article, as it would aloud."""
        if name[:1].isupper() or re.match(r"(the|a|an|my|our) ", name):
            return name
        return self._pattern("own-name", {"name": name})

    def _named(self, name: Name, pattern: str) -> str:
        if name.noun == AREA:
            return self._pattern("area-lettered", {"letter": name.letter})
        parts = {
            "size": self._word("size", name.size),
            "tone": self._word("tone", name.tone),
            "hues": self._row([self._word("hue", hue) for hue in name.hues]),
            "noun": self._word("noun", name.noun),
            "letter": name.letter,
        }
        look = " ".join(self._pattern("look", parts).split())
        if name.within:
            return self._pattern(f"{pattern}-within", {"look": look, "thing": self._own(name.within)})
        if not name.place:
            return self._pattern(f"{pattern}-alone", {"look": look})
        place = self._word("place" if pattern == "name-listed" else "at", name.place)
        return self._pattern(pattern, {"look": look, "place": place})

    def _word(self, family: str, key: str) -> str:
        return self._pattern(f"{family}-{key}", {}) if key else ""

    def _row(self, words: Sequence[str]) -> str:
        return format_list(list(words), locale=self._locale) if words else ""


def _marked(given: Given, spoken: list[tuple[str, ...]]) -> str:
    text, at = "", 0
    for start, end, masses in given.marks:
        spoken.append(masses)
        text += f"{given.text[at:start]}{OPEN}{len(spoken) - 1};{given.text[start:end]}{CLOSE}"
        at = end
    return text + given.text[at:]


AREA = "area"
UNNAMED = Name(noun="patch")
ENGLISH = Speaker("en", "en-GB")
