"""The catalogues as they are written: their files, the values their patterns name, and terms of lists."""

from __future__ import annotations

import json
import re
from importlib.resources import files
from typing import Any

from fluent.syntax import FluentParser
from fluent.syntax.ast import BaseNode, Message, SelectExpression, VariableReference

ENTRY = re.compile(r"^(?:(?P<key>[a-z][a-z0-9-]*) *=|#)", re.MULTILINE)
"""Where a pattern begins, or a remark."""


def texts(folder: str) -> list[str]:
    """The files of a catalogue as they are written: `en`, or `en/page` for what the page says."""
    found = [f for f in files(__package__).joinpath(folder).iterdir() if f.name.endswith(".ftl")]
    return [file.read_text("utf-8") for file in sorted(found, key=lambda file: file.name)]


def terms(folder: str) -> dict[str, str]:
    """What the lists of the core call things, and that in the language of a folder; none for English."""
    file = files(__package__).joinpath(folder, "terms.json")
    return dict(json.loads(file.read_text("utf-8"))) if file.is_file() else {}


def sources(text: str) -> dict[str, str]:
    """Each pattern of a catalogue's file, as it is written, by its key."""
    starts = list(ENTRY.finditer(text))
    ends = [start.start() for start in starts[1:]] + [len(text)]
    return {
        start["key"]: text[start.start() : end]
        for start, end in zip(starts, ends, strict=True)
        if start["key"]
    }


def parsed(source: str) -> Message:
    """A pattern read; raises ValueError where that is not what it is."""
    for entry in FluentParser(with_spans=False).parse(source).body:
        if isinstance(entry, Message):
            return entry
    raise ValueError(source)


def patterns(text: str) -> dict[str, Message]:
    """Each pattern of a catalogue's file by its key; raises ValueError where one cannot be read."""
    return {key: parsed(source) for key, source in sources(text).items()}


def named(node: Any, counts: bool = True) -> set[str]:
    """The values that a pattern names, also in the choices that it makes by them; only in the choices where
    the rest does not count."""
    if isinstance(node, VariableReference):
        return {node.id.name} if counts else set()
    if isinstance(node, SelectExpression) and not counts:
        return named(node.selector) | named(node.variants, counts)
    parts = node if isinstance(node, list) else vars(node).values() if isinstance(node, BaseNode) else ()
    return set().union(*(named(part, counts) for part in parts))
