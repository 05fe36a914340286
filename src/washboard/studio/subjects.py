"""A piece as the computation sees it."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from dataclasses import replace
from functools import partial
from typing import Any

from ..core.materials.paints import PAINTS, Paint
from ..core.materials.sticks import STICKS
from ..core.name import Name
from ..core.reference.drawn import Shape
from ..pipeline.subject import Identity, Subject
from ..settings import settings_of
from ..store.pieces import Piece
from ..store.plans import StoredPlan
from .studio import Studio


def subject_of(studio: Studio, piece: Piece) -> Subject:
    """A piece as it is set now, the ids of its masses still open."""
    own = studio.own_paints()
    settings = settings_of(_still_owned(piece.settings, own), own)
    settings = replace(settings, papers=studio.own_papers(settings.medium))
    content = piece.reference.hash if piece.reference else None
    wanted = [content] if content else []
    wanted += [thing.photo for thing in settings.borrowed]
    photos = {photo: partial(studio.media.read, photo) for photo in wanted}
    return Subject(settings, content, photos, shapes_of(piece.shapes), language=studio.language)


def identity_of(plan: StoredPlan) -> Identity:
    """The ids and names of masses as a plan has them."""
    masses = sorted(json.loads(plan.document)["masses"], key=lambda mass: int(mass["label"]))
    ids = tuple((int(mass["label"]), str(mass["id"])) for mass in masses)
    names = tuple(
        (str(mass["id"]), Name(**{**naming, "hues": tuple(naming["hues"])}))
        for mass in masses
        if (naming := mass.get("naming"))
    )
    return Identity(ids, int(plan.view["nextMass"]), names)


def shapes_of(given: Sequence[Mapping[str, Any]] | None) -> tuple[Shape, ...]:
    """Drawn shapes from a row's fields."""
    return tuple(
        Shape(tuple((p[0], p[1]) for p in s["points"]), s["value"], s["a"], s["b"]) for s in given or ()
    )


def _still_owned(fields: Mapping[str, Any], own: Sequence[Paint]) -> Mapping[str, Any]:
    """Settings without paints that are no longer on the shelf."""
    known = PAINTS.keys() | STICKS.keys() | {paint.key for paint in own}
    palette = [key for key in fields.get("palette") or () if key in known]
    return {**fields, "palette": palette}
