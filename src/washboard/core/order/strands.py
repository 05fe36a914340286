"""From a school to passes: the strands of masses grouped, lights that are kept, what goes before and
after."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from ..plan.plan import Kind, Reserve
from ..reference.mass import Mass, MassKind
from ..schools import School, school_named
from ..schools.aims import Aim
from ..schools.school import SchoolContext, Strand
from ..sentence import sentence
from .depth import LARGER, host_of
from .grouping import MOST_PASSES, PassGrouping, groupings_of, near_ties, shared_out
from .lights import reserved
from .options import Options
from .painting import RECOVERING, Scene
from .result import Group, PassType
from .tones import are_right, patched, toned_all_over

Floats = NDArray[np.float64]

TIE = 0.05
"""Share of a plan's cost by which another number of passes is as good."""
RESTATED = 0.6
"""Values above the darkest from which a dark need not be restated."""
THIN_MM, SLENDER = 8.0, 8.0
"""Width, and outline over width, of a stem, a mast, a rope: thinner than a brush cuts round."""
WET_LIFTS = frozenset({Kind.LIFT_WET, Kind.BLOT})
"""Ways that take paint off while it is wet."""
LAST = frozenset({Kind.SCRATCH, Kind.SAND, Kind.WHITE})
"""Ways that come after everything else."""


@dataclass(frozen=True)
class Ordered:
    """Masses in passes: `turn` (m,) the pass in which each reaches its target, -1 where it stays bare; what
    was decided about lights; other numbers of passes that would be as good; passes over shapes."""

    scene: Scene
    turn: NDArray[np.int64]
    groups: tuple[Group, ...]
    reserves: tuple[Reserve, ...] = ()
    ties: tuple[int, ...] = ()
    shapes: int = 0


def ordered_by(scene: Scene, school: School, options: Options) -> Ordered:
    """The passes of a school."""
    masses = scene.masses
    # What is painted by now, or on its way to its target, is not left as bare surface any more.
    right = are_right(masses, np.array(scene.surface.lab))
    bare = [r and not (there.layers or there.settled) for r, there in zip(right, scene.lying, strict=True)]
    done = {k for k, there in enumerate(scene.lying) if there.settled}
    reserves, how = reserved(scene, bare, options)
    scene = replace(scene, how=how)
    toned: list[int] = []
    # A tone, or patches, would go over what is painted by now.
    fresh = not scene.start.begun
    if school.tones and fresh:
        scene, toned = toned_all_over(scene, bare)
        bare = [b and scene.how[k] is None for k, b in enumerate(bare)]
    elif options.patches and fresh and not scene.medium.transparent:
        scene, toned = patched(scene, dict(options.patches))
        bare = [False] * len(masses)
    held = {k for k, kind in enumerate(scene.how) if kind is not None and kind in RECOVERING}
    held |= done | set(toned)
    accents = [k for k, m in enumerate(masses) if m.kind is MassKind.ACCENT and not bare[k] and k not in held]
    main = tuple(
        k for k, m in enumerate(masses) if m.kind is not MassKind.ACCENT and not bare[k] and k not in held
    )
    context = SchoolContext(masses, main, scene.medium, scene.surface, options.things, options.stages)
    strands = [strand for strand in _strands(context, school, options) if strand.order]
    scene = replace(scene, how=_laid_as(scene, strands))
    before, after = _around(scene, toned, accents, school, main)
    wet = tuple(k for k, kind in enumerate(scene.how) if kind in WET_LIFTS)
    extra = len(before) + len(after) + bool(wet)
    fewest = max(1, school.fewest - bool(accents))
    if options.groups:
        row = [k for strand in strands for k in strand.order]
        middle, ties = _arranged(scene, _shared_out(scene, row, options.groups)), tuple[int, ...]()
    else:
        middle, ties = _grouped(scene, strands, fewest, options.passes, options.aim is Aim.WAITS)
    shapes = shapes_in(middle)
    if wet:
        # Lifting out of the first wash must follow it at once, while it is shiny.
        middle.insert(1, Group(wet, PassType.RECOVERS, beside=True))
    groups = (*before, *middle, *after)
    turn = np.full(len(masses), -1, np.int64)
    for k, group in enumerate(groups):
        if group.pass_type not in (PassType.MASKS, PassType.RESTATES):
            turn[list(group.masses)] = k
    return Ordered(scene, turn, groups, reserves, tuple(n + extra for n in ties), shapes)


def _strands(context: SchoolContext, school: School, options: Options) -> list[Strand]:
    """The strands of a school; before them those of areas that have a school of their own, far to near."""
    own, found = dict(options.mixed), list[Strand]()
    area = [mass.area for mass in context.masses]
    for thing in options.things:
        main = tuple(k for k in context.main if area[k] == thing.id) if thing.id in own else ()
        if main:
            other = school_named(own[thing.id])
            called = sentence("strand-own-area", thing=thing.name, school=other.said)
            found += [replace(s, called=called) for s in other.strands(replace(context, main=main))]
    rest = tuple(k for k in context.main if area[k] not in own)
    return [*found, *school.strands(replace(context, main=rest))]


def _laid_as(scene: Scene, strands: Sequence[Strand]) -> tuple[Kind | None, ...]:
    how = list(scene.how)
    for strand in strands:
        for k in strand.order:
            how[k] = strand.kind
    return tuple(how)


def _around(
    scene: Scene, toned: Sequence[int], accents: Sequence[int], school: School, main: Sequence[int]
) -> tuple[list[Group], list[Group]]:
    """What goes before the laying (mask, tone, wiping) and after it (recovered lights, accents, last
    things)."""
    by = {kind: [k for k, own in enumerate(scene.how) if own is kind] for kind in RECOVERING}
    before, after = [], []
    unmasked = tuple(k for k in by[Kind.UNMASK] if scene.lying[k].masked_at is None)
    if unmasked:
        before.append(Group(unmasked, PassType.MASKS))
    if scene.tones is not None:
        before.append(Group(tuple(toned), PassType.TONES))
    if by[Kind.WIPE]:
        before.append(Group(tuple(by[Kind.WIPE]), PassType.WIPES))
    soft = [k for kind in RECOVERING - LAST - WET_LIFTS - {Kind.WIPE} for k in by[kind]]
    last = [k for kind in LAST for k in by[kind]]
    if soft:
        after.append(Group(tuple(sorted(soft)), PassType.RECOVERS))
    if accents:
        after.append(Group(tuple(accents)))
    dark = _darkest(scene, main) if school.restates else ()
    if dark:
        after.append(Group(dark, PassType.RESTATES))
    if last:
        after.append(Group(tuple(sorted(last)), PassType.RECOVERS))
    return _besides(before), _besides(after)


def _besides(groups: Sequence[Group]) -> list[Group]:
    return [replace(group, beside=True) for group in groups]


def _darkest(scene: Scene, main: Sequence[int]) -> tuple[int, ...]:
    values = [scene.masses[k].target for k in main]
    return tuple(k for k in main if scene.masses[k].target <= min(values) + RESTATED)


def _grouped(
    scene: Scene, strands: Sequence[Strand], fewest: int, pinned: int | None, fewer: bool
) -> tuple[list[Group], tuple[int, ...]]:
    """The strands' masses by pass, and other numbers of passes as good.

    As many passes as pinned, as far as there are masses for it, or one `fewer` than is best.
    """
    listed = [[scene.masses[k] for k in strand.order] for strand in strands]
    ways = [
        groupings_of(masses, scene.weights, min(strand.most, MOST_PASSES))
        for masses, strand in zip(listed, strands, strict=True)
    ]
    if not ways:
        return [], ()
    if fewer and pinned is None:
        pinned = max(1, sum(shared_out(ways, fewest)) - 1)
    # Putting backgrounds first can empty a pass, so take the number of passes nearest to the pinned one.
    found = [
        (sum(numbers), _arranged(scene, _numbered(strands, ways, numbers)))
        for number in ([None] if pinned is None else range(1, MOST_PASSES + 1))
        for numbers in [_at_least(strands, ways, shared_out(ways, fewest, number), pinned)]
    ]
    number, groups = (
        found[0] if pinned is None else min(found, key=lambda tried: abs(shapes_in(tried[1]) - pinned))
    )
    return groups, tuple(n - number + len(groups) for n in near_ties(ways, TIE) if n != number)


def _at_least(
    strands: Sequence[Strand], ways: Sequence[PassGrouping], numbers: Sequence[int], pinned: int | None
) -> list[int]:
    """As many passes as each strand asks for, as far as it has masses for them, unless their number is
    pinned."""
    if pinned is not None:
        return list(numbers)
    return [
        max(number, min(strand.fewest, len(way.cost) - 1))
        for strand, way, number in zip(strands, ways, numbers, strict=True)
    ]


def _shared_out(scene: Scene, row: Sequence[int], groups: Sequence[Sequence[str]]) -> list[Group]:
    """The masses of a row in passes as the painter shares them out; a forgotten one joins the pass whose
    masses are nearest to it in value."""
    pass_of = {name: k for k, group in enumerate(groups) for name in group}
    named = [k for k in row if scene.masses[k].id in pass_of]
    shared: list[list[int]] = [[] for _ in groups]
    for k in row:
        value = scene.masses[k].target
        nearest = min(named, key=lambda m: abs(scene.masses[m].target - value), default=None)
        own = k if k in named else nearest
        shared[0 if own is None else pass_of[scene.masses[own].id]].append(k)
    return [Group(tuple(own)) for own in shared if own]


def shapes_in(groups: Sequence[Group]) -> int:
    """Passes over shapes."""
    return sum(not group.beside for group in groups)


def _arranged(scene: Scene, groups: list[Group]) -> list[Group]:
    return groups if scene.medium.transparent else _background_first(scene.masses, groups)


def _numbered(strands: Sequence[Strand], ways: Sequence[PassGrouping], numbers: Sequence[int]) -> list[Group]:
    return [
        Group(tuple(strand.order[i] for i in group), PassType.LAYS, strand.called)
        for strand, way, number in zip(strands, ways, numbers, strict=True)
        for group in way.groups(number)
    ]


def _background_first(masses: Sequence[Mass], groups: Sequence[Group]) -> list[Group]:
    """Move a mass that lies in front of another, firm-edged, no earlier than what lies behind it; thin ones
    that had to wait come in a pass of their own after it."""
    pass_of = {masses[m].id: k for k, group in enumerate(groups) for m in group.masses}
    first, late = dict(pass_of), set[str]()
    ordered = sorted((m for group in groups for m in group.masses), key=lambda m: masses[m].depth or 0)
    for m in ordered:
        for behind in _behind(masses[m], masses):
            if behind in pass_of and _firm(masses[m], behind):
                pass_of[masses[m].id] = max(pass_of[masses[m].id], pass_of[behind])
        name = masses[m].id
        waited = _thin(masses[m]) and pass_of[name] > first[name]
        on_late = any(b in late and pass_of[b] == pass_of[name] for b in _behind(masses[m], masses))
        late |= {name} if waited or on_late else set()
    regrouped: list[list[int]] = [[] for _ in groups]
    over: list[list[int]] = [[] for _ in groups]
    for group in groups:
        for m in group.masses:
            name = masses[m].id
            (over if name in late else regrouped)[pass_of[name]].append(m)
    found = []
    for group, own, thin in zip(groups, regrouped, over, strict=True):
        found += [replace(group, masses=tuple(own))] * bool(own)
        found += [replace(group, masses=tuple(thin), called=None, beside=True)] * bool(thin)
    return found


def _behind(mass: Mass, masses: Sequence[Mass]) -> list[str]:
    """What lies behind a mass: what encloses it, and for a thin one every larger neighbour. Nobody cuts a sky
    round reeds."""
    host = host_of(mass, masses)
    found = [] if host is None else [host]
    if _thin(mass):
        size = {other.id: other.area_cm2 for other in masses}
        found += [b.mass for b in mass.borders if size[b.mass] >= LARGER * mass.area_cm2]
    return found


def _thin(mass: Mass) -> bool:
    return mass.width_mm <= THIN_MM and mass.outline_cm >= SLENDER * mass.width_mm / 10


def _firm(mass: Mass, neighbour: str) -> bool:
    return any(b.mass == neighbour and b.hardness > 0.5 for b in mass.borders)
