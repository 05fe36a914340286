"""Models of what is learnt of the painter."""

from __future__ import annotations

from ...core.learning.offers import Learnt
from ...settings.wire import Model


class LessonRead(Model):
    """A figure that was learnt in a medium, of a scope, in words; from how many observations, the likeliest
    and within which it lies with 80 % probability; whether it is worth an offer, and whether it was taken."""

    key: str
    kind: Learnt
    medium: str
    scope: str
    count: int
    figure: float
    low: float
    high: float
    sentence: str
    offered: bool
    taken: bool
    offer: str


class LearningRead(Model):
    """All that is learnt of the painter."""

    lessons: list[LessonRead]
