"""Sentences in a language: the catalogue's patterns filled in, and where in them masses are named.

Catalogues are written in Fluent (projectfluent.org), one folder a language; plurals, numbers and lists follow
the language by its CLDR data. What lists of things hold in English (tools, papers, acts) stands in
`terms.json` of any other language.
"""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from typing import Any, Literal

from babel.lists import format_list
from fluent.runtime import FluentBundle
from fluent.runtime.types import FluentNone, fluent_number
from fluent.syntax.ast import Message, Resource

from ..core.name import NAMELESS, Name
from ..core.plan.plan import Plan
from ..core.sentence import Amount, Edges, Given, Listed, Mark, Masses, Sentence, Turn, Value
from .catalogue import named, parsed, sources, terms, texts

OPEN, CLOSE = "\ue000", "\ue001"
"""Stand round each name while a sentence is put together: Unicode keeps them for private use."""
NO_SIGNS = dict.fromkeys(map(ord, OPEN + CLOSE))
"""Takes them out of what painters wrote: there they would be read as ours."""
NAMED = re.compile(f"{OPEN}(?P<number>[0-9]+);(?P<words>[^{OPEN}{CLOSE}]*){CLOSE}")
AREA = "area"
"""The noun of a thing in the picture, which goes by a letter."""
EXPLAINED = "glossary-"
Style = Literal["standard", "or"]
NO_ARTICLE = re.compile(r"(the|a|an|my|our) .*|.* ([0-9]+|[A-Z])", re.IGNORECASE | re.DOTALL)
"""Names that take none: they bring one along, or are counted (`reed 2`)."""


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
        self._sources: dict[str, str] = {}
        self._patterns: dict[str, Message] = {}
        self._choosers: dict[str, set[str]] = {}
        self._terms = terms(folder)
        self._bundle = FluentBundle([locale], use_isolating=False)
        for text in texts(folder):
            self._sources |= sources(text)

    @property
    def keys(self) -> list[str]:
        """Every pattern of the catalogue."""
        return list(self._sources)

    def _parsed(self, key: str) -> Message:
        """A pattern, read when it is first said: there are thousands, and all of them take half a second.
        None names another one. Raises KeyError."""
        if key not in self._patterns:
            self._patterns[key] = parsed(self._sources[key])
            self._bundle.add_resource(Resource([self._patterns[key]]))
        return self._patterns[key]

    def say(self, given: Sentence, about: About = NOTHING) -> Said:
        """The sentence with its marks, its first letter large."""
        said = self._said(given, about)
        return Said(said.text[:1].upper() + said.text[1:], said.marks)

    def _said(self, given: Sentence, about: About) -> Said:
        """The sentence as the catalogue has it: phrases begin with a small letter there."""
        saying = _Saying(self, about)
        text, marks, plain, at = saying.filled(given), list[Mark](), "", 0
        for found in NAMED.finditer(text):
            plain += text[at : found.start()]
            start = len(plain)
            plain += found["words"]
            marks.append(Mark(start, len(plain), *saying.named[int(found["number"])]))
            at = found.end()
        plain += text[at:]
        return Said(plain, tuple(marks))

    def text(self, given: Sentence, about: About = NOTHING) -> str:
        """The sentence as plain text."""
        return self.say(given, about).text

    def phrase(self, given: Sentence, about: About = NOTHING) -> str:
        """The sentence as it stands behind a label or inside another: names keep their letters."""
        return self._said(given, about).text

    def knows(self, name: Name) -> bool:
        """Whether all of a name can be said: the catalogue may have lost a word since it was written, and a
        file may hold anything in the place of one."""
        try:
            self.name(name)
            self.inside(name, row=False)
        except (KeyError, ValueError):
            return False
        return True

    def glossary(self) -> dict[str, str]:
        """What each word of the craft means, by its key."""
        return {
            key.removeprefix(EXPLAINED): self.pattern(key) for key in self.keys if key.startswith(EXPLAINED)
        }

    def local(self, words: str) -> str:
        """What a list of the core calls something, in this language: all of it, its parts between commas, or
        put together of words that are known; else as it stands."""
        if not self._terms or words in self._terms:
            return self._terms.get(words, words)
        first = words[:1]
        if (known := self._terms.get(first.swapcase() + words[1:])) is not None:
            return known[:1].upper() + known[1:] if first.isupper() else known
        if words.endswith("."):
            return f"{self.local(words[:-1])}."
        for between in ("; ", ", "):
            if between in words:
                return between.join(self.local(part) for part in words.split(between))
        return self._of_parts(words.split(" ")) or words

    def _of_parts(self, words: Sequence[str]) -> str:
        """Words (n,) as the fewest known terms that make them up, longest first; "" where one is unknown."""
        if not words:
            return ""
        for count in range(len(words), 0, -1):
            first = " ".join(words[:count])
            known = self._terms.get(first) or (first if first.replace(".", "").isdigit() else None)
            if known is not None:
                rest = self._of_parts(words[count:])
                if rest or count == len(words):
                    return f"{known} {rest}".strip()
        return ""

    def chooses(self, key: str, name: str) -> bool:
        """Whether a pattern chooses its words by the value of that name."""
        if key not in self._choosers:
            self._choosers[key] = named(self._parsed(key), counts=False) if key in self._sources else set()
        return name in self._choosers[key]

    def values(self, key: str) -> set[str]:
        """The values that a pattern names."""
        return named(self._parsed(key))

    def name(self, name: Name) -> str:
        """A name as it stands in a list: `dark green patch, lower right`."""
        return name.own or self.generated(name, "name-listed")

    def inside(self, name: Name, row: bool) -> str:
        """A name inside a sentence, or in a `row` of names, where it goes without article."""
        if not name.own:
            return self.generated(name, "name-in-row" if row else "name-in-sentence")
        return name.own if row else self._with_article(name.own)

    def _with_article(self, name: str) -> str:
        """A painter's own name: one that begins with a small letter takes its article, as it would aloud."""
        return (
            name if name[:1].isupper() or NO_ARTICLE.fullmatch(name) else self.pattern("own-name", name=name)
        )

    def generated(self, name: Name, pattern: str) -> str:
        """A name made by the program, in the shape of a pattern."""
        if name.noun == AREA:
            return self.pattern("area-lettered", letter=name.letter)
        parts = {
            "size": self._word("size", name.size),
            "tone": self._word("tone", name.tone),
            "hues": self.row([self._word("hue", hue) for hue in name.hues]),
            "noun": self._word("noun", name.noun),
            "letter": name.letter,
        }
        look = " ".join(self.pattern("look", **parts).split())
        if name.within:
            thing = name.within if pattern == "name-listed" else self._with_article(name.within)
            return self.pattern(f"{pattern}-within", look=look, thing=thing)
        if not name.place:
            return self.pattern(f"{pattern}-alone", look=look)
        place = self._word("place" if pattern == "name-listed" else "at", name.place)
        return self.pattern(pattern, look=look, place=place)

    def _word(self, family: str, key: str) -> str:
        return self.pattern(f"{family}-{key}") if key else ""

    def row(self, words: Sequence[str], style: Style = "standard") -> str:
        """Words in a row as the language joins them: `a, b and c`, or `a, b or c`."""
        return format_list(list(words), style, self._locale) if words else ""

    def pattern(self, key: str, /, **values: Any) -> str:
        """A pattern of the catalogue, filled in."""
        self._parsed(key)
        pattern = self._bundle.get_message(key).value
        assert pattern is not None, key
        text, errors = self._bundle.format_pattern(pattern, values)
        if errors or isinstance(text, FluentNone):
            raise ValueError(f"{key}: {errors}")
        return str(text)


Pairs = tuple[tuple[str, str], ...]


class _Saying:
    """A sentence on its way: what it named so far, masses or edges between pairs of them."""

    def __init__(self, speaker: Speaker, about: About) -> None:
        self.speaker, self.about = speaker, about
        self.named: list[tuple[tuple[str, ...], Pairs]] = []

    def filled(self, given: Sentence) -> str:
        """The pattern with its values in words."""
        values: dict[str, Any] = {}
        for key, value in given.values.items():
            values[key] = self._words(value)
            if isinstance(value, str) and not self.speaker.chooses(given.key, key):
                values[key] = self.speaker.local(values[key])
            if isinstance(value, Masses):
                values[f"{key}-count"] = len(value.ids)
        return self.speaker.pattern(given.key, **values)

    def _words(self, value: Value) -> Any:
        match value:
            case Amount(amount, digits):
                return fluent_number(
                    round(amount, digits) + 0.0, minimumFractionDigits=digits, maximumFractionDigits=digits
                )
            case Sentence():
                return self.filled(value)
            case Listed(of, either):
                return self.speaker.row([str(self._words(one)) for one in of], "or" if either else "standard")
            case Masses():
                return self._masses(value)
            case Edges(pairs, said):
                return self._noted(self.filled(said), (), pairs)
            case Given():
                return self._given(value)
            case Turn(done):
                number = self.about.numbers.get(done)
                pattern = self.speaker.pattern
                return pattern("pass-numbered", number=number) if number else pattern("the-start")
            case Name():
                return self.speaker.inside(value, row=False).translate(NO_SIGNS)
            case str():
                return value.translate(NO_SIGNS)
            case int():
                return value

    def _masses(self, value: Masses) -> str:
        """Names and, where they are too many, a count of the rest."""
        ids = value.ids[: value.most]
        name_of = self.about.names
        said = [
            self._noted(self.speaker.inside(name_of.get(one, NAMELESS), value.row), (one,)) for one in ids
        ]
        if rest := value.ids[len(ids) :]:
            said.append(self._noted(self.speaker.pattern(f"count-{value.counted}", count=len(rest)), rest))
        return self.speaker.row(said)

    def _given(self, given: Given) -> str:
        text, at = "", 0
        for mark in given.marks:
            text += given.text[at : mark.start].translate(NO_SIGNS)
            text += self._noted(given.text[mark.start : mark.end], mark.masses, mark.edges)
            at = mark.end
        return text + given.text[at:].translate(NO_SIGNS)

    def _noted(self, words: str, masses: tuple[str, ...], edges: Pairs = ()) -> str:
        """Words with signs round them that tell which masses or edges they name."""
        self.named.append((masses, edges))
        return f"{OPEN}{len(self.named) - 1};{words.translate(NO_SIGNS)}{CLOSE}"
