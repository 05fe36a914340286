"""Whether a plan that was read hangs together: every name is of something in it, every row as long as it
should be."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from ..core.errors import InvalidPlan
from .planparts import Document

LONGEST = 30
"""Letters of a name that are told."""


def checked(document: Document, judged: bool = False) -> Document:
    """The document; raises InvalidPlan for a mass or pass that is there twice or not at all, and for
    predicted values of other masses or passes than there are.

    Of one that is `judged` next, passes and what is done in them may be anything: the judge says more of them
    than that they do not fit.
    """
    masses = [mass.id for mass in document.masses]
    _once([*masses], "mass")
    _once([str(mass.label) for mass in document.masses], "label")
    known = set(masses)
    _known(_described(document), known)
    if not judged:
        _once([one.id for one in document.passes], "pass")
        _known((act.mass for one in document.passes for act in one.operations), known)
    _predicted(document, judged)
    return document


def _predicted(document: Document, judged: bool) -> None:
    """Raises InvalidPlan for rows of values or colours of other masses, or of more or fewer passes."""
    rows, wide = len(document.passes) + 1, len(document.masses)
    values, colours = document.predicted.values, document.predicted.colours
    as_many = bool(values) if judged else len(values) == rows and len(colours) in (0, rows)
    if not as_many or any(len(row) != wide for row in (*values, *colours)):
        raise InvalidPlan("refused-planfile-predicted", rows=rows, masses=wide)


def _once(names: Iterable[str], what: str) -> None:
    seen = set[str]()
    for name in names:
        if name in seen:
            raise InvalidPlan("refused-planfile-twice", what=what, name=name[:LONGEST])
        seen.add(name)


def _known(names: Iterable[str], known: set[str]) -> None:
    for name in names:
        if name not in known:
            raise InvalidPlan("refused-planfile-no-mass", name=name[:LONGEST])


def _described(document: Document) -> Iterator[str]:
    """Every mass that anything in a plan speaks of beside its acts."""
    for mass in document.masses:
        yield from (beside.mass for beside in mass.neighbours)
    for one in document.passes:
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
