"""One mass: what gets painted alike, with its measures on the surface."""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from enum import StrEnum

from ..name import NAMELESS, Name
from .light import SmallLight
from .look import PLAIN, Look

Lab = tuple[float, float, float]


class MassKind(StrEnum):
    FLAT = "flat"
    GRADED = "graded"
    ACCENT = "accent"


class Form(StrEnum):
    """What a gradation looks like on the surface: along a straight line, round a middle, or along the
    form."""

    STRAIGHT = "straight"
    ROUND = "round"
    CURVED = "curved"


@dataclass(frozen=True)
class Gradation:
    """How a mass is modelled: softly from colour to colour.

    `stops` are two to five colours in CIELAB, the lightest first, each as far along the way as the next, and
    `places` (x, y) where in the mass each is found best; `direction` toward where it runs, in degrees
    counter-clockwise from the right; `centre` of a round one. Places are normalised 0–1 from the top left.
    """

    form: Form
    stops: tuple[Lab, ...]
    direction: float
    places: tuple[tuple[float, float], ...] = ()
    centre: tuple[float, float] | None = None


@dataclass(frozen=True)
class Border:
    """What a mass shares with one neighbour.

    `length_cm` on the surface; `softness_mm` the 10–90 % width of the transition in the unsquinted
    reference; `hardness` 0.2 (lost) to 1 (firm), judged against the picture's own sharpest edges.
    """

    mass: str
    length_cm: float
    softness_mm: float
    hardness: float


@dataclass(frozen=True)
class Mass:
    """A mass and its measures. Values are Munsell 0–10, Lab D65/2°, share 0–1 of the picture.

    `value` is measured in the reference, `target` is what the key plans for this surface and paint.
    `ends` are the colours at both ends of a graded mass, else alike, and `target_ends` as they are planned.
    `gradation` is the soft modelling inside it, None where it is even, and `target_stops` its colours as they
    are planned. `seen_light` is what tells whether a small light is a lamp, a glint or a white thing, None
    where it is none or was not measured.
    `direction` is where a graded mass grows darker, in degrees counter-clockwise from the right.
    `box` is left, top, right, bottom, `centre` x, y, and `inside` the point farthest from its border,
    all normalised 0–1 from the top left. `area` is the id of the area that holds most of it. `name` is the
    painter's, `called` what it goes by.
    """

    id: str
    label: int
    kind: MassKind
    value: float
    spread: float
    lab: Lab
    share: float
    area_cm2: float
    band: int
    band_range: tuple[float, float]
    value_range: tuple[float, float]
    narrowest_mm: float
    width_mm: float
    pieces: int
    outline_cm: float
    centre: tuple[float, float]
    box: tuple[float, float, float, float]
    inside: tuple[float, float]
    ends: tuple[Lab, Lab]
    direction: float | None = None
    light: bool = True
    depth: int | None = None
    target: float = 0.0
    target_ends: tuple[Lab, Lab] = ((0.0, 0.0, 0.0), (0.0, 0.0, 0.0))
    name: str | None = None
    area: str | None = None
    look: Look = PLAIN
    called: Name = NAMELESS
    borders: tuple[Border, ...] = field(default=())
    gradation: Gradation | None = None
    target_stops: tuple[Lab, ...] = ()
    seen_light: SmallLight | None = None

    @property
    def target_lab(self) -> Lab:
        """The planned colour in the middle of both ends."""
        light, dark = self.target_ends
        return ((light[0] + dark[0]) / 2, (light[1] + dark[1]) / 2, (light[2] + dark[2]) / 2)

    def with_id(self, identity: dict[str, str]) -> Mass:
        """The same mass under the ids of `identity`, its borders renamed too."""
        borders = tuple(replace(b, mass=identity.get(b.mass, b.mass)) for b in self.borders)
        return replace(self, id=identity.get(self.id, self.id), borders=borders)
