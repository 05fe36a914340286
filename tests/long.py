"""Long random runs: short in the suite, whole in `make soak`."""

from __future__ import annotations

import os
from collections.abc import Sequence
from typing import TypeVar

T = TypeVar("T")

SOAK = bool(os.environ.get("WASHBOARD_SOAK"))
"""Whether this is the long run."""


def rounds(short: int, whole: int) -> int:
    """How often something random is tried: `short` in the suite, `whole` in the long run."""
    return whole if SOAK else short


def tried(cases: Sequence[T], short: int) -> list[T]:
    """Which of many cases are tried: `short` of them in the suite, the first, the last and evenly between,
    all in the long run."""
    if SOAK or short >= len(cases):
        return list(cases)
    return [cases[round(k * (len(cases) - 1) / (short - 1))] for k in range(short)]
