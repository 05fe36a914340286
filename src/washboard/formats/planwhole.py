"""Whether a plan that was read hangs together: every name is of something in it, every row as long as it
should be."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from ..core.errors import InvalidPlan
from .planparts import Document

LONGEST = 30
"""Letters of a name that are told."""


def checked(document: Document) -> Document:
    """The document; raises InvalidPlan for a mass or pass that is there twice or not at all, and for
    predicted values of other masses or passes than there are."""
    masses = [mass.id for mass in document.masses]
    _once([*masses], "mass")
    _once([str(mass.label) for mass in document.masses], "label")
    _once([one.id for one in document.passes], "pass")
    known = set(masses)
    for name in _named(document):
        if name not in known:
            raise InvalidPlan("refused-planfile-no-mass", name=name[:LONGEST])
    rows, wide = len(document.passes) + 1, len(masses)
    values, colours = document.predicted.values, document.predicted.colours
    if len(values) != rows or any(len(row) != wide for row in values):
        raise InvalidPlan("refused-planfile-predicted", rows=rows, masses=wide)
    if colours and (len(colours) != rows or any(len(row) != wide for row in colours)):
        raise InvalidPlan("refused-planfile-predicted", rows=rows, masses=wide)
    return document


def _once(names: Iterable[str], what: str) -> None:
    seen = set[str]()
    for name in names:
        if name in seen:
            raise InvalidPlan("refused-planfile-twice", what=what, name=name[:LONGEST])
        seen.add(name)


def _named(document: Document) -> Iterator[str]:
    """Every mass that anything in a plan speaks of."""
    for mass in document.masses:
        yield from (beside.mass for beside in mass.neighbours)
    for one in document.passes:
        yield from (act.mass for act in one.operations)
        for reason in one.reasons:
            yield from reason.masses
        for places in (one.places.painted, one.places.across, one.places.round):
            yield from places
        yield from (name for name, _ in one.places.coats)
    yield from (reserve.mass for reserve in document.reserves)
    for effect in document.effects:
        yield from effect.masses
    for edge in document.edges:
        yield from edge.masses
    if document.start:
        yield from (lying.mass for lying in document.start.masses)
