"""What a school is: which masses come together in which order, and what it weighs against what."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, field

from ..key.relations import Thing
from ..materials.media import MEDIA, Medium
from ..materials.surfaces import Surface
from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import Sentence, as_given, term

ALL_MEDIA = frozenset(MEDIA)


@dataclass(frozen=True)
class Weights:
    """Prices in seconds, guessed from practice.

    `another_pass`: one pass more, drying and mixing included. `bleed`: a cm of firm edge between
    two masses laid in one pass, a value of step beyond half a value. `soft_bonus`: a cm of soft
    edge kept inside one pass. `span`: a value of range beyond `span_free` inside one pass.
    `stop_later`, `stop_done`: times the cutting time for a cm of stopping at a mass painted later,
    and of running up to a finished one. `fade`: a cm of stopping inside a mass, `fade_step` more a
    unit of visible L*. `between_later`: a cm between two later masses. `area`: a cm² run under.
    `spoil`: a cm² whose final colour is spoilt by one unit of ΔE₀₀. `alike`: two masses of one colour
    mixed in one go. `mixture`: a mixture more in a pass.
    """

    another_pass: float
    bleed: float
    soft_bonus: float
    span: float
    span_free: float
    stop_later: float
    stop_done: float
    fade: float
    fade_step: float
    between_later: float
    area: float
    spoil: float
    alike: float = 90.0
    mixture: float = 0.0


TRANSPARENT = Weights(900, 40, 4, 900, 1.8, 2.0, 1.0, 0.15, 0.1, 0.15, -0.05, 2.0)
OPAQUE = Weights(420, 0, 2, 700, 1.6, 0.45, 1.0, 0.02, 0.0, 0.05, 0.35, 1.0)
"""Opaque: the later shape cuts the edge, so stopping loosely is cheap and area costs paint."""


@dataclass(frozen=True)
class SchoolContext:
    """What a school sees: the masses with their targets, which of them are to be laid (`main`, indices
    without accents and without what stays bare), medium and ground, the things far to near; in how many
    `stages` the painter wants each thing, None for the usual."""

    masses: tuple[Mass, ...]
    main: tuple[int, ...]
    medium: Medium
    surface: Surface
    things: tuple[Thing, ...] = ()
    stages: int | None = None

    def by(self, priority: Callable[[Mass], float], of: Sequence[int] | None = None) -> tuple[int, ...]:
        """Indices sorted by a priority, the least first; ties as they are numbered."""
        chosen = self.main if of is None else of
        return tuple(sorted(chosen, key=lambda k: (priority(self.masses[k]), self.masses[k].label)))


@dataclass(frozen=True)
class Strand:
    """Masses that share passes only with each other, in their order; at most `most` passes, and `fewest` as
    far as there are masses for them.

    `kind`: how they are laid, None as the medium lays; `called`: what it is, for titles and reasons.
    """

    order: tuple[int, ...]
    most: int = 9
    kind: Kind | None = None
    called: Sentence | None = None
    fewest: int = 0


@dataclass(frozen=True)
class School:
    """`strands` says which masses come together in which order, `fits` why, `media` where it can be.

    `why_not`: the sentence for the other media, `nearest` the school to take there. `fewest`: passes of
    laying at the least. `runs_under`: whether a pass may run under masses painted later; `nested`: whether
    it runs under them wherever that does not spoil them. `tones` lays a middle tone all over first and wipes
    the lights out of it, for which the ground must have a value of `ground_from`; `restates` goes over the
    darkest darks once more at the end. `own`: the painter's, by the painter's name.
    """

    key: str
    words: str
    strands: Callable[[SchoolContext], Sequence[Strand]]
    fits: str
    media: frozenset[str] = ALL_MEDIA
    why_not: str = ""
    nearest: str = ""
    fewest: int = 3
    runs_under: bool = True
    nested: bool = False
    tones: bool = False
    ground_from: float = 0.0
    restates: bool = False
    own: bool = False
    transparent: Weights = field(default=TRANSPARENT)
    opaque: Weights = field(default=OPAQUE)

    @property
    def said(self) -> Sentence:
        """Its name inside a sentence."""
        return as_given(self.words) if self.own else term(self.words[:1].lower() + self.words[1:])

    def weights(self, medium: Medium) -> Weights:
        """What this school weighs in a medium."""
        return self.transparent if medium.transparent else self.opaque
