"""Words that product text does without are nowhere on the page, nor in the catalogue."""

from __future__ import annotations

import ast
import re
from collections.abc import Iterator
from pathlib import Path

import pytest

from tests.said import faults
from washboard.words import ENGLISH

ROOT = Path(__file__).parents[2]
PAGES = sorted((ROOT / "web" / "src").rglob("*.tsx"))
SHOWN = re.compile(
    r">\s*([^<>{}=;()]*[A-Za-z]{2}[^<>{}=;()]*?)\s*<"
    r"|(?:label|title|words|alt|placeholder|aria-label)=\"([^\"]+)\""
    r"|(?:label|title|words|alt|aria-label)=\{`([^`]+)`\}"
)
CRAFT = frozenset({"depth", "depths"})


def shown(path: Path) -> Iterator[str]:
    """Text of a component that a painter reads."""
    text = re.sub(r"//[^\n]*|/\*.*?\*/", "", path.read_text(), flags=re.DOTALL)
    for found in SHOWN.finditer(text):
        words = next(group for group in found.groups() if group)
        yield re.sub(r"\$\{[^}]*\}", "1", " ".join(words.split()))


@pytest.mark.parametrize("path", PAGES, ids=lambda path: path.stem)
def test_no_component_says_a_word_that_is_avoided(path: Path) -> None:
    for words in shown(path):
        assert faults(words, CRAFT) == [], words


def test_no_pattern_of_the_catalogue_says_a_word_that_is_avoided() -> None:
    for file in sorted((ROOT / "src" / "washboard" / "words" / "en").glob("*.ftl")):
        for number, line in enumerate(file.read_text().splitlines(), 1):
            if "=" in line and not line.startswith("#") and not line.endswith("->"):
                words = re.sub(r"\{[^}]*\}", "1", line.split("=", 1)[1]).strip()
                assert faults(words, CRAFT) == [], (file.name, number, words)


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
