"""What is learnt of the painter: shown, offered, taken, taken back."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated

from fastapi import APIRouter, Path

from ...core.learning.offers import Lesson
from ...core.learning.told import figures, learnt_words, offer_words
from ...studio import Studio, learning
from ...studio.habits import taken
from ...words import speaker
from ..models.learning import LearningRead, LessonRead
from ..problems import problems
from .access import InStudio

router = APIRouter(prefix="/api/learning", tags=["review"])
Key = Annotated[str, Path(max_length=120, examples=["pace:watercolour:"])]


@router.get("", responses=problems())
def learnt(studio: InStudio) -> LearningRead:
    """All that is learnt so far, with its spread; what is not sure yet is shown and not offered."""
    return _read(studio, learning.learnt(studio))


@router.put("/{key}", responses=problems())
def take(studio: InStudio, key: Key) -> LearningRead:
    """Take what is offered into new pieces and those that are not begun."""
    return _read(studio, learning.take(studio, key))


@router.delete("/{key}", responses=problems())
def take_back(studio: InStudio, key: Key) -> LearningRead:
    """Take it back."""
    learning.take_back(studio, key)
    return _read(studio, learning.learnt(studio))


def _read(studio: Studio, lessons: Sequence[Lesson]) -> LearningRead:
    known = taken(studio)
    found = []
    for lesson in lessons:
        figure, low, high = figures(lesson)
        offer = offer_words(lesson)
        found.append(
            LessonRead(
                key=lesson.key,
                kind=lesson.kind,
                medium=lesson.medium,
                scope=lesson.scope,
                count=lesson.estimate.count,
                figure=round(figure, 2),
                low=round(low, 2),
                high=round(high, 2),
                sentence=speaker().text(learnt_words(lesson)),
                offered=lesson.offered and lesson.key not in known,
                taken=lesson.key in known,
                offer=speaker().text(offer) if offer else "",
            )
        )
    return LearningRead(lessons=found)
