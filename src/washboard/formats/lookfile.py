"""What was found in a picture as plain JSON: areas, horizon, light, focus, bands, findings, grounds."""

from __future__ import annotations

import json
from collections.abc import Sequence
from pathlib import Path
from typing import Any

import cv2
import numpy as np

from ..core.areas.area import Area
from ..core.composition.findings.finding import Composed, Finding
from ..core.composition.horizon import Horizon
from ..core.composition.light import Light
from ..core.ground.choice import Candidate
from ..core.materials.surfaces import Sheet
from ..core.reference.picture import Labels, Picture
from ..words import speaker

LOOK, GROUND = "washboard-look", "washboard-ground"
VERSION = 1


def look_document(
    composed: Composed, light: Light | None, findings: Sequence[Finding], thresholds: Sequence[float]
) -> dict[str, Any]:
    """All that was seen. cm from the picture's top left corner, degrees counter-clockwise from the right."""
    sheet, focus = composed.sheet, composed.focus
    return {
        "format": LOOK,
        "version": VERSION,
        "widthCm": round(sheet.picture_width_cm, 2),
        "heightCm": round(sheet.picture_height_cm, 2),
        "areas": [area_entry(area) for area in composed.areas.areas],
        "horizon": horizon_entry(composed.horizon, sheet),
        "lightDirectionDeg": round(light.direction, 1) if light else None,
        "focus": {
            "xCm": round(focus.x * sheet.picture_width_cm, 2),
            "yCm": round(focus.y * sheet.picture_height_cm, 2),
        },
        "bands": bands_of(composed.picture, thresholds),
        "photo": {
            "crushed": round(composed.picture.crushed, 5),
            "blown": round(composed.picture.blown, 5),
            "findings": photo_findings(composed.picture),
        },
        "findings": [
            {
                "kind": f.kind,
                "sentence": speaker().text(f.sentence),
                "why": speaker().text(f.why),
                "x": round(f.place[0], 4),
                "y": round(f.place[1], 4),
                "areas": list(f.areas),
                "fix": f.trying and speaker().text(f.trying),
            }
            for f in findings
        ],
    }


def area_entry(area: Area) -> dict[str, Any]:
    """One area: label in the map, name, share 0–1, depth (0 farthest), family."""
    return {
        "label": area.label,
        "name": speaker().name(area.called),
        "share": round(area.share, 5),
        "depth": area.depth,
        "family": area.family.value,
        "value": round(area.value, 2),
    }


def horizon_entry(line: Horizon | None, sheet: Sheet) -> dict[str, float] | None:
    """Both ends in cm from the top, tilt in degrees, positive when the right end is higher."""
    if line is None:
        return None
    height = sheet.picture_height_cm
    return {
        "leftCm": round(line.left * height, 3),
        "rightCm": round(line.right * height, 3),
        "tiltDeg": round(line.tilt, 3),
    }


def bands_of(picture: Picture, thresholds: Sequence[float]) -> list[dict[str, float]]:
    """The value bands, darkest first, with the share of the picture in each."""
    edges = [0.0, *thresholds, 10.0]
    held, _ = np.histogram(np.clip(picture.value, 0, 9.9999), edges)
    return [
        {"from": round(low, 3), "to": round(high, 3), "share": round(float(n) / picture.value.size, 5)}
        for low, high, n in zip(edges[:-1], edges[1:], held, strict=True)
    ]


def photo_findings(picture: Picture) -> list[str]:
    """What the photo itself has lost, in sentences."""
    found = []
    if picture.crushed > 0.01:
        found.append(
            f"{100 * picture.crushed:.1f} % of the photo is crushed to black: what is in those darks "
            "it does not tell."
        )
    if picture.blown > 0.01:
        found.append(
            f"{100 * picture.blown:.1f} % of the photo is blown to white: look whether it is really "
            "paper white."
        )
    return found


def ground_document(candidates: Sequence[Candidate], medium: str) -> dict[str, Any]:
    """The candidates, best first, with their figures."""
    return {
        "format": GROUND,
        "version": VERSION,
        "medium": medium,
        "candidates": [ground_entry(c) for c in candidates],
    }


def ground_entry(c: Candidate) -> dict[str, Any]:
    """One candidate ground with the figures its rank goes by."""
    return {
        "key": c.ground.key,
        "words": c.ground.words,
        "kind": c.ground.kind.value,
        "value": round(c.surface.value, 2),
        "lab": [round(x, 2) for x in c.surface.lab],
        "share": round(c.share, 4),
        "fewerLayers": c.fewer,
        "masses": c.masses,
        "layers": round(c.coats, 3),
        "lightsLayers": c.lights_coats,
        "toLightest": round(c.to_lightest, 2),
        "toDarkest": round(c.to_darkest, 2),
        "lightsLost": round(c.lost, 3),
        "paint": c.ground.paint,
        "minutes": round(c.minutes, 1),
        "dryMinutes": round(c.dry_minutes, 1),
        "note": c.ground.note,
        "tone": c.ground.tone,
        "stock": c.ground.stock,
        "why": " ".join(map(speaker().text, c.why)),
    }


def written(document: dict[str, Any]) -> str:
    """A document as text, the same for the same content."""
    return json.dumps(document, ensure_ascii=False, indent=1) + "\n"


def write_labels(path: Path, labels: Labels) -> None:
    """A label map (h, w) as a 16-bit PNG; raises OSError where it cannot be written."""
    done, data = cv2.imencode(".png", labels.astype(np.uint16))
    if not done:
        raise OSError("the map could not be written")
    path.write_bytes(data.tobytes())
