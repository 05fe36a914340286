"""How much of a photograph the last predicted picture still tells, without small marks and with them:
`python -m bench.fidelity [PHOTO ...]`; the photographs inside the packages we use where none is named."""

from __future__ import annotations

import hashlib
import sys
from functools import partial
from pathlib import Path

import cv2
import numpy as np
from numpy.typing import NDArray
from skimage.metrics import structural_similarity

from tests.conftest import encoded
from tests.pieces import photographs
from washboard.core.order.prediction import painted
from washboard.core.plan.marks import AMOUNTS
from washboard.pipeline.stages import Stages
from washboard.pipeline.stages.results import Result
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

Bytes = NDArray[np.uint8]
Singles = NDArray[np.float32]
MEDIA = (("watercolour", "white"), ("pastel", "value:4"), ("acrylic", "white"), ("oil", "value:5"))
WIDE, SMALL, REACH = 1000, 250, 3
"""Pixels across at which edges are looked for and structure is compared, and within which an edge counts."""
Figures = tuple[float, float, float, float]


def fidelity(photo: Bytes, picture: Bytes) -> Figures:
    """Of two pictures (h, w, 3): the share of the photo's strong edges that the picture has, of the picture's
    that the photo has, SSIM of lightness at SMALL, and the mean difference in tenths of L*; both after the
    photo's lightness is mapped onto the picture's, quantile to quantile."""
    one, other = _lightness(photo), _lightness(picture)
    shares = np.linspace(0, 100, 65)
    keyed = np.interp(one, np.percentile(one, shares), np.percentile(other, shares)).astype(np.float32)
    edges, there = _edges(one), _edges(other)
    size = SMALL, one.shape[0] // 4
    small = [cv2.resize(light, size, interpolation=cv2.INTER_AREA) for light in (keyed, other)]
    return (
        float(_near(there)[edges].mean()),
        float(_near(edges)[there].mean()) if there.any() else 0.0,
        float(structural_similarity(*small, data_range=100)),
        float(np.abs(keyed - other).mean() / 10),
    )


def _lightness(rgb: Bytes) -> Singles:
    high = round(WIDE * rgb.shape[0] / rgb.shape[1])
    resized = cv2.resize(rgb, (WIDE, high), interpolation=cv2.INTER_AREA)
    return np.asarray(cv2.cvtColor(resized.astype(np.float32) / 255, cv2.COLOR_RGB2LAB)[..., 0])


def _edges(light: Singles) -> NDArray[np.bool_]:
    calm = cv2.GaussianBlur(np.clip(light * 2.55, 0, 255).astype(np.uint8), (0, 0), 1.4)
    return cv2.Canny(calm, 40, 100, L2gradient=True) > 0


def _near(edges: NDArray[np.bool_]) -> NDArray[np.bool_]:
    return cv2.distanceTransform((~edges).astype(np.uint8), cv2.DIST_L2, 3) <= REACH


def worked(data: bytes, medium: str, surface: str, marks: int) -> Result:
    """A photo planned with so many marks."""
    settings = Settings(medium, surface, 45, 30, marks=marks).checked()
    return Stages().result(Subject.photo(hashlib.sha256(data).hexdigest(), lambda: data, settings))


def measured(result: Result) -> tuple[Figures, int, float]:
    """Fidelity of the last picture, how many marks it has, and their minutes."""
    last = painted(result.table, result.maps, len(result.table.colours) - 1)
    families = result.worked.plan.marks
    minutes = sum(family.minutes for family in families)
    return fidelity(result.seen.picture.rgb, last), sum(family.count for family in families), minutes


def main(paths: list[str]) -> None:
    """Print a line for each photo and medium, before and after, and the means."""
    named = {Path(path).stem: Path(path).read_bytes() for path in paths}
    photos = named or {name: encoded(rgb) for name, rgb in photographs().items()}
    for medium, surface in MEDIA:
        rows = []
        for name, data in photos.items():
            make = partial(worked, data, medium, surface)
            (before, _, _), (after, count, minutes) = (measured(make(AMOUNTS[a])) for a in ("none", "some"))
            rows.append((*before, *after))
            print(f"{medium:12} {name:24} {told(before)} → {told(after)}  {count} marks, {minutes:.1f} min")
        mean = tuple(float(column) for column in np.mean(rows, axis=0))
        print(f"{medium:12} {'mean':24} {told(mean[:4])} → {told(mean[4:])}")


def told(figures: tuple[float, ...]) -> str:
    """Recall and precision of edges, SSIM, difference in values."""
    recall, precision, alike, apart = figures
    return f"{recall:.2f} {precision:.2f} {alike:.3f} {apart:.2f}"


if __name__ == "__main__":
    main(sys.argv[1:])
