"""What the page needs to show a worked-out piece: tables as plain lists, maps as bytes."""

from __future__ import annotations

import zlib
from typing import Any

import numpy as np

from ..core.reference.ladder import histogram
from ..core.reference.picture import Singles
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
    }


def blobs_of(result: Result) -> dict[str, bytes]:
    """The maps, deflated: `maps` as the page unpacks it and `labels` as uint16, row by row."""
    labels = result.seen.measured.labels.astype("<u2").tobytes()
    return {"maps": zlib.compress(packed(result.maps), 1), "labels": zlib.compress(labels, 1)}


def value_bytes(value: Singles) -> bytes:
    """A value picture as bytes, 25.5 steps a value, deflated."""
    return zlib.compress(np.clip(np.rint(value * 25.5), 0, 255).astype(np.uint8).tobytes(), 1)
