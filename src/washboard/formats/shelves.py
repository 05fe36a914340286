"""The formats of the shelf, by the ending of their files."""

from __future__ import annotations

from collections.abc import Sequence
from importlib import import_module
from typing import Protocol, cast

from ..core.errors import InvalidInput
from ..core.materials.shelf import Item

FILES = ("shelfcsv", "cxf")
"""The formats by their files."""


class ShelfFormat(Protocol):
    """What the file of a format holds: the ending of its files, their media type, how they are written and
    read."""

    ENDING: str
    MEDIA_TYPE: str

    def written(self, items: Sequence[Item]) -> bytes:
        """Things as a file."""

    def read(self, data: bytes) -> tuple[list[Item], list[str]]:
        """Things from a file, and what to know about how they were read; raises InvalidInput."""


def _read(file: str) -> ShelfFormat:
    return cast(ShelfFormat, import_module(f".{file}", __package__))


FORMATS = {own.ENDING: own for own in map(_read, FILES)}
"""Each format by the ending of its files."""
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
    items, notes = FORMATS[format_of(name)].read(data)
    if not items:
        raise InvalidInput("refused-shelf-file-empty")
    return items, notes


def written_shelf(name: str, items: Sequence[Item]) -> bytes:
    """Things as a file of the format that the name ends with; raises InvalidInput."""
    return FORMATS[format_of(name)].written(items)
