"""The studio wall: all pieces by one request."""

from __future__ import annotations

from fastapi import APIRouter

from ...core.materials.media import medium_named
from ...studio.wall import Strip, strips
from ...words import About, speaker
from ..models.wall import RidgeRead, WallStripRead
from ..problems import problems
from .access import InStudio

router = APIRouter(prefix="/api/wall", tags=["pieces"])


@router.get("", responses=problems())
def wall(studio: InStudio) -> list[WallStripRead]:
    """Every piece, the newest first: how it stands and what is next. Nothing is worked out for it."""
    return [_read(strip) for strip in strips(studio)]


def _read(strip: Strip) -> WallStripRead:
    piece, left = strip.piece, strip.left
    ahead = left.passes if left else ()
    to_come = {own.id for own in ahead}
    return WallStripRead(
        id=piece.id,
        name=piece.name,
        reference=piece.reference.hash if piece.reference else None,
        medium=medium_named(str(piece.settings["medium"])).words,
        width_cm=float(piece.settings["width_cm"]),
        height_cm=float(piece.settings["height_cm"]),
        standing=strip.standing,
        passes=[
            RidgeRead(
                id=own.id,
                minutes=round(own.minutes, 1),
                wait_minutes=round(own.wait, 1),
                done=own.id not in to_come,
            )
            for own in strip.passes
        ],
        next=speaker().text(ahead[0].title, About.of(left)) if left and ahead else "",
        next_minutes=round(ahead[0].minutes, 1) if ahead else 0.0,
        work_minutes=round(left.work, 1) if left else 0.0,
        wait_minutes=round(left.waiting, 1) if left else 0.0,
        painted=strip.painted,
    )
