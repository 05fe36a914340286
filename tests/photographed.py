"""Paintings photographed by a renderer of its own: a ray for each pixel onto a board in space, one lamp that
falls off with the square of its distance, a glossy coat, and a phone's picture processing.

It shares nothing with the camera that ships with the program but what a photo is.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import gaussian_filter, map_coordinates

from washboard.core.colour.lab import encoded_of, linear_of

Floats = NDArray[np.float64]
Bytes = NDArray[np.uint8]


@dataclass(frozen=True)
class Scene:
    """A board of `width` 1 at distance `far`, turned by `angles` (about x, y, z, in degrees); `lamp`
    (x, y, z) before it; `gloss` of its coat and how `sharp` it mirrors; the phone's `sigmoid` and `clarity`;
    `lens`; whether a grey `card` lies to the right of the board."""

    far: float
    angles: tuple[float, float, float]
    shift: tuple[float, float]
    lamp: tuple[float, float, float]
    tint: tuple[float, float, float]
    gloss: float
    sharp: float
    sigmoid: float
    clarity: float
    lens: float
    noise: float
    behind: tuple[float, float, float]
    grain: float
    card: bool = False


def drawn(dice: np.random.Generator, phone: bool) -> Scene:
    """A scene by chance: up to 25 degrees to a side, a lamp above to one side."""
    turn = dice.uniform(-25, 25)
    tilt = np.sqrt(max(0.0, 25**2 - turn**2)) * dice.uniform(-1, 1)
    side = dice.choice([-1, 1])
    return Scene(
        far=float(dice.uniform(1.7, 2.3)),
        angles=(float(tilt), float(turn), float(dice.uniform(-6, 6))),
        shift=(float(dice.uniform(-0.06, 0.06)), float(dice.uniform(-0.05, 0.05))),
        lamp=(
            float(side * dice.uniform(0.8, 1.8)),
            float(-dice.uniform(0.8, 1.6)),
            float(-dice.uniform(1.6, 2.6)),
        ),
        tint=(1.0, float(dice.uniform(0.88, 1.0)), float(dice.uniform(0.65, 1.0))),
        gloss=float(dice.choice([0.0, 0.25, 0.5])),
        sharp=float(dice.uniform(60, 200)),
        sigmoid=float(dice.uniform(1.0, 3.0)) if phone else 0.0,
        clarity=float(dice.uniform(0.1, 0.3)) if phone else 0.0,
        lens=float(dice.uniform(-0.03, 0.03)),
        noise=float(dice.uniform(0.002, 0.008)),
        behind=[(0.2, 0.12, 0.06), (0.28, 0.29, 0.3), (0.05, 0.05, 0.06), (0.6, 0.58, 0.5)][
            int(dice.integers(4))
        ],
        grain=float(dice.uniform(0.0, 0.25)),
    )


def photographed(
    painting: Bytes, paper: tuple[float, float, float], margin: tuple[float, float], scene: Scene, seed: int
) -> tuple[Bytes, Floats]:
    """A photo (960, 1280, 3) of a painting (h, w, 3) with bare margins, and the corners (4, 2) of the sheet
    in it, clockwise from the upper left."""
    dice = np.random.default_rng(seed)
    high, wide = painting.shape[:2]
    x0, y0 = margin[0] * wide, margin[1] * high
    tall = (high + 2 * y0) / (wide + 2 * x0)
    across, down = 1280, 960
    turned = _rotation(scene.angles)
    middle = np.array([*scene.shift, scene.far])
    rays = _rays(across, down, scene.lens)
    normal = turned[:, 2]
    along = (middle @ normal) / np.maximum(rays @ normal, 1e-6)
    at = rays * along[..., None]
    own = (at - middle) @ turned[:, :2]
    u, v = own[..., 0] + 0.5, own[..., 1] / tall + 0.5
    column, row = u * (wide + 2 * x0) - x0 - 0.5, v * (high + 2 * y0) - y0 - 0.5
    colour = np.stack(
        [
            map_coordinates(linear_of(painting[..., c] / 255), [row, column], order=1, mode="nearest")
            for c in range(3)
        ],
        -1,
    )
    in_picture = (column > -0.5) & (column < wide - 0.5) & (row > -0.5) & (row < high - 0.5)
    colour = np.where(in_picture[..., None], colour, np.array(paper))
    on_sheet = (u >= 0) & (u <= 1) & (v >= 0) & (v <= 1)
    rough = np.exp(scene.grain * gaussian_filter(dice.normal(size=u.shape), (1.0, 12.0)) * 6)
    colour = np.where(on_sheet[..., None], colour, np.array(scene.behind) * rough[..., None])
    if scene.card:
        on_card = (abs(u - CARD[0]) < CARD[1] / 2) & (abs(v * tall - tall / 2) < CARD[1] / 2)
        colour = np.where(on_card[..., None], 0.18, colour)
    to_lamp = np.array(scene.lamp) + np.array([0, 0, scene.far]) - at
    distance = np.linalg.norm(to_lamp, axis=-1)
    facing = np.abs((to_lamp / distance[..., None]) @ normal)
    light = facing / distance**2
    # The phone exposes so that nothing on the sheet is lost but what shines.
    light /= light[on_sheet].max()
    half = to_lamp / distance[..., None] - at / np.linalg.norm(at, axis=-1, keepdims=True)
    half /= np.linalg.norm(half, axis=-1, keepdims=True)
    shine = scene.gloss * np.abs(half @ normal) ** (scene.sharp * 8) * on_sheet
    seen = 0.97 * (colour * light[..., None] + shine[..., None]) * np.array(scene.tint)
    seen = gaussian_filter(seen, (0.6, 0.6, 0)) + dice.normal(size=seen.shape) * scene.noise
    return _processed(seen, scene), _corners(scene, turned, middle, tall, across, down)


def _rotation(angles: tuple[float, float, float]) -> Floats:
    a, b, c = np.radians(angles)
    x = np.array([[1, 0, 0], [0, np.cos(a), -np.sin(a)], [0, np.sin(a), np.cos(a)]])
    y = np.array([[np.cos(b), 0, np.sin(b)], [0, 1, 0], [-np.sin(b), 0, np.cos(b)]])
    z = np.array([[np.cos(c), -np.sin(c), 0], [np.sin(c), np.cos(c), 0], [0, 0, 1]])
    return np.asarray(z @ y @ x)


FOCAL = 1.25
CARD = (1.11, 0.13)
"""Where the middle of a grey card lies across the board, and its side."""


def _rays(across: int, down: int, lens: float) -> Floats:
    """The direction (h, w, 3) in which each pixel looks, through a lens that bends."""
    y, x = np.indices((down, across)) + 0.5
    x, y = (x - across / 2) / (across / 2), (y - down / 2) / (across / 2)
    away = 1 + lens * (x * x + y * y)
    return np.stack([x * away / 2 / FOCAL, y * away / 2 / FOCAL, np.ones_like(x)], -1)


def _corners(scene: Scene, turned: Floats, middle: Floats, tall: float, across: int, down: int) -> Floats:
    found = []
    for x, y in ((-0.5, -0.5), (0.5, -0.5), (0.5, 0.5), (-0.5, 0.5)):
        point = middle + turned[:, 0] * x + turned[:, 1] * y * tall
        wanted = point[:2] / point[2] * 2 * FOCAL
        bent = wanted
        for _ in range(30):
            bent = wanted / (1 + scene.lens * (bent @ bent))
        found.append(bent * across / 2 + np.array([across / 2, down / 2]))
    return np.array(found)


def _processed(seen: Floats, scene: Scene) -> Bytes:
    """What a phone makes of the light: sRGB, then a logistic tone curve in each channel and clarity."""
    coded = encoded_of(seen)
    if scene.sigmoid:
        low, high = (1 / (1 + np.exp(-scene.sigmoid * (end - 0.5) * 2)) for end in (0.0, 1.0))
        coded = (1 / (1 + np.exp(-scene.sigmoid * (coded - 0.5) * 2)) - low) / (high - low)
    if scene.clarity:
        grey = coded.mean(axis=-1)
        coded = coded + scene.clarity * (grey - gaussian_filter(grey, 0.025 * 1280))[..., None]
    return np.asarray(np.rint(np.clip(coded, 0, 1) * 255), np.uint8)
