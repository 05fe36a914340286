"""The simulated camera: what it says of its photos is so, and a grey card in them tells a tone curve."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from tests.core.test_review import PIECES, apart, piece
from washboard.core.reference.picture import picture_of
from washboard.core.review.card import REFLECTS, card_beside
from washboard.core.review.corners import found_in
from washboard.core.review.observed import observed
from washboard.core.review.review import reviewed
from washboard.devices.camera import Photograph, Room, SimulatedCamera

ROOM = Room(
    tilt=9, turn=-14, roll=3, bends=0.02, light=(0.1, -0.08, -0.05), cast=(1.05, 1, 0.85), table="dark"
)


def taken(room: Room) -> Photograph:
    """The finished picture of a watercolour with a margin, photographed in a room."""
    expected, pictures = piece(*PIECES[0])
    red, green, blue = (float(c) for c in expected.surface.linear)
    return SimulatedCamera(room, (red, green, blue)).photograph(pictures[-1], expected.margin, 5)


def test_the_sheet_lies_where_the_camera_says_and_the_same_seed_takes_the_same_photo() -> None:
    expected, _ = piece(*PIECES[0])
    photo = taken(ROOM)
    assert (photo.rgb == taken(ROOM).rgb).all()
    found = found_in(picture_of(photo.rgb).lab, expected)
    assert found is not None
    assert apart(found.sheet, photo.sheet) < 0.01
    assert apart(found.picture, photo.picture) < 0.01


def test_a_finished_painting_as_it_was_planned_needs_no_correction() -> None:
    expected, _ = piece(*PIECES[0])
    found = reviewed(taken(ROOM).rgb, expected)
    assert found.advice.stop
    assert found.advice.off < 0.1
    assert found.observation.state.first <= expected.rows <= found.observation.state.last


@pytest.mark.parametrize("curve", [0.0, 0.5])
def test_a_grey_card_is_found_and_takes_off_a_phones_tone_curve(curve: float) -> None:
    expected, _ = piece(*PIECES[0])
    photo = taken(replace(ROOM, card=True, curve=curve))
    found = found_in(picture_of(photo.rgb).lab, expected)
    assert found is not None
    card = card_beside(photo.rgb, found, expected)
    assert card is not None
    assert card.reflects == REFLECTS
    seen = observed(photo.rgb, found, expected)
    assert seen.tone.curve == pytest.approx(curve, abs=0.25)
    off = [
        abs(one.value - value)
        for one, value in zip(seen.read, expected.values[-1], strict=True)
        if one is not None and one.hidden < 0.5
    ]
    assert np.mean(off) <= 0.2


def test_no_card_is_found_where_none_lies() -> None:
    expected, _ = piece(*PIECES[0])
    photo = taken(ROOM)
    found = found_in(picture_of(photo.rgb).lab, expected)
    assert found is not None
    assert card_beside(photo.rgb, found, expected) is None
