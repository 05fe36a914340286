"""Modelling in the predicted pictures: a patch of its own for each step from stop to stop."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import encoded_of, lab_of_linear, linear_of, linear_of_lab, value_of_linear
from ..plan.plan import Kind, Role
from ..reference.mass import Mass
from ..reference.picture import Labels, Singles
from .prediction import PatchMap, Table, patch_map, table_of
from .result import PlanningResult
from .spots import with_spots

Bytes = NDArray[np.uint8]
Floats = NDArray[np.float64]


def prediction_of(
    worked: PlanningResult, parts: Labels, along: Singles, soft: Singles
) -> tuple[Table, PatchMap]:
    """The table and the map of a worked plan, modelled, with its spots; `parts` (h, w), `along` (h, w) 0–1,
    `soft` (h, w) pixels over which the nearest border fades out."""
    table = table_of(worked)
    width_cm = worked.plan.sheet.picture_width_cm
    table, maps = with_modelling(worked, table, patch_map(table, parts, along, soft, width_cm))
    spots = sorted(worked.spots, key=lambda spot: spot.row)
    masses, covers = [mass.id for mass in worked.plan.masses], not worked.scene.medium.transparent
    return with_spots(table, maps, spots, masses, covers)


def with_modelling(worked: PlanningResult, table: Table, maps: PatchMap) -> tuple[Table, PatchMap]:
    """The table and the map with the modelling of every mass in them.

    A mass is modelled in the pass that brings it to its target; until then its colours run straight from end
    to end. Each stop is as far from what was predicted as it was planned to be from the straight line.
    """
    rows = _rows(worked)
    masses = worked.plan.masses
    steps = np.array([len(m.target_stops) - 1 if m.id in rows else 1 for m in masses])[table.mass]
    if (steps == 1).all() and not rows:
        return table, maps
    start = np.concatenate([[0], np.cumsum(steps)])
    owner = np.repeat(np.arange(len(table.mass)), steps)
    share = np.arange(len(owner)) - start[owner]
    ends = np.stack([share, share + 1], axis=1) / steps[owner][:, None]
    colours = _between(table.colours[:, owner].astype(np.float64), ends)
    values = _between(table.values[:, owner], ends)
    for m, mass in enumerate(masses):
        if mass.id in rows:
            own = np.flatnonzero(table.mass[owner] == m)
            row, darkens = rows[mass.id]
            below = colours[row - 1, own] if darkens else None
            changed = _modelled(mass, colours[row:, own], ends[own], below)
            colours[row:, own] = changed
            values[row:, own] = value_of_linear(linear_of(changed / 255))
    fuller = Table(np.rint(colours).astype(np.uint8), values, table.mass[owner], start[:-1][table.patch])
    first, along = _placed(maps.first, maps.along, steps, start)
    second, beyond = _placed(maps.second, maps.beyond, steps, start)
    return fuller, replace(maps, first=first, second=second, along=along, beyond=beyond)


def _rows(worked: PlanningResult) -> dict[str, tuple[int, bool]]:
    """For each mass that is modelled, the row of the table in which it is, and whether it can only darken
    there: transparent paint does, what is lifted or set with opaque white does not."""
    modelled = {mass.id for mass in worked.plan.masses if len(mass.target_stops) > 1}
    clear = worked.scene.medium.transparent
    found: dict[str, tuple[int, bool]] = {}
    for row, done in enumerate(worked.plan.passes, 1):
        for o in done.operations:
            if o.role is Role.TARGET and o.kind.reaches and o.mass in modelled:
                found.setdefault(o.mass, (row, clear and o.kind.lays and o.kind is not Kind.WHITE))
    return found


def _between(table: Floats, ends: Floats) -> Floats:
    """Entries (r, n, 2, …) that run from end to end, at shares (n, 2) of the way."""
    share = ends.reshape(1, *ends.shape, *(1,) * (table.ndim - 3))
    return np.asarray(table[:, :, :1] * (1 - share) + table[:, :, 1:] * share)


def _modelled(mass: Mass, colours: Floats, ends: Floats, below: Floats | None) -> Floats:
    """Colours (r, n, 2, 3) in bytes of a mass with its stops, `ends` (n, 2) being where on the way they lie;
    paint that only darkens leaves no channel lighter than it was `below` (n, 2, 3)."""
    at = np.linspace(0, 1, len(mass.target_stops))
    stops, (light, dark) = np.array(mass.target_stops), np.array(mass.target_ends)
    straight = light + (dark - light) * ends[..., None]
    wanted = np.stack([np.interp(ends, at, stops[:, c]) for c in range(3)], axis=-1)
    lab = lab_of_linear(linear_of(colours / 255)) + (wanted - straight)
    changed = 255 * encoded_of(linear_of_lab(lab))
    return changed if below is None else np.minimum(changed, below)


def _placed(
    patch: NDArray[np.uint16], along: Bytes, steps: NDArray[np.intp], start: NDArray[np.intp]
) -> tuple[NDArray[np.uint16], Bytes]:
    """The patch of each pixel and how far along it lies, once patches have so many `steps` (p,)."""
    count = steps[patch]
    at = along * (count / 255)
    before = np.minimum(at.astype(np.intp), count - 1)
    return (start[patch] + before).astype(np.uint16), np.rint((at - before) * 255).astype(np.uint8)
