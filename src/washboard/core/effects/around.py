"""Background round a thing before it: where the thing is built by itself, a margin of what lies behind comes
first, since no colour can be judged against a bare sheet."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import cv2
import numpy as np

from ..name import Name
from ..plan.effect import Effect
from ..plan.plan import Kind
from ..plan.spot import Change, Spot, spot_of
from ..reference.mass import Mass, MassKind
from ..sentence import Amount, of_masses, sentence
from ..time.pace import covering_minutes
from .looked import Looked
from .touch import Moment, Proposal, Touch

USUAL_CM = 1.5
"""Width of the margin where the painter says nothing and the approach builds thing by thing. A guess."""
SCHOOL = "by-object"
LARGEST, SMALLEST = 0.4, 0.004
"""Shares of the picture between which an area is a thing that gets a margin."""
WORTH_CM2 = 0.5
"""Least area of a margin that is worth laying."""
SURE = 0.9


def found(on: Looked) -> Sequence[Proposal]:
    """For each thing of which the background would come after it, far to near; in paint that covers."""
    wide = on.around_cm if on.around_cm is not None else USUAL_CM if on.plan.school == SCHOOL else 0.0
    if on.plan.medium.transparent or wide <= 0:
        return []
    found = []
    for thing in _things(on).values():
        proposal = _proposal(on, thing, wide)
        if proposal is not None:
            found.append(proposal)
    return found


def _things(on: Looked) -> Mapping[str, list[Mass]]:
    """The masses of each thing that is laid, by its area."""
    own: dict[str, list[Mass]] = {}
    for mass in on.plan.masses:
        if mass.area is not None and mass.id in on.turn and mass.kind is not MassKind.ACCENT:
            own.setdefault(mass.area, []).append(mass)
    sized = {
        area: masses for area, masses in own.items() if SMALLEST <= sum(m.share for m in masses) <= LARGEST
    }
    return dict(sorted(sized.items(), key=lambda item: min(on.turn[m.id] for m in item[1])))


def _proposal(on: Looked, thing: Sequence[Mass], wide: float) -> Proposal | None:
    """The margin of all that lies round a thing and comes later; None where nothing does."""
    row = min(on.turn[mass.id] for mass in thing)
    later = _later(on, thing, row)
    if not later:
        return None
    px = wide / on.cm
    (rows, columns), inside = on.there(thing, pad=int(np.ceil(px)) + 1)
    far = cv2.distanceTransform((~inside).astype(np.uint8), cv2.DIST_L2, 5)
    acts, area = list[Touch](), 0.0
    for mass in later:
        ring = (on.labels[rows, columns] == mass.label) & (far <= px)
        spot = spot_of(ring.astype(np.float32), (rows.start, columns.start), Change.COVERS, mass.target_lab)
        if spot is None:
            continue
        cm2 = float(ring.sum()) * on.cm**2
        acts.append(_act(on, mass, spot, cm2, row))
        area += cm2
    if area < WORTH_CM2:
        return None
    names = tuple(act.mass for act in acts)
    told = sentence("effect-around", masses=of_masses(names), thing=_called(thing), wide=Amount(wide, 1))
    figures = {"cm": wide, "cm2": area, "behind": float(len(names))}
    first = max(thing, key=lambda mass: (mass.share, mass.id))
    return Proposal(
        Effect("around", f"around:{first.id}", (first.id, *names), first.inside, SURE, told, figures),
        row,
        tuple(acts),
    )


def _later(on: Looked, thing: Sequence[Mass], row: int) -> list[Mass]:
    """What lies round a thing and is begun after it."""
    own = {mass.id for mass in thing}
    beside = dict.fromkeys(b.mass for mass in thing for b in mass.borders if b.mass not in own)
    # By itself it is proposed only for what lies behind; who asks for a margin gets it of all that is beside.
    size = sum(mass.share for mass in thing) if on.around_cm is None else 0.0
    later = [
        on.plan.by_id[name] for name in beside if on.turn.get(name, -1) > row and on.begun.get(name, 99) > row
    ]
    return [m for m in later if m.kind is not MassKind.ACCENT and _extent(on, m) >= size]


def _extent(on: Looked, mass: Mass) -> float:
    """The share of all that a mass is part of: what is smaller than a thing lies on it or before it."""
    return sum(m.share for m in on.plan.masses if m.area == mass.area) if mass.area else mass.share


def _act(on: Looked, mass: Mass, spot: Spot, cm2: float, row: int) -> Touch:
    cover = min(1.0, cm2 / max(mass.area_cm2, 1e-6))
    minutes = covering_minutes(on.plan.medium, cm2) + 0.3
    kind = Kind.LAYER if on.plan.medium.key == "pastel" else Kind.BLOCK_IN
    return Touch(kind, mass.id, Moment.FIRST, cover, mass.target, minutes, row, 1, (spot,))


def _called(thing: Sequence[Mass]) -> Name:
    """A thing by the name of its largest mass."""
    return max(thing, key=lambda mass: (mass.share, mass.id)).called
