"""Masses under their ids and names, in their areas."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace

import numpy as np

from ...core.areas.area import Areas
from ...core.reference.identity import inherited
from ...core.reference.mass import Mass, MassKind
from ...core.reference.measures import Measured, with_straight
from ...core.reference.naming import named_masses
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
    straight = with_straight(seen.measured, _straight(seen.measured, settings, seen.whole))
    measured = named(with_identity(straight, identity), settings, seen.whole)
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
    by_label = {}
    for name in settings.names:
        if (label := _label_at(measured, (name.x, name.y), settings, whole)) is not None:
            by_label[label] = name.name.strip()
    masses = tuple(replace(mass, name=by_label.get(mass.label)) for mass in measured.masses)
    return replace(measured, masses=masses)


def _straight(measured: Measured, settings: Settings, whole: Areas) -> set[int]:
    """Labels of the masses whose modelling the painter made straight."""
    found = {_label_at(measured, place, settings, whole) for place in settings.straight}
    return {label for label in found if label is not None}


def _label_at(measured: Measured, place: tuple[float, float], settings: Settings, whole: Areas) -> int | None:
    """The mass at a place of the reference, where that lies in the arranged picture; None if it is cut
    off."""
    tall, wide = whole.labels.shape
    x, y = settings.arrangement.forward(*place, wide / tall)
    if not (0 <= x <= 1 and 0 <= y <= 1):
        return None
    height, width = measured.labels.shape
    return int(measured.labels[min(int(y * height), height - 1), min(int(x * width), width - 1)])


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
