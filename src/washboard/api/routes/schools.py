"""Schools of the painter's own: saved from the order of a piece, for every piece, and forgotten."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Query

from ...core.errors import InvalidInput
from ...core.schools import school_named
from ...core.schools.saved import saved_key
from ...formats import planfile
from ...studio import now
from ...studio.planning import document_of, ready
from ..models.order import OwnSchoolCreate, OwnSchoolRead
from ..problems import problems
from .access import InStudio

router = APIRouter(prefix="/api/own-schools", tags=["order"])
MOST_SCHOOLS = 12
"""Schools of one's own that are kept: all are worked out side by side."""


@router.post("", responses=problems(), status_code=201)
def save(studio: InStudio, given: OwnSchoolCreate) -> OwnSchoolRead:
    """Save the order of a piece's passes as a school of one's own."""
    plan = planfile.plan_from(document_of(ready(studio, studio.pieces.get(given.piece))))
    key, known = saved_key(given.name, plan), studio.schools.keys()
    words = school_named(key).words
    if key not in known and words in {school_named(own).words for own in known}:
        raise InvalidInput("refused-approach-name-taken", name=words)
    if len(known) >= MOST_SCHOOLS:
        raise InvalidInput("refused-approaches-too-many", most=MOST_SCHOOLS)
    studio.schools.keep(key, now())
    return OwnSchoolRead(key=key, words=words)


@router.delete("", responses=problems(), status_code=204)
def forget(studio: InStudio, key: Annotated[str, Query(max_length=160)]) -> None:
    """Forget a school of one's own; pieces that are painted by it keep it."""
    studio.schools.forget(key)
