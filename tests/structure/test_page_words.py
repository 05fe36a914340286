"""Words that product text does without are nowhere in the catalogue, and all that it holds is said."""

from __future__ import annotations

import ast
import re
from collections.abc import Iterator
from pathlib import Path

from fluent.runtime import FluentResource
from fluent.syntax.ast import BaseNode, Message, Pattern, TextElement

from tests.said import faults
from washboard.core.materials.grounds import GROUNDS
from washboard.core.materials.media import MEDIA
from washboard.core.materials.paints import PAINTS
from washboard.core.materials.stocks import STOCKS
from washboard.core.materials.tools import TOOLS
from washboard.core.plan.acts import ACTS
from washboard.core.schools import SCHOOLS
from washboard.words import ENGLISH
from washboard.words.catalogue import patterns, texts

ROOT = Path(__file__).parents[2]
CATALOGUES = sorted((ROOT / "src" / "washboard" / "words" / "en").rglob("*.ftl"))
CRAFT = frozenset({"depth", "depths"})
MODEL = {"palette-within-e-average", "school-row-colours-off", "calibration-l-b-read"}
"""Patterns of details that open, where figures of a model may stand."""


def spoken(node: object) -> Iterator[str]:
    """The texts of a pattern and of each choice in it, with 1 where a value stands."""
    if isinstance(node, Pattern):
        words = "".join(part.value if isinstance(part, TextElement) else "1" for part in node.elements)
        yield re.sub("</?[a-z]+>", "", words.strip())
    inside = node if isinstance(node, list) else vars(node).values() if isinstance(node, BaseNode) else ()
    for part in inside:
        yield from spoken(part)


def test_no_pattern_of_the_catalogue_says_a_word_that_is_avoided() -> None:
    for file in CATALOGUES:
        for entry in FluentResource(file.read_text()).body:
            if isinstance(entry, Message) and entry.id.name not in MODEL:
                for words in spoken(entry):
                    assert faults(words, CRAFT) == [], (entry.id.name, words)


def test_every_pattern_of_the_page_is_said_there() -> None:
    page = [path for path in (ROOT / "web" / "src").rglob("*.ts*") if path.name != "patterns.d.ts"]
    source = "".join(path.read_text() for path in page)
    quoted = set(re.findall(r"""["`]([a-z][a-z-]*)["`$]""", source))
    for text in texts("en/page"):
        for key in patterns(text):
            assert any(key == said or (said.endswith("-") and key.startswith(said)) for said in quoted), key


def test_every_pattern_of_the_catalogue_is_said_somewhere() -> None:
    source = "".join(
        path.read_text()
        for path in (ROOT / "src" / "washboard").rglob("*")
        if path.suffix in (".py", ".ftl") and path.is_file()
    )
    quoted = set(re.findall(r"""["']([a-z][a-z-]*)["'{]""", source)) | set(
        re.findall(r"\{ ([a-z-]+)", source)
    )
    begun = {f"{family}-" for family in ("noun", "size", "hue", "tone", "place", "at")}
    begun |= {start for start in quoted if start.endswith("-")}
    shapes = ("-alone", "-within")
    for key in ENGLISH.keys:
        plain = next((key.removesuffix(shape) for shape in shapes if key.endswith(shape)), key)
        assert {key, plain} & quoted or any(key.startswith(start) for start in begun), key


def test_no_table_of_materials_says_a_word_that_is_avoided() -> None:
    grounds = [ground for found in GROUNDS.values() for ground in found]
    rows = [*ACTS.values(), *SCHOOLS.values(), *MEDIA.values(), *TOOLS.values(), *STOCKS.values(), *grounds]
    for row in [*rows, *PAINTS.values()]:
        for field in ("words", "fits", "why_not", "note", "caution", "uses", "wet"):
            words = getattr(row, field, "")
            assert faults(words, CRAFT | {"deep crimson", "deep transparent yellow"}) == [], (row, words)


def said_in_code() -> Iterator[tuple[str, str, set[str]]]:
    """Every sentence that the code names outright: where, its key, the values that it is given."""
    for path in sorted((ROOT / "src" / "washboard").rglob("*.py")):
        for node in ast.walk(ast.parse(path.read_text())):
            match node:
                case ast.Call(ast.Name(told), [ast.Constant(str(key))], given) if key in ENGLISH.keys and (
                    told == "sentence" or told[0].isupper()
                ):
                    values = {one.arg for one in given if one.arg is not None}
                    if len(values) == len(given):
                        yield f"{path.name}:{node.lineno}", key, values


def test_every_sentence_is_given_the_values_that_its_pattern_names() -> None:
    found = list(said_in_code())
    assert len({key for _, key, _ in found}) >= 250
    for where, key, given in found:
        named = {name.removesuffix("-count") for name in ENGLISH.values(key)}
        assert named <= given, (where, key)
        assert not key.startswith("refused-") or named == given, (where, key)


def test_every_word_of_the_glossary_means_something_in_one_sentence() -> None:
    glossary = ENGLISH.glossary()
    assert len(glossary) >= 40
    for word, means in glossary.items():
        assert means.endswith("."), word
        assert len(means.split()) <= 18, (word, means)
