"""Models of references: pictures taken in, and the tone of a surface read off one."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ...settings.wire import Model, PlaceModel
from .term import Term

Point = tuple[float, float]
Finite = Annotated[float, Field(allow_inf_nan=False, ge=-1e6, le=1e6)]


class ReferenceRead(Model):
    """A picture that was taken in."""

    hash: str = Field(examples=["9f86d081884c7d659a2feaa0c55ad015a3bf4f1b2b0b822cd15d6c15b0f00a08"])
    width: int = Field(examples=[4000])
    height: int = Field(examples=[3000])
    format: str = Field(examples=["JPEG"])
    notes: list[str]


class CornersUpdate(Model):
    """Where the painter sees the four corners of a painting, in pixels of the photo, clockwise from the upper
    left."""

    corners: Annotated[list[tuple[Finite, Finite]], Field(min_length=4, max_length=4)]


class SheetRead(Model):
    """Where a painting may lie in a photo of `size` (width, height) in pixels: the `corners` of what was
    `found`, clockwise from the upper left, or some to begin with."""

    corners: list[Point]
    size: tuple[int, int]
    found: bool


class ToneCreate(Model):
    """Two places on a photo: the surface, and something white beside it in the same light."""

    surface: PlaceModel
    white: PlaceModel


class ToneRead(Model):
    """The tone of a surface read off a photo."""

    tone: str = Field(examples=["#c8b89a"])
    words: Term
