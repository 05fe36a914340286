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


class SurfaceState(StrEnum):
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


S = SurfaceState
"""A short name for the tables below."""

STATES_OF: Mapping[str, tuple[SurfaceState, ...]] = {
    "watercolour": (S.BARE, S.MASKED, S.WETTED, S.SHINY, S.SATIN, S.DAMP, S.DRY, S.BROKEN),
    "acrylic": (S.BARE, S.OPEN, S.TACKY, S.DRY),
    "oil": (S.BARE, S.OPEN, S.TACKY, S.DRY),
    "pastel": (S.BARE, S.LOOSE, S.SPRAYED, S.FULL),
}
"""The states that a spot can be in, per medium."""

STAGES: Mapping[str, tuple[tuple[SurfaceState, float], ...]] = {
    "watercolour": ((S.SHINY, 0.3), (S.SATIN, 0.55), (S.DAMP, 1.0)),
    "acrylic": ((S.OPEN, 0.5), (S.TACKY, 1.0)),
    "oil": ((S.OPEN, 0.15), (S.TACKY, 1.0)),
    "pastel": (),
}
"""States of a fresh layer with the share of its drying time up to which each lasts; then it is dry.
Guesses."""

FRESH: Mapping[str, SurfaceState] = {
    "watercolour": S.SHINY,
    "acrylic": S.OPEN,
    "oil": S.OPEN,
    "pastel": S.LOOSE,
}
"""The state right after paint was laid."""

Outcome = SurfaceState | Rule

WET_PAINT = (S.SHINY, S.SATIN, S.DAMP, S.OPEN, S.TACKY)
PAINTED = (*WET_PAINT, S.DRY, S.LOOSE, S.FULL, S.SPRAYED, S.WETTED)

REFUSED: Mapping[Sort, Mapping[SurfaceState, Rule]] = {
    Sort.KEEPS: {**dict.fromkeys(PAINTED, Rule.FINISHED), S.MASKED: Rule.MASKED, S.BROKEN: Rule.BROKEN},
    Sort.LAYS: {
        **dict.fromkeys(WET_PAINT, Rule.DRY_FIRST),
        S.WETTED: Rule.RUNS,
        S.SPRAYED: Rule.SPRAY_FIRST,
        S.FULL: Rule.TOOTH,
        S.BROKEN: Rule.BROKEN,
        S.DRY: Rule.FIRST,
        S.LOOSE: Rule.FIRST,
        S.MASKED: Rule.MASKED,
    },
    Sort.TAKES: {
        S.MASKED: Rule.MASKED,
        S.BROKEN: Rule.BROKEN,
        S.DRY: Rule.STILL_WET,
        **dict.fromkeys(WET_PAINT, Rule.BONE_DRY),
    },
    Sort.MOVES: {
        S.MASKED: Rule.MASKED,
        S.BROKEN: Rule.BROKEN,
        S.DRY: Rule.STILL_WET,
        S.SPRAYED: Rule.SPRAY_FIRST,
        S.TACKY: Rule.STILL_WET,
    },
    Sort.GUARDS: {
        **dict.fromkeys((*WET_PAINT, S.WETTED), Rule.BONE_DRY),
        S.MASKED: Rule.MASKED,
        S.BARE: Rule.NOT_MASKED,
        S.DRY: Rule.NOT_MASKED,
        S.BROKEN: Rule.BROKEN,
    },
    Sort.READIES: {
        **dict.fromkeys((S.SHINY, S.SATIN, S.DAMP), Rule.DRY_FIRST),
        S.DRY: Rule.FIRST,
        S.MASKED: Rule.MASKED,
        S.BROKEN: Rule.BROKEN,
        S.SPRAYED: Rule.SPRAY_FIRST,
    },
    Sort.LOOKS: {},
}
"""Why a sort of operation is refused in a state; where nothing is said, there is nothing to work on."""

OWN: Mapping[Kind, Mapping[SurfaceState, Rule]] = {
    Kind.DROP_IN: {S.BARE: Rule.GLISTENS, S.DRY: Rule.GLISTENS, S.TACKY: Rule.GLISTENS}
}
"""Where an operation has a reason of its own."""


Onto = Mapping[SurfaceState, SurfaceState | None]
"""Where an operation is legal, with the state it leaves; None stands for the medium's fresh layer."""


def _on(*states: SurfaceState) -> dict[SurfaceState, SurfaceState | None]:
    """Laying onto these: a fresh layer."""
    return dict.fromkeys(states)


def _stays(*states: SurfaceState) -> dict[SurfaceState, SurfaceState | None]:
    return {state: state for state in states}


# Paint that is laid over masking fluid leaves what lies under it is.
OVER_MASK: dict[SurfaceState, SurfaceState | None] = {S.MASKED: S.MASKED}
DRY_LAYING = _on(S.BARE, S.DRY, S.LOOSE) | OVER_MASK
WET_OR_DRY = _on(S.BARE, S.DRY, S.WETTED) | OVER_MASK

TABLE: Mapping[Kind, Onto] = {
    Kind.LEAVE: _stays(S.BARE),
    Kind.RESERVE: _stays(S.BARE),
    Kind.TONE: _on(S.BARE, S.WETTED) | OVER_MASK,
    Kind.WET: dict.fromkeys((S.BARE, S.DRY, S.WETTED), S.WETTED) | OVER_MASK,
    Kind.WET_BOTH: {S.BARE: S.WETTED, S.WETTED: S.WETTED},
    Kind.WASH: WET_OR_DRY,
    Kind.GRADED_WASH: WET_OR_DRY,
    Kind.DROP_IN: _on(S.WETTED, S.SHINY, S.SATIN, S.OPEN),
    Kind.GLAZE: _on(S.DRY) | OVER_MASK,
    Kind.NEGATIVE: DRY_LAYING,
    Kind.PLACEHOLDER: _on(S.BARE),
    Kind.BLOCK_IN: DRY_LAYING,
    Kind.LAYER: DRY_LAYING,
    Kind.SCUMBLE: _on(S.DRY, S.LOOSE),
    Kind.OPTICAL: _on(S.LOOSE),
    Kind.GLOW: _on(S.BARE, S.DRY, S.LOOSE, S.OPEN),
    Kind.RAYS: _on(S.DRY, S.LOOSE),
    Kind.ACCENT: _on(S.BARE, S.DRY, S.LOOSE),
    Kind.WHITE: _on(S.DRY, S.BARE, S.LOOSE),
    Kind.RESTATE: _on(S.DRY, S.LOOSE),
    Kind.DETAIL: _on(S.BARE, S.DRY, S.LOOSE, S.FULL),
    Kind.UNIFY: _on(S.DRY) | OVER_MASK,
    Kind.MASK: {S.BARE: S.MASKED, S.DRY: S.MASKED},
    Kind.UNMASK: {S.MASKED: S.DRY},
    Kind.SOFTEN: _stays(S.SHINY, S.SATIN, S.DAMP, S.DRY, S.OPEN),
    Kind.BLEND: _stays(S.OPEN, S.LOOSE, S.FULL),
    Kind.FEATHER: _stays(S.OPEN, S.LOOSE),
    Kind.LIFT_WET: {S.SHINY: S.SATIN, S.SATIN: S.DAMP, S.OPEN: S.OPEN},
    Kind.BLOT: {S.SHINY: S.DAMP, S.SATIN: S.DAMP, S.DAMP: S.DAMP, S.OPEN: S.OPEN},
    Kind.LIFT_DRY: {S.DRY: S.DAMP},
    Kind.STENCIL: {S.DRY: S.DAMP},
    Kind.WIPE: {S.SHINY: S.DAMP, S.SATIN: S.DAMP, S.OPEN: S.OPEN, S.DAMP: S.DAMP},
    Kind.SCRATCH: {S.DRY: S.BROKEN},
    Kind.SAND: {S.DRY: S.BROKEN},
    Kind.SCRAPE: {S.OPEN: S.OPEN, S.TACKY: S.TACKY, S.DRY: S.DRY},
    Kind.FIX: {S.LOOSE: S.SPRAYED, S.FULL: S.SPRAYED},
    Kind.JUDGE: _stays(*SurfaceState),
    Kind.CLEAN: _stays(*SurfaceState),
}


def after(medium: str, kind: Kind, state: SurfaceState) -> Outcome:
    """The state after an operation on a spot of a medium, or the rule that refuses it there."""
    act = ACTS[kind]
    if medium not in act.media:
        return Rule.MEDIUM
    onto = TABLE[kind]
    if state in onto:
        return onto[state] or FRESH[medium]
    return OWN.get(kind, REFUSED[act.sort]).get(state) or REFUSED[act.sort].get(state, Rule.NOTHING_THERE)


def transitions() -> Iterator[tuple[str, Kind, SurfaceState, Outcome]]:
    """Every transition of every medium: medium, operation, state, outcome."""
    for medium, states in STATES_OF.items():
        for kind, act in ACTS.items():
            if medium in act.media:
                yield from ((medium, kind, state, after(medium, kind, state)) for state in states)


def stage(medium: str, age: float) -> SurfaceState:
    """The state of a layer whose drying has gone on for the share `age` ≥ 0 of its time."""
    return next((state for state, until in STAGES[medium] if age < until), dried(medium))


def dried(medium: str) -> SurfaceState:
    """The state of a layer that is dry: grain stays loose."""
    return S.LOOSE if medium == "pastel" else S.DRY
