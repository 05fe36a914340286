"""The demo pieces: whether any are missing, and how they come back."""

from __future__ import annotations

from fastapi import APIRouter

from ...demo.fill import add_demo, missing
from ..models.wall import DemoRead
from ..problems import problems
from .access import InStudio

router = APIRouter(prefix="/api/demo", tags=["pieces"])


@router.get("", responses=problems())
def demo(studio: InStudio) -> DemoRead:
    """The names of the demo pieces that are not on the wall."""
    return DemoRead(missing=missing(studio))


@router.put("", responses=problems())
def put_back(studio: InStudio) -> DemoRead:
    """Put every demo piece that is missing on the wall, and its things on a shelf that is empty; what is
    there stays as it is."""
    add_demo(studio)
    return DemoRead(missing=missing(studio))
