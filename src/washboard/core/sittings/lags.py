"""How long passes must wait for each other, and how long they may."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from ..materials.media import Medium
from ..order.timing import sprayed_wait
from ..plan.plan import Kind, Pass
from ..plan.touching import laid_by, touches
from ..reference.mass import Mass
from ..surface.transitions import STAGES, TABLE, dried
from ..time.pace import drying_minutes

MASK_STAYS = 1.5 * 24 * 60
"""Minutes after which masking fluid should be off: from two days on it may tear the sheet. A guess."""


@dataclass(frozen=True)
class Lag:
    """Between the end of pass `before` and the begin of pass `later`, by their places: `least` minutes, and
    `most`, None where there is no hurry."""

    before: int
    later: int
    least: float
    most: float | None = None


def lags_of(passes: Sequence[Pass], masses: Mapping[str, Mass], medium: Medium) -> tuple[Lag, ...]:
    """The lags between pairs of passes that are more than none: what one goes over or meets must be dry, what
    is dropped in, lifted or wiped must still be wet."""
    found = []
    for j, later in enumerate(passes):
        hurry = _hurry(passes, j, masses, medium)
        for i, earlier in enumerate(passes[:j]):
            least = _least(earlier, later, masses, medium)
            most = hurry.get(i)
            if least or most is not None:
                found.append(Lag(i, j, min(least, most) if most is not None else least, most))
    return tuple(found)


def hurried(passes: Sequence[Pass], masses: Mapping[str, Mass], medium: Medium) -> tuple[Pass, ...]:
    """The passes with the most minutes after which the next must have begun, where it works into what is
    still wet."""
    soon = {lag.before: lag.most for lag in lags_of(passes, masses, medium) if lag.later == lag.before + 1}
    return tuple(replace(done, max_lag=soon.get(k)) for k, done in enumerate(passes))


def _least(earlier: Pass, later: Pass, masses: Mapping[str, Mass], medium: Medium) -> float:
    """Minutes that the later pass waits for the earlier."""
    spray = sprayed_wait(earlier)
    if not touches(earlier, later, masses, medium.transparent):
        return spray
    laid = laid_by(earlier)
    area = sum(masses[o.mass].area_cm2 * o.cover for o in earlier.operations if o.mass in laid)
    return max(spray, drying_minutes(medium, area))


def _hurry(passes: Sequence[Pass], j: int, masses: Mapping[str, Mass], medium: Medium) -> dict[int, float]:
    """The passes that a pass must follow while they are wet, with the most minutes."""
    found: dict[int, float] = {}
    for o in passes[j].operations:
        if o.kind is Kind.UNMASK:
            masked = [i for i in range(j) if _masks(passes[i], o.mass)]
            found |= dict.fromkeys(masked[-1:], MASK_STAYS)
            continue
        share = wet_until(medium.key, o.kind)
        last = next((i for i in range(j - 1, -1, -1) if o.mass in laid_by(passes[i])), None)
        if share is None or last is None:
            continue
        laid = laid_by(passes[last])
        area = sum(masses[p.mass].area_cm2 * p.cover for p in passes[last].operations if p.mass in laid)
        # The judge counts with the shortest drying time: be there before.
        least = min(medium.quickest_dry, drying_minutes(medium, area))
        found[last] = min(found.get(last, least * share), least * share)
    return found


def _masks(done: Pass, mass: str) -> bool:
    return any(o.kind is Kind.MASK and o.mass == mass for o in done.operations)


def wet_until(medium: str, kind: Kind) -> float | None:
    """The share of its drying time until which a layer lets an act be done on it; None where the act can be
    done on dry paint, or on nothing fresh."""
    on = TABLE[kind]
    if dried(medium) in on:
        return None
    return max((until for state, until in STAGES[medium] if state in on), default=None)
