"""Models of what *Order* asks beyond the plan: schools side by side, findings, repairs."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.plan.own import COARSEST_MM
from ...core.schools.aims import Aim
from ...formats.finerparts import MarkPart
from ...formats.planparts import PassPart
from ...settings.models import SettingsUpdate
from ...settings.wire import Coordinate, Id, Model, OwnPassModel
from .term import Term


class SchoolRead(Model):
    """A school for a piece: what its order would come to, or why it cannot be.

    `after` are numbers of passes at which the `pictures` (JPEG as data) are taken; `mixable`: one area can be
    painted by it; `own`: the painter saved it. A kept order has a `name`, one with an aim that `aim` besides.
    """

    school: str
    words: Term
    why: Term
    feasible: bool
    why_not: str | None = None
    mixable: bool = False
    own: bool = False
    passes: int = 0
    active_minutes: float = 0
    wait_minutes: float = 0
    sittings: int = 0
    irreversible: int = 0
    layers: int = 0
    mixtures: int = 0
    worst_delta_e: float = 0
    mean_delta_e: float = 0
    worst_value_error: float = 0
    mean_value_error: float = 0
    judged_from_pass: int | None = None
    findings: int = 0
    name: str | None = None
    aim: Aim | None = None
    titles: list[str] = Field(default_factory=list)
    after: list[int] = Field(default_factory=list)
    pictures: list[str] = Field(default_factory=list)


class SchoolsRead(Model):
    """All schools for a piece; `plan` is the key of the plan in force, whose masses they all order."""

    plan: str
    schools: list[SchoolRead]
    chosen: str


class OrdersRead(Model):
    """The orders of a piece `kept` under a name, and the present one with other `aims`; `plan` is the key of
    the plan in force, whose masses they all order."""

    plan: str
    kept: list[SchoolRead] = Field(default_factory=list)
    aims: list[SchoolRead] = Field(default_factory=list)


class OwnSchoolCreate(Model):
    """The order of a `piece`, to be saved as a school under a name."""

    piece: Annotated[str, Field(pattern="^[0-9a-f]{32}$", examples=["0" * 32])]
    name: str = Field(max_length=80, examples=["Jaw first"])


class OwnSchoolRead(Model):
    """A school of one's own: its key, which tells all of it, and its name."""

    key: str
    words: Term


class FixRead(Model):
    """What can be tried: a change of settings, to be made as it stands."""

    words: Term
    changes: SettingsUpdate


class WeaknessRead(Model):
    """One thing that weakens a plan, with its figures, its place (shares) and what can be tried."""

    kind: str
    weight: Literal["spoils", "weakens", "note"]
    sentence: str
    marks: list[MarkPart]
    why: str
    figures: dict[str, float]
    place: tuple[float, float]
    masses: list[str]
    passes: list[str]
    fix: FixRead | None


class WeaknessesRead(Model):
    """The findings about a plan, by its key, the weightiest first."""

    plan: str
    findings: list[WeaknessRead]


class MoveCreate(Model):
    """Move a pass to a place, the first being 0; with `repair` the smallest repair is looked for."""

    pass_id: str = Field(max_length=20, examples=["p3"])
    to: int = Field(ge=0, le=50, examples=[0])
    repair: bool = False


class OwnPassCreate(Model):
    """Set a pass of one's own in after another (null: first): one `kind` of operation on some masses, or on
    a place drawn through points of the upright reference: along a stroke so many mm wide, or within an
    outline (0)."""

    kind: Id = Field(examples=["glaze"])
    masses: list[Id] = Field(default_factory=list, max_length=80)
    points: list[tuple[Coordinate, Coordinate]] = Field(default_factory=list, max_length=200)
    width_mm: float = Field(0.0, ge=0, le=COARSEST_MM)
    after: Id | None = Field(None, examples=["p2"])


class RefusalRead(Model):
    """What breaks: the pass, the mass, the rule, and that as a sentence; `by` is the pass in its way, "" for
    none. Passes are told by their numbers in the plan in force."""

    pass_id: str
    mass: str
    rule: str
    by: str
    sentence: str
    marks: list[MarkPart]


class RepairRead(Model):
    """The smallest repair: the whole order, and the passes that it moves besides."""

    order: list[str]
    moved: list[str]


class VerdictRead(Model):
    """The answer to a change of passes: fine, or what breaks, and what would mend it. `own`: the pass that
    was set in."""

    plan: str
    fine: bool
    refusals: list[RefusalRead]
    order: list[str]
    passes: list[PassPart]
    repair: RepairRead | None = None
    own: OwnPassModel | None = None
