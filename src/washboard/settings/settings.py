"""All settings of a piece: three decisions, and what can be changed later."""

from __future__ import annotations

from dataclasses import dataclass, fields, replace
from functools import cache
from typing import Annotated, Any

from pydantic import Field

from ..core.composition.borrowed import MOST as MOST_BORROWED
from ..core.errors import InvalidInput, UnknownName
from ..core.key.relations import Thing
from ..core.materials.grounds import Ground, GroundKind, ground_named
from ..core.materials.habit import by_habit
from ..core.materials.media import Medium, medium_named
from ..core.materials.paints import PAINTS, Paint, palette_of
from ..core.materials.sticks import STICKS, Colour, sticks_of
from ..core.materials.stocks import stock_named
from ..core.materials.surfaces import Sheet, Surface, sheet_of, surface_of
from ..core.order.options import Options
from ..core.plan.marks import MOST_MARKS
from ..core.reference import ladder
from ..core.reference.squint import STRONGEST
from ..core.schools import school_named
from ..core.schools.by_object import FEWEST_STAGES, MOST_STAGES, WIDEST_MARGIN
from .declare import Declaration, declarations_of, setting
from .framing import Decisions, Framing
from .groups import MOST_PASSES, Ordering, Preparing, Seeing
from .stage import Stage
from .variant import Variant, VariantModel

MOST_VARIANTS = 8
LONGEST_NAME = 80
ROUGH = 0.6
"""Tooth from which a sheet sparkles under sandpaper."""
UNTOLD = {"medium": "", "surface": "", "width_cm": 0.0, "height_cm": 0.0}
"""The decisions as a stage sees them that does not read them."""


@dataclass(frozen=True)
class Settings(Ordering, Preparing, Seeing, Framing, Decisions):
    """All that is decided about a piece; see the groups.

    `variants`: orders kept under a name. `own`: the painter's own paints for this medium, off the shelf;
    `papers`: the surfaces there, as grounds.
    """

    variants: tuple[Variant, ...] = setting(
        (),
        words="kept orders",
        wire=Annotated[list[VariantModel], Field(max_length=MOST_VARIANTS)],
        read_by=(Stage.SCHOOLS,),
        keeps_order=True,
    )
    own: tuple[Paint, ...] = ()
    papers: tuple[Ground, ...] = ()

    @property
    def catalogue(self) -> dict[str, Paint]:
        """All paints there are to mix with, by key: the listed ones and the painter's own."""
        return PAINTS | {paint.key: paint for paint in self.own}

    @property
    def colours(self) -> tuple[Colour, ...]:
        """The paints that come along, or the sticks in pastel; keys of the other kind wait for their
        medium."""
        if self.medium == "pastel":
            return sticks_of([key for key in self.palette if key not in self.catalogue])
        return self.paints

    @property
    def paints(self) -> tuple[Paint, ...]:
        """The paints that come along in a medium that is mixed."""
        keys = [key for key in self.palette if key not in STICKS]
        return palette_of(self.medium, keys, self.catalogue)

    @property
    def used(self) -> Medium:
        """The medium with its rates as they are by the painter's habit."""
        return by_habit(medium_named(self.medium), self.habit.pace, self.habit.drying)

    @property
    def laid(self) -> Ground | None:
        """The ground that is laid before the first pass, if any; patches are a pass themselves."""
        return None if self.ground in (None, GroundKind.PATCHES) else ground_named(self.medium, self.ground)

    @property
    def start(self) -> Surface:
        """What the first pass meets: the ground where one is laid, else the bare surface."""
        return self.laid.surface if self.laid else surface_of(self.surface)

    def options(self, things: tuple[Thing, ...] = ()) -> Options:
        """What is settled about the order; `things` are the areas, far to near."""
        stock = None if self.stock is None else stock_named(self.medium, self.stock)
        sheet = (300, False) if stock is None else (stock.weight, stock.tooth >= ROUGH)
        return Options(
            self.school,
            self.passes,
            things,
            self.holds,
            self.ways,
            *sheet,
            self.whites,
            self.aim,
            self.groups or (),
            tones=self.tones,
            stages=self.stages,
        )

    def sheet(self, aspect: float) -> Sheet:
        """The sheet with a picture of that format on it, stretched where it is spread."""
        own = (self.width_cm - 2 * self.margin_cm) / max(self.height_cm - 2 * self.margin_cm, 1e-9)
        return sheet_of(self.width_cm, self.height_cm, own if self.spread else aspect, self.margin_cm)

    def checked(self) -> Settings:
        """These settings, or InvalidInput, InvalidSize or UnknownName saying what cannot be."""
        for check in (_check_decisions, _check_ground, _check_order, _check_seeing, _check_places):
            check(self)
        return self

    def with_order(self, order: Ordering) -> Settings:
        """These settings with another order."""
        return replace(self, **{one.name: getattr(order, one.name) for one in fields(Ordering)})

    def read_by(self, *stages: Stage) -> Settings:
        """What some stages read of these settings, everything else being at its default.

        A stage is given this and nothing more, so that nothing it did not declare can change what it makes.
        Of the painter's own paints only those of the palette are left, but for *Mix* and *Prepare*, which
        look for others that would help, and for the schools side by side; papers off the shelf are for
        *Prepare* alone.
        """
        parts: dict[str, set[str]] = {}
        for stage in stages:
            for one in _readable(stage):
                parts.setdefault(one.name, set()).update(one.parts_read(stage, self._given))
        kept: dict[str, Any] = {}
        for name, read in parts.items():
            value = getattr(self, name)
            if "" in read:
                kept[name] = value
            elif read:
                default = declared()[name].default
                kept[name] = replace(default, **{part: getattr(value, part) for part in read})
        if {Stage.MIX, Stage.PREPARE, Stage.SCHOOLS} & set(stages):
            kept["own"] = self.own
        elif "palette" in kept:
            kept["own"] = tuple(paint for paint in self.own if paint.key in self.palette)
        if Stage.PREPARE in stages:
            kept["papers"] = self.papers
        every: dict[str, Any] = UNTOLD | kept
        return Settings(**every)

    def _given(self, name: str) -> bool:
        return bool(getattr(self, name) != declared()[name].default)


@cache
def declared() -> dict[str, Declaration]:
    """Every setting by name."""
    return declarations_of(Settings)


@cache
def _readable(stage: Stage) -> tuple[Declaration, ...]:
    """The settings that a stage may read, whatever else is given. Keys are asked for with every answer."""
    return tuple(one for one in declared().values() if one.parts_read(stage, lambda _: True))


# Whether settings can be: limits, names that exist, things that go together.


def _check_decisions(settings: Settings) -> None:
    medium_named(settings.medium)
    surface_of(settings.surface)
    settings.sheet(settings.width_cm / settings.height_cm if settings.height_cm else 1.0)
    _ = settings.colours, settings.paints
    settings.intent.checked()
    settings.habit.checked()
    if settings.stock is not None:
        sides = stock_named(settings.medium, settings.stock).sides
        if settings.side and settings.side not in sides:
            raise UnknownName("side", settings.side, sides, surface=settings.stock)


def _check_ground(settings: Settings) -> None:
    medium, school = medium_named(settings.medium), settings.school
    if settings.ground != GroundKind.PATCHES:
        _ = settings.laid
        return
    if medium.transparent:
        raise InvalidInput("refused-patches-show-through", medium=settings.medium)
    if school is not None and school_named(school, medium, settings.start).tones:
        raise InvalidInput("refused-wiping-out-over-patches")


def _check_order(settings: Settings) -> None:
    medium = medium_named(settings.medium)
    if settings.school is not None:
        school_named(settings.school, medium, settings.start)
    for own_pass in settings.own_passes:
        own_pass.checked(medium)
    for handled in settings.tools:
        handled.checked(medium)
    for mixed in settings.mixed:
        mixed.checked(medium, settings.start)
    for mark in settings.own_marks:
        mark.checked()
    for edge in settings.edges:
        edge.checked()
    for under in settings.unders:
        under.checked()
    for tone in settings.tones:
        tone.checked()
    if settings.stages is not None and not FEWEST_STAGES <= settings.stages <= MOST_STAGES:
        raise InvalidInput("refused-stages-range", least=FEWEST_STAGES, most=MOST_STAGES)
    if settings.around_cm is not None and not 0 <= settings.around_cm <= WIDEST_MARGIN:
        raise InvalidInput("refused-around-range", most=f"{WIDEST_MARGIN:g}")
    if not 0 <= settings.marks <= MOST_MARKS:
        raise InvalidInput("refused-marks-range", most=MOST_MARKS, marks=settings.marks)
    if settings.passes is not None and not 1 <= settings.passes <= MOST_PASSES:
        raise InvalidInput("refused-passes-range", most_passes=MOST_PASSES, passes=settings.passes)


def _check_seeing(settings: Settings) -> None:
    if settings.thresholds is not None:
        ladder.checked(settings.thresholds)
    ladder.even(settings.bands)
    if not 0 <= settings.squint <= STRONGEST:
        raise InvalidInput("refused-squint-range", strongest=f"{STRONGEST:g}", squint=f"{settings.squint:g}")
    settings.areas.checked()
    settings.arrangement.checked()
    settings.opening.checked()
    if settings.relight is not None:
        settings.relight.checked()
    if len(settings.borrowed) > MOST_BORROWED:
        raise InvalidInput("refused-borrowed-too-many", most_borrowed=MOST_BORROWED)
    for thing in settings.borrowed:
        thing.checked()


def _check_places(settings: Settings) -> None:
    for anchor in settings.names:
        if not (0 <= anchor.x <= 1 and 0 <= anchor.y <= 1):
            raise InvalidInput("refused-name-outside")
        if not 0 < len(anchor.name.strip()) <= LONGEST_NAME:
            raise InvalidInput("refused-name-length", longest_name=LONGEST_NAME)
    if settings.focus is not None and not all(0 <= share <= 1 for share in settings.focus):
        raise InvalidInput("refused-focus-outside")
    if settings.light is not None and not 0 <= settings.light < 360:
        raise InvalidInput("refused-light-range")
    if not all(0 <= word.x <= 1 and 0 <= word.y <= 1 for word in settings.sources):
        raise InvalidInput("refused-lamp-outside")
