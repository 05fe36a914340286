"""Made painters follow corrections until they are told to stop: what they paint comes nearer to the plan."""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass

import numpy as np
import pytest

from tests.core.test_review import PIECES, piece
from tests.long import rounds
from washboard.core.plan.plan import Plan
from washboard.core.review.advice import advised
from washboard.core.review.expected import Expected
from washboard.core.review.judged import MassJudged

Floats = np.ndarray
PAINTERS = rounds(8, 24)
SD, ROUNDS, TWICE = 0.06, 6, 2
EACH = (*PIECES, ("cat", "pastel", "value:4", 0.0))


@dataclass(frozen=True)
class Came:
    """How far a painting was off in the mean before and after, corrections a mass, and the share of them that
    made it worse."""

    before: float
    after: float
    corrections: float
    worse: float


def painted(expected: Expected, dice: np.random.Generator) -> Floats:
    """The values of the masses as a painter with a bias lays them."""
    planned, bare, medium = expected.values[-1], expected.surface.value, expected.plan.medium
    level, slope, scatter = dice.normal(0.35, 0.2), dice.normal(0.25, 0.2), dice.uniform(0.2, 0.35)
    off = level + slope * (5 - planned) / 5 + dice.normal(0, scatter, len(planned))
    lightest = bare if medium.transparent else medium.lightest
    came = np.clip(planned + off, medium.darkest, lightest)
    return np.where(np.abs(planned - bare) > 0.05, came, planned)


def judged(plan: Plan, planned: Floats, read: Floats) -> list[MassJudged]:
    return [
        MassJudged(mass.id, p, mass.target_lab, v, mass.target_lab, 0.1, v - p, 0.0, None)
        for mass, p, v in zip(plan.masses, planned.tolist(), read.tolist(), strict=True)
    ]


def followed(expected: Expected, dice: np.random.Generator) -> Came:
    """A painter who photographs, corrects what is said, each mass twice at the most, until told to stop."""
    plan, planned, real = expected.plan, expected.values[-1], painted(expected, dice)
    before, names = float(np.abs(real - planned).mean()), [mass.id for mass in plan.masses]
    count, worse = Counter[str](), list[bool]()
    for _ in range(ROUNDS):
        read = real + dice.normal(0, SD / 2) + dice.normal(0, SD, len(real))
        advice = advised(plan, judged(plan, planned, read), SD, len(plan.passes))
        for one in advice.corrections:
            (name,) = one.masses
            if count[name] == TWICE:
                continue
            k, step = names.index(name), one.reaches - one.now
            comes = real[k] + 0.85 * step + dice.normal(0, 0.1 + 0.11 * abs(step))
            if plan.medium.transparent and not one.operation.takes:
                comes = min(comes, real[k])
            worse.append(abs(comes - planned[k]) > abs(real[k] - planned[k]))
            real[k] = comes
            count[name] += 1
        if advice.stop:
            break
    after = float(np.abs(real - planned).mean())
    return Came(before, after, sum(count.values()) / len(real), float(np.mean(worse)) if worse else 0.0)


@pytest.mark.soak
@pytest.mark.parametrize("which", EACH)
def test_following_corrections_brings_a_painting_nearer_at_few_corrections_a_mass(
    which: tuple[str, str, str, float],
) -> None:
    expected, _ = piece(*which)
    found = [followed(expected, np.random.default_rng(seed)) for seed in range(PAINTERS)]
    before, after = (float(np.mean([getattr(one, at) for one in found])) for at in ("before", "after"))
    assert after / before <= 0.5
    assert np.mean([one.corrections for one in found]) <= 0.75
    assert np.mean([one.worse for one in found]) <= 0.05
