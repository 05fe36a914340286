"""A painting without a margin beside a grey card: what the card, the table and the plan tell of its light."""

from __future__ import annotations

from dataclasses import replace
from functools import cache

import cv2
import numpy as np
import pytest
from numpy.typing import NDArray

from tests.core.test_review import Shot, paint, piece
from tests.photographed import drawn, photographed
from tests.pieces import photographs
from washboard.core.reference.picture import picture_of
from washboard.core.review.corners import snapped
from washboard.core.review.expected import Expected
from washboard.core.review.judged import Unjudged, judged
from washboard.core.review.lit import Source
from washboard.core.review.observed import Observation, observed
from washboard.core.review.told import light_words
from washboard.devices.camera import Room, SimulatedCamera

Bytes = NDArray[np.uint8]
FULL = (("cup", "watercolour"), ("landscape", "oil"), ("cat", "pastel"))
PHONE = (0.5, 0.25)


@cache
def full(name: str, medium: str) -> tuple[Expected, tuple[Bytes, ...]]:
    """A piece on a sheet that the picture fills to its edges."""
    high, wide = photographs()[name].shape[:2]
    return piece(name, medium, "white", 0.0, 40 * high / wide)


def by_card(seed: int, table: str, curve: float = 0.0, crisp: float = 0.0) -> Shot:
    """A painting beside a grey card in uneven light, by a phone with a tone curve and local contrast."""
    dice = np.random.default_rng(seed)
    expected, pictures = full(*FULL[seed % len(FULL)])
    painting = paint(expected, pictures, len(pictures) - 1, dice)
    light = (float(dice.uniform(0.08, 0.15)), float(dice.uniform(-0.15, -0.08)), -0.06)
    room = Room(tilt=9, turn=-12, light=light, cast=(1.0, 0.95, 0.8), fills=0.66, table=table, card=True)
    red, green, blue = (float(c) for c in expected.surface.linear)
    camera = SimulatedCamera(replace(room, curve=curve, crisp=crisp), (red, green, blue))
    made = camera.photograph(painting, expected.margin, seed)
    return Shot(expected, painting, made.rgb, made.sheet, len(pictures) - 1)


def by_another(seed: int, phone: bool) -> Shot:
    """The same by the renderer that shares nothing with the camera that ships."""
    dice = np.random.default_rng(seed)
    expected, pictures = full(*FULL[seed % len(FULL)])
    painting = paint(expected, pictures, len(pictures) - 1, dice)
    scene = drawn(dice, phone)
    scene = replace(scene, card=True, far=1.2 * scene.far, shift=(scene.shift[0] - 0.08, scene.shift[1]))
    red, green, blue = (float(c) for c in expected.surface.linear)
    photo, corners = photographed(painting, (red, green, blue), expected.margin, scene, seed)
    return Shot(expected, painting, photo, corners, len(pictures) - 1)


def littered(made: Shot) -> Shot:
    """The same photo on a table of light and dark squares."""
    photo = made.photo.copy()
    there = np.zeros(photo.shape[:2], np.uint8)
    cv2.fillConvexPoly(there, made.corners.round().astype(np.int32), 1)
    squares = (np.indices(there.shape) // 60).sum(axis=0) % 2 == 0
    photo[(there == 0) & squares] //= 4
    return replace(made, photo=photo)


def read(made: Shot) -> tuple[Observation, float]:
    """What is seen of a painting, and how far its masses are off in the mean."""
    found = snapped(picture_of(made.photo).lab, made.corners, made.expected)
    seen = observed(made.photo, found, made.expected)
    both = zip(seen.read, made.truth, strict=True)
    off = [abs(one.value - true) for one, true in both if one is not None and true is not None]
    return seen, float(np.mean(off))


@pytest.mark.parametrize(("seed", "table"), [(1, "wood"), (2, "grey")])
def test_a_grey_card_and_the_table_tell_the_light(seed: int, table: str) -> None:
    seen, off = read(by_card(seed, table))
    assert seen.source is Source.CARD
    assert not seen.by_plan
    assert off <= 0.1


def test_what_a_phone_did_is_taken_off_and_told_to_be_a_guess() -> None:
    curved = by_card(1, "wood", curve=0.5)
    for made in (by_card(1, "wood", *PHONE), by_card(2, "wood", *PHONE), by_another(4, phone=True), curved):
        seen, off = read(made)
        assert seen.source is Source.CARD
        assert seen.by_plan
        assert light_words(seen).values["phone"] == "plan"
        assert off <= 0.2
        assert not any(one.judged and 0.35 <= abs(one.difference or 0) < 0.65 for one in judged(seen))


def test_the_card_shows_how_much_local_contrast_a_phone_lifted_and_a_plain_photo_shows_none() -> None:
    assert read(by_card(1, "dark", *PHONE))[0].tone.crisp == pytest.approx(PHONE[1], abs=0.06)
    assert read(by_another(1, phone=False))[0].tone.crisp == 0


def test_a_card_on_a_table_that_is_not_the_same_all_round_tells_no_values() -> None:
    seen, _ = read(littered(by_card(1, "wood")))
    assert seen.source is Source.NONE
    assert all(one.unjudged is not None for one in judged(seen))
    assert any(one.unjudged is Unjudged.LIGHT for one in judged(seen))
