"""Edges: what is soft, lost or broken in a pass, made while the paint moves or with a dry brush after."""

from __future__ import annotations

from collections.abc import Sequence

from ..materials.media import Medium
from ..plan.acts import ACTS
from ..plan.effect import Effect
from ..plan.plan import Kind
from ..plan.stretch import Edge, Stretch
from ..sentence import Amount, Listed, Sentence, of_masses, sentence, whole
from ..time.pace import cutting_minutes
from .looked import Looked
from .touch import Moment, Proposal, Touch

BY = {"watercolour": Kind.SOFTEN, "acrylic": Kind.SOFTEN, "oil": Kind.BLEND, "pastel": Kind.BLEND}
"""With what edges are softened in each medium, while the paint moves."""
LEAST_CM, SEEN = 1.5, 0.25
"""Length of a stretch from which it is worth an act, and values between both sides from which it is seen."""
MOST_MM = 20.0
"""Width up to which a transition is an edge, not modelling."""
QUICKER = 2.0
"""How much quicker an edge is softened than cut. A guess."""
NAMED, MINUTES = 3, 6.0
"""Edges that a pass names, and minutes of a pass that are spent on them. Guesses."""
MOST_COVER = 0.3
"""Share of a mass that softening its edges touches at the most."""
SURE = 0.9
"""How sure an edge is that is read from the picture stretch by stretch."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each pass the edges that are not firm and worth it, those that are seen most first."""
    rows = {done.id: row for row, done in enumerate(on.plan.passes)}
    by_row: dict[int, list[Stretch]] = {}
    for stretch in on.plan.edges:
        later = stretch.masses[0]
        row = rows.get(stretch.pass_id)
        if row is not None and on.turn.get(later) == row and _worth(stretch):
            by_row.setdefault(row, []).append(stretch)
    return [_effect(on, row, own) for row, own in sorted(by_row.items())]


def _worth(stretch: Stretch) -> bool:
    """Whether a stretch is not firm and is seen."""
    if stretch.how is Edge.FIRM or stretch.length_cm < LEAST_CM:
        return False
    return stretch.wished or (stretch.step >= SEEN and stretch.wide_mm <= MOST_MM)


def _effect(on: Looked, row: int, stretches: Sequence[Stretch]) -> Proposal:
    """The edges of a pass that are not firm."""
    medium, kind = on.plan.medium, BY[on.plan.medium.key]
    taken = _in_time(stretches, medium)
    told = sentence(
        "effect-edges",
        edges=Listed(tuple(_told(stretch) for stretch in taken[:NAMED])),
        more=max(0, len(taken) - NAMED),
        length=whole(sum(stretch.length_cm for stretch in taken)),
        medium=medium.key,
        tool=ACTS[kind].tool,
    )
    touches = tuple(
        Touch(
            kind,
            stretch.masses[0],
            Moment.WET,
            min(MOST_COVER, stretch.length_cm * max(stretch.wide_mm, 1.0) / 10 / _area(on, stretch)),
            on.plan.by_id[stretch.masses[0]].target,
            _minutes(medium, stretch),
            row,
        )
        for stretch in taken
    )
    first = taken[0]
    figures = {
        "cm": sum(stretch.length_cm for stretch in taken),
        "edges": float(len(taken)),
        "mm": first.wide_mm,
    }
    masses = tuple(dict.fromkeys(stretch.masses[0] for stretch in taken))
    effect = Effect("edges", f"edges:{masses[0]}", masses, first.at, SURE, told, figures)
    return Proposal(effect, row, touches)


def _in_time(stretches: Sequence[Stretch], medium: Medium) -> Sequence[Stretch]:
    """As many as there is time for: what the painter wants, then long edges between masses far apart."""
    left, taken = MINUTES, list[Stretch]()
    for stretch in sorted(stretches, key=lambda s: (not s.wished, -s.length_cm * s.step, s.number)):
        minutes = _minutes(medium, stretch)
        if not taken or stretch.wished or minutes <= left:
            taken.append(stretch)
            left -= minutes
    return taken


def _minutes(medium: Medium, stretch: Stretch) -> float:
    return cutting_minutes(medium, stretch.length_cm) / QUICKER


def _area(on: Looked, stretch: Stretch) -> float:
    return max(on.plan.by_id[stretch.masses[0]].area_cm2, 1e-6)


def _told(stretch: Stretch) -> Sentence:
    return sentence(
        "effect-edge",
        mass=of_masses(stretch.masses[:1]),
        toward=of_masses(stretch.masses[1:]),
        length=whole(stretch.length_cm),
        wide=Amount(stretch.wide_mm, 0 if stretch.wide_mm >= 2 else 1),
        faded="yes" if stretch.wide_mm >= 0.5 else "no",
        how=stretch.how.value,
    )
