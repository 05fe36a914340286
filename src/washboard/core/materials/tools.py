"""Brushes, knives, sponges, pens and masking: what each covers, cuts and draws. Typical figures, guessed."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from ..errors import UnknownName


class ToolKind(StrEnum):
    """What a tool is for."""

    BRUSH = "brush"
    KNIFE = "knife"
    SPONGE = "sponge"
    TISSUE = "tissue"
    MASKING = "masking"
    PEN = "pen"
    BLENDER = "blender"


@dataclass(frozen=True)
class Tool:
    """A tool.

    `cover` cm² a minute laid evenly, `cut` cm of outline a minute kept to half a mm, `line` the thinnest and
    the widest line it draws in mm; 0 for what it cannot do. `lifts`: takes paint off rather than lays it.
    """

    key: str
    words: str
    kind: ToolKind
    media: tuple[str, ...]
    cover: float
    cut: float
    line: tuple[float, float]
    lifts: bool = False
    note: str = ""
    caution: str = ""


_WATER, _ALL_WET, _DRY = ("watercolour",), ("watercolour", "acrylic", "oil"), ("pastel",)
_BODY = ("acrylic", "oil")
_BLADE = "a blade: cut away from the hand, and scrape damp where the pigment is toxic: no dust"
_OILY = "oily rags and tissues can ignite by themselves: into a closed metal can"
_K = ToolKind

TOOLS = {
    tool.key: tool
    for tool in (
        Tool("mop", "large mop", _K.BRUSH, _WATER, 220, 20, (6, 35)),
        Tool("hake", "wide soft flat, 50 mm", _K.BRUSH, _WATER, 260, 15, (3, 50)),
        Tool("round-4", "round, size 4", _K.BRUSH, _ALL_WET, 20, 40, (0.5, 4)),
        Tool("round-8", "round, size 8", _K.BRUSH, _ALL_WET, 55, 40, (0.8, 8)),
        Tool("round-12", "round, size 12", _K.BRUSH, _ALL_WET, 95, 35, (1, 13)),
        Tool("quill", "soft pointed quill", _K.BRUSH, _WATER, 120, 30, (1, 16)),
        Tool("rigger", "rigger", _K.BRUSH, _ALL_WET, 5, 60, (0.3, 2), note="long lines in one breath"),
        Tool("flat-12", "flat, 12 mm", _K.BRUSH, _ALL_WET, 70, 45, (1, 12)),
        Tool("flat-25", "flat, 25 mm", _K.BRUSH, _ALL_WET, 130, 35, (1.5, 25)),
        Tool("filbert-8", "filbert, 16 mm", _K.BRUSH, _BODY, 70, 35, (3, 16)),
        Tool("bristle-flat", "bristle flat, 30 mm", _K.BRUSH, _BODY, 140, 20, (3, 30)),
        Tool("fan", "fan", _K.BRUSH, _BODY, 30, 0, (1, 30), note="breaks and softens edges"),
        Tool("painting-knife", "painting knife, 50 mm", _K.KNIFE, _BODY, 90, 30, (0.5, 50)),
        Tool("palette-knife", "palette knife", _K.KNIFE, _BODY, 0, 0, (0, 0), note="for mixing"),
        Tool("scalpel", "scalpel", _K.KNIFE, ("watercolour", "pastel"), 0, 20, (0.2, 1), True,
             "scratches sparkles into dry paint, last of all", _BLADE),
        Tool("scraper", "scraper, 30 mm", _K.KNIFE, ("oil", "acrylic", "pastel"), 60, 10, (2, 30), True,
             "takes a layer off before it is dry", _BLADE),
        Tool("natural-sponge", "natural sponge", _K.SPONGE, _ALL_WET, 120, 0, (8, 60), note="broken texture"),
        Tool("flat-sponge", "flat damp sponge", _K.SPONGE, _WATER, 90, 10, (10, 60), True,
             "wets the sheet and lifts wide soft lights"),
        Tool("tissue", "paper tissue", _K.TISSUE, _ALL_WET, 150, 5, (8, 40), True,
             "presses lights out of a wet wash", _OILY),
        Tool("lint-free-rag", "lint-free rag", _K.TISSUE, ("oil",), 120, 8, (8, 40), True,
             "wipes lights out of a wet ground", _OILY),
        Tool("masking-fluid", "masking fluid with a ruling pen", _K.MASKING, _WATER, 8, 25, (0.4, 4),
             note="on dry paper only; off within a day or two", caution="ammonia: air the room"),
        Tool("masking-pen", "masking pen, fine nib", _K.MASKING, _WATER, 4, 30, (0.8, 1.5)),
        Tool("masking-film", "masking film, cut", _K.MASKING, ("watercolour", "acrylic"), 60, 12, (2, 200),
             caution=_BLADE),
        Tool("tape", "low-tack tape", _K.MASKING, ("watercolour", "pastel", "acrylic"), 200, 120, (6, 50)),
        Tool("white-pen", "white gel pen", _K.PEN, ("watercolour", "acrylic"), 1, 60, (0.5, 1)),
        Tool("brush-pen", "waterproof brush pen", _K.PEN, ("watercolour", "acrylic"), 8, 70, (0.3, 5)),
        Tool("finger", "finger", _K.BLENDER, _DRY, 120, 15, (8, 20), note="fills the tooth, cools and dulls",
             caution="toxic pigments: wear gloves or use a stump"),
        Tool("stump", "paper stump", _K.BLENDER, _DRY, 40, 30, (1.5, 8)),
        Tool("stiff-brush", "stiff dry brush", _K.BLENDER, _DRY, 60, 10, (4, 20), True,
             "brushes grain out and opens the tooth again", "dust: do not blow it off, wear a dust mask"),
        Tool("kneaded-eraser", "kneaded eraser", _K.BLENDER, _DRY, 25, 25, (2, 15), True),
    )
}  # fmt: skip
"""By key."""


def tool_named(key: str) -> Tool:
    """The tool of that key; raises UnknownName."""
    if key not in TOOLS:
        raise UnknownName("tool", key, TOOLS)
    return TOOLS[key]
