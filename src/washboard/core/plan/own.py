"""Passes of the painter's own: set in after any other, judged and worked out like the rest."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from ..errors import InvalidInput
from ..materials.media import Medium
from ..optics.grain import value_fixed
from ..optics.removal import WHITEST, value_lifted
from ..reference.mass import Mass
from ..sentence import Listed, Sentence, as_given, sentence, term
from ..time.pace import SETTLING, covering_minutes, cutting_minutes
from .acts import ACTS, Sort
from .names import row
from .plan import Kind, Operation, Pass, Plan, Role

MOST_OWN = 6
"""Passes of one's own in a plan."""
LAID = (Kind.RESTATE, Kind.SCUMBLE, Kind.GLAZE, Kind.UNIFY, Kind.RAYS, Kind.DROP_IN, Kind.GLOW, Kind.WHITE)
"""What is laid over what is there: the same again, a film of it, or lighter."""
THIN = (Kind.GLAZE, Kind.UNIFY, Kind.DROP_IN)
"""What is laid as a thin film, so that it darkens or tints what it goes over."""
FINEST_MM, COARSEST_MM = 0.3, 60.0
"""Widths of a stroke that a pass of one's own goes along."""
STEP = 1.0
"""Munsell values by which an act of the painter's own makes a place lighter, as far as it gets."""

HOW = (Kind.RAYS, Kind.SOFTEN, Kind.FEATHER, Kind.BLEND, Kind.RESTATE, Kind.SCUMBLE)
"""Acts whose words leave open how they are done, or what the picture shows of them."""


@dataclass(frozen=True)
class Own:
    """A pass that the painter set in: one `kind` of operation on `masses`, by their ids, or on a place that
    is drawn through `points` (x, y 0–1): along a stroke so many mm wide, or within an outline where that is
    0.

    `shares` are the masses under such a place, each with how much of it lies there (0–1).
    """

    id: str
    kind: Kind
    masses: tuple[str, ...] = ()
    points: tuple[tuple[float, float], ...] = ()
    width_mm: float = 0.0
    shares: tuple[tuple[str, float], ...] = ()

    @property
    def drawn(self) -> bool:
        """Whether it goes on a place that is drawn, not on whole masses."""
        return bool(self.points)

    def share(self, mass: str) -> float:
        """How much of a mass it goes on, 0–1."""
        return dict(self.shares).get(mass, 1.0)

    def checked(self, medium: Medium) -> None:
        """Raises InvalidInput saying what cannot be."""
        if self.kind not in offered(medium):
            can = Listed(tuple(term(ACTS[kind].words) for kind in offered(medium)), either=True)
            raise InvalidInput(
                "refused-own-pass-act", medium=medium.words.lower(), can=can, act=ACTS[self.kind].words
            )
        if not self.masses and not self.points:
            raise InvalidInput("refused-own-pass-nowhere")
        if self.points:
            self._checked_place()

    def _checked_place(self) -> None:
        inside = all(0 <= x <= 1 and 0 <= y <= 1 for x, y in self.points)
        if not inside or len(self.points) < (2 if self.width_mm else 3):
            raise InvalidInput("refused-own-pass-place")
        if self.width_mm and not FINEST_MM <= self.width_mm <= COARSEST_MM:
            raise InvalidInput("refused-own-mark-width", finest=f"{FINEST_MM:g}", coarsest=f"{COARSEST_MM:g}")


def offered(medium: Medium) -> tuple[Kind, ...]:
    """What a pass of one's own can do in a medium, as listed among the acts."""
    return tuple(
        kind
        for kind, act in ACTS.items()
        if medium.key in act.media
        and (kind in LAID or kind is Kind.FIX or act.sort in (Sort.MOVES, Sort.LOOKS, Sort.TAKES))
    )


def own_pass(own: Own, masses: Mapping[str, Mass], medium: Medium, operations: Sequence[Operation]) -> Pass:
    """The pass with its words and minutes; waits and values are followed through by who sets it in."""
    over = [masses[name] for name in own.masses]
    values = [mass.target for mass in over]
    return Pass(
        own.id,
        own_title(own.kind, over),
        own_how(own.kind),
        sentence("everywhere")
        if ACTS[own.kind].sort is Sort.LOOKS
        else sentence("only-masses", masses=row(over, 4)),
        (min(values), max(values)),
        sentence("edges-none"),
        own_minutes(own, over, medium),
        0.0,
        sentence("needs-dry" if own.kind in LAID and medium.dry_minutes else "needs-nothing"),
        None,
        tuple(operations),
        (),
        beside=True,
    )


def own_title(kind: Kind, masses: Sequence[Mass]) -> Sentence:
    """What is done, and to what where it is not only looked at."""
    act = ACTS[kind]
    if act.sort is Sort.LOOKS:
        return as_given(act.words)
    return sentence("title-own", act=act.words, masses=row(masses))


def own_how(kind: Kind) -> tuple[Sentence, ...]:
    """With what it is done, and how where the words of the act leave that open."""
    act = ACTS[kind]
    with_tool = (sentence("how-tool", tool=act.tool),) if act.tool else ()
    return (*with_tool, sentence(f"own-how-{kind.value}")) if kind in HOW else with_tool


def own_minutes(own: Own, masses: Sequence[Mass], medium: Medium) -> float:
    """Minutes: by area where something is laid or sprayed, along the outline where edges are worked on."""
    area, act = sum(mass.area_cm2 * own.share(mass.id) for mass in masses), ACTS[own.kind]
    if own.kind in LAID:
        return SETTLING + medium.mix_minutes + covering_minutes(medium, area)
    if act.sort is Sort.MOVES:
        length = sum(mass.outline_cm * own.share(mass.id) ** 0.5 for mass in masses)
        return SETTLING + cutting_minutes(medium, length)
    return SETTLING + act.pace * area / 10


def set_in(plan: Plan, own: Own, after: str) -> Plan:
    """The plan with the pass set in after that of the id `after`, or first for "".

    Values and waits are those of before. Raises InvalidInput for an unknown pass or shape, for what the
    medium does not offer, and for more than MOST_OWN.
    """
    own.checked(plan.medium)
    ids = [done.id for done in plan.passes]
    if after and after not in ids:
        raise InvalidInput("refused-own-pass-after", after=after[:20])
    if unknown := [name for name in own.masses if name not in plan.by_id]:
        raise InvalidInput("refused-own-pass-mass", mass=unknown[0][:20])
    if sum(name.startswith(PREFIX) for name in ids) >= MOST_OWN:
        raise InvalidInput("refused-own-passes-too-many", most=MOST_OWN)
    laid = {o.mass: o for done in plan.passes for o in done.operations if o.role is Role.TARGET}
    operations = []
    for name in own.masses:
        value, before = plan.by_id[name].target, laid.get(name)
        paint_traits = (
            (before.staining, before.oil, before.toxic) if before and own.kind in LAID else (0, 0, False)
        )
        left = _comes_to(own.kind, value, before.staining if before else 0.0, plan)
        operations.append(
            Operation(name, own.kind, Role.UNDER, own.share(name), value, left, 1, *paint_traits)
        )
    fresh = own_pass(own, plan.by_id, plan.medium, operations)
    at = ids.index(after) + 1 if after else 0
    return replace(plan, passes=(*plan.passes[:at], fresh, *plan.passes[at:]))


def _comes_to(kind: Kind, value: float, staining: float, plan: Plan) -> float:
    """The Munsell value that an act brings a mass of a value to, as far as its paint lets it."""
    if kind is Kind.FIX:
        return float(value_fixed(value))
    if kind.takes:
        act, ground = ACTS[kind], plan.surface.value
        return max(value, min(value + STEP, value_lifted(value, ground, staining, act.reach, act.grip)))
    if kind is Kind.GLOW:
        return max(value, min(value + STEP, plan.medium.lightest))
    return max(value, WHITEST) if kind is Kind.WHITE else value


PREFIX = "own"
"""How the ids of passes of one's own begin."""


def free_id(plan: Plan, taken: Sequence[str] = ()) -> str:
    """An id that no pass of the plan has, and none of those `taken`."""
    used = {done.id for done in plan.passes} | set(taken)
    return next(name for k in range(1, len(used) + 2) if (name := f"{PREFIX}{k}") not in used)
