"""What is said of what was learnt."""

from __future__ import annotations

from ..sentence import Amount, Sentence, sentence, tone
from .offers import RULES, Learnt, Lesson

IN_VALUES = (Learnt.BIAS, Learnt.WARMTH)
"""What is no ratio."""


def figures(lesson: Lesson) -> tuple[float, float, float]:
    """The likeliest, least and most with 80 % probability: times as much, values, or units of b*."""
    if lesson.kind in IN_VALUES:
        return (lesson.estimate.mean, *lesson.estimate.between)
    return lesson.estimate.ratio


def learnt_words(lesson: Lesson) -> Sentence:
    """A lesson in one sentence, with its spread and count."""
    figure, low, high = figures(lesson)
    digits = 0 if lesson.kind is Learnt.WARMTH else 1
    more = "even" if round(figure, digits) == 0 else "yes" if figure > 0 else "no"
    return sentence(
        f"learnt-{lesson.kind}",
        medium=lesson.medium,
        scope=lesson.scope,
        count=lesson.estimate.count,
        figure=Amount(abs(figure) if lesson.kind in IN_VALUES else figure, digits),
        low=Amount(low, digits),
        high=Amount(high, digits),
        more=more,
        **_band(lesson),
    )


def offer_words(lesson: Lesson) -> Sentence | None:
    """What a touch on an offer does; None for what no lever of the plan takes."""
    if lesson.kind not in RULES:
        return None
    figure, _, _ = figures(lesson)
    if lesson.kind is Learnt.BIAS:
        way = "darker" if figure > 0 else "lighter"
        return sentence("offer-bias", **_band(lesson), by=tone(abs(figure)), way=way)
    return sentence(f"offer-{lesson.kind}", figure=Amount(figure, 1))


def _band(lesson: Lesson) -> dict[str, Sentence]:
    """The band of value that a lesson is about, in words."""
    return {"band": sentence(f"band-{lesson.scope}")} if lesson.kind is Learnt.BIAS else {}
