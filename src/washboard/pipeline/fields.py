"""Settings as plain fields, for rows and answers."""

from __future__ import annotations

from dataclasses import asdict
from typing import Any

from ..core.composition.arrangement import Arrangement


def arrangement_fields(arrangement: Arrangement) -> dict[str, Any]:
    """An arrangement as plain fields."""
    left, top, right, bottom = arrangement.crop
    return {
        "crop": {"left": left, "top": top, "right": right, "bottom": bottom}, "level": arrangement.level,
        "moves": [asdict(move) for move in arrangement.moves],
    }  # fmt: skip
