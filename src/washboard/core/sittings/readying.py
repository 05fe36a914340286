"""What it takes to set up for a medium and to clean up after it. Guesses."""

from __future__ import annotations

from collections.abc import Mapping

from .work import Readying

READYING: Mapping[str, Readying] = {
    "watercolour": Readying(10, 5),
    "pastel": Readying(10, 10),
    "acrylic": Readying(10, 10),
    "oil": Readying(15, 20),
}
"""Minutes before the first work in a medium, and after the last, in a sitting."""


def readying(set_up: int | None = None) -> dict[str, Readying]:
    """The same with other minutes to set up, of every medium."""
    return {
        medium: own if set_up is None else Readying(set_up, own.clean_up) for medium, own in READYING.items()
    }
