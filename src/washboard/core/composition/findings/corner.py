"""A border of areas that runs into a corner of the picture."""

from __future__ import annotations

from ...sentence import sentence
from ..arrangement import Change
from .finding import Composed, Finding

NEAR = 0.025
"""Shares of width and height around a corner."""
CROP = 0.07


def found(c: Composed) -> list[Finding]:
    """A border of areas that runs into a corner of the picture."""
    labels = c.areas.labels
    height, width = labels.shape
    rows, columns = max(2, round(NEAR * height)), max(2, round(NEAR * width))
    findings = []
    for words, x, y in (
        ("upper left", 0, 0),
        ("upper right", 1, 0),
        ("lower left", 0, 1),
        ("lower right", 1, 1),
    ):
        r = slice(0, rows) if y == 0 else slice(height - rows, height)
        k = slice(0, columns) if x == 0 else slice(width - columns, width)
        patch = labels[r, k]
        frame, inner = (-y, -x), (rows - 1 if y == 0 else 0, columns - 1 if x == 0 else 0)
        across, along = int(patch[frame[0], inner[1]]), int(patch[inner[0], frame[1]])
        if across != along:
            findings.append(_leads_out(words, float(x), float(y), (across, along)))
    return findings


def _leads_out(words: str, x: float, y: float, labels: tuple[int, int]) -> Finding:
    crop = (0.0, CROP, 1.0, 1.0) if y == 0 else (0.0, 0.0, 1.0, 1 - CROP)
    return Finding(
        "corner", {"corner": sentence(f"place-{words.replace(' ', '-')}")}, (x, y), labels, Change(crop=crop)
    )
