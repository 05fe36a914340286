"""Long random runs: short in the suite, whole in `make soak`."""

from __future__ import annotations

import os

SOAK = bool(os.environ.get("WASHBOARD_SOAK"))
"""Whether this is the long run."""


def rounds(short: int, whole: int) -> int:
    """How often something random is tried: `short` in the suite, `whole` in the long run."""
    return whole if SOAK else short
