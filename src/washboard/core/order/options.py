"""What the painter has settled about the order."""

from __future__ import annotations

from dataclasses import dataclass

from ..key.relations import Holds, Thing
from ..key.wishes import Tone
from ..plan.plan import Kind
from ..reference.mass import Lab
from ..schools.aims import Aim
from .unders import FREE, Forbidden


@dataclass(frozen=True)
class Kept:
    """How a light is to be kept, as the painter says: the id of its mass and the way."""

    mass: str
    way: Kind


@dataclass(frozen=True)
class Options:
    """What the painter has settled about the order.

    `school` None: as medium and ground suggest; `passes` pins the number of those over shapes (1–9): masks,
    tones, lights won back, accents and thin things come besides; `things` are the areas, far to near;
    `holds`: relations that the key must hold; `ways`: how lights are kept where the painter has overruled
    it; `weight` g/m² of the sheet (0: a board), `rough` whether it has a strong tooth; `whites` whether
    opaque white is allowed; `aim` what the order is to be besides; `groups` which masses
    share a pass over shapes, by their ids, first to last; `mixed` areas that are painted first,
    by a school of their own, as ids and keys; `patches` the colours in Lab of an underpainting, by the ids of
    areas; `tones` how single masses are moved from what the key plans; `forbidden` what nothing may
    run under; `stages` for a thing that is painted by itself, None for the usual; masses
    of less than a share `least` of the picture go with what lies round them.
    """

    school: str | None = None
    passes: int | None = None
    things: tuple[Thing, ...] = ()
    holds: tuple[Holds, ...] = ()
    ways: tuple[Kept, ...] = ()
    weight: int = 300
    rough: bool = False
    whites: bool = True
    aim: Aim | None = None
    groups: tuple[tuple[str, ...], ...] = ()
    mixed: tuple[tuple[str, str], ...] = ()
    patches: tuple[tuple[str, Lab], ...] = ()
    tones: tuple[Tone, ...] = ()
    forbidden: Forbidden = FREE
    stages: int | None = None
    least: float = 0.0


NO_OPTIONS = Options()
