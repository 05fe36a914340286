"""Small marks of a piece: what its last picture lacks, and which of it is painted or kept."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from ...core.marks.candidates import Candidate, candidates_of
from ...core.marks.choice import chosen_of
from ...core.marks.coming import Ground
from ...core.marks.families import families_of
from ...core.marks.lack import Lack, lack_of, weighed
from ...core.marks.laying import Marked
from ...core.marks.laying import marked as laid
from ...core.marks.textures import textures_of
from ...core.marks.wishes import Wish, wished
from ...core.order.prediction import painted
from ...core.reference.picture import Singles
from .results import Planned, Seen

LEAST_IN_DARK, FULL_FROM = 0.6, 3.0
"""How much a place counts in the dark, and the value from which it counts whole: shadows stay quiet."""


def lacking(seen: Seen, bare: Planned) -> tuple[Lack, tuple[Candidate, ...]]:
    """What the last picture of a plan lacks, and everything that might become a mark."""
    plan = bare.worked.plan
    last = painted(bare.table, bare.maps, len(bare.table.colours) - 1)
    lack = lack_of(seen.picture, last, plan.masses, seen.measured.labels, bare.measured.along, plan.key)
    weight = _weight(seen.picture.value)
    cm = plan.sheet.picture_width_cm / seen.picture.shape[1]
    textures = textures_of(lack, seen.measured.labels, weight, cm)
    return lack, (*candidates_of(lack, weight), *textures)


def marked(
    seen: Seen,
    bare: Planned,
    lack: Lack,
    candidates: tuple[Candidate, ...],
    most: int,
    wishes: Sequence[Wish] = (),
    whites: bool = True,
) -> Marked:
    """The plan with up to `most` marks, and what the painter wants of their families, places in the
    picture."""
    width_cm, shape = bare.worked.plan.sheet.picture_width_cm, bare.maps.first.shape
    cm = width_cm / shape[1]
    weight = _weight(seen.picture.value)
    chosen = chosen_of(candidates, lack, weight, cm, most)
    families = wished(families_of(chosen, cm, shape), wishes, candidates, lack, weight, cm)
    on = Ground(bare.worked, bare.table, bare.maps, float(weighed(lack.apart).sum()))
    return laid(on, families, whites)


def _weight(value: Singles) -> Singles:
    return np.clip(value / FULL_FROM, LEAST_IN_DARK, 1).astype(np.float32)
