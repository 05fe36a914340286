"""The catalogues as they are written: their files, the values their patterns name, and terms of lists."""

from __future__ import annotations

import json
from importlib.resources import files
from typing import Any

from fluent.syntax.ast import BaseNode, Message, Resource, SelectExpression, VariableReference


def texts(folder: str) -> list[str]:
    """The files of a catalogue as they are written: `en`, or `en/page` for what the page says."""
    found = [f for f in files(__package__).joinpath(folder).iterdir() if f.name.endswith(".ftl")]
    return [file.read_text("utf-8") for file in sorted(found, key=lambda file: file.name)]


def terms(folder: str) -> dict[str, str]:
    """What the lists of the core call things, and that in the language of a folder; none for English."""
    file = files(__package__).joinpath(folder, "terms.json")
    return dict(json.loads(file.read_text("utf-8"))) if file.is_file() else {}


def patterns(resource: Resource) -> dict[str, Message]:
    """Each pattern of a catalogue's file by its key."""
    return {entry.id.name: entry for entry in resource.body if isinstance(entry, Message)}


def named(node: Any, counts: bool = True) -> set[str]:
    """The values that a pattern names, also in the choices that it makes by them; only in the choices where
    the rest does not count."""
    if isinstance(node, VariableReference):
        return {node.id.name} if counts else set()
    if isinstance(node, SelectExpression) and not counts:
        return named(node.selector) | named(node.variants, counts)
    parts = node if isinstance(node, list) else vars(node).values() if isinstance(node, BaseNode) else ()
    return set().union(*(named(part, counts) for part in parts))
