"""A photo of a painting laid beside the plan of its piece."""

from __future__ import annotations

import io
from dataclasses import replace
from typing import Any

import numpy as np
from PIL import Image

from ...core.order.prediction import painted
from ...core.review.advice import advised
from ...core.review.expected import index_of
from ...core.review.review import Review, reviewed
from ...core.review.where import against_log, rows_logged, shown_done
from ...devices.camera import Room, SimulatedCamera
from ...devices.painter import MadePainter
from ...formats import reviewfile
from ...formats.image import decoded_at
from ...settings import Stage
from ...words import About, speaker
from ..stages import Stages
from ..stages.results import Result
from ..tasks import MadePhoto, ReviewPhoto
from .expected import expected_of
from .picture import jpeg

STUDIO = Room(
    tilt=7,
    turn=-9,
    roll=1.5,
    bends=0.012,
    light=(0.12, -0.08, -0.04),
    cast=(1.04, 1.0, 0.88),
    table="wood",
    strips=True,
)
"""The room in which the camera stand-in photographs."""


def reviewed_photo(stages: Stages, task: ReviewPhoto) -> dict[str, Any]:
    """What a photo tells, with the straightened painting, the plan as it should look by then, and where they
    differ, as pictures. Raises InvalidImage and InvalidInput."""
    result = stages.result(task.subject)
    expected = stages.memo.once(_expected_key(task), lambda: expected_of(result))
    picture, scale = decoded_at(task.data, reviewfile.LONG_SIDE)
    corners = None if task.corners is None else np.array(task.corners, float) * scale
    found = reviewed(picture, expected, corners)
    plan, state = expected.plan, found.observation.state
    against = against_log(state, plan, task.logged)
    row = rows_logged(plan, task.logged)
    if state.first <= row <= state.last:
        # Photos of passes that look alike do not tell them apart: the log does.
        advice = advised(plan, found.masses, found.observation.sd, row)
        found = replace(found, advice=advice)
    about = About.of(plan)
    fields = reviewfile.document_of(found, expected, scale) | {
        "size": [round(side / scale) for side in (picture.shape[1], picture.shape[0])],
        "done": [
            {"pass": one.done, "masses": list(one.masses)} for one in shown_done(state, plan, task.logged)
        ],
        "against": "" if against is None else speaker().text(against, about),
    }
    return {"fields": fields, "pictures": _pictures(found, result)}


def _pictures(found: Review, result: Result) -> dict[str, bytes]:
    state = found.observation.state
    return {
        "straight": reviewfile.straight_png(found),
        "planned": jpeg(painted(result.table, result.maps, state.row)),
        "difference": reviewfile.difference_png(found),
    }


def made_photo(stages: Stages, task: MadePhoto) -> bytes:
    """A photo of the painting as a made painter would have it after some passes."""
    result = stages.result(task.subject)
    plan, labels = result.worked.plan, result.seen.measured.labels
    bare, planned = (painted(result.table, result.maps, row) for row in (0, task.after))
    made = MadePainter().paints(planned, bare, index_of(labels, plan), task.seed)
    red, green, blue = (float(c) for c in plan.surface.linear)
    margin = stages.memo.once(_expected_key(task), lambda: expected_of(result)).margin
    photo = SimulatedCamera(STUDIO, (red, green, blue)).photograph(made, margin, task.seed)
    held = io.BytesIO()
    Image.fromarray(photo.rgb).save(held, "PNG")
    return held.getvalue()


def _expected_key(task: ReviewPhoto | MadePhoto) -> tuple[str, str]:
    return "expected", task.subject.key(Stage.RESULT)
