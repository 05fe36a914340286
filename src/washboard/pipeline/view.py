"""What the page needs to show a worked-out piece: tables as plain lists, maps as bytes."""

from __future__ import annotations

import zlib
from typing import Any

import numpy as np

from ..core.areas.area import Area
from ..core.reference.ladder import histogram
from ..core.reference.picture import Labels, Singles
from .stages import Result, packed


def view_of(result: Result) -> dict[str, Any]:
    """The plain part: ladder, histogram, the table of predictions, how masses map to labels."""
    seen, table = result.seen, result.table
    height, width = seen.picture.shape
    return {
        "width": width,
        "height": height,
        "thresholds": [round(t, 4) for t in seen.thresholds],
        "histogram": [round(float(s), 5) for s in histogram(seen.squinted.value)],
        "crushed": round(seen.picture.crushed, 5),
        "blown": round(seen.picture.blown, 5),
        "colours": table.colours.tolist(),
        "greys": table.greys.tolist(),
        "patchMass": table.mass.tolist(),
        "nextMass": result.next_number,
        "areas": [_area(area) for area in seen.areas.areas],
    }


def _area(area: Area) -> dict[str, Any]:
    """One area as the page lists it; far to near."""
    return {
        "id": f"a{area.label}", "label": area.label, "name": area.name, "called": area.called,
        "share": round(area.share, 4), "value": round(area.value, 2), "family": area.family.value,
        "gap": round(area.gap, 2), "depth": area.depth, "inside": [round(c, 4) for c in area.inside],
    }  # fmt: skip


def blobs_of(result: Result) -> dict[str, bytes]:
    """The maps, deflated: `maps` as the page unpacks it; `labels` and `areas` as uint16, row by row."""
    seen = result.seen
    maps = {
        "maps": packed(result.maps),
        "labels": _rows(seen.measured.labels),
        "areas": _rows(seen.areas.labels),
    }
    return {name: zlib.compress(data, 1) for name, data in maps.items()}


def _rows(labels: Labels) -> bytes:
    return labels.astype("<u2").tobytes()


def value_bytes(value: Singles) -> bytes:
    """A value picture as bytes, 25.5 steps a value, deflated."""
    return zlib.compress(np.clip(np.rint(value * 25.5), 0, 255).astype(np.uint8).tobytes(), 1)
