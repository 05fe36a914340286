"""Sources of light: lamps glow, glints do not."""

from __future__ import annotations

import io

import cv2
import numpy as np
from PIL import Image

from washboard.core.composition.sources import Said, confirmed_of, sources_of
from washboard.core.reference.masses import Division
from washboard.core.reference.picture import picture_of
from washboard.demo.pieces import FOUNDRY, SALT_PANS, DemoPiece, reference_bytes
from washboard.pipeline.answers.prepare import Looked, looked
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject


def with_light(glow: float) -> tuple[np.ndarray, Division]:
    """A dark wall with one small light, and a glow of that strength about it."""
    y, x = np.mgrid[0:300, 0:450]
    away = np.hypot(x - 300, y - 100)
    light = 0.05 + glow * np.exp(-((away / 18) ** 2)) + 0.9 * (away < 6)
    rgb = np.repeat((np.clip(light, 0, 1) ** (1 / 2.2) * 255).astype(np.uint8)[..., None], 3, axis=2)
    labels = np.where(away < 6, 2, 1).astype(np.int32)
    return cv2.GaussianBlur(rgb, (0, 0), 0.8), Division(labels, 1, (True,))


def test_a_lamp_is_told_from_a_glint_by_its_glow() -> None:
    lamp, division = with_light(0.4)
    (found,) = sources_of(picture_of(lamp), division)
    assert abs(found.x - 300 / 450) < 0.01
    assert abs(found.y - 100 / 300) < 0.01
    assert found.value > 9
    glint, division = with_light(0.0)
    assert sources_of(picture_of(glint), division) == ()
    assert sources_of(picture_of(lamp), Division(division.labels, 1, (False,))) == ()


def test_the_painters_word_on_a_light_confirms_denies_or_adds_it() -> None:
    rgb, division = with_light(0.4)
    picture = picture_of(rgb)
    found = sources_of(picture, division)
    assert not found[0].confirmed
    at = found[0].x, found[0].y
    (confirmed,) = confirmed_of(picture, found, [Said(*at, True)])
    assert confirmed.confirmed
    assert confirmed.glow == found[0].glow
    assert confirmed_of(picture, found, [Said(at[0] + 0.01, at[1], False)]) == ()
    added = confirmed_of(picture, found, [Said(0.1, 0.9, True)])
    assert [s.confirmed for s in added] == [False, True]


def seen(piece: DemoPiece) -> Looked:
    data = reference_bytes(piece)
    assert Image.open(io.BytesIO(data)).format == "JPEG"
    return looked(Stages().seen(Subject.photo(piece.name, lambda: data, piece.settings)), piece.settings)


def test_the_foundry_is_lit_from_within_and_the_salt_pans_by_the_sun() -> None:
    foundry, salt = seen(FOUNDRY), seen(SALT_PANS)
    assert foundry.sources
    assert all(abs(source.x - 0.66) < 0.25 for source in foundry.sources)
    assert foundry.light is None
    assert salt.sources == ()
    assert salt.light is not None
    assert "left" in salt.light.words
