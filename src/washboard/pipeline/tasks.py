"""What the worker process is asked to do."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from ..core.errors import WashboardError
from ..core.reference.windows import Window
from ..formats.transfer import Choices
from .settings import Settings
from .subject import Subject


@dataclass(frozen=True)
class TakeIn:
    """Decode a file's bytes and see whether they hold a picture."""

    content: str
    data: bytes


@dataclass(frozen=True)
class Values:
    """The value picture at a squint: a strength, or as it looks from so many metres."""

    subject: Subject
    strength: float = 0.0
    metres: float | None = None


@dataclass(frozen=True)
class Framing:
    """The picture as it is arranged, or the `whole` reference that it is arranged from, as JPEG."""

    subject: Subject
    whole: bool = False


@dataclass(frozen=True)
class Preparing:
    """Everything that *Prepare* shows."""

    subject: Subject


@dataclass(frozen=True)
class Mixing:
    """The recipe board of a piece."""

    subject: Subject


@dataclass(frozen=True)
class Schooling:
    """Every school for a piece, those of the painter's `own` by their keys, and the `kept` orders (name,
    settings), with pictures on the way."""

    subject: Subject
    kept: tuple[tuple[str, Settings], ...] = ()
    own: tuple[str, ...] = ()


@dataclass(frozen=True)
class Carding:
    """The passes of a piece as cards, or the whole plan on one sheet, as PDF."""

    subject: Subject
    name: str
    sheet: bool = False


@dataclass(frozen=True)
class Tabling:
    """What up to three paints look like over a colour (Lab), in all amounts."""

    subject: Subject
    paints: tuple[str, ...]
    over: tuple[float, float, float]


@dataclass(frozen=True)
class Varying:
    """A mixture (paints and parts, `load` unit films) over a colour, for a target, both Lab: its variants of
    the same value, or, where its test strip was seen to dry at another value and temperature, or as another
    Lab, the recipe corrected."""

    subject: Subject
    parts: tuple[tuple[str, float], ...]
    load: float
    target: tuple[float, float, float]
    over: tuple[float, float, float]
    seen: tuple[float, float, float] | None = None
    seen_value: float | None = None
    warmer: float = 0.0


@dataclass(frozen=True)
class Outlining:
    """The outline to transfer, as SVG or PDF."""

    subject: Subject
    name: str
    pdf: bool
    detail_mm: float
    choices: Choices


@dataclass(frozen=True)
class Studying:
    """A study in so many values, as PNG or as PDF in true size."""

    subject: Subject
    name: str
    pdf: bool
    bands: int
    choices: Choices


@dataclass(frozen=True)
class Comparing:
    """Two windows: `one` and `other` (x, y, half width as shares), `other` on the picture or on what is
    predicted, and a line drawn across both, if any."""

    subject: Subject
    one: Window
    other: Window
    line: tuple[tuple[float, float], tuple[float, float]] | None = None


@dataclass(frozen=True)
class Compute:
    """A whole piece under its name: `before` is the deflated label map, its (h, w), ids, next number."""

    piece: str
    subject: Subject
    before: tuple[bytes, tuple[int, int], Mapping[int, str], int] | None = None


class WorkerDied(WashboardError):
    code = "worker-died"


Task = (
    TakeIn
    | Values
    | Framing
    | Preparing
    | Mixing
    | Schooling
    | Carding
    | Tabling
    | Varying
    | Outlining
    | Studying
    | Comparing
    | Compute
)
