"""From a school to passes: the strands of masses grouped, lights that are kept, what goes before and
after."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, value_of_lab
from ..colour.spectra import lab_of_spectrum, value_of_spectrum
from ..ground.shares import RIGHT_COLOUR, RIGHT_VALUE
from ..plan.plan import Kind, Reserve
from ..reference.mass import Lab, Mass, MassKind
from ..schools import School, school_named
from ..schools.aims import FINAL, Aim
from ..schools.school import SchoolContext, Strand
from .depth import LARGER, host_of
from .grouping import MOST_PASSES, Ways, near_ties, shared_out, ways_of
from .options import Options
from .painting import RECOVERING, Scene
from .reserve import Decision, Light, decided
from .result import Group, PassType

Floats = NDArray[np.float64]

TIE = 0.05
"""Share of a plan's cost by which another number of passes is as good."""
RESTATED = 0.6
"""Values above the darkest from which a dark need not be restated."""
TONE_ROOM = 1.2
"""Values that a middle tone keeps from both ends of the reach."""
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
    reserves, how = _reserved(scene, bare, options)
    scene = replace(scene, how=how)
    toned: list[int] = []
    # A tone, or patches, would go over what is painted by now.
    fresh = not scene.start.begun
    if school.tones and fresh:
        scene, toned = _toned(scene, bare)
        bare = [b and scene.how[k] is None for k, b in enumerate(bare)]
    elif options.patches and fresh and not scene.medium.transparent:
        scene, toned = _patched(scene, dict(options.patches))
        bare = [False] * len(masses)
    held = {k for k, kind in enumerate(scene.how) if kind is not None and kind in RECOVERING}
    held |= done | set(toned)
    accents = [k for k, m in enumerate(masses) if m.kind is MassKind.ACCENT and not bare[k] and k not in held]
    main = tuple(
        k for k, m in enumerate(masses) if m.kind is not MassKind.ACCENT and not bare[k] and k not in held
    )
    context = SchoolContext(masses, main, scene.medium, scene.surface, options.things)
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
        # Lifted out of the first wash while that is shiny: nothing may come between.
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
            called = f"{thing.name}, {other.words.lower()}"
            found += [replace(s, called=called) for s in other.strands(replace(context, main=main))]
    rest = tuple(k for k in context.main if area[k] not in own)
    return [*found, *school.strands(replace(context, main=rest))]


def are_right(masses: Sequence[Mass], there: Floats) -> list[bool]:
    """Whether what is `there`, (3,) or (m, 3) in Lab, looks like each mass's target, a graded one in its
    middle.

    The light end of a graded mass may be twice as far off, the dark end a quarter farther: a light
    that is missing can still be laid over, a dark that is missing leaves a hole in a shape.
    """
    value = value_of_lab(there)
    off = value_of_lab(np.array([m.target_ends for m in masses]).reshape(-1, 2, 3)) - value[..., None]
    near = (off.max(axis=1) <= 2 * RIGHT_VALUE) & (off.min(axis=1) >= -1.25 * RIGHT_VALUE)
    apart = difference(np.array([m.target_lab for m in masses]).reshape(-1, 3), there)
    middle = np.abs(np.array([m.target for m in masses]) - value)
    return [bool(b) for b in near & (middle <= RIGHT_VALUE) & (apart <= RIGHT_COLOUR)]


def _reserved(
    scene: Scene, bare: Sequence[bool], options: Options
) -> tuple[tuple[Reserve, ...], tuple[Kind | None, ...]]:
    """How each light that stays as bare as the sheet is kept, and the operation that uncovers it."""
    how: list[Kind | None] = [None] * len(scene.masses)
    if not scene.medium.transparent or not any(bare) or all(bare):
        return (), tuple(how)
    how = [Kind.UNMASK if there.masked_at is not None else None for there in scene.lying]
    asked, kept = {word.mass: word.way for word in options.ways}, []
    by_id = {mass.id: k for k, mass in enumerate(scene.masses)}
    for k, mass in enumerate(scene.masses):
        if not bare[k] or how[k] is not None or (not mass.borders and mass.id not in asked):
            continue
        light = light_of(scene, k, by_id, options)
        decision = decided(light, asked.get(mass.id), FINAL if options.aim is Aim.SAFEST else 0.0)
        how[k] = {Kind.MASK: Kind.UNMASK, Kind.RESERVE: None}.get(decision.choice.kind, decision.choice.kind)
        kept.append(_told(mass, decision))
    return tuple(kept), tuple(how)


def light_of(scene: Scene, k: int, by_id: Mapping[str, int], options: Options) -> Light:
    """The figures of a light that decide how it is kept.

    It stains as what is around it, by length of border. Whatever is toxic may run over it, so any of it
    counts.
    """
    mass = scene.masses[k]
    total = max(sum(b.length_cm for b in mass.borders), 1e-9)
    stains, toxic = scene.traits
    staining = sum(float(stains[by_id[b.mass]]) * b.length_cm for b in mass.borders) / total
    softness = sum(b.softness_mm * b.length_cm * (b.hardness < 1) for b in mass.borders) / total
    around = max((scene.masses[by_id[b.mass]].area_cm2 for b in mass.borders), default=0.0)
    slow, fast = scene.medium.cover_cm2
    minutes = around / min(max(scene.medium.cover_gain * around**0.5, slow), fast) if around else 0.0
    return Light(
        mass.width_mm, mass.narrowest_mm, mass.outline_cm, mass.pieces, softness, mass.target,
        scene.surface.value, staining, bool(toxic.any()), minutes, scene.medium.cut_cm,
        scene.medium.open_minutes, options.weight, options.rough, options.whites,
    )  # fmt: skip


def _told(mass: Mass, decision: Decision) -> Reserve:
    return Reserve(
        mass.id, decision.choice.kind, decision.runner_up.kind, decision.sentence, decision.figures,
        tuple((way.kind, way.minutes, way.why) for way in decision.ways if not way.refused),
        decision.overruled,
    )  # fmt: skip


def _toned(scene: Scene, bare: Sequence[bool]) -> tuple[Scene, list[int]]:
    """The middle tone of a wiped picture, the masses it paints as it is, and those wiped out of it."""
    masses = scene.masses
    shares = np.array([m.share for m in masses])
    mean = np.average([m.target_lab for m in masses], axis=0, weights=np.maximum(shares, 1e-9))
    low, high = scene.medium.darkest + TONE_ROOM, scene.surface.value - TONE_ROOM
    middle = float(np.average([m.target for m in masses], weights=np.maximum(shares, 1e-9)))
    value = min(max(middle, min(low, high)), high)
    tone: Lab = (10 * value, float(mean[1]) * 0.6 + 1.5, float(mean[2]) * 0.6 + 4)
    reflectance = scene.box.reflectances(
        scene.box.mixed(np.array([tone]), scene.ground[None]), scene.ground[None]
    )[0]
    how, toned = list(scene.how), []
    is_value, is_lab = float(value_of_spectrum(reflectance)), lab_of_spectrum(reflectance)
    for k, mass in enumerate(masses):
        if bare[k] and scene.medium.transparent:
            continue
        near = abs(mass.target - is_value) <= RIGHT_VALUE
        if (
            near
            and mass.kind is not MassKind.ACCENT
            and float(difference(mass.target_lab, is_lab)) <= 2 * RIGHT_COLOUR
        ):
            toned.append(k)
        elif is_value < mass.target <= scene.surface.value + RIGHT_VALUE:
            how[k] = Kind.WIPE
    everywhere = np.tile(tone, (len(masses), 1))
    return replace(scene, how=tuple(how), tones=everywhere), _standing(masses, toned)


def _patched(scene: Scene, patches: Mapping[str, Lab]) -> tuple[Scene, list[int]]:
    """The muted colour of its area under each mass, and the masses that it paints as they are."""
    masses = scene.masses
    own = {mass.id: patches[mass.area] for mass in masses if mass.area and mass.area in patches}
    tones = np.array([own.get(mass.id) or _patch_around(mass, own, patches) for mass in masses])
    reflectances = scene.box.reflectances(scene.box.mixed(tones, scene.ground), scene.ground)
    right = are_right(masses, lab_of_spectrum(reflectances))
    toned = [
        k for k, mass in enumerate(masses) if right[k] and mass.id in own and mass.kind is not MassKind.ACCENT
    ]
    return replace(scene, tones=tones), _standing(masses, toned)


def _patch_around(mass: Mass, own: Mapping[str, Lab], patches: Mapping[str, Lab]) -> Lab:
    """What is carried on under a mass without a patch: that of its longest border, else the mean of all."""
    known = [border for border in mass.borders if border.mass in own]
    if known:
        return own[max(known, key=lambda border: border.length_cm).mass]
    lightness, a, b = np.mean(list(patches.values()), axis=0).tolist()
    return lightness, a, b


def _standing(masses: Sequence[Mass], toned: Sequence[int]) -> list[int]:
    """The toned masses without those that stand before a thing still to be laid: they come after it."""
    behind = {k: host_of(masses[k], masses) for k in toned}
    names = {masses[k].id for k in toned}
    return [k for k in toned if behind[k] is None or behind[k] in names]


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
        ways_of(masses, scene.weights, min(strand.most, MOST_PASSES))
        for masses, strand in zip(listed, strands, strict=True)
    ]
    if not ways:
        return [], ()
    if fewer and pinned is None:
        pinned = max(1, sum(shared_out(ways, fewest)) - 1)
    # Moving what lies in front can empty a pass: the number nearest to the pinned one is taken.
    found = [
        (sum(numbers), _arranged(scene, _numbered(strands, ways, numbers)))
        for number in ([None] if pinned is None else range(1, MOST_PASSES + 1))
        for numbers in [shared_out(ways, fewest, number)]
    ]
    number, groups = (
        found[0] if pinned is None else min(found, key=lambda tried: abs(shapes_in(tried[1]) - pinned))
    )
    return groups, tuple(n - number + len(groups) for n in near_ties(ways, TIE) if n != number)


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


def _numbered(strands: Sequence[Strand], ways: Sequence[Ways], numbers: Sequence[int]) -> list[Group]:
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
        found += [replace(group, masses=tuple(thin), called="", beside=True)] * bool(thin)
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
