"""Object by object, far to near: a little of its background first, then its darks up to its lights."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

from ..materials.media import Medium
from ..name import Name
from ..reference.mass import Mass
from ..sentence import Sentence, sentence
from .school import OPAQUE, TRANSPARENT, School, SchoolContext, Strand

LEAST_SHARE = 0.02
"""Share of the picture under which a thing is one of a family of small things on another."""
LIGHTER = 0.5
"""Values above all that is large from which a small thing is painted last: it is judged beside all else."""
STAGES, FEWEST_STAGES, MOST_STAGES = 3, 3, 9
"""Passes for a thing at most where the painter says nothing: a fixed number of stages keeps the place; and
what the painter may say."""
WIDEST_MARGIN = 10.0
"""Centimetres of background that come round a thing at most."""

Called = Name | Sentence
"""A thing by its name, or small things by what they are."""


def _strands(context: SchoolContext) -> Sequence[Strand]:
    way = -1 if context.medium.transparent else 1
    held, stages = _in_order(context), context.stages
    return [
        Strand(
            context.by(lambda m: way * m.target, thing),
            stages or STAGES,
            None,
            _numbered(called, number, len(held)),
            stages or 0,
        )
        for number, (called, thing) in enumerate(held, 1)
    ]


def _numbered(called: Called, number: int, count: int) -> Sentence:
    """A thing, or a family of small ones, with its place in the row."""
    if isinstance(called, Name):
        return sentence("strand-thing", thing=called, number=number, count=count)
    return Sentence(called.key, {**called.values, "number": number, "count": count})


def _in_order(context: SchoolContext) -> list[tuple[Called, list[int]]]:
    """The masses of each thing, far to near, then the small things on it as one family; of no known thing by
    what encloses them. In paint that covers, small things lighter than all that is large come last."""
    groups = _groups(context)
    small = {key for key, own in groups.items() if _share(context, own) < LEAST_SHARE}
    large = sorted(key for key in groups if key not in small)
    if not large:
        return [(_called(context, key), groups[key]) for key in sorted(groups)]
    at = {context.masses[k].id: key for key, own in groups.items() for k in own}
    masses = context.masses
    others = [masses[k] for key in large for k in groups[key]]
    lit = {key for key in small if comes_last([masses[k] for k in groups[key]], others, context.medium)}
    families: dict[tuple[int, int], list[tuple[int, int]]] = {}
    for key in sorted(small - lit):
        families.setdefault(_lies_on(context, groups[key], at, large), []).append(key)
    ordered = []
    for key in large:
        ordered.append((_called(context, key), groups[key]))
        if key in families:
            ordered.append(_family(context, groups, families[key], "strand-small-things"))
    return [*ordered, _family(context, groups, sorted(lit), "strand-small-lights")] if lit else ordered


def comes_last(own: Sequence[Mass], others: Sequence[Mass], medium: Medium) -> bool:
    """Whether things are so small, and so much lighter than others, that they are judged when those stand."""
    small = sum(mass.share for mass in own) < LEAST_SHARE
    gap = min(mass.target for mass in own) - max((mass.target for mass in others), default=10.0)
    return small and not medium.transparent and gap >= LIGHTER


def _family(
    context: SchoolContext,
    groups: Mapping[tuple[int, int], list[int]],
    keys: Sequence[tuple[int, int]],
    key: str,
) -> tuple[Called, list[int]]:
    """Small things as one: the only one by its name, several by their number."""
    own = [k for thing in keys for k in groups[thing]]
    if len(keys) == 1 and keys[0][0] >= 0 and context.things[keys[0][0]].name.own:
        return _called(context, keys[0]), own
    return sentence(key, things=len(own)), own


def _called(context: SchoolContext, key: tuple[int, int]) -> Called:
    """A thing by its name."""
    place, _ = key
    return context.things[place].name if 0 <= place < len(context.things) else sentence("strand-nameless")


def _groups(context: SchoolContext) -> dict[tuple[int, int], list[int]]:
    known = {thing.id: place for place, thing in enumerate(context.things)}
    groups: dict[tuple[int, int], list[int]] = {}
    for k in context.main:
        mass = context.masses[k]
        place = known.get(mass.area or "", -1)
        groups.setdefault((place, 0 if place >= 0 else mass.depth or 0), []).append(k)
    return groups


def _share(context: SchoolContext, own: Sequence[int]) -> float:
    return sum(context.masses[k].share for k in own)


def _lies_on(
    context: SchoolContext,
    own: Sequence[int],
    at: Mapping[str, tuple[int, int]],
    large: Sequence[tuple[int, int]],
) -> tuple[int, int]:
    """The large thing along which a small one has most of its outline."""
    lengths = dict.fromkeys(large, 0.0)
    for k in own:
        for border in context.masses[k].borders:
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
    # A further pass is cheap here: it concerns one thing, with few paints.
    transparent=replace(TRANSPARENT, another_pass=600),
    opaque=replace(OPAQUE, another_pass=300),
)
