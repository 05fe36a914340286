"""Object by object, far to near: a little of its background first, then its darks up to its lights."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

from .school import OPAQUE, TRANSPARENT, School, Sight, Strand

LEAST_SHARE = 0.02
"""Share of the picture under which a thing is one of a family of small things on another."""
STAGES = 3
"""Passes for a thing at most: a fixed number of stages keeps the place."""


def _strands(sight: Sight) -> Sequence[Strand]:
    way = -1 if sight.medium.transparent else 1
    held = _in_order(sight)
    return [
        Strand(sight.by(lambda m: way * m.target, thing), STAGES, None, called.format(number, len(held)))
        for number, (called, thing) in enumerate(held, 1)
    ]


def _in_order(sight: Sight) -> list[tuple[str, list[int]]]:
    """The masses of each thing, far to near, then the small things on it as one family; of no known thing by
    what encloses them."""
    groups = _groups(sight)
    small = {key for key, own in groups.items() if _share(sight, own) < LEAST_SHARE}
    large = sorted(key for key in groups if key not in small)
    if not large:
        return [(_called(sight, key), groups[key]) for key in sorted(groups)]
    at = {sight.masses[k].id: key for key, own in groups.items() for k in own}
    families: dict[tuple[int, int], list[int]] = {}
    for key in sorted(small):
        on = _lies_on(sight, groups[key], at, large)
        families.setdefault(on, []).extend(groups[key])
    ordered = []
    for key in large:
        ordered.append((_called(sight, key), groups[key]))
        if key in families:
            count = len(families[key])
            words = f"{count} small things" if count > 1 else "a small thing"
            ordered.append((words + " on it, {} of {}", families[key]))
    return ordered


def _called(sight: Sight, key: tuple[int, int]) -> str:
    """A thing by its name, with its place in the row left open."""
    place, _ = key
    name = sight.things[place].name if 0 <= place < len(sight.things) else ""
    return (name.replace("{", "").replace("}", "") or "thing") + ", {} of {}"


def _groups(sight: Sight) -> dict[tuple[int, int], list[int]]:
    known = {thing.id: place for place, thing in enumerate(sight.things)}
    groups: dict[tuple[int, int], list[int]] = {}
    for k in sight.main:
        mass = sight.masses[k]
        place = known.get(mass.area or "", -1)
        groups.setdefault((place, 0 if place >= 0 else mass.depth or 0), []).append(k)
    return groups


def _share(sight: Sight, own: Sequence[int]) -> float:
    return sum(sight.masses[k].share for k in own)


def _lies_on(
    sight: Sight, own: Sequence[int], at: Mapping[str, tuple[int, int]], large: Sequence[tuple[int, int]]
) -> tuple[int, int]:
    """The large thing along which a small one has most of its outline."""
    lengths = dict.fromkeys(large, 0.0)
    for k in own:
        for border in sight.masses[k].borders:
            key = at.get(border.mass)
            if key in lengths:
                lengths[key] += border.length_cm
    return max(large, key=lambda key: (lengths[key], key))


SCHOOL = School(
    key="by-object",
    words="Object by object",
    strands=_strands,
    fits="each thing is finished from its darks to its lights while its colours are on the palette",
    fewest=1,
    # Turning to another thing is cheap: neither the whole sheet nor the whole palette changes.
    transparent=replace(TRANSPARENT, another_pass=600),
    opaque=replace(OPAQUE, another_pass=300),
)
