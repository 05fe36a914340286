"""Models of references: pictures taken in, and the tone of a surface read off one."""

from __future__ import annotations

from pydantic import Field

from ...settings.wire import Model, PlaceModel


class ReferenceRead(Model):
    """A picture that was taken in."""

    hash: str = Field(examples=["9f86d081884c7d659a2feaa0c55ad015a3bf4f1b2b0b822cd15d6c15b0f00a08"])
    width: int = Field(examples=[4000])
    height: int = Field(examples=[3000])
    format: str = Field(examples=["JPEG"])
    notes: list[str]


class ToneCreate(Model):
    """Two places on a photo: the surface, and something white beside it in the same light."""

    surface: PlaceModel
    white: PlaceModel


class ToneRead(Model):
    """The tone of a surface read off a photo."""

    tone: str = Field(examples=["#c8b89a"])
    words: str
