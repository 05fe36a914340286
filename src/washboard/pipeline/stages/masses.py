"""Masses under their ids and names, in their areas."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace

import numpy as np

from ...core.areas.area import Areas
from ...core.reference.identity import inherited
from ...core.reference.mass import Mass, MassKind
from ...core.reference.measures import Measured
from ...core.reference.naming import named_masses
from ...core.reference.place import Anchor
from ...settings import Settings
from ..subject import Identity
from .results import Before, Seen


def identified(seen: Seen, settings: Settings, before: Before | None) -> Identity:
    """Ids for masses, inherited from before, else numbered from 1; and their names."""
    last = before.identity if before else Identity((), 1)
    ids, next_number = inherited(
        seen.measured.labels, before.labels if before else None, dict(last.ids), last.next_number
    )
    numbered = tuple((mass.label, ids[mass.label]) for mass in seen.measured.masses)
    found = named_under(seen, settings, Identity(numbered, next_number, last.names))
    return Identity(numbered, next_number, tuple((mass.id, mass.called) for mass in found.masses))


def named_under(seen: Seen, settings: Settings, identity: Identity) -> Measured:
    """The masses under their ids, in their areas, and by the names they have or are given."""
    measured = named(with_identity(seen.measured, identity), settings, seen.whole)
    masses = masses_in_areas(measured, seen.areas)
    things = {f"a{area.label}": area.name for area in seen.areas.areas if area.name}
    return replace(measured, masses=named_masses(masses, dict(identity.names), things))


def with_identity(measured: Measured, identity: Identity) -> Measured:
    """The masses under these ids."""
    by_label = dict(identity.ids)
    ids = {mass.id: by_label[mass.label] for mass in measured.masses}
    return replace(measured, masses=tuple(mass.with_id(ids) for mass in measured.masses))


def named(measured: Measured, settings: Settings, whole: Areas) -> Measured:
    """Masses with the painter's names: each anchor names the mass it stands in, later ones win."""
    height, width = measured.labels.shape
    by_label = {}
    for anchor in _in_frame(settings, whole):
        row, column = min(int(anchor.y * height), height - 1), min(int(anchor.x * width), width - 1)
        by_label[int(measured.labels[row, column])] = anchor.name.strip()
    masses = tuple(replace(mass, name=by_label.get(mass.label)) for mass in measured.masses)
    return replace(measured, masses=masses)


def _in_frame(settings: Settings, whole: Areas) -> tuple[Anchor, ...]:
    """The painter's names where they lie in the arranged picture; those cropped away rest."""
    height, width = whole.labels.shape
    placed = [
        Anchor(*settings.arrangement.forward(name.x, name.y, width / height), name.name)
        for name in settings.names
    ]
    return tuple(name for name in placed if 0 <= name.x <= 1 and 0 <= name.y <= 1)


def masses_in_areas(measured: Measured, areas: Areas) -> tuple[Mass, ...]:
    """Masses with the area that holds most of each; the only shape in a named area goes by that name."""
    most = int(areas.labels.max()) + 1
    together = measured.labels.astype(np.int64) * most + areas.labels
    held = np.bincount(together.ravel(), minlength=(int(measured.labels.max()) + 1) * most).reshape(-1, most)
    placed = [replace(m, area=f"a{int(held[m.label].argmax())}") for m in measured.masses]
    shapes = Counter(m.area for m in placed if m.kind is not MassKind.ACCENT)
    names = {f"a{area.label}": area.name for area in areas.areas if shapes[f"a{area.label}"] == 1}
    return tuple(
        m if m.name or m.kind is MassKind.ACCENT else replace(m, name=names.get(m.area or "")) for m in placed
    )
