"""Schools of the painter's own, saved from a plan: which stretch of the values comes in which pass.

A saved school is its key: name, kind of medium and stages, so that a plan, a file and a command line that
name it need nothing else.
"""

from __future__ import annotations

import re
from collections.abc import Sequence

from ..errors import InvalidInput
from ..materials.media import MEDIA
from ..plan.plan import Plan, Role
from ..sentence import sentence
from .school import School, SchoolContext, Strand

PREFIX = "own/"
KINDS = {"darkens": True, "covers": False}
"""Whether a school is for media that only darken, or for those that cover."""
KEY = re.compile(r"own/([^/]{1,40})/(darkens|covers)/(\d{1,3}-\d{1,3}(?: \d{1,3}-\d{1,3}){0,8})")
TOLD_APART = 0.8
"""Share of the laid picture that the stages must bring to the pass it had."""


def saved_key(name: str, plan: Plan) -> str:
    """The key of a school that lays this plan's stretches of value in this plan's order.

    Each pass over shapes is a stage, from its lowest to its highest target in hundredths of the range laid.
    Raises InvalidInput for a name that cannot be, and for passes that are not told apart by value.
    """
    name = " ".join(name.split())
    if not 1 <= len(name) <= 40 or "/" in name:
        raise InvalidInput("refused-approach-name-length")
    laid = [
        [plan.mass(o.mass) for o in done.operations if o.role is Role.TARGET and o.kind.lays]
        for done in plan.passes
        if not done.beside
    ]
    laid = [group for group in laid if group]
    values = [mass.target for group in laid for mass in group]
    if not values:
        raise InvalidInput("refused-approach-of-nothing")
    low, high = min(values), max(values)
    stages = [
        tuple(round(_hundredths(end(m.target for m in group), low, high)) for end in (min, max))
        for group in laid
    ]
    right = sum(
        mass.share
        for k, group in enumerate(laid)
        for mass in group
        if stage_of(_hundredths(mass.target, low, high), stages) == k
    )
    if right < TOLD_APART * sum(mass.share for group in laid for mass in group):
        raise InvalidInput("refused-approach-not-by-value")
    kind = "darkens" if plan.medium.transparent else "covers"
    return f"{PREFIX}{name}/{kind}/{' '.join(f'{a}-{b}' for a, b in stages)}"


def school_from(key: str) -> School:
    """The school that a key tells; raises InvalidInput for one that tells none."""
    found = KEY.fullmatch(key)
    stages = [tuple(map(int, part.split("-"))) for part in found[3].split()] if found else []
    if found is None or not all(0 <= a <= b <= 100 for a, b in stages):
        raise InvalidInput("refused-approach-not-read", key=key[:40])
    darkens = KINDS[found[2]]
    fitting = frozenset(m.key for m in MEDIA.values() if m.transparent is darkens)
    return School(
        key=key,
        words=found[1],
        strands=lambda context: _strands(context, stages),
        fits=f"your own, in {len(stages)} stages as it was saved",
        media=fitting,
        why_not="paint covers, and it was saved from a medium that only darkens"
        if darkens
        else "paint only darkens, and it was saved from a medium that covers",
        nearest="light-to-dark" if not darkens else "dark-to-light",
        fewest=1,
        own=True,
    )


def stage_of(hundredths: float, stages: Sequence[Sequence[int]]) -> int:
    """The stage of a value (0–100 of the range): the narrowest that holds it, else the nearest."""

    def price(k: int) -> tuple[float, int, int]:
        low, high = stages[k]
        away = max(low - hundredths, hundredths - high, 0.0)
        return (away if away > 1 else 0.0, high - low, k)

    return min(range(len(stages)), key=price)


def _strands(context: SchoolContext, stages: Sequence[Sequence[int]]) -> Sequence[Strand]:
    values = [context.masses[k].target for k in context.main]
    low, high = min(values, default=0.0), max(values, default=0.0)
    held: list[list[int]] = [[] for _ in stages]
    for k in context.main:
        held[stage_of(_hundredths(context.masses[k].target, low, high), stages)].append(k)
    way = -1 if context.medium.transparent else 1
    return [
        Strand(
            context.by(lambda m: way * m.target, own),
            1,
            None,
            sentence("strand-stage", number=number, count=len(stages)),
        )
        for number, own in enumerate(held, 1)
    ]


def _hundredths(value: float, low: float, high: float) -> float:
    return 100 * (value - low) / (high - low) if high > low else 50.0
