"""The states of a spot of the surface and what every operation makes of them, as one table.

The table is the rule: state × operation → the state after it, or the rule that refuses it. The sheet of all
transitions in the documentation is printed from it.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from enum import StrEnum

from ..plan.acts import ACTS, Sort
from ..plan.plan import Kind
from .rules import Rule


class Spot(StrEnum):
    """The state of a spot."""

    BARE = "bare"
    MASKED = "masked"
    WETTED = "wet with clear water"
    SHINY = "shiny"
    SATIN = "satin"
    DAMP = "damp"
    OPEN = "open"
    TACKY = "tacky"
    LOOSE = "loose grain"
    SPRAYED = "wet with fixative"
    FULL = "full of grain"
    DRY = "dry"
    BROKEN = "broken"


SPOTS: Mapping[str, tuple[Spot, ...]] = {
    "watercolour": (
        Spot.BARE, Spot.MASKED, Spot.WETTED, Spot.SHINY, Spot.SATIN, Spot.DAMP, Spot.DRY, Spot.BROKEN,
    ),
    "acrylic": (Spot.BARE, Spot.OPEN, Spot.TACKY, Spot.DRY),
    "oil": (Spot.BARE, Spot.OPEN, Spot.TACKY, Spot.DRY),
    "pastel": (Spot.BARE, Spot.LOOSE, Spot.SPRAYED, Spot.FULL),
}  # fmt: skip
"""The states that a spot can be in, per medium."""

STAGES: Mapping[str, tuple[tuple[Spot, float], ...]] = {
    "watercolour": ((Spot.SHINY, 0.3), (Spot.SATIN, 0.55), (Spot.DAMP, 1.0)),
    "acrylic": ((Spot.OPEN, 0.5), (Spot.TACKY, 1.0)),
    "oil": ((Spot.OPEN, 0.15), (Spot.TACKY, 1.0)),
    "pastel": (),
}
"""States of a fresh layer with the share of its drying time up to which each lasts; then it is dry.
Guesses."""

FRESH: Mapping[str, Spot] = {
    "watercolour": Spot.SHINY, "acrylic": Spot.OPEN, "oil": Spot.OPEN, "pastel": Spot.LOOSE,
}  # fmt: skip
"""The state right after paint was laid."""

Outcome = Spot | Rule

WET_PAINT = (Spot.SHINY, Spot.SATIN, Spot.DAMP, Spot.OPEN, Spot.TACKY)
PAINTED = (*WET_PAINT, Spot.DRY, Spot.LOOSE, Spot.FULL, Spot.SPRAYED, Spot.WETTED)

REFUSED: Mapping[Sort, Mapping[Spot, Rule]] = {
    Sort.KEEPS: {
        **dict.fromkeys(PAINTED, Rule.FINISHED),
        Spot.MASKED: Rule.MASKED, Spot.BROKEN: Rule.BROKEN,
    },
    Sort.LAYS: {
        **dict.fromkeys(WET_PAINT, Rule.DRY_FIRST), Spot.WETTED: Rule.RUNS, Spot.SPRAYED: Rule.SPRAY_FIRST,
        Spot.FULL: Rule.TOOTH, Spot.BROKEN: Rule.BROKEN, Spot.DRY: Rule.FIRST, Spot.LOOSE: Rule.FIRST,
        Spot.MASKED: Rule.MASKED,
    },
    Sort.TAKES: {
        Spot.MASKED: Rule.MASKED, Spot.BROKEN: Rule.BROKEN, Spot.DRY: Rule.STILL_WET,
        **dict.fromkeys(WET_PAINT, Rule.BONE_DRY),
    },
    Sort.MOVES: {
        Spot.MASKED: Rule.MASKED, Spot.BROKEN: Rule.BROKEN, Spot.DRY: Rule.STILL_WET,
        Spot.SPRAYED: Rule.SPRAY_FIRST, Spot.TACKY: Rule.STILL_WET,
    },
    Sort.GUARDS: {
        **dict.fromkeys((*WET_PAINT, Spot.WETTED), Rule.BONE_DRY), Spot.MASKED: Rule.MASKED,
        Spot.BARE: Rule.NOT_MASKED, Spot.DRY: Rule.NOT_MASKED, Spot.BROKEN: Rule.BROKEN,
    },
    Sort.READIES: {
        **dict.fromkeys((Spot.SHINY, Spot.SATIN, Spot.DAMP), Rule.DRY_FIRST),
        Spot.DRY: Rule.FIRST, Spot.MASKED: Rule.MASKED, Spot.BROKEN: Rule.BROKEN,
        Spot.SPRAYED: Rule.SPRAY_FIRST,
    },
    Sort.LOOKS: {},
}  # fmt: skip
"""Why a sort of operation is refused in a state; where nothing is said, there is nothing to work on."""

OWN: Mapping[Kind, Mapping[Spot, Rule]] = {
    Kind.DROP_IN: {Spot.BARE: Rule.GLISTENS, Spot.DRY: Rule.GLISTENS, Spot.TACKY: Rule.GLISTENS},
}
"""Where an operation has a reason of its own."""


Onto = Mapping[Spot, Spot | None]
"""Where an operation is legal, with the state it leaves; None stands for the medium's fresh layer."""


def _on(*spots: Spot) -> dict[Spot, Spot | None]:
    """Laying onto these: a fresh layer."""
    return dict.fromkeys(spots)


def _stays(*spots: Spot) -> dict[Spot, Spot | None]:
    return {spot: spot for spot in spots}


# Paint that is laid over masking fluid leaves what lies under it as it is.
OVER_MASK: dict[Spot, Spot | None] = {Spot.MASKED: Spot.MASKED}
DRY_LAYING = _on(Spot.BARE, Spot.DRY, Spot.LOOSE) | OVER_MASK
WET_OR_DRY = _on(Spot.BARE, Spot.DRY, Spot.WETTED) | OVER_MASK

TABLE: Mapping[Kind, Onto] = {
    Kind.LEAVE: _stays(Spot.BARE),
    Kind.RESERVE: _stays(Spot.BARE),
    Kind.TONE: _on(Spot.BARE, Spot.WETTED) | OVER_MASK,
    Kind.WET: dict.fromkeys((Spot.BARE, Spot.DRY, Spot.WETTED), Spot.WETTED) | OVER_MASK,
    Kind.WET_BOTH: {Spot.BARE: Spot.WETTED, Spot.WETTED: Spot.WETTED},
    Kind.WASH: WET_OR_DRY,
    Kind.GRADED_WASH: WET_OR_DRY,
    Kind.DROP_IN: _on(Spot.WETTED, Spot.SHINY, Spot.SATIN, Spot.OPEN),
    Kind.GLAZE: _on(Spot.DRY) | OVER_MASK,
    Kind.NEGATIVE: DRY_LAYING,
    Kind.PLACEHOLDER: _on(Spot.BARE),
    Kind.BLOCK_IN: DRY_LAYING,
    Kind.LAYER: DRY_LAYING,
    Kind.SCUMBLE: _on(Spot.DRY, Spot.LOOSE),
    Kind.OPTICAL: _on(Spot.LOOSE),
    Kind.GLOW: _on(Spot.BARE, Spot.DRY, Spot.LOOSE, Spot.OPEN),
    Kind.RAYS: _on(Spot.DRY, Spot.LOOSE),
    Kind.ACCENT: _on(Spot.BARE, Spot.DRY, Spot.LOOSE),
    Kind.WHITE: _on(Spot.DRY, Spot.BARE, Spot.LOOSE),
    Kind.RESTATE: _on(Spot.DRY, Spot.LOOSE),
    Kind.UNIFY: _on(Spot.DRY) | OVER_MASK,
    Kind.MASK: {Spot.BARE: Spot.MASKED, Spot.DRY: Spot.MASKED},
    Kind.UNMASK: {Spot.MASKED: Spot.DRY},
    Kind.SOFTEN: _stays(Spot.SHINY, Spot.SATIN, Spot.DAMP, Spot.DRY, Spot.OPEN),
    Kind.BLEND: _stays(Spot.OPEN, Spot.LOOSE, Spot.FULL),
    Kind.FEATHER: _stays(Spot.OPEN, Spot.LOOSE),
    Kind.LIFT_WET: {Spot.SHINY: Spot.SATIN, Spot.SATIN: Spot.DAMP, Spot.OPEN: Spot.OPEN},
    Kind.BLOT: {Spot.SHINY: Spot.DAMP, Spot.SATIN: Spot.DAMP, Spot.DAMP: Spot.DAMP, Spot.OPEN: Spot.OPEN},
    Kind.LIFT_DRY: {Spot.DRY: Spot.DAMP},
    Kind.STENCIL: {Spot.DRY: Spot.DAMP},
    Kind.WIPE: {Spot.SHINY: Spot.DAMP, Spot.SATIN: Spot.DAMP, Spot.OPEN: Spot.OPEN, Spot.DAMP: Spot.DAMP},
    Kind.SCRATCH: {Spot.DRY: Spot.BROKEN},
    Kind.SAND: {Spot.DRY: Spot.BROKEN},
    Kind.SCRAPE: {Spot.OPEN: Spot.OPEN, Spot.TACKY: Spot.TACKY, Spot.DRY: Spot.DRY},
    Kind.FIX: {Spot.LOOSE: Spot.SPRAYED, Spot.FULL: Spot.SPRAYED},
    Kind.JUDGE: _stays(*Spot),
    Kind.CLEAN: _stays(*Spot),
}


def after(medium: str, kind: Kind, spot: Spot) -> Outcome:
    """The state after an operation on a spot of a medium, or the rule that refuses it there."""
    act = ACTS[kind]
    if medium not in act.media:
        return Rule.MEDIUM
    onto = TABLE[kind]
    if spot in onto:
        return onto[spot] or FRESH[medium]
    return OWN.get(kind, REFUSED[act.sort]).get(spot) or REFUSED[act.sort].get(spot, Rule.NOTHING_THERE)


def transitions() -> Iterator[tuple[str, Kind, Spot, Outcome]]:
    """Every transition of every medium: medium, operation, state, outcome."""
    for medium, spots in SPOTS.items():
        for kind, act in ACTS.items():
            if medium in act.media:
                yield from ((medium, kind, spot, after(medium, kind, spot)) for spot in spots)


def stage(medium: str, age: float) -> Spot:
    """The state of a layer whose drying has gone on for the share `age` ≥ 0 of its time."""
    return next((spot for spot, until in STAGES[medium] if age < until), dried(medium))


def dried(medium: str) -> Spot:
    """The state of a layer that is dry: grain stays loose."""
    return Spot.LOOSE if medium == "pastel" else Spot.DRY
