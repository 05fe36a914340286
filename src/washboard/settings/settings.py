"""All settings of a piece: three decisions, and what can be changed later."""

from __future__ import annotations

from dataclasses import dataclass, fields, replace
from functools import cache
from typing import Annotated, Any

from pydantic import Field

from ..core.key.relations import Thing
from ..core.materials.grounds import Ground, GroundKind, ground_named
from ..core.materials.paints import PAINTS, Paint, palette_of
from ..core.materials.stocks import stock_named
from ..core.materials.surfaces import Sheet, Surface, sheet_of, surface_of
from ..core.order.options import Options
from .checks import check
from .declare import Declaration, declarations_of, setting
from .groups import Decisions, Framing, Ordering, Preparing, Seeing
from .stage import Stage
from .variant import Variant, VariantModel

MOST_VARIANTS = 8
ROUGH = 0.6
"""Tooth from which a sheet sparkles under sandpaper."""
UNTOLD = {"medium": "", "surface": "", "width_cm": 0.0, "height_cm": 0.0}
"""The decisions as a stage sees them that does not read them."""


@dataclass(frozen=True)
class Settings(Ordering, Preparing, Seeing, Framing, Decisions):
    """All that is decided about a piece; see the groups.

    `variants`: orders kept under a name. `own`: the painter's own paints for this medium, off the shelf.
    """

    variants: tuple[Variant, ...] = setting(
        (), words="kept orders", wire=Annotated[list[VariantModel], Field(max_length=MOST_VARIANTS)],
        read_by=(Stage.SCHOOLS,), keeps_order=True,
    )  # fmt: skip
    own: tuple[Paint, ...] = ()

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

    def options(self, things: tuple[Thing, ...] = ()) -> Options:
        """What is settled about the order; `things` are the areas, far to near."""
        stock = None if self.stock is None else stock_named(self.medium, self.stock)
        sheet = (300, False) if stock is None else (stock.weight, stock.tooth >= ROUGH)
        return Options(
            self.school, self.passes, things, self.holds, self.ways, *sheet, self.whites, self.aim,
            self.groups or (),
        )  # fmt: skip

    def sheet(self, aspect: float) -> Sheet:
        """The sheet with a picture of that format on it, stretched where it is spread."""
        own = (self.width_cm - 2 * self.margin_cm) / max(self.height_cm - 2 * self.margin_cm, 1e-9)
        return sheet_of(self.width_cm, self.height_cm, own if self.spread else aspect, self.margin_cm)

    def checked(self) -> Settings:
        """These settings, or InvalidInput, InvalidSize or UnknownName saying what cannot be."""
        check(self)
        return self

    def with_order(self, order: Ordering) -> Settings:
        """These settings with another order."""
        return replace(self, **{one.name: getattr(order, one.name) for one in fields(Ordering)})

    def read_by(self, *stages: Stage) -> Settings:
        """What some stages read of these settings, everything else being at its default.

        A stage is given this and nothing more, so that nothing it did not declare can change what it makes.
        Of the painter's own paints only those of the palette are left, but for *Mix* and *Prepare*, which
        look for others that would help, and for the schools side by side.
        """
        kept: dict[str, Any] = {}
        for name, one in declared().items():
            value = getattr(self, name)
            parts = {part for stage in stages for part in one.parts_read(stage, self._given)}
            if "" in parts:
                kept[name] = value
            elif parts:
                kept[name] = replace(one.default, **{part: getattr(value, part) for part in parts})
        if {Stage.MIX, Stage.PREPARE, Stage.SCHOOLS} & set(stages):
            kept["own"] = self.own
        elif "palette" in kept:
            kept["own"] = tuple(paint for paint in self.own if paint.key in self.palette)
        every: dict[str, Any] = UNTOLD | kept
        return Settings(**every)

    def _given(self, name: str) -> bool:
        return bool(getattr(self, name) != declared()[name].default)


@cache
def declared() -> dict[str, Declaration]:
    """Every setting by name."""
    return declarations_of(Settings)
