"""Made-up pieces and real photographs that tests share."""

from __future__ import annotations

import hashlib
from dataclasses import dataclass, replace
from functools import cache

import numpy as np
from hypothesis import strategies as st
from numpy.typing import NDArray
from PIL import Image
from scipy.spatial import cKDTree
from skimage import data
from sklearn.datasets import load_sample_image

from washboard.core.colour.lab import encoded_of, linear_of_lab
from washboard.core.key.relations import Thing
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.surfaces import sheet_of, surface_of
from washboard.core.order.options import Options
from washboard.core.order.parts import Parts, divided
from washboard.core.order.result import PlanningResult
from washboard.core.planning.planner import plan_of
from washboard.core.reference.masses import Division
from washboard.core.reference.measures import Measured, measure
from washboard.core.reference.picture import picture_of
from washboard.core.schools import SCHOOLS, refused
from washboard.pipeline.stages import Stages
from washboard.pipeline.stages.results import Result
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

Bytes = NDArray[np.uint8]
THINGS = ("a3", "a1", "a4", "a2")
"""Areas of made-up pieces, far to near: upright quarters of the sheet."""
THRESHOLDS = (2.0, 4.0, 6.0, 8.0)


@cache
def photographs() -> dict[str, Bytes]:
    """Real photographs that ship inside packages we use, at working size."""
    folder = data.__path__[0]
    found = {
        "portrait": data.astronaut(),
        "figure and sky": np.repeat(data.camera()[..., None], 3, 2),
        "cat": data.chelsea(),
        "cup": data.coffee(),
        "night lamps": data.rocket(),
        "machine": np.asarray(Image.open(f"{folder}/motorcycle_left.png").convert("RGB")),
        "landscape": load_sample_image("china.jpg"),
        "flower": load_sample_image("flower.jpg"),
        "coins": np.repeat(data.coins()[..., None], 3, 2),
    }
    return {name: working(picture) for name, picture in found.items()}


def working(picture: Bytes) -> Bytes:
    """A picture at working size, 1000 pixels on its long side."""
    image = Image.fromarray(np.ascontiguousarray(picture))
    scale = 1000 / max(image.size)
    size = (round(image.width * scale), round(image.height * scale))
    return np.asarray(image.resize(size, Image.Resampling.BICUBIC if scale > 1 else Image.Resampling.BOX))


STAGES = Stages()
"""What many tests work out of the same photographs is worked out once a process."""


def worked_out_of(data: bytes, settings: Settings) -> Result:
    """The plan of a picture in a file, by its content."""
    return STAGES.result(Subject.photo(hashlib.sha256(data).hexdigest(), lambda: data, settings.checked()))


@dataclass(frozen=True)
class Made:
    """A generated piece: masses with their parts, and the decisions."""

    measured: Measured
    parts: Parts
    medium: str
    surface: str
    school: str
    size: tuple[float, float]
    passes: int | None

    def worked(self, options: Options | None = None) -> PlanningResult:
        sheet = sheet_of(*self.size, 1.5)
        return plan_of(
            self.measured.masses,
            self.parts,
            medium_named(self.medium),
            surface_of(self.surface),
            sheet,
            options or Options(self.school, self.passes, tuple(Thing(name) for name in THINGS)),
        )


def patchwork(seed: int, count: int, accents: int, width_cm: float = 30.0) -> tuple[Measured, Parts]:
    """A patchwork of `count` shapes in random values and colours, some soft, with a few accents."""
    dice = np.random.default_rng(seed)
    height, width = 80, 120
    places = dice.uniform((0, 0), (height, width), (count, 2))
    grid = np.indices((height, width)).reshape(2, -1).T
    labels = cKDTree(places).query(grid)[1].reshape(height, width).astype(np.int32) + 1
    _, dense = np.unique(labels, return_inverse=True)
    labels = dense.reshape(labels.shape).astype(np.int32) + 1
    flat = int(labels.max())
    light = []
    for _ in range(accents):
        y, x = int(dice.integers(4, height - 6)), int(dice.integers(4, width - 6))
        if (labels[y : y + 3, x : x + 3] <= flat).all():
            light.append(bool(dice.integers(2)))
            labels[y : y + 3, x : x + 3] = flat + len(light)
    lab = np.stack(
        [dice.uniform(8, 97, flat), dice.uniform(-25, 35, flat), dice.uniform(-35, 45, flat)], axis=1
    )
    lab = np.concatenate([lab, [[97.0, 0, 0] if up else [10.0, 0, 0] for up in light] or np.zeros((0, 3))])
    ramp = (
        np.linspace(-6, 6, width)[None, :, None]
        * dice.choice([-1, 0, 1], flat + len(light))[labels - 1][..., None]
    )
    field = lab[labels - 1] + ramp * np.array([1.0, 0, 0])
    rgb = np.rint(encoded_of(linear_of_lab(field)) * 255).astype(np.uint8)
    division = Division(labels, flat, tuple(light))
    measured = measure(picture_of(rgb), division, THRESHOLDS, width_cm)
    masses = tuple(replace(m, area=THINGS[int(3.999 * m.centre[0])]) for m in measured.masses)
    measured = replace(measured, masses=masses)
    return measured, divided(measured.masses, labels, width_cm).parts


@st.composite
def pieces(draw: st.DrawFn, media: tuple[str, ...] = tuple(MEDIA), schools: tuple[str, ...] = ()) -> Made:
    """Pieces of every medium, ground, school and size."""
    width = draw(st.sampled_from((12.0, 30.0, 60.0, 120.0)))
    measured, parts = patchwork(
        draw(st.integers(0, 10**6)), draw(st.integers(1, 16)), draw(st.integers(0, 3)), width
    )
    medium = draw(st.sampled_from(media))
    surface = draw(st.sampled_from(("white", "black", "value:5", "value:8.5", "#b08d57")))
    able = [s.key for s in SCHOOLS.values() if not refused(s, medium_named(medium), surface_of(surface))]
    return Made(
        measured,
        parts,
        medium,
        surface,
        draw(st.sampled_from(schools or able)),
        (width, width / 1.5),
        draw(st.sampled_from((None, None, None, 2, 5))),
    )
