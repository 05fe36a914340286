"""How a light is kept or won back in a transparent medium: the ways weighed by this light's own figures."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field

from ..plan.acts import ACTS, Reversibility
from ..plan.plan import Kind

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
    why: str
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
    def sentence(self) -> str:
        """The choice, the runner-up and the figures behind both."""
        first, second = self.ways[:2]
        words = ACTS[first.kind].words
        said = "as the painter says" if self.overruled else first.why
        return f"{words.capitalize()}: {said}. Next best, {ACTS[second.kind].words}: {second.why}."


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
    why = f"{light.width_mm:.0f} mm wide, {light.outline_cm:.0f} cm of edge cut in {cut:.1f} min"
    open_for = light.open_minutes
    if open_for and light.wash_minutes + cut > open_for and cut > 1.0:
        minutes += 2 * (light.wash_minutes + cut - open_for)
        why += f", with the wash {light.wash_minutes + cut:.0f} of the {open_for:.0f} min it stays open"
    if light.width_mm < ROUND_MM:
        minutes += 6 * (ROUND_MM - light.width_mm)
        why += f"; under {ROUND_MM:.0f} mm a brush does not keep it"
    if light.islands >= MANY:
        why += f"; {light.islands} islands one by one"
    if light.softness_mm > HALF_SOFT_MM:
        minutes += 3.0
        why += f"; its edge, {light.softness_mm:.0f} mm soft, is softened after"
    if light.target < light.paper - NOT_PAPER:
        minutes += 4.0
        why += f"; it wants a tint of {light.target:.1f} of its own"
    return Way(Kind.RESERVE, minutes, why)


def _mask(light: Light) -> Way:
    minutes = 6 + 0.1 * light.outline_cm + 0.3 * light.islands
    many = f"{light.islands} island{'s' if light.islands > 1 else ''}"
    why = f"{light.width_mm:.1f} mm wide, {many}: the wash runs through"
    if light.width_mm > MASKED_MM:
        minutes += 3 * (light.width_mm - MASKED_MM)
        why = f"{light.width_mm:.0f} mm wide: fluid of that size tears and is slow"
    if light.narrowest_mm < HAIRLINE_MM and light.width_mm < HAIRLINE_MM:
        minutes += 20
        why = f"{light.width_mm:.1f} mm wide: finer than fluid is drawn"
    if light.softness_mm > SOFT_MM:
        minutes += 3 * light.softness_mm
        why += f"; its hard edge must be softened {light.softness_mm:.0f} mm"
    return Way(Kind.MASK, minutes, why)


def _lift(light: Light, kind: Kind, base: float, soft: float) -> Way:
    """Lifting: how far it can go is set by staining, how well it fits by the softness of the edge."""
    reach = 1 - light.staining
    minutes, why = (
        base,
        f"{light.softness_mm:.0f} mm of soft edge; {100 * light.staining:.0f} % of the paint around stains",
    )
    if light.softness_mm < soft:
        minutes += 6 * (soft - light.softness_mm)
        why = f"its edge, {light.softness_mm:.1f} mm, is firmer than a lift leaves"
    if light.target > light.paper - NOT_PAPER:
        minutes += 20
        why = f"no lift comes back to {light.target:.1f}, nearly the sheet's {light.paper:.1f}"
    minutes += 60 * max(0.0, 0.35 - reach)
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
    why = f"{light.width_mm:.1f} mm: a hairline for the point of a blade, bone dry, last"
    if light.width_mm > HAIRLINE_MM:
        minutes += 40 * (light.width_mm - HAIRLINE_MM)
        why = f"{light.width_mm:.1f} mm wide, a blade draws up to {HAIRLINE_MM:g}"
    if 0 < light.weight < HEAVY:
        return Way(Kind.SCRATCH, minutes + REFUSED, f"{light.weight} g/m² bear no blade", True)
    if light.softness_mm > SOFT_MM:
        minutes += 8
    return Way(Kind.SCRATCH, minutes, why)


def _sand(light: Light) -> Way:
    if light.toxic:
        return Way(Kind.SAND, REFUSED, "toxic paint around it: no dust", True)
    if not light.rough or 0 < light.weight < HEAVY:
        return Way(Kind.SAND, REFUSED, "only a heavy, rough sheet sparkles under sandpaper", True)
    broken = light.islands >= 2 * MANY and light.width_mm < 3
    why = f"{light.islands} sparkles of {light.width_mm:.1f} mm on rough paper"
    return Way(Kind.SAND, 4.0 if broken else 40.0, why if broken else "it is no broken sparkle")


def _white(light: Light) -> Way:
    if not light.whites:
        return Way(Kind.WHITE, REFUSED, "the painter wants no opaque white", True)
    minutes = 9 + 3 * max(0.0, light.width_mm - 2) + 0.5 * light.islands + 0.15 * light.outline_cm
    return Way(Kind.WHITE, minutes, f"{light.width_mm:.1f} mm, a touch at the very end; chalky beside paper")


def _placeholder(light: Light) -> Way:
    if light.target > light.paper - TINTED:
        return Way(Kind.PLACEHOLDER, REFUSED, "bare paper needs no tint", True)
    minutes = 2.0 if light.reminder else 30.0
    return Way(
        Kind.PLACEHOLDER, minutes, f"a tint of {light.target:.1f} marks it and becomes the light itself"
    )


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
