"""How much of the sheet stays in its pass when a photo is coded, scaled or exposed a little otherwise."""

from __future__ import annotations

import io
from collections.abc import Callable, Mapping

import numpy as np
from numpy.typing import NDArray
from PIL import Image
from skimage import data

from tests.pieces import Bytes, photographs, working
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

SIZE = (45.0, 30.0)


def coded(image: Image.Image, quality: int = 92) -> bytes:
    """A picture as a JPEG file."""
    out = io.BytesIO()
    image.save(out, "JPEG", quality=quality)
    return out.getvalue()


def _smaller(image: Image.Image) -> bytes:
    size = (round(image.width * 0.9), round(image.height * 0.9))
    return coded(image.resize(size, Image.Resampling.LANCZOS))


def _brighter(image: Image.Image) -> bytes:
    return coded(Image.fromarray(np.clip(np.asarray(image) * 1.02, 0, 255).astype(np.uint8)))


CHANGES: Mapping[str, Callable[[Image.Image], bytes]] = {
    "coded again": lambda image: coded(image, 80),
    "smaller": _smaller,
    "brighter": _brighter,
}
"""Slight changes: as a coarser JPEG, a tenth smaller, two per cent brighter."""


def passes_of(coded_photo: bytes, medium: str, surface: str, pinned: int | None) -> NDArray[np.int64]:
    """The pass over shapes (h, w) that finishes every spot; -1 where it stays bare, -2 besides them."""
    settings = Settings(medium, surface, *SIZE, passes=pinned, marks=0)
    result = Stages().result(Subject.photo("photo", lambda: coded_photo, settings))
    beside = np.array([step.beside for step in result.worked.steps] + [True])
    number = np.where(beside, -2, np.cumsum(~beside) - 1)
    number[-1] = -1
    return np.asarray(number[result.worked.turn][result.cut.parts.mass][result.cut.labels])


def photos() -> dict[str, Bytes]:
    """Eleven real photographs."""
    folder = data.__path__[0]
    more = {name: Image.open(f"{folder}/{name}").convert("RGB") for name in ("retina.jpg", "moon.png")}
    return photographs() | {name.split(".")[0]: working(np.asarray(image)) for name, image in more.items()}


def kept(photo: Bytes, medium: str, surface: str) -> dict[str, float]:
    """Share 0–1 of the sheet that stays in its pass, for each change, at the number that was proposed.

    A number that a picture does not want leaves a pass to chance: a moon in one pass has no fourth.
    """
    image = Image.fromarray(photo)
    before = passes_of(coded(image), medium, surface, None)
    pinned = int(before.max()) + 1
    shares = {}
    for name, change in CHANGES.items():
        after = Image.fromarray(passes_of(change(image), medium, surface, pinned).astype(np.int32))
        same = np.asarray(after.resize(before.shape[::-1], Image.Resampling.NEAREST)) == before
        shares[name] = float(same.mean())
    return shares
