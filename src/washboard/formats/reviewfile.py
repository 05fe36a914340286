"""What a photo of a painting tells, as JSON and in words."""

from __future__ import annotations

import io
from typing import Any

import numpy as np
from numpy.typing import NDArray
from PIL import Image

from ..core.colour.lab import encoded_of
from ..core.errors import InvalidInput
from ..core.log.event import EventKind, What
from ..core.plan.acts import ACTS
from ..core.review.advice import Correction
from ..core.review.expected import Expected
from ..core.review.judged import MassJudged, Unjudged
from ..core.review.observed import Observation
from ..core.review.review import Review
from ..core.review.told import corrected, headed, judged_words, light_words, related
from ..words import About, speaker

LONG_SIDE = 1600
"""Pixels on the long side at which a photo of a painting is read."""
QUICKLY = 1
"""How hard a picture of a review is compressed: it is looked at once."""
MOST_SHOWN = 2.0
"""Values off from which a mass is fully black or white in the picture of differences."""


def corners_from(text: str) -> NDArray[np.float64]:
    """Four corners (4, 2) from `x,y;x,y;x,y;x,y`; raises InvalidInput."""
    try:
        found = np.array([[float(c) for c in pair.split(",")] for pair in text.split(";")])
    except ValueError:
        raise InvalidInput("refused-corners-text", text=text[:60]) from None
    if found.shape != (4, 2):
        raise InvalidInput("refused-corners-four")
    return found


def document_of(review: Review, expected: Expected, scale: float = 1.0) -> dict[str, Any]:
    """A review as JSON: corners in pixels of the photo as it was given, `scale` times which it was read."""
    about, seen = About.of(expected.plan), review.observation
    relative = seen.relative
    return {
        "washboard": 1,
        "corners": _points(seen.found.sheet / scale),
        "picture": _points(seen.found.picture / scale),
        "confidence": round(seen.found.confidence, 3),
        "light": seen.source.value,
        "sd": seen.sd,
        "tone": {"curve": round(seen.tone.curve, 2), "crisp": round(seen.tone.crisp, 2)},
        "hidden": round(seen.shines, 4),
        "sheen": _sheen(seen),
        "masses": [_mass(one, about, relative) for one in review.masses],
        "passReached": seen.state.row,
        "passRange": [seen.state.first, seen.state.last],
        "relations": [
            {
                "masses": list(one.masses),
                "planned": round(one.planned, 2),
                "apart": round(one.apart, 2),
                "sentence": speaker().text(related(one), about),
            }
            for one in review.relations
        ],
        "corrections": [_correction(one, about) for one in review.advice.corrections],
        "leave": [_correction(one, about, left=True) for one in review.advice.leave],
        "within": review.advice.within,
        "stop": review.advice.stop,
        "headline": speaker().text(headed(review), about),
        "lightTold": speaker().text(light_words(seen), about),
        "off": round(review.advice.off, 3),
    }


def _sheen(seen: Observation) -> dict[str, Any] | None:
    sheen = seen.sheen
    if sheen is None:
        return None
    middle = [round(part, 3) for part in sheen.middle]
    return {"middle": middle, "wide": round(sheen.wide, 3), "strong": round(sheen.strong, 4)}


def _points(of: NDArray[np.float64]) -> list[list[float]]:
    return [[round(float(x), 1), round(float(y), 1)] for x, y in of]


def _mass(one: MassJudged, about: About, relative: bool) -> dict[str, Any]:
    told = None if relative else one.value
    return {
        "mass": one.mass,
        "value": None if told is None else round(told, 3),
        "planned": round(one.planned, 3),
        "plannedLab": [round(c, 2) for c in one.planned_lab],
        "difference": None if relative or one.difference is None else round(one.difference, 3),
        "lab": None if one.lab is None or relative else [round(c, 2) for c in one.lab],
        "deltaE": None if relative or one.delta_e is None else round(one.delta_e, 2),
        "spread": round(one.spread, 3),
        "judged": one.judged,
        "unsure": one.unjudged is Unjudged.UNSURE,
        "why": speaker().text(judged_words(one), about),
    }


def _correction(one: Correction, about: About, left: bool = False) -> dict[str, Any]:
    return {
        "masses": list(one.masses),
        "operation": one.operation.value,
        "act": ACTS[one.operation].words,
        "now": round(one.now, 2),
        "reaches": round(one.reaches, 2),
        "gain": round(one.gain, 4),
        "minutes": round(one.minutes, 1),
        "event": {
            "kind": EventKind.ACCIDENT.value,
            "what": (What.TOO_PALE if one.now > one.wanted else What.TOO_DARK).value,
            "masses": list(one.masses),
            "value": round(one.paint, 2),
        },
        "sentence": speaker().text(corrected(one, left), about),
    }


def lines_of(review: Review, expected: Expected) -> list[str]:
    """A review in words, the first thing to do first."""
    about = About.of(expected.plan)
    told = [headed(review), light_words(review.observation)]
    told += [corrected(one) for one in review.advice.corrections]
    told += [related(one) for one in review.relations[:3]]
    return [speaker().text(one, about) for one in told]


def straight_png(review: Review) -> bytes:
    """The straightened painting, its light evened out, as PNG."""
    held = io.BytesIO()
    shown = np.rint(encoded_of(review.observation.reflects) * 255).astype(np.uint8)
    Image.fromarray(shown).save(held, "PNG", compress_level=QUICKLY)
    return held.getvalue()


def difference_png(review: Review) -> bytes:
    """Where a painting differs from the plan, as PNG with alpha: each judged mass in a pure grey, middle
    where it is as planned, white where it is too light; what is not judged is clear."""
    off = [one.difference if one.judged else None for one in review.masses]
    grey = [128 if d is None else round(128 + 127 * max(-1.0, min(1.0, d / MOST_SHOWN))) for d in off]
    looks = np.array([[g, 0 if d is None else 255] for g, d in zip(grey, off, strict=True)], np.uint8)
    held = io.BytesIO()
    Image.fromarray(looks[review.observation.state.blocks.expected.index], "LA").save(
        held, "PNG", compress_level=QUICKLY
    )
    return held.getvalue()
