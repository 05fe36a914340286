"""What sheets and panels there are: kind, tooth, absorbency, weight, sides. Typical figures, not measured."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from ..errors import UnknownName


@dataclass(frozen=True)
class Stock:
    """A kind of sheet or panel.

    `tooth` 0 (glass) to 1 (coarse grit): how much grain it holds and how broken a dry stroke looks;
    `absorbency` 0 (sealed) to 1 (blotter): how fast a wash sinks and how little it can be lifted;
    `weight` g/m², 0 for panels and cloth; `sides` that differ; `tone`: its usual colour.
    """

    key: str
    words: str
    media: tuple[str, ...]
    tooth: float
    absorbency: float
    weight: int
    sides: tuple[str, ...]
    tone: str
    note: str = ""

    @property
    def stretched(self) -> bool:
        """Whether a wet wash cockles it unless it is stretched or taped down all round."""
        return "watercolour" in self.media and 0 < self.weight < STRETCHED_BELOW


STRETCHED_BELOW = 400
"""g/m² below which wet paper is usually stretched."""
W, P, A, O = ("watercolour",), ("pastel",), ("acrylic",), ("oil",)  # noqa: E741

STOCKS = {
    stock.key: stock
    for stock in (
        Stock("rough", "rough cotton paper", W, 0.7, 0.5, 300, (), "#f4f1e8"),
        Stock("cold-pressed", "cold-pressed cotton paper", W, 0.5, 0.5, 300, (), "#f5f2ea"),
        Stock("heavy", "heavy cold-pressed cotton paper", W, 0.55, 0.5, 640, (), "#f5f2ea"),
        Stock("hot-pressed", "hot-pressed cotton paper", W, 0.2, 0.45, 300, (), "#f6f4ee",
              "dry brush hardly breaks on it; edges are crisp"),
        Stock("pulp", "wood pulp paper", W, 0.4, 0.7, 200, (), "#f7f5f0",
              "lifts badly and pills when scrubbed; masking fluid may tear it"),
        Stock("watercolour-board", "watercolour board", W, 0.45, 0.4, 0, (), "#f5f3ec"),
        Stock("laid", "laid pastel paper", P, 0.35, 0.5, 160, ("honeycomb side", "smooth side"), "#d9d0bd",
              "two to three layers; the smooth side takes detail"),
        Stock("sanded", "sanded pastel paper", P, 0.85, 0.2, 350, (), "#cfc3a8",
              "wears soft sticks and fingers"),
        Stock("velour", "velour paper", P, 0.6, 0.3, 260, (), "#b8b0a4", "cannot be rubbed out"),
        Stock("primed-card", "card primed with grit", P, 0.75, 0.2, 0, ("primed", "back"), "#c9c2b4",
              "prime both sides, or it curls"),
        Stock("cotton-canvas", "primed cotton canvas", (*A, *O), 0.5, 0.35, 0, (), "#f1efe9"),
        Stock("linen", "primed linen", (*A, *O), 0.4, 0.3, 0, (), "#efece4"),
        Stock("panel", "primed smooth panel", (*A, *O), 0.15, 0.25, 0, ("primed", "back"), "#f2f0ea",
              "prime both sides, or it warps"),
        Stock("canvas-paper", "canvas paper", (*A, *O), 0.45, 0.35, 290, (), "#f2efe8"),
        Stock("cotton-for-acrylic", "cotton paper", A, 0.5, 0.55, 400, (), "#f5f2ea"),
        Stock("raw-linen", "sized raw linen", O, 0.55, 0.4, 0, (), "#b3a387",
              "a middle tone of its own: no toning needed"),
    )
}  # fmt: skip


def stock_named(medium: str, key: str) -> Stock:
    """The stock of that key for a medium; raises UnknownName."""
    found = {stock.key: stock for stock in STOCKS.values() if medium in stock.media}
    if key not in found:
        raise UnknownName("surface-for", key, found, medium=medium)
    return found[key]


def described_stock(stock: Stock, side: str = "") -> str:
    """The kind in a sentence, with what to do before the first mark."""
    weight = [f"{stock.weight} g/m²"] if stock.weight else []
    return _sentence([stock.words + (f", {side}" if side else ""), *weight, *_care(stock)])


def care_of_stock(stock: Stock) -> str:
    """What to mind before the first mark, in a sentence; "" for nothing."""
    return _sentence(_care(stock))


def _care(stock: Stock) -> list[str]:
    stretch = ["stretch it or tape it down all round before a wet wash"] if stock.stretched else []
    return [*stretch, *([stock.note] if stock.note else [])]


def _sentence(parts: Sequence[str]) -> str:
    text = "; ".join(parts)
    return f"{text[0].upper()}{text[1:]}." if text else ""
