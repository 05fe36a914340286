"""Names for masses: a noun that cannot be wrong, look, place; never two alike, and kept once given."""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import replace
from itertools import count

from ..colour.words import tone_of
from ..name import Name, letter_of
from .mass import Mass, MassKind

UNSAID = ("dark-middle", "middle", "light-middle")
"""Tones that a name leaves out: most masses are of them."""
OVER_MOST = 0.5
"""Share of the picture from which a mass has no place in it."""
RING, STRIP, SPOT, CORNER = 0.3, 3.0, 0.006, 0.25
"""Least hole of a ring and length over width of a strip; largest share of a spot and of a corner."""
SIDE, THIRD, END = 0.12, 0.36, 1 / 6
"""From a side of the picture: what is far out, what is left or right, and what it must reach to be at the
bottom or the top."""
MIDDLE = 0.44
"""From here to its mirror lies the centre where left or right of it is told."""
SHADE, LARGER = 0.3, 1.5
"""Values by which one of two is the lighter, and times by which it is the larger."""


def named_masses(
    masses: Sequence[Mass], kept: Mapping[str, Name] | None = None, things: Mapping[str, str] | None = None
) -> tuple[Mass, ...]:
    """The masses with names, no two alike.

    `kept`: names by ids as they were given before; one stays while its mass looks the same. `things`: the
    painter's names of areas by their ids. Of several masses in an area none takes the area's own name.
    """
    shared = _shared(masses, things or {})
    given = {m.id: Name(own=m.name) for m in masses if m.name and m.name.casefold() not in shared}
    taken = set(given.values())
    for mass in masses:
        before = (kept or {}).get(mass.id)
        if mass.id not in given and before and not before.own and before not in taken:
            now = _plain(mass, things or {})
            if (before.look, before.within) == (now.look, now.within) and before.place in _places(mass):
                given[mass.id] = before
                taken.add(before)
    fresh = [mass for mass in masses if mass.id not in given]
    given |= _apart(fresh, {mass.id: _plain(mass, things or {}) for mass in fresh}, taken)
    return tuple(replace(mass, called=given[mass.id]) for mass in masses)


def _shared(masses: Sequence[Mass], things: Mapping[str, str]) -> set[str]:
    """The painter's names of areas in which several masses lie, accents aside."""
    inside = Counter(mass.area for mass in masses if mass.kind is not MassKind.ACCENT)
    return {name.casefold() for area, name in things.items() if inside[area] > 1}


def _plain(mass: Mass, things: Mapping[str, str]) -> Name:
    """A mass's name before it is told apart from others."""
    tone = tone_of(mass.value)
    within = things.get(mass.area or "", "")
    noun = noun_of(mass)
    if mass.kind is MassKind.ACCENT:
        return Name(noun=noun, place="" if within else coarse_place(mass), within=within)
    return Name(
        noun=noun,
        tone="" if tone in UNSAID else tone,
        hues=_said_hues(mass.look.hues, tone),
        place="" if within else coarse_place(mass),
        within=within,
    )


def _said_hues(hues: tuple[str, ...], tone: str) -> tuple[str, ...]:
    """Nobody sees a hue in black or white."""
    return () if tone in ("black", "white") else hues


def noun_of(mass: Mass) -> str:
    """What a mass is by its shape alone."""
    if mass.kind is MassKind.ACCENT:
        return "highlight" if mass.light else "dark-accent"
    left, top, right, bottom = mass.look.sides
    touched = sum(mass.look.sides)
    if touched >= 3:
        return "background" if top else "foreground"
    if mass.look.hole >= RING:
        return "ring"
    if mass.look.long >= STRIP:
        return "strip"
    if touched == 2 and (left or right) and (top or bottom) and mass.share <= CORNER:
        return "corner"
    return "spot" if mass.share < SPOT else "patch"


def coarse_place(mass: Mass) -> str:
    """Where a mass lies, of fifteen places: left, centre or right of the top, above, the middle, below and
    the bottom; `everywhere` from OVER_MOST of the picture."""
    if mass.share > OVER_MOST:
        return "everywhere"
    x, y = mass.inside
    return _words(_row(mass, y), "left" if x < THIRD else "right" if x > 1 - THIRD else "")


def fine_place(mass: Mass) -> str:
    """The same with far and near the centre told besides."""
    if mass.share > OVER_MOST:
        return "everywhere"
    x, y = mass.inside
    side = "left" if x < MIDDLE else "right" if x > 1 - MIDDLE else ""
    out = min(x, 1 - x)
    how = "far-" if out < SIDE else "near-" if side and out >= THIRD else ""
    return how + _words(_row(mass, y), side)


def _row(mass: Mass, y: float) -> str:
    if y < THIRD:
        return "top" if mass.box[1] < END else "upper"
    if y > 1 - THIRD:
        return "bottom" if mass.box[3] > 1 - END else "lower"
    return ""


def _words(row: str, side: str) -> str:
    return "-".join(word for word in (row, side) if word) or "centre"


def _places(mass: Mass) -> tuple[str, ...]:
    return "", coarse_place(mass), fine_place(mass)


def _apart(masses: Sequence[Mass], names: Mapping[str, Name], taken: set[Name]) -> dict[str, Name]:
    """Names told apart: by a finer place, then lighter and darker, large and small, then a letter."""
    found = dict(names)
    steps: Sequence[Callable[[Sequence[Mass], Mapping[str, Name]], dict[str, Name]]]
    steps = (_finer, _by_shade, _by_size)
    by_id = {mass.id: mass for mass in masses}
    for step in steps:
        for group in _alike(found, taken):
            found |= step([by_id[name] for name in group], found)
    used = set(taken)
    for group in _alike(found, taken):
        ranked = sorted(group, key=lambda name: (-by_id[name].share, by_id[name].label))
        free = (replace(found[group[0]], letter=letter_of(k)) for k in count())
        for name in ranked:
            found[name] = next(one for one in free if one not in used)
            used.add(found[name])
    return found


def _alike(found: Mapping[str, Name], taken: Iterable[Name]) -> list[list[str]]:
    groups: defaultdict[Name, list[str]] = defaultdict(list)
    for key, name in found.items():
        groups[name].append(key)
    used = set(taken)
    return [keys for name, keys in groups.items() if len(keys) > 1 or name in used]


def _finer(group: Sequence[Mass], names: Mapping[str, Name]) -> dict[str, Name]:
    if names[group[0].id].within:
        return {}
    return {m.id: replace(names[m.id], place=fine_place(m)) for m in group}


def _by_shade(group: Sequence[Mass], names: Mapping[str, Name]) -> dict[str, Name]:
    if len(group) != 2:
        return {}
    dark, light = sorted(group, key=lambda m: m.value)
    if light.value - dark.value < SHADE:
        return {}
    return {m.id: _sized(names[m.id], size) for m, size in ((dark, "darker"), (light, "lighter"))}


def _by_size(group: Sequence[Mass], names: Mapping[str, Name]) -> dict[str, Name]:
    if len(group) != 2:
        return {}
    small, large = sorted(group, key=lambda m: m.share)
    if large.share < LARGER * small.share:
        return {}
    return {m.id: _sized(names[m.id], size) for m, size in ((small, "small"), (large, "large"))}


def _sized(name: Name, size: str) -> Name:
    """With two hues and a tone besides, a name would grow too long to be read."""
    return replace(name, size=size, hues=name.hues[:1])
