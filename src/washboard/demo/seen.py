"""What the demo's finished piece was photographed as on the way, and a week of drills."""

from __future__ import annotations

import uuid
from datetime import UTC, datetime, timedelta

import numpy as np

from ..core.log.event import EventKind
from ..formats import planfile
from ..store.drills import DrillAnswer
from ..studio import Piece, Studio, drills, easel, reviews
from ..studio.planning import document_of, planned

FINISHED = "Blue kettle, two pears"
"""The piece that was photographed: half way, near the end, and when it was finished."""
SHARES = (0.4, 0.75, 1.0)
"""Shares of the passes after which it was."""
ROUNDS = (4, 6, 6, 8, 8, 10, 12)
"""Questions on each day of the week of drills, and of each the share that was right."""
RIGHT = (0.5, 0.5, 0.6, 0.6, 0.7, 0.75, 0.8)


def photograph(studio: Studio, piece: Piece) -> None:
    """Have the camera stand-in photograph the finished piece at three points of the work, by its log."""
    if studio.observations.of(piece.id):
        return
    plan = planfile.plan_from(document_of(planned(studio, piece)))
    done = {
        line.done: line.at for line in easel.lines_of(studio, piece.id) if line.kind == EventKind.PASS_DONE
    }
    for share in SHARES:
        row = max(1, round(share * len(plan.passes)))
        at = done.get(plan.passes[row - 1].id, datetime.now(UTC)) + timedelta(minutes=5)
        reviews.photograph(studio, piece, row, at)


def practise(studio: Studio, piece: Piece) -> None:
    """Answer questions about a piece on each day of a week, better every day."""
    if studio.drills.all():
        return
    dice, asked = np.random.default_rng(7), drills.questions(studio, piece)
    now = datetime.now(UTC)
    order = dice.permutation(len(asked)).tolist()
    for ago, (count, share) in enumerate(zip(reversed(ROUNDS), reversed(RIGHT), strict=True)):
        for k in range(min(count, len(order))):
            one = asked[order[(ago * 7 + k) % len(order)]]
            right = bool(dice.random() < share)
            option = (one.fields["right"] + (not right)) % len(one.fields["options"])
            fields = {"band": one.fields["band"], "option": option}
            at = (now - timedelta(days=ago, minutes=k)).isoformat()
            name = uuid.uuid4().hex
            studio.drills.add(DrillAnswer(name, one.item, one.fields["kind"], right, fields, at))
