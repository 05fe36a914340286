"""A painting photographed: where it lies, what its masses have become, what is refused."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import cache

import numpy as np
import pytest
from numpy.typing import NDArray
from scipy.ndimage import gaussian_filter, map_coordinates

from tests.conftest import encoded
from tests.long import rounds
from tests.photographed import drawn, photographed
from tests.pieces import photographs
from tests.said import refuses
from washboard.core.colour.lab import encoded_of, lab_of_linear, linear_of, linear_of_lab, value_of_lab
from washboard.core.colour.value import luminance_of
from washboard.core.errors import InvalidImage, InvalidInput
from washboard.core.order.prediction import painted
from washboard.core.reference.picture import picture_of
from washboard.core.review.advice import COVERED_FROM
from washboard.core.review.corners import found_in, snapped
from washboard.core.review.expected import Expected
from washboard.core.review.lit import Samples, Source, lit
from washboard.core.review.observed import observed
from washboard.core.review.quad import checked, long_side, rectangle
from washboard.core.review.read import read
from washboard.core.review.review import reviewed
from washboard.devices.camera import Room, SimulatedCamera
from washboard.pipeline.answers.expected import expected_of
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

Floats = NDArray[np.float64]
Bytes = NDArray[np.uint8]
STAGES = Stages()
PIECES = (
    ("cup", "watercolour", "white", 3.0),
    ("landscape", "oil", "value:5", 3.0),
    ("flower", "acrylic", "white", 0.0),
)


@cache
def piece(
    name: str, medium: str, surface: str, margin: float, height_cm: float = 30
) -> tuple[Expected, tuple[Bytes, ...]]:
    """A real photograph planned in a medium, and its pictures after each pass."""
    data = encoded(photographs()[name], quality=90)
    settings = replace(Settings(medium, surface, 40, height_cm, marks=0), margin_cm=margin).checked()
    result = STAGES.result(Subject.photo(name, lambda: data, settings))
    return expected_of(result), tuple(
        painted(result.table, result.maps, row) for row in range(len(result.table.colours))
    )


@dataclass(frozen=True, eq=False)
class Shot:
    """A painting (h, w, 3), its photo, where the sheet truly lies in it, and after which pass it is."""

    expected: Expected
    painting: Bytes
    photo: Bytes
    corners: Floats
    row: int

    @property
    def truth(self) -> list[float | None]:
        """The values of its masses, read from the painting itself."""
        bare = np.zeros(self.expected.labels.shape, bool)
        count = len(self.expected.plan.masses)
        seen = read(linear_of(self.painting / 255), self.expected.index, count, bare)
        return [None if one is None else one.value for one in seen]


def paint(expected: Expected, pictures: tuple[Bytes, ...], row: int, dice: np.random.Generator) -> Bytes:
    """A painting after a pass as a hand makes it: masses off in value, drawn a little off, with a texture."""
    lab = lab_of_linear(linear_of(pictures[row] / 255))
    off = dice.normal(0.25, 0.3, len(expected.plan.masses))
    done = np.abs(expected.values[row] - expected.values[0]) > 0.05
    value = value_of_lab(lab) + np.where(done, off, 0.0)[expected.index]
    value += 0.08 * gaussian_filter(dice.normal(size=value.shape), 1.5) * 5
    grey = luminance_of(np.clip(value, 0.8, 9.5)) / 100
    lab[..., 0] = lab_of_linear(np.repeat(grey[..., None], 3, axis=-1))[..., 0]
    rgb = np.clip(linear_of_lab(lab), 0, 1)
    wide = value.shape[1]
    bent = [gaussian_filter(dice.normal(size=value.shape), wide / 16) for _ in range(2)]
    y, x = np.indices(value.shape)
    at = [c + 0.0015 * wide * b / b.std() for c, b in zip((y, x), bent, strict=True)]
    drawn_off = np.stack([map_coordinates(rgb[..., c], at, order=1, mode="nearest") for c in range(3)], -1)
    return np.asarray(np.rint(encoded_of(drawn_off) * 255), np.uint8)


def shot(seed: int, phone: bool = False) -> Shot:
    """A painting photographed by chance."""
    dice = np.random.default_rng(seed)
    expected, pictures = piece(*PIECES[seed % len(PIECES)])
    row = len(pictures) - 1 if seed % 2 else int(dice.integers(2, len(pictures)))
    painting = paint(expected, pictures, row, dice)
    paper = tuple(float(c) for c in expected.surface.linear)
    photo, corners = photographed(
        painting, (paper[0], paper[1], paper[2]), expected.margin, drawn(dice, phone), seed
    )
    return Shot(expected, painting, photo, corners, row)


def apart(one: Floats, other: Floats) -> float:
    """How far corners are off at the most, as a share of the long side."""
    return float(np.linalg.norm(one - other, axis=1).max() / long_side(other))


@pytest.mark.soak
def test_corners_are_found_within_a_hundredth_and_dragged_ones_snap() -> None:
    seeds = range(rounds(4, 60))
    found, moved = [], []
    for seed in seeds:
        made = shot(seed, phone=seed % 3 == 0)
        lab = picture_of(made.photo).lab
        proposed = found_in(lab, made.expected)
        found.append(apart(proposed.sheet, made.corners) if proposed else 1.0)
        dice = np.random.default_rng(seed)
        off = dice.uniform(-0.014, 0.014, (4, 2)) * long_side(made.corners)
        moved.append(apart(snapped(lab, made.corners + off, made.expected).sheet, made.corners))
    assert np.mean(np.array(found) <= 0.01) >= 0.95, found
    assert np.mean(np.array(moved) <= 0.01) >= 0.97, moved


@pytest.mark.soak
def test_values_are_read_to_less_than_a_tenth_by_a_bare_margin() -> None:
    off = []
    for seed in [s for s in range(rounds(5, 60)) if s % len(PIECES) != 2]:
        made = shot(seed)
        seen = observed(
            made.photo, snapped(picture_of(made.photo).lab, made.corners, made.expected), made.expected
        )
        assert seen.source is Source.MARGIN
        assert seen.shines <= 0.25
        off += [
            abs(one.value - true)
            for one, true in zip(seen.read, made.truth, strict=True)
            if one is not None and true is not None and one.hidden < 0.5
        ]
    assert len(off) > 40
    assert np.mean(off) <= 0.06, np.mean(off)


def test_a_painting_in_which_one_mass_is_off_is_told_so_and_corrected_first() -> None:
    expected, pictures = piece(*PIECES[0])
    k = max(
        range(len(expected.plan.masses)),
        key=lambda j: expected.plan.masses[j].share * (expected.values[-1, j] < 7),
    )
    lab = lab_of_linear(linear_of(pictures[-1] / 255))
    lab[expected.index == k, 0] += 9.0
    painting = np.rint(255 * encoded_of(linear_of_lab(lab))).astype(np.uint8)
    paper = tuple(float(c) for c in expected.surface.linear)
    scene = replace(drawn(np.random.default_rng(4), phone=False), gloss=0.0)
    photo, _ = photographed(painting, (paper[0], paper[1], paper[2]), expected.margin, scene, 4)
    found = reviewed(photo, expected, after=expected.rows)
    told = found.masses[k]
    assert told.judged
    assert (told.difference or 0.0) > COVERED_FROM
    mass = expected.plan.masses[k].id
    assert mass in [name for one in found.advice.corrections for name in one.masses]
    assert not found.advice.stop


def test_what_is_no_photo_of_the_painting_is_refused_and_says_what_would_help() -> None:
    made = shot(1)
    for rgb in (
        np.zeros_like(made.photo),
        np.full_like(made.photo, 255),
        np.ascontiguousarray(made.photo[::-1, ::-1]),
        np.ascontiguousarray(made.photo[:, ::-1]),
        np.ascontiguousarray(photographs()["coins"]),
        np.ascontiguousarray(photographs()["cup"]),
        np.ascontiguousarray(made.photo[::12, ::12]),
        np.ascontiguousarray(made.photo[:, :620]),
        piece(*PIECES[1])[1][-1],
    ):
        with refuses(InvalidImage, r"photo|Photo|nearer|painting"):
            reviewed(rgb, made.expected)
    with refuses(InvalidInput, "no pass 99"):
        reviewed(made.photo, made.expected, after=99)


def test_corners_that_are_none_are_refused() -> None:
    good = rectangle(300, 200, 50, 40)
    assert (checked(good, (640, 480)) == good).all()
    for wrong in (good[:3], good[::-1], good[[0, 2, 1, 3]], good * 0.01, good + 5000, good * np.nan):
        with refuses(InvalidInput, "orner"):
            checked(wrong, (640, 480))


def test_a_photo_that_shines_all_over_tells_nothing_of_its_light() -> None:
    nothing = Samples(
        np.zeros((0, 3)), np.zeros((0, 2)), np.zeros(0, np.intp), np.zeros(0), np.full((2, 3), np.nan)
    )
    field, reflects = lit(nothing)
    assert np.allclose(field.at(np.zeros((1, 2))), 1)
    assert np.allclose(reflects, 1)


@pytest.mark.parametrize("glare", [(0.2, 0.5, 0.06, 0.4), (0.6, 0.4, 0.1, 0.8), (0.85, 0.2, 0.08, 0.6)])
def test_what_a_lamp_mirrored_on_it_spoils_is_left_out_as_far_as_its_faint_rim(
    glare: tuple[float, float, float, float],
) -> None:
    expected, pictures = piece(*PIECES[1])
    dice = np.random.default_rng(round(100 * glare[0]))
    painting = paint(expected, pictures, len(pictures) - 1, dice)
    paper = tuple(float(c) for c in expected.surface.linear)
    room = Room(tilt=6, turn=-9, light=(0.1, -0.08, -0.05), cast=(1.08, 1.0, 0.8), glare=glare)
    photo = SimulatedCamera(room, (paper[0], paper[1], paper[2])).photograph(painting, expected.margin, 3)
    found = snapped(picture_of(photo.rgb).lab, photo.sheet, expected)
    seen = observed(photo.rgb, found, expected)
    truth = Shot(expected, painting, photo.rgb, photo.sheet, 0).truth
    off = [
        abs(one.value - true)
        for one, true in zip(seen.read, truth, strict=True)
        if one is not None and true is not None and one.hidden <= 0.5
    ]
    assert 0 < seen.shines < 0.35
    assert np.mean(off) < 0.1
