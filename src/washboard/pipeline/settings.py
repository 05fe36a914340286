"""What a painter has decided about a piece, and what was left to the program."""

from __future__ import annotations

from dataclasses import dataclass, field

from ..core.areas.corrections import NONE, Corrections
from ..core.composition.arrangement import AS_SEEN, Arrangement
from ..core.composition.borrowed import MOST as MOST_BORROWED
from ..core.composition.borrowed import Borrowed
from ..core.composition.sources import Said
from ..core.errors import InvalidInput, UnknownName
from ..core.key.relations import Holds, Thing
from ..core.materials.grounds import Ground, GroundKind, ground_named
from ..core.materials.media import medium_named
from ..core.materials.paints import PAINTS, Paint, palette_of
from ..core.materials.stocks import stock_named
from ..core.materials.surfaces import Sheet, Surface, sheet_of, surface_of
from ..core.order.aims import Aim
from ..core.order.own import Own
from ..core.order.schools import school_named
from ..core.order.tools import Handled
from ..core.order.wishes import Kept, Wishes
from ..core.reference import ladder
from ..core.reference.opening import AS_TAKEN, Opening
from ..core.reference.place import Anchor
from ..core.reference.squint import STRONGEST
from .intent import NO_INTENT, Intent
from .mixed import Mixed

MOST_PASSES = 9
LONGEST_NAME = 80
ROUGH = 0.6
"""Tooth from which a sheet sparkles under sandpaper."""


@dataclass(frozen=True)
class Settings:
    """Three decisions (medium, surface, size in cm) and what can be changed later.

    `school` None: by medium and ground. `passes` over shapes, None: as many as it takes. `thresholds` None:
    found, or even where `even`. `order` names passes in the painter's order. `spread` stretches the picture
    to the sheet's format; `margin_cm` is left free all round. `light`: degrees it comes from, where the
    painter has said so. `ground`: a listed ground laid before the first pass. `palette`: keys of the paints
    that come along, empty for the usual ones. `opening` spreads the ends of the photo, `borrowed` are things
    cut from other photos. `sources`: where a light shines, or does not, as the painter says. `stock` and
    `side`: the kind of sheet or panel, where it was said. `own`: the painter's own paints for this medium.
    `ways`: how lights are kept where the painter overrules; `whites`: whether opaque white is allowed.
    `holds`: relations of values that the key must hold. `pins`: passes that stay where they are.
    `aim`: what the order is to be besides. `groups`: which masses share a pass, as the painter says.
    `mixed`: areas with a school of their own. `own_passes` stand where `order` names them, and it leaves out
    the passes that are `dropped`. `tools`: what passes are done with instead of the usual.
    """

    medium: str
    surface: str
    width_cm: float
    height_cm: float
    school: str | None = None
    passes: int | None = None
    bands: int = 5
    even: bool = False
    thresholds: tuple[float, ...] | None = None
    squint: float = 1.0
    names: tuple[Anchor, ...] = field(default=())
    order: tuple[str, ...] | None = None
    areas: Corrections = NONE
    arrangement: Arrangement = AS_SEEN
    spread: bool = False
    margin_cm: float = 0.0
    focus: tuple[float, float] | None = None
    light: float | None = None
    ground: str | None = None
    palette: tuple[str, ...] = ()
    intent: Intent = NO_INTENT
    opening: Opening = AS_TAKEN
    borrowed: tuple[Borrowed, ...] = ()
    sources: tuple[Said, ...] = ()
    stock: str | None = None
    side: str = ""
    own: tuple[Paint, ...] = ()
    ways: tuple[Kept, ...] = ()
    whites: bool = True
    holds: tuple[Holds, ...] = ()
    pins: tuple[str, ...] = ()
    aim: Aim | None = None
    groups: tuple[tuple[str, ...], ...] | None = None
    mixed: tuple[Mixed, ...] = ()
    own_passes: tuple[Own, ...] = ()
    dropped: tuple[str, ...] = ()
    tools: tuple[Handled, ...] = ()

    @property
    def catalogue(self) -> dict[str, Paint]:
        """All paints there are to mix with, by key: the listed ones and the painter's own."""
        return PAINTS | {paint.key: paint for paint in self.own}

    @property
    def paints(self) -> tuple[Paint, ...]:
        """The paints that come along."""
        return palette_of(self.medium, self.palette, self.catalogue)

    @property
    def laid(self) -> Ground | None:
        """The ground that is laid before the first pass, if any; patches are a pass themselves."""
        return None if self.ground in (None, GroundKind.PATCHES) else ground_named(self.medium, self.ground)

    @property
    def start(self) -> Surface:
        """What the first pass meets: the ground where one is laid, else the bare surface."""
        return self.laid.surface if self.laid else surface_of(self.surface)

    def wishes(self, things: tuple[Thing, ...] = ()) -> Wishes:
        """What is settled about the order; `things` are the areas, far to near."""
        stock = None if self.stock is None else stock_named(self.medium, self.stock)
        sheet = (300, False) if stock is None else (stock.weight, stock.tooth >= ROUGH)
        return Wishes(
            self.school, self.passes, things, self.holds, self.ways, *sheet, self.whites, self.aim,
            self.groups or (),
        )  # fmt: skip

    def sheet(self, aspect: float) -> Sheet:
        """The sheet with a picture of that format on it, stretched where it is spread."""
        own = (self.width_cm - 2 * self.margin_cm) / max(self.height_cm - 2 * self.margin_cm, 1e-9)
        return sheet_of(self.width_cm, self.height_cm, own if self.spread else aspect, self.margin_cm)

    def _ground_checked(self) -> None:
        medium, school = medium_named(self.medium), self.school
        if self.ground != GroundKind.PATCHES:
            _ = self.laid
            return
        if medium.transparent:
            raise InvalidInput(
                f"An underpainting in patches would show through {self.medium}, which only darkens; it is "
                "for paint that covers. The ground was kept as it was."
            )
        if school is not None and school_named(school, medium, self.start).tones:
            raise InvalidInput(
                "Wiping out lays one tone of its own to take the lights out of: choose another school, or "
                "another ground than patches. The piece was kept as it was."
            )

    def checked(self) -> Settings:
        """These settings, or InvalidInput, InvalidSize or UnknownName saying what cannot be."""
        medium_named(self.medium)
        surface_of(self.surface)
        self.sheet(self.width_cm / self.height_cm if self.height_cm else 1.0)
        self._ground_checked()
        if self.school is not None:
            school_named(self.school, medium_named(self.medium), self.start)
        for own_pass in self.own_passes:
            own_pass.checked(medium_named(self.medium))
        for handled in self.tools:
            handled.checked(medium_named(self.medium))
        for own in self.mixed:
            own.checked(medium_named(self.medium), self.start)
        if self.passes is not None and not 1 <= self.passes <= MOST_PASSES:
            raise InvalidInput(f"A plan has 1 to {MOST_PASSES} passes; {self.passes} were asked for.")
        if self.thresholds is not None:
            ladder.checked(self.thresholds)
        ladder.even(self.bands)
        if not 0 <= self.squint <= STRONGEST:
            raise InvalidInput(f"Squint goes from 0 to {STRONGEST:g}; {self.squint:g} was asked for.")
        for anchor in self.names:
            if not (0 <= anchor.x <= 1 and 0 <= anchor.y <= 1):
                raise InvalidInput("A name must stand inside the picture (x and y from 0 to 1).")
            if not 0 < len(anchor.name.strip()) <= LONGEST_NAME:
                raise InvalidInput(f"A name has 1 to {LONGEST_NAME} characters.")
        self.areas.checked()
        self.arrangement.checked()
        if self.focus is not None and not all(0 <= share <= 1 for share in self.focus):
            raise InvalidInput("The focus must lie inside the picture; it was kept where it was.")
        if self.light is not None and not 0 <= self.light < 360:
            raise InvalidInput("Light comes from 0 to 360°, counter-clockwise from the right; it was kept.")
        _ = self.paints
        self.intent.checked()
        self.opening.checked()
        if self.stock is not None:
            sides = stock_named(self.medium, self.stock).sides
            if self.side and self.side not in sides:
                raise UnknownName(f"side of {self.stock}", self.side, sides)
        if len(self.borrowed) > MOST_BORROWED:
            raise InvalidInput(
                f"Up to {MOST_BORROWED} things can be borrowed from other photos; they were kept."
            )
        for thing in self.borrowed:
            thing.checked()
        if not all(0 <= word.x <= 1 and 0 <= word.y <= 1 for word in self.sources):
            raise InvalidInput("A light shines inside the picture; it was kept as it was.")
        return self
