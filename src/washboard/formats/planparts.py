"""The parts of the open plan format, as models."""

from __future__ import annotations

from typing import Literal

from pydantic import Field

from ..core.areas.corrections import Family
from ..core.plan.plan import Kind, Role
from ..core.reference.mass import MassKind
from .finerparts import EdgePart, EffectPart, GradationPart, HabitPart, LightPart, MarkFamilyPart, MarkPart
from .part import LabColour, Length, Part, Share, Value

VERSION = 1


class SurfacePart(Part):
    words: str
    value: Value
    lab: LabColour


class ReferencePart(Part):
    hash: str
    width_px: int = Field(gt=0)
    height_px: int = Field(gt=0)
    width_cm: float = Field(gt=0)
    height_cm: float = Field(gt=0)


class SheetPart(Part):
    width_cm: float = Field(gt=0)
    height_cm: float = Field(gt=0)
    picture_width_cm: float = Field(gt=0)
    picture_height_cm: float = Field(gt=0)


class KeyPart(Part):
    measured: tuple[float, ...]
    planned: tuple[float, ...]
    lowest: Value
    highest: Value


class NeighbourPart(Part):
    mass: str
    length_cm: Length
    softness_mm: Length
    hardness: Share


class NamePart(Part):
    """What a mass is called, by keys of words; `own` is the painter's word, and then all that counts."""

    own: str = ""
    noun: str = "patch"
    tone: str = ""
    hues: tuple[str, ...] = ()
    place: str = ""
    within: str = ""
    size: str = ""
    letter: str = ""


class LookPart(Part):
    """How a mass looks and lies: hues, sides touched, how hollow and how long."""

    hues: tuple[str, ...] = ("grey",)
    sides: tuple[bool, bool, bool, bool] = (False, False, False, False)
    hole: float = 0.0
    long: float = 1.0


class SaidPart(Part):
    """A text, and where in it masses are named."""

    text: str
    marks: tuple[MarkPart, ...] = ()


class MassPart(Part):
    id: str
    label: int = Field(ge=1)
    name: str | None
    called: str = ""
    naming: NamePart | None = None
    look: LookPart | None = None
    kind: MassKind
    light: bool
    value: Value
    target_value: Value
    spread: float
    lab: LabColour
    share: Share
    area_cm2: Length
    band: int = Field(ge=0)
    band_range: tuple[Value, Value]
    value_range: tuple[float, float]
    area: str | None
    depth: int | None
    reserved: bool
    outline_cm: Length
    narrowest_mm: Length
    width_mm: Length
    pieces: int
    centre: tuple[float, float]
    box: tuple[float, float, float, float]
    inside: tuple[float, float]
    ends: tuple[LabColour, LabColour]
    target_ends: tuple[LabColour, LabColour]
    end_values: tuple[float, float] | None = None
    direction: float | None
    gradation: GradationPart | None = None
    neighbours: tuple[NeighbourPart, ...]
    seen_light: LightPart | None = None


class OperationPart(Part):
    mass: str
    kind: Kind
    role: Role
    cover: Share
    from_value: Value
    to_value: Value
    steps: int = Field(1, ge=1, le=99)
    staining: Share = 0.0
    oil: Share = 0.0
    toxic: bool = False


class ReservePart(Part):
    """How a light is kept or won back, what came next, and the figures behind both."""

    mass: str
    kind: Kind
    runner_up: Kind
    sentence: str
    figures: dict[str, float]
    ways: tuple[tuple[Kind, float, str], ...] = ()
    overruled: bool = False
    marks: tuple[MarkPart, ...] = ()


class ReasonPart(Part):
    kind: str
    sentence: str
    masses: tuple[str, ...]
    figures: dict[str, float]
    marks: tuple[MarkPart, ...] = ()


class WherePart(Part):
    """Ids of masses that a pass paints, is painted across since they come later, and goes round; the one
    whose gradation is told; and how many coats those take that take several."""

    painted: tuple[str, ...] = ()
    across: tuple[str, ...] = ()
    round: tuple[str, ...] = ()
    graded: str = ""
    coats: tuple[tuple[str, int], ...] = ()


class PassPart(Part):
    """A pass. `steps` are the sentences of `what`, and `minds` the findings, with the masses they name."""

    id: str
    title: str
    reason: str
    what: str
    where: str
    edge: str
    values: tuple[float, float]
    minutes: Length
    wait_minutes: Length
    needs: str
    max_lag_minutes: float | None
    operations: tuple[OperationPart, ...]
    reasons: tuple[ReasonPart, ...]
    findings: tuple[str, ...]
    beside: bool = False
    between: Length = 0.0
    title_marks: tuple[MarkPart, ...] = ()
    steps: tuple[SaidPart, ...] = ()
    places: WherePart = WherePart()
    minds: tuple[SaidPart, ...] = ()


class PredictedPart(Part):
    """Values, and colours in CIELAB where the file holds them, at the start and after every pass as rows, of
    each mass as columns; of modelled ones also those of the light and the dark end."""

    values: tuple[tuple[Value, ...], ...]
    colours: tuple[tuple[LabColour, ...], ...] = ()
    ends: tuple[tuple[tuple[LabColour, LabColour], ...], ...] = ()


class MapPart(Part):
    """Where the masses lie: the label of each pixel of the upright reference, a PNG of 16 bits in base64, and
    how far `along` from a mass's light to its dark end, a smaller PNG of 8 bits."""

    width: int = Field(ge=1, le=100_000)
    height: int = Field(ge=1, le=100_000)
    png: str
    along: str = ""


class ToningPart(Part):
    title: str
    what: str
    paint: str
    minutes: Length
    wait: Length
    value: Value


class TotalsPart(Part):
    """Minutes of work and of waiting in all, the ground included."""

    work_minutes: Length
    wait_minutes: Length


class AreaPart(Part):
    """A thing in the reference; depth 0 is the farthest."""

    id: str
    name: str
    share: Share
    value: Value
    depth: int = Field(ge=0)
    family: Family


class LyingPart(Part):
    """What lies on a mass where a plan begins; times are minutes on the sheet's clock, null for never."""

    mass: str
    value: Value
    lab: LabColour | None = None
    layers: int = Field(0, ge=0, le=1000)
    oil: Share = 0.0
    staining: Share = 0.0
    toxic: bool = False
    laid_at: float | None = None
    dry_at: float | None = None
    wet_until: float | None = None
    sprayed_until: float | None = None
    masked_at: float | None = None
    broken: bool = False
    finished: bool = False
    kept: bool = False
    by: str = ""


class StartPart(Part):
    """Where a plan begins that goes on from what happened: the minute, and what lies on the masses."""

    clock: Length
    masses: tuple[LyingPart, ...]


class Document(Part):
    """A plan: `predicted.values` has the surface at the start and after every pass as rows, masses as
    columns.

    Of a plan that goes on from what happened, `done` are the ids of the passes that stay, `logged` those of
    the events that told it, `start` what lies on the surface."""

    washboard: Literal[1]
    engine: str
    piece: str
    medium: str
    habit: HabitPart | None = None
    school: str
    school_reason: str
    surface: SurfacePart
    sheet: SheetPart
    reference: ReferencePart | None
    key: KeyPart
    label_map: str | None
    map: MapPart | None = None
    masses: tuple[MassPart, ...]
    passes: tuple[PassPart, ...]
    predicted: PredictedPart
    notes: tuple[str, ...] = ()
    toning: ToningPart | None = None
    areas: tuple[AreaPart, ...] = ()
    reserves: tuple[ReservePart, ...] = ()
    ties: tuple[int, ...] = ()
    shapes: int = 0
    totals: TotalsPart | None = None
    marks: tuple[MarkFamilyPart, ...] = ()
    effects: tuple[EffectPart, ...] = ()
    edges: tuple[EdgePart, ...] = ()
    done: tuple[str, ...] = ()
    logged: tuple[str, ...] = ()
    start: StartPart | None = None
