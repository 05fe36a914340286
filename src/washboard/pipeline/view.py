"""What the page needs to show a worked-out piece: tables as plain lists, maps as bytes."""

from __future__ import annotations

import zlib
from typing import Any

import numpy as np

from ..core.areas.area import Area
from ..core.materials.surfaces import described
from ..core.order.hand import hand_of
from ..core.order.prediction import PatchMap
from ..core.reference.ladder import histogram
from ..core.reference.picture import Labels, Singles
from ..core.schools import school_named
from ..formats.packed import packed_table
from ..settings import Settings
from ..words import speaker
from .stages import Result
from .stages.notes import photo_notes


def view_of(result: Result, settings: Settings) -> dict[str, Any]:
    """The plain part: ladder, histogram, the table of predictions, how masses map to labels.

    `back` (6,): a place x, y of the arranged picture lies at (b0 + b1 x + b2 y, b3 + b4 x + b5 y) of the
    reference; `areaWidth` and `areaHeight` are the pixels of the area map, which shows the reference.
    """
    seen, table = result.seen, result.table
    height, width = seen.picture.shape
    tall, wide = seen.whole.labels.shape
    origin, right, down = (settings.arrangement.back(*at, wide / tall) for at in ((0, 0), (1, 0), (0, 1)))
    back = [v for k in (0, 1) for v in (origin[k], right[k] - origin[k], down[k] - origin[k])]
    return {
        "areaWidth": wide,
        "areaHeight": tall,
        "width": width,
        "height": height,
        "thresholds": [round(t, 4) for t in seen.thresholds],
        "histogram": [round(float(s), 5) for s in histogram(seen.squinted.value)],
        "crushed": round(seen.picture.crushed, 5),
        "blown": round(seen.picture.blown, 5),
        "colours": packed_table(table.colours),
        "greys": packed_table(table.greys),
        "patchMass": table.mass.tolist(),
        "nextMass": result.next_number,
        "areas": [_area(area) for area in seen.whole.areas],
        "back": back,
        "school": speaker().local(school_named(result.worked.plan.school).words),
        "surface": speaker().phrase(described(result.worked.plan.surface)),
        "photo": [speaker().text(note) for note in photo_notes(seen.frame, settings)],
    }


def _area(area: Area) -> dict[str, Any]:
    """One area as the page lists it; far to near."""
    return {
        "id": f"a{area.label}",
        "label": area.label,
        "name": area.name,
        "called": speaker().name(area.called),
        "share": round(area.share, 4),
        "value": round(area.value, 2),
        "family": area.family.value,
        "gap": round(area.gap, 2),
        "depth": area.depth,
        "inside": [round(c, 4) for c in area.inside],
    }


def blobs_of(result: Result) -> dict[str, bytes]:
    """The maps, deflated: `maps` as the page unpacks it; `labels`, `areas` and the stretches of border,
    `edges`, as uint16, row by row; `hand` as bytes, 128 where nothing is lighter or darker for being laid
    by hand."""
    seen, plan = result.seen, result.worked.plan
    cm = plan.sheet.picture_width_cm / seen.picture.shape[1]
    hand = hand_of(result.table, result.maps, plan.masses, seen.measured.soft, plan.medium, cm)
    maps = {
        "maps": packed(result.maps),
        "labels": _rows(seen.measured.labels),
        "edges": _rows(result.planned.edges.where),
        "areas": _rows(seen.whole.labels),
        "hand": (hand.astype(np.int16) + 128).astype(np.uint8).tobytes(),
    }
    return {name: zlib.compress(data, 1) for name, data in maps.items()}


def packed(maps: PatchMap) -> bytes:
    """The patch map as the page reads it: first and second as uint16, then three planes of bytes."""
    planes = (maps.first.astype("<u2"), maps.second.astype("<u2"), maps.weight, maps.along, maps.beyond)
    return b"".join(np.ascontiguousarray(plane).tobytes() for plane in planes)


def _rows(labels: Labels) -> bytes:
    return labels.astype("<u2").tobytes()


def value_bytes(value: Singles) -> bytes:
    """A value picture as bytes, 25.5 steps a value, deflated."""
    return zlib.compress(np.clip(np.rint(value * 25.5), 0, 255).astype(np.uint8).tobytes(), 1)
