"""Models of what there is to choose from."""

from __future__ import annotations

from ...settings.wire import Model
from .term import Term


class Choice(Model):
    """One entry of a list to choose from."""

    key: str
    words: Term
    why: Term


class StockRead(Model):
    """A kind of sheet or panel: `says` all of it, `care` what to mind; `tone` its usual colour."""

    key: str
    words: Term
    media: list[str]
    tooth: float
    absorbency: float
    weight: int
    sides: list[str]
    tone: str
    says: Term
    care: Term


class HandRead(Model):
    """What a pass of one's own can do, or a tool, with the media in which it can be."""

    key: str
    words: Term
    media: list[str]


class CatalogueRead(Model):
    """What there is to choose from; `acts` in words by key; what words of the craft mean; the greys of a
    value picture's levels; how many small marks there are at most, by the words for it."""

    media: list[Choice]
    schools: list[Choice]
    surfaces: list[Choice]
    stocks: list[StockRead]
    own_passes: list[HandRead]
    tools: list[HandRead]
    acts: dict[str, Term]
    glossary: dict[str, str]
    greys: list[int]
    marks: dict[str, int]
