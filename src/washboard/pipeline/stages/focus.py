"""Where the painter wants the eye to go."""

from __future__ import annotations

from ...settings import Settings
from .results import Seen


def told_focus(seen: Seen, settings: Settings) -> tuple[float, float] | None:
    """The focus as the painter has set it, else the middle of what the piece is about, x and y 0–1 of the
    arranged picture; None where neither was said or it is cropped away."""
    focus = settings.focus or _about(seen, settings)
    if focus is None:
        return None
    height, width = seen.whole.labels.shape
    x, y = settings.arrangement.forward(*focus, width / height)
    return (x, y) if 0 <= x <= 1 and 0 <= y <= 1 else None


def _about(seen: Seen, settings: Settings) -> tuple[float, float] | None:
    """The middle of the area that the piece is about, if that was said."""
    if settings.intent.about is None:
        return None
    label = seen.whole.at(*settings.intent.about)
    return next(area.inside for area in seen.whole.areas if area.label == label)
