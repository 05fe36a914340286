"""The formats of the shelf, by the ending of their files."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from ..core.errors import InvalidInput
from ..core.materials.shelf import Item
from . import cxf, shelfcsv

FORMATS: dict[
    str, tuple[Callable[[Sequence[Item]], bytes], Callable[[bytes], tuple[list[Item], list[str]]], str]
] = {"csv": (shelfcsv.written, shelfcsv.read, "text/csv"), "cxf": (cxf.written, cxf.read, "application/xml")}
"""How each is written and read, and its media type."""
MOST_BYTES = 20 << 20


def format_of(name: str) -> str:
    """The format of a file by its name; raises InvalidInput for any other."""
    ending = name.rpartition(".")[2].lower()
    if ending not in FORMATS:
        raise InvalidInput("refused-shelf-file-format", name=name[-20:])
    return ending


def read_shelf(name: str, data: bytes) -> tuple[list[Item], list[str]]:
    """Things from a file of any format, and what to know about how they were read; raises InvalidInput."""
    if len(data) > MOST_BYTES:
        raise InvalidInput("refused-shelf-file-too-large", most=MOST_BYTES >> 20)
    items, notes = FORMATS[format_of(name)][1](data)
    if not items:
        raise InvalidInput("refused-shelf-file-empty")
    return items, notes


def written_shelf(name: str, items: Sequence[Item]) -> bytes:
    """Things as a file of the format that the name ends with; raises InvalidInput."""
    return FORMATS[format_of(name)][0](items)
