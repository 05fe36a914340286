"""Models of the shelf: things, changes, imports, calibration."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ...core.materials.shelf import LONGEST, LONGEST_NOTE, MOST_LEFT, ItemKind
from ...settings.wire import WRITTEN, Model, Revision
from .mix import GivenLab, Lab, Row
from .term import Done, Term

Name = Annotated[str, Field(min_length=1, max_length=LONGEST, pattern=WRITTEN)]


class ItemRead(Model):
    """A thing on the shelf; colours are those of a unit film over white and black, and of a thin one."""

    key: str
    kind: ItemKind
    name: str
    like: str
    medium: str
    set: str
    left: float | None
    note: str
    measured: bool
    index: str
    says: Term
    caution: Term
    strong: Lab | None
    thin: Lab | None
    black: Lab | None


class ShelfRead(Model):
    """The shelf: `duplicates` are keys of things that do the same work."""

    revision: int
    undo: Done | None
    redo: Done | None
    items: list[ItemRead]
    duplicates: list[list[str]]


class ListedRead(Model):
    """What a thing can be like."""

    kind: ItemKind
    key: str
    words: Term
    index: str
    media: list[str]
    strong: Lab | None
    says: Term


class ItemGiven(Model):
    """A thing as the painter tells it; `lab`: a paint's colour as it comes, over white, where it is known."""

    kind: ItemKind
    name: Name
    like: Annotated[str, Field(max_length=40)]
    medium: Annotated[str, Field(max_length=20)] = ""
    set: Annotated[str, Field(max_length=LONGEST)] = ""
    left: Annotated[float, Field(ge=0, le=MOST_LEFT)] | None = None
    note: Annotated[str, Field(max_length=LONGEST_NOTE)] = ""
    lab: GivenLab | None = None


class ItemsCreate(Model):
    """Things to put on the shelf, all or none."""

    revision: Revision
    items: Annotated[list[ItemGiven], Field(min_length=1, max_length=200)]


class ItemUpdate(Model):
    """What changes about a thing; what is not given stays."""

    revision: Revision
    name: Name | None = None
    set: Annotated[str, Field(max_length=LONGEST)] | None = None
    left: Annotated[float, Field(ge=0, le=MOST_LEFT)] | None = None
    note: Annotated[str, Field(max_length=LONGEST_NOTE)] | None = None


class ShelfRevision(Model):
    """The revision that the caller knows."""

    revision: Revision


class ImportRead(Model):
    """What an import did."""

    shelf: ShelfRead
    added: int
    updated: int
    same: int
    notes: list[str]


class RampRead(Model):
    """A film so thick over white: Lab and value."""

    film: float
    look: Row


class TintRead(Model):
    """With so much white: Lab and value."""

    white: float
    look: Row


class OverGroundRead(Model):
    """Over a ground: Lab and value, as it comes and thin."""

    ground: str
    lab: Lab
    full: Row
    thin: Row


class StripFieldRead(Model):
    """A field of the strip: what is painted there, and what it should look like."""

    key: str
    words: Term
    lab: Lab


class PaintDetailRead(Model):
    """How a paint looks in its medium, and the fields of its strip."""

    ramp: list[RampRead]
    tints: list[TintRead]
    grounds: list[OverGroundRead]
    strip: list[StripFieldRead]
    reader: Term
    lamps: list[str]


class CalibrationCreate(Model):
    """Fields of a strip as they were read, by key, in Lab; `keep` puts the fitted paint on the shelf."""

    revision: Revision
    read: Annotated[dict[str, GivenLab], Field(max_length=8)]
    keep: bool = False


class FittedRead(Model):
    """A field: as read, and as the table and the fit have it, with ΔE of the fit; `outlier` was left out."""

    key: str
    words: Term
    read: Lab
    before: Lab
    after: Lab
    apart: float
    outlier: bool


class CalibrationRead(Model):
    """A fit: mean ΔE₀₀ to the fields before and after; the shelf where it was kept."""

    before: float
    after: float
    fields: list[FittedRead]
    shelf: ShelfRead | None


class StripRead(Model):
    """What was read off a photo or file, by field."""

    read: dict[str, Lab]


class ReadingCreate(Model):
    """The field that the reader is held on, and the how manieth time."""

    field: Annotated[str, Field(max_length=20)]
    turn: Annotated[int, Field(ge=0, le=1000)] = 0


class ReadingRead(Model):
    """What the reader gave."""

    lab: Lab
    reader: Term
