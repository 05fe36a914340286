"""A plan: passes made of operations on masses, each with its reasons."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from functools import cached_property

from ..key.key import Key
from ..materials.media import Medium
from ..materials.surfaces import Sheet, Surface
from ..reference.mass import Mass
from ..sentence import Sentence
from .effect import Effect
from .marks import MarkFamily
from .state import BARE, SheetState
from .stretch import Stretch


class Kind(StrEnum):
    """What is done to a mass. One closed list, growing only by addition."""

    LEAVE = "leave"
    RESERVE = "reserve"
    WASH = "wash"
    GRADED_WASH = "graded-wash"
    BLOCK_IN = "block-in"
    LAYER = "layer"
    ACCENT = "accent"
    TONE = "tone"
    WET = "wet"
    WET_BOTH = "wet-both"
    DROP_IN = "drop-in"
    GLAZE = "glaze"
    NEGATIVE = "negative"
    PLACEHOLDER = "placeholder"
    SCUMBLE = "scumble"
    OPTICAL = "optical-mix"
    GLOW = "glow"
    RAYS = "rays"
    WHITE = "opaque-white"
    RESTATE = "restate"
    UNIFY = "unify"
    MASK = "mask"
    UNMASK = "unmask"
    SOFTEN = "soften"
    BLEND = "blend"
    FEATHER = "feather"
    LIFT_WET = "lift-wet"
    BLOT = "blot"
    LIFT_DRY = "lift-dry"
    STENCIL = "stencil-lift"
    WIPE = "wipe-out"
    SCRATCH = "scratch"
    SAND = "sand"
    SCRAPE = "scrape"
    FIX = "fix"
    JUDGE = "judge"
    CLEAN = "clean-stick"
    DETAIL = "detail"

    @property
    def lays(self) -> bool:
        """Whether paint is laid."""
        return self in LAYING

    @property
    def takes(self) -> bool:
        """Whether paint is taken off, so that the place grows lighter."""
        return self in TAKING

    @property
    def reaches(self) -> bool:
        """Whether a mass can come to its target by it."""
        return self in LAYING or self in TAKING or self is Kind.UNMASK


LAYING = frozenset(
    {
        Kind.WASH,
        Kind.GRADED_WASH,
        Kind.BLOCK_IN,
        Kind.LAYER,
        Kind.ACCENT,
        Kind.TONE,
        Kind.DROP_IN,
        Kind.GLAZE,
        Kind.NEGATIVE,
        Kind.PLACEHOLDER,
        Kind.SCUMBLE,
        Kind.OPTICAL,
        Kind.GLOW,
        Kind.RAYS,
        Kind.WHITE,
        Kind.RESTATE,
        Kind.UNIFY,
        Kind.DETAIL,
    }
)
TAKING = frozenset(
    {Kind.LIFT_WET, Kind.BLOT, Kind.LIFT_DRY, Kind.STENCIL, Kind.WIPE, Kind.SCRATCH, Kind.SAND, Kind.SCRAPE}
)

WHILE_WET = frozenset({Kind.WIPE, Kind.LIFT_WET, Kind.BLOT})
"""What is taken off while the paint is wet: no wait comes before it."""


class Role(StrEnum):
    """Why: to reach the target, running under a later pass, a loose overlap into a later shape, or small
    marks over what is finished."""

    TARGET = "target"
    UNDER = "under"
    OVERLAP = "overlap"
    OVER = "over"


@dataclass(frozen=True)
class Operation:
    """One mass in one pass. `cover` 0–1 of the mass; values Munsell before and after, where covered.

    `steps`: how many nested or repeated goes, each a little different. `staining` 0–1 of the paint laid,
    `oil` its share of oil by volume, `toxic` whether dust of it is dangerous: what later acts must know.
    """

    mass: str
    kind: Kind
    role: Role
    cover: float
    from_value: float
    to_value: float
    steps: int = 1
    staining: float = 0.0
    oil: float = 0.0
    toxic: bool = False


@dataclass(frozen=True)
class Reason:
    """Why a pass is as it is: a sentence and the figures in it, recomputable from a forced alternative."""

    kind: str
    sentence: Sentence
    masses: tuple[str, ...] = ()
    figures: Mapping[str, float] = field(default_factory=dict)


@dataclass(frozen=True)
class Pass:
    """One going-over of the sheet.

    `needs` is the state of the surface it asks for; `minutes` of work, `between` in which one coat dries for
    the next, `wait` after it before the next pass may begin; `max_lag` the most minutes the next may come
    later, or None. `beside`: it comes besides the passes over shapes, as masks, tones, lights won back,
    accents and thin things do. `what` is how it is done, a sentence a step; `graded` the mass whose
    gradation it tells, "" for none, and `coats` how many those take that take several.
    """

    id: str
    title: Sentence
    what: tuple[Sentence, ...]
    where: Sentence
    values: tuple[float, float]
    edge: Sentence
    minutes: float
    wait: float
    needs: Sentence
    max_lag: float | None
    operations: tuple[Operation, ...]
    reasons: tuple[Reason, ...]
    findings: tuple[Sentence, ...] = ()
    beside: bool = False
    between: float = 0.0
    graded: str = ""
    coats: tuple[tuple[str, int], ...] = ()

    @property
    def lasts(self) -> float:
        """Minutes from its first mark to its last."""
        return self.minutes + self.between

    @property
    def waiting(self) -> float:
        """Minutes in and after it in which nothing is done."""
        return self.between + self.wait

    @property
    def targets(self) -> tuple[str, ...]:
        """Masses that reach their target in this pass."""
        return tuple(o.mass for o in self.operations if o.role is Role.TARGET and o.kind.reaches)


@dataclass(frozen=True)
class Reserve:
    """How a light is kept or won back: the way taken, the runner-up, one sentence with the figures behind
    both, and all ways that can be, best first, with minutes and why. `overruled`: the painter chose it."""

    mass: str
    kind: Kind
    runner_up: Kind
    sentence: Sentence
    figures: Mapping[str, float]
    ways: tuple[tuple[Kind, float, Sentence], ...] = ()
    overruled: bool = False


@dataclass(frozen=True)
class Toning:
    """What is laid all over before the first pass: `minutes` of work, then `wait` minutes to dry."""

    title: Sentence
    what: tuple[Sentence, ...]
    paint: str
    minutes: float
    wait: float
    value: float


@dataclass(frozen=True)
class Plan:
    """A whole plan. `predicted[k][m]` is the value of mass m after pass k, row 0 before the first.

    It begins at `start`: the bare surface, or what lies on it by then; `done` are the ids of the passes of
    an earlier plan that were painted before that, `logged` those of the events that told it.

    `shapes` passes lay its shapes, besides masks, tones, lights won back, accents and thin things; `ties` are
    other numbers of passes in all that would be as good. `marks` are set over the masses or kept out of them;
    `effects` are parts of passes, or rest; `edges` are the stretches of border and how each is made.
    """

    engine: str
    medium: Medium
    school: str
    school_why: Sentence
    surface: Surface
    sheet: Sheet
    key: Key
    masses: tuple[Mass, ...]
    passes: tuple[Pass, ...]
    predicted: tuple[tuple[float, ...], ...]
    notes: tuple[Sentence, ...] = ()
    toning: Toning | None = None
    reserves: tuple[Reserve, ...] = ()
    ties: tuple[int, ...] = ()
    shapes: int = 0
    start: SheetState = BARE
    marks: tuple[MarkFamily, ...] = ()
    done: tuple[str, ...] = ()
    logged: tuple[str, ...] = ()
    effects: tuple[Effect, ...] = ()
    edges: tuple[Stretch, ...] = ()

    @cached_property
    def by_id(self) -> Mapping[str, Mass]:
        """The masses by their ids."""
        return {mass.id: mass for mass in self.masses}

    @property
    def work(self) -> float:
        """Minutes of work in all, the ground included."""
        return sum(done.minutes for done in self.passes) + (self.toning.minutes if self.toning else 0.0)

    @property
    def waiting(self) -> float:
        """Minutes of waiting in all: between coats, after passes, for the ground."""
        return sum(done.waiting for done in self.passes) + (self.toning.wait if self.toning else 0.0)

    def mass(self, name: str) -> Mass:
        """The mass of that id; raises KeyError."""
        return self.by_id[name]
