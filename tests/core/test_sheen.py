"""A weak shine over a painting is told from a painter's own hand, and taken off."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import pytest

from tests.long import rounds
from washboard.core.colour.value import luminance_of, value_of
from washboard.core.review.sheen import Sheen, sheen_of

Floats = np.ndarray
PAINTERS = rounds(6, 40)


@dataclass(frozen=True)
class Painting:
    """The values (n,) of parts as planned and as painted, what is bare, their masses and places (n, 2)."""

    planned: Floats
    came: Floats
    bare: Floats
    mass: Floats
    places: Floats

    def seen(self, sheen: Sheen | None, dice: np.random.Generator) -> Floats:
        """What a photo shows of them, under a shine or none."""
        light = luminance_of(self.came) + (0 if sheen is None else 100 * sheen.at(self.places))
        return value_of(light * np.exp(dice.normal(0, 0.03, len(light))))

    def found(self, seen: Floats) -> Sheen | None:
        weight = np.full(len(seen), 1 / len(seen))
        return sheen_of(seen, self.planned, self.bare, self.mass, weight, self.places)


def painting(dice: np.random.Generator) -> Painting:
    """Thirty masses, each nearest to a point by chance, of parts in a grid: a sixth still bare white, the
    rest laid by a painter whose darks come out pale, each mass off by its own chance and part by part."""
    rows, columns = np.indices((18, 18))
    places = np.stack([columns.ravel(), rows.ravel()], -1) / 17 * 2 - 1
    middles = dice.uniform(-1, 1, (30, 2))
    mass = ((places[:, None] - middles) ** 2).sum(axis=-1).argmin(axis=1)
    values = dice.uniform(1.5, 9, 30)
    bare = (dice.random(30) < 1 / 6)[mass]
    planned = np.where(bare, 9.5, values[mass])
    own = dice.normal(0.3, 0.2) + dice.normal(0.2, 0.2) * (5 - values) / 5 + dice.normal(0, 0.25, 30)
    came = planned + np.where(bare, 0.0, own[mass] + dice.normal(0, 0.08, len(mass)))
    return Painting(planned, came, bare, mass, places)


@pytest.mark.soak
@pytest.mark.parametrize(
    "sheen", [Sheen((-0.5, -0.6), 0.3, 0.2), Sheen((1.2, 0.2), 0.5, 0.3), Sheen((0.1, 0.0), 0.4, 0.16)]
)
def test_a_shine_is_found_and_what_lies_under_it_is_read_better(sheen: Sheen) -> None:
    for seed in range(PAINTERS):
        dice = np.random.default_rng(seed)
        made = painting(dice)
        seen = made.seen(sheen, dice)
        found = made.found(seen)
        assert found is not None
        left = value_of(np.clip(luminance_of(seen) - 100 * found.at(made.places), 0, None))
        under = sheen.at(made.places) > 0.02
        before, after = (np.abs(read - made.came)[under].mean() for read in (seen, left))
        assert after < 0.45 * before


@pytest.mark.soak
def test_a_painter_who_is_off_mass_by_mass_is_no_shine() -> None:
    for seed in range(2 * PAINTERS):
        dice = np.random.default_rng(seed)
        made = painting(dice)
        assert made.found(made.seen(None, dice)) is None


def test_too_few_parts_tell_nothing() -> None:
    made = painting(np.random.default_rng(0))
    first = slice(0, 30)
    few = Painting(
        made.planned[first], made.came[first], made.bare[first], made.mass[first], made.places[first]
    )
    assert few.found(few.planned) is None
