"""Masses of real photographs and the demo references: how many, no halo rims, skies in one piece."""

from __future__ import annotations

from functools import cache, partial
from pathlib import Path

import numpy as np
import pytest

import washboard.demo
from tests.pieces import photographs
from washboard.core.reference import ladder
from washboard.core.reference.accents import find_accents
from washboard.core.reference.mass import Mass, MassKind
from washboard.core.reference.masses import divide
from washboard.core.reference.measures import Measured, measure
from washboard.core.reference.picture import Bytes, picture_of
from washboard.core.reference.squint import squint
from washboard.formats.image import decoded

DEMO = ("salt-pans", "foundry")
NARROW = 0.014
"""Mean width of a rim at most, as a share of the long side."""
SKIES = {
    "night lamps": (0.01, 0.15, 0.27, 0.85),
    "figure and sky": (0.01, 0.60, 0.22, 0.99),
    "landscape": (0.01, 0.55, 0.27, 0.99),
    "salt-pans": (0.01, 0.01, 0.33, 0.99),
}
"""Smooth skies: top, left, bottom, right of a box that holds nothing else, as shares of the picture."""


def bytes_of(name: str) -> Bytes:
    if name in DEMO:
        file = Path(washboard.demo.__file__).parent / "references" / f"{name}.jpg"
        return decoded(file.read_bytes()).rgb
    return photographs()[name]


@cache
def seen(name: str) -> Measured:
    picture = picture_of(bytes_of(name))
    accents = find_accents(picture)
    squinted = squint(picture, accents, 1.0)
    thresholds = ladder.found(squinted.value, 5)
    return measure(picture, divide(picture, accents, squinted, thresholds), thresholds, 45.0)


def is_rim(mass: Mass, by_id: dict[str, Mass], long_cm: float) -> bool:
    """Narrow, between its two main neighbours in value, which hold most of its outline."""
    main = sorted(mass.borders, key=lambda b: -b.length_cm)[:2]
    if len(main) < 2 or 2 * mass.area_cm2 / mass.outline_cm > NARROW * long_cm:
        return False
    if any(by_id[b.mass].kind is MassKind.ACCENT for b in main):
        return False  # the glow round a lamp is there to be painted
    low, high = sorted(by_id[b.mass].value for b in main)
    between = low + 0.15 < mass.value < high - 0.15 and high - low > 0.8
    return between and sum(b.length_cm for b in main) >= 0.6 * sum(b.length_cm for b in mass.borders)


@pytest.mark.parametrize("name", [*photographs(), *DEMO])
def test_eight_to_forty_masses_and_hardly_a_halo_rim(name: str) -> None:
    measured = seen(name)
    shapes = [m for m in measured.masses if m.kind is not MassKind.ACCENT]
    assert 8 <= len(shapes) <= 40
    height, width = measured.labels.shape
    by_id = {m.id: m for m in measured.masses}
    rims = list(filter(partial(is_rim, by_id=by_id, long_cm=45.0 * max(1.0, height / width)), shapes))
    assert len(rims) <= 1
    assert sum(m.share for m in rims) < 0.01


@pytest.mark.parametrize("name", SKIES)
def test_a_smooth_sky_is_one_mass_and_no_contour_map(name: str) -> None:
    measured = seen(name)
    height, width = measured.labels.shape
    top, left, bottom, right = SKIES[name]
    box = measured.labels[int(top * height) : int(bottom * height), int(left * width) : int(right * width)]
    held = np.bincount(box.ravel())
    assert held.max() / box.size > 0.97
    sky = next(m for m in measured.masses if m.label == int(held.argmax()))
    values = picture_of(bytes_of(name)).value[measured.labels == sky.label]
    if np.ptp(np.quantile(values, (0.1, 0.9))) > 1.0:
        assert sky.kind is MassKind.GRADED


@pytest.mark.parametrize("name", ["night lamps", "foundry"])
def test_lamps_and_sparks_from_a_fiftieth_of_a_per_cent_are_accents(name: str) -> None:
    lights = [m for m in seen(name).masses if m.kind is MassKind.ACCENT and m.light]
    assert len(lights) >= 3
    assert min(m.share for m in lights) < 0.0006
    assert all(m.value > 6 for m in lights)
