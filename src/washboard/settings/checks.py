"""Whether settings can be: limits, names that exist, things that go together."""

from __future__ import annotations

from typing import TYPE_CHECKING

from ..core.composition.borrowed import MOST as MOST_BORROWED
from ..core.errors import InvalidInput, UnknownName
from ..core.materials.grounds import GroundKind
from ..core.materials.media import medium_named
from ..core.materials.stocks import stock_named
from ..core.materials.surfaces import surface_of
from ..core.reference import ladder
from ..core.reference.squint import STRONGEST
from ..core.schools import school_named
from .groups import MOST_PASSES

if TYPE_CHECKING:
    from .settings import Settings

LONGEST_NAME = 80


def check(settings: Settings) -> None:
    """Raises InvalidInput, InvalidSize or UnknownName saying what cannot be, and that it was kept."""
    _decisions(settings)
    _ground(settings)
    _order(settings)
    _seeing(settings)
    _places(settings)


def _decisions(settings: Settings) -> None:
    medium_named(settings.medium)
    surface_of(settings.surface)
    settings.sheet(settings.width_cm / settings.height_cm if settings.height_cm else 1.0)
    _ = settings.paints
    settings.intent.checked()
    if settings.stock is not None:
        sides = stock_named(settings.medium, settings.stock).sides
        if settings.side and settings.side not in sides:
            raise UnknownName(f"side of {settings.stock}", settings.side, sides)


def _ground(settings: Settings) -> None:
    medium, school = medium_named(settings.medium), settings.school
    if settings.ground != GroundKind.PATCHES:
        _ = settings.laid
        return
    if medium.transparent:
        raise InvalidInput(
            f"An underpainting in patches would show through {settings.medium}, which only darkens; it is "
            "for paint that covers. The ground was kept as it was."
        )
    if school is not None and school_named(school, medium, settings.start).tones:
        raise InvalidInput(
            "Wiping out lays one tone of its own to take the lights out of: choose another school, or "
            "another ground than patches. The piece was kept as it was."
        )


def _order(settings: Settings) -> None:
    medium = medium_named(settings.medium)
    if settings.school is not None:
        school_named(settings.school, medium, settings.start)
    for own_pass in settings.own_passes:
        own_pass.checked(medium)
    for handled in settings.tools:
        handled.checked(medium)
    for mixed in settings.mixed:
        mixed.checked(medium, settings.start)
    if settings.passes is not None and not 1 <= settings.passes <= MOST_PASSES:
        raise InvalidInput(f"A plan has 1 to {MOST_PASSES} passes; {settings.passes} were asked for.")


def _seeing(settings: Settings) -> None:
    if settings.thresholds is not None:
        ladder.checked(settings.thresholds)
    ladder.even(settings.bands)
    if not 0 <= settings.squint <= STRONGEST:
        raise InvalidInput(f"Squint goes from 0 to {STRONGEST:g}; {settings.squint:g} was asked for.")
    settings.areas.checked()
    settings.arrangement.checked()
    settings.opening.checked()
    if len(settings.borrowed) > MOST_BORROWED:
        raise InvalidInput(f"Up to {MOST_BORROWED} things can be borrowed from other photos; they were kept.")
    for thing in settings.borrowed:
        thing.checked()


def _places(settings: Settings) -> None:
    for anchor in settings.names:
        if not (0 <= anchor.x <= 1 and 0 <= anchor.y <= 1):
            raise InvalidInput("A name must stand inside the picture (x and y from 0 to 1).")
        if not 0 < len(anchor.name.strip()) <= LONGEST_NAME:
            raise InvalidInput(f"A name has 1 to {LONGEST_NAME} characters.")
    if settings.focus is not None and not all(0 <= share <= 1 for share in settings.focus):
        raise InvalidInput("The focus must lie inside the picture; it was kept where it was.")
    if settings.light is not None and not 0 <= settings.light < 360:
        raise InvalidInput("Light comes from 0 to 360°, counter-clockwise from the right; it was kept.")
    if not all(0 <= word.x <= 1 and 0 <= word.y <= 1 for word in settings.sources):
        raise InvalidInput("A light shines inside the picture; it was kept as it was.")
