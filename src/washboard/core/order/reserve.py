"""How a light is kept or won back in a transparent medium: the ways weighed by this light's own figures."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field

from ..plan.acts import ACTS, Reversibility
from ..plan.plan import Kind
from ..sentence import Sentence, sentence, tone, whole

HAIRLINE_MM, MASKED_MM, ROUND_MM = 0.7, 10.0, 6.0
"""Widths: hairlines are scratched, up to MASKED_MM is masked, from ROUND_MM is painted round."""
SOFT_MM = 3.0
"""Transition from which an edge is soft on the sheet."""
HALF_SOFT_MM = 1.5
"""Transition from which an edge cut in is softened after."""
TINTED = 0.45
"""Values below the sheet from which a light is a tint of its own: nearer ones may stay bare."""
NOT_PAPER = 0.7
"""Values below the sheet from which a light is not just the sheet."""
HEAVY = 250
"""g/m² from which a sheet bears a blade."""
MANY = 6
"""Islands from which cutting round them one by one is fussy."""
SLENDER = 8.0
"""Outline over width from which a light is a line."""
LIFTS = 0.35
"""Share of paint that must come off for a lift to be counted on."""
REFUSED = 10_000.0
"""Cost of a way that cannot be."""


@dataclass(frozen=True)
class Light:
    """A light and what lies about it.

    `width_mm` median, `narrowest_mm`, `outline_cm`, `islands` pieces, `softness_mm` 10–90 % of its edge;
    `target` value wanted, `paper` value of the sheet; `staining` 0–1 and `toxic` of the paint around, whose
    wash takes `wash_minutes` without going round it and stays open for `open_minutes`, while `cut_cm` of edge
    are cut in a minute; `weight` g/m² of the sheet (0: a board), `rough`; `late`:
    the light must show only at the end; `whites`: whether the painter allows opaque white.
    """

    width_mm: float
    narrowest_mm: float
    outline_cm: float
    islands: int
    softness_mm: float
    target: float
    paper: float
    staining: float
    toxic: bool
    wash_minutes: float
    cut_cm: float
    open_minutes: float | None
    weight: int = 300
    rough: bool = False
    whites: bool = True
    reminder: bool = False


@dataclass(frozen=True)
class Way:
    """One way: what it costs in minutes, hard limits counted as many, and the figures that say why."""

    kind: Kind
    minutes: float
    why: Sentence
    refused: bool = False


@dataclass(frozen=True)
class Decision:
    """The way taken, the runner-up, all ways from best to worst, and the light's figures."""

    ways: tuple[Way, ...]
    light: Light
    overruled: bool = False
    figures: Mapping[str, float] = field(default_factory=dict)

    @property
    def choice(self) -> Way:
        """The way with the least cost, or the painter's own."""
        return self.ways[0]

    @property
    def runner_up(self) -> Way:
        """The way that would be taken next."""
        return self.ways[1]

    @property
    def sentence(self) -> Sentence:
        """The choice and what speaks for it."""
        first = self.choice
        key = "way-asked" if self.overruled else "way"
        return sentence(key, act=sentence(f"do-{first.kind.value}"), why=first.why)


def decided(light: Light, overrule: Kind | None = None, final: float = 0.0) -> Decision:
    """The ways for a light, best first; the one the painter asks for before all, where it can be.

    `final`: minutes that a way without return costs besides.
    """
    ways = [way(light) for way in WAYS]
    # A way that is refused is not taken even when asked for; its reason is shown among the ways.
    ranked = sorted(
        ways,
        key=lambda way: (
            way.kind is not overrule or way.refused,
            way.minutes + final * (ACTS[way.kind].back is Reversibility.NONE),
        ),
    )
    figures = {
        "mm": light.width_mm,
        "cm": light.outline_cm,
        "islands": float(light.islands),
        "softness": light.softness_mm,
        "staining": light.staining,
    }
    return Decision(tuple(ranked), light, ranked[0].kind is overrule, figures)


def _round(light: Light) -> Way:
    cut = light.outline_cm / light.cut_cm + 0.15 * (light.islands - 1)
    minutes = cut + 3 * max(0, light.islands - MANY)
    why = sentence("way-round", width=whole(light.width_mm))
    open_for = light.open_minutes
    if light.target < light.paper - NOT_PAPER:
        minutes += 4.0
        why = sentence("way-round-tinted", value=tone(light.target))
    if light.softness_mm > HALF_SOFT_MM:
        minutes += 3.0
        why = sentence("way-round-soft", soft=whole(light.softness_mm))
    if light.islands >= MANY:
        why = sentence("way-round-many", count=light.islands)
    if open_for and light.wash_minutes + cut > open_for and cut > 1.0:
        minutes += 2 * (light.wash_minutes + cut - open_for)
        why = sentence("way-round-late", minutes=whole(light.wash_minutes + cut), open=whole(open_for))
    if light.width_mm < ROUND_MM:
        minutes += 6 * (ROUND_MM - light.width_mm)
        why = sentence("way-round-small", width=whole(light.width_mm))
    return Way(Kind.RESERVE, minutes, why)


def _mask(light: Light) -> Way:
    minutes = 6 + 0.1 * light.outline_cm + 0.3 * light.islands
    many = light.islands > 1 and light.width_mm >= ROUND_MM
    why = (
        sentence("way-mask-many", count=light.islands)
        if many
        else sentence(
            "way-mask" if light.width_mm < ROUND_MM else "way-mask-wide", width=whole(light.width_mm)
        )
    )
    if light.softness_mm > SOFT_MM:
        minutes += 3 * light.softness_mm
        why = sentence("way-mask-soft", soft=whole(light.softness_mm))
    if light.width_mm > MASKED_MM:
        minutes += 3 * (light.width_mm - MASKED_MM)
        why = sentence("way-mask-large", width=whole(light.width_mm))
    if light.narrowest_mm < HAIRLINE_MM and light.width_mm < HAIRLINE_MM:
        minutes += 20
        why = sentence("way-mask-fine")
    return Way(Kind.MASK, minutes, why)


def _lift(light: Light, kind: Kind, base: float, soft: float) -> Way:
    """Lifting: how far it can go is set by staining, how well it fits by the softness of the edge."""
    reach = 1 - light.staining
    minutes, why = base, sentence("way-lift", soft=whole(light.softness_mm))
    if light.softness_mm < soft:
        minutes += 6 * (soft - light.softness_mm)
        why = sentence("way-lift-firm")
    if reach < LIFTS:
        minutes += 60 * (LIFTS - reach)
        why = sentence("way-lift-stains")
    if light.target > light.paper - NOT_PAPER:
        minutes += 20
        why = sentence("way-lift-white")
    if light.islands > MANY:
        minutes += 2.0 * light.islands
    if light.width_mm < 2:
        minutes += 15
    return Way(kind, minutes, why)


def _lift_wet(light: Light) -> Way:
    way = _lift(light, Kind.LIFT_WET, 3.0, 5.0)
    wet = way.minutes + (4 if light.width_mm < 8 else 0)
    return Way(way.kind, wet, way.why)


def _lift_dry(light: Light) -> Way:
    return _lift(light, Kind.LIFT_DRY, 6.0, 1.5)


def _stencil(light: Light) -> Way:
    way = _lift(light, Kind.STENCIL, 9.0, 0.0)
    small = 8.0 if light.width_mm > 25 or light.islands > 3 else 0.0
    return Way(way.kind, way.minutes + small, way.why)


def _scratch(light: Light) -> Way:
    minutes = 2 + 0.05 * light.outline_cm
    why = sentence("way-scratch")
    if light.width_mm > HAIRLINE_MM:
        minutes += 40 * (light.width_mm - HAIRLINE_MM)
        why = sentence("way-scratch-wide", width=whole(light.width_mm))
    if 0 < light.weight < HEAVY:
        return Way(Kind.SCRATCH, minutes + REFUSED, sentence("way-scratch-thin", weight=light.weight), True)
    if light.softness_mm > SOFT_MM:
        minutes += 8
    return Way(Kind.SCRATCH, minutes, why)


def _sand(light: Light) -> Way:
    if light.toxic:
        return Way(Kind.SAND, REFUSED, sentence("way-sand-toxic"), True)
    if not light.rough or 0 < light.weight < HEAVY:
        return Way(Kind.SAND, REFUSED, sentence("way-sand-smooth"), True)
    if light.islands >= 2 * MANY and light.width_mm < 3:
        return Way(Kind.SAND, 4.0, sentence("way-sand", count=light.islands))
    return Way(Kind.SAND, 40.0, sentence("way-sand-no"))


def _white(light: Light) -> Way:
    if not light.whites:
        return Way(Kind.WHITE, REFUSED, sentence("way-white-none"), True)
    minutes = 9 + 3 * max(0.0, light.width_mm - 2) + 0.5 * light.islands + 0.15 * light.outline_cm
    return Way(Kind.WHITE, minutes, sentence("way-white"))


def _placeholder(light: Light) -> Way:
    if light.target > light.paper - TINTED:
        return Way(Kind.PLACEHOLDER, REFUSED, sentence("way-tint-none"), True)
    minutes = 2.0 if light.reminder else 30.0
    return Way(Kind.PLACEHOLDER, minutes, sentence("way-tint", value=tone(light.target)))


WAYS: tuple[Callable[[Light], Way], ...] = (
    _round,
    _mask,
    _placeholder,
    _lift_wet,
    _lift_dry,
    _stencil,
    _scratch,
    _sand,
    _white,
)
"""Every way to keep or recover a light; the minutes are guesses that a log corrects."""
KEEPING = (
    Kind.RESERVE,
    Kind.MASK,
    Kind.PLACEHOLDER,
    Kind.LIFT_WET,
    Kind.LIFT_DRY,
    Kind.STENCIL,
    Kind.SCRATCH,
    Kind.SAND,
    Kind.WHITE,
)
"""What these ways come to, in their order."""
