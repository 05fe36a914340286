"""The table of pigments as a module of the product, and what it was made from."""

from __future__ import annotations

import hashlib
from collections.abc import Mapping
from pathlib import Path

from washboard.core.materials import pigment_table
from washboard.core.materials.pigments import Pigment

from .ranges import FILE
from .shapes import SHAPES

TABLE = Path(pigment_table.__file__)
MODULE = '''"""Figures of the pigments, written by `make pigments`: do not change by hand."""

from __future__ import annotations

Three = tuple[float, float, float]
TABLE: dict[str, tuple[str, float, Three | None, tuple[Three, ...], float, float]] = {{
{rows}
}}
"""Colour Index name, scatter, edge, bands, base and steepness by key, as `Pigment` takes them."""
FITTED_FROM = "{digest}"
"""Digest of the ranges, the shapes and the fit itself."""
'''
"""What is written, with a row for each pigment."""


def digest() -> str:
    """What the table is fitted from, in a few digits."""
    parts = [
        FILE.read_bytes(),
        repr(sorted(SHAPES.items())).encode(),
        Path(__file__).with_name("fit.py").read_bytes(),
    ]
    return hashlib.sha256(b"".join(parts)).hexdigest()[:16]


def written(pigments: Mapping[str, Pigment]) -> str:
    """The table of pigments as a module."""
    rows = [
        f"    {key!r}: ({p.index!r}, {p.scatter!r}, {p.edge!r}, {p.bands!r}, {p.base!r}, {p.steep!r}),"
        for key, p in pigments.items()
    ]
    return MODULE.format(rows="\n".join(rows).replace("'", '"'), digest=digest())
