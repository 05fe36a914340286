"""Soft edges: where the photo's border is soft, it is softened while the paint can still be moved."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

from ..materials.media import Medium
from ..plan.acts import ACTS
from ..plan.effect import Effect
from ..plan.plan import Kind
from ..reference.mass import Border, Mass, MassKind
from ..sentence import Amount, Listed, Sentence, of_masses, sentence, whole
from ..time.pace import cutting_minutes
from .looked import Looked
from .touch import Moment, Proposal, Touch

BY = {"watercolour": Kind.SOFTEN, "acrylic": Kind.SOFTEN, "oil": Kind.BLEND, "pastel": Kind.BLEND}
"""With what edges are softened in each medium, while the paint moves."""
SOFT, LOST = 0.55, 0.3
"""Hardness of a border up to which it is soft, and up to which it is lost."""
STEP = 0.35
"""Values between two masses from which their border is seen at all."""
LEAST_CM, LEAST_MM, MOST_MM = 1.5, 1.0, 20.0
"""Length and width of a soft border from which softening it is worth an act, and the width up to which it is
a border. Guesses."""
QUICKER = 2.0
"""How much quicker an edge is softened than cut. A guess."""
NAMED, MINUTES = 3, 6.0
"""Edges that a pass names, and minutes of a pass that are spent on them. Guesses."""
MOST_COVER = 0.3
"""Share of a mass that softening its edges touches at the most."""


@dataclass(frozen=True)
class Edge:
    """The soft edges of a mass: toward which others, their length, and their mean width and hardness."""

    mass: Mass
    toward: tuple[str, ...]
    cm: float
    mm: float
    hardness: float
    step: float


def found(on: Looked) -> Sequence[Proposal]:
    """For each pass the soft edges that are worth it, those that are seen most first."""
    by_row: dict[int, list[Edge]] = {}
    for mass in on.plan.masses:
        row = on.turn.get(mass.id)
        if row is not None and mass.kind is not MassKind.ACCENT:
            edge = _edge(on, mass, row)
            if edge is not None:
                by_row.setdefault(row, []).append(edge)
    return [_effect(on, row, own) for row, own in sorted(by_row.items())]


def _edge(on: Looked, mass: Mass, row: int) -> Edge | None:
    soft = [border for border in mass.borders if _is_soft(on, mass, border, row)]
    length = sum(border.length_cm for border in soft)
    if length < LEAST_CM:
        return None

    def mean(of: Callable[[Border], float]) -> float:
        return sum(of(border) * border.length_cm for border in soft) / length

    return Edge(
        mass,
        tuple(b.mass for b in sorted(soft, key=lambda b: (-b.length_cm, b.mass))),
        length,
        mean(lambda border: border.softness_mm),
        mean(lambda border: border.hardness),
        mean(lambda border: abs(mass.target - on.plan.by_id[border.mass].target)),
    )


def _is_soft(on: Looked, mass: Mass, border: Border, row: int) -> bool:
    """Whether a border is soft, is seen, and is this mass's to soften: that of the two which is laid last,
    or of two laid together the larger one's."""
    other = on.plan.by_id.get(border.mass)
    if other is None or other.kind is MassKind.ACCENT:
        return False
    theirs = on.turn.get(other.id, -1)
    own = theirs < row or (theirs == row and (mass.area_cm2, mass.id) > (other.area_cm2, other.id))
    seen = abs(mass.target - other.target) >= STEP
    # What is wider than the mass is no edge of it but its modelling.
    wide = LEAST_MM <= border.softness_mm <= min(MOST_MM, mass.width_mm)
    return own and seen and wide and border.hardness <= SOFT


def _effect(on: Looked, row: int, edges: Sequence[Edge]) -> Proposal:
    """The soft edges of a pass."""
    medium, kind = on.plan.medium, BY[on.plan.medium.key]
    taken = _in_time(edges, medium)
    told = sentence(
        "effect-edges",
        edges=Listed(tuple(_told(edge) for edge in taken[:NAMED])),
        more=max(0, len(taken) - NAMED),
        length=whole(sum(edge.cm for edge in taken)),
        medium=medium.key,
        tool=ACTS[kind].tool,
    )
    touches = tuple(
        Touch(
            kind,
            edge.mass.id,
            Moment.WET,
            min(MOST_COVER, edge.cm * edge.mm / 10 / max(edge.mass.area_cm2, 1e-6)),
            edge.mass.target,
            cutting_minutes(medium, edge.cm) / QUICKER,
            row,
        )
        for edge in taken
    )
    first = taken[0]
    figures = {"cm": sum(edge.cm for edge in taken), "edges": float(len(taken)), "mm": first.mm}
    sure = min(1.0, 0.7 + (SOFT - first.hardness) / (2 * SOFT))
    masses = tuple(edge.mass.id for edge in taken)
    effect = Effect("edges", f"edges:{first.mass.id}", masses, first.mass.inside, sure, told, figures)
    return Proposal(effect, row, touches)


def _in_time(edges: Sequence[Edge], medium: Medium) -> Sequence[Edge]:
    """As many as there is time for: long edges between masses far apart come first."""
    left, taken = MINUTES, list[Edge]()
    for edge in sorted(edges, key=lambda e: (-e.cm * e.step, e.mass.id)):
        minutes = cutting_minutes(medium, edge.cm) / QUICKER
        if not taken or minutes <= left:
            taken.append(edge)
            left -= minutes
    return taken


def _told(edge: Edge) -> Sentence:
    return sentence(
        "effect-edge",
        mass=of_masses((edge.mass.id,)),
        toward=of_masses(edge.toward, 1),
        length=whole(edge.cm),
        wide=Amount(edge.mm, 0 if edge.mm >= 2 else 1),
        how="lost" if edge.hardness <= LOST else "soft",
    )
