"""Counterchange: along a silhouette what lies behind is darker or lighter than the thing, stretch by stretch,
as the painter wants it; it runs out softly into the rest."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from ..plan.effect import Effect
from ..plan.plan import Kind
from ..plan.spot import Change, spot_of
from ..plan.stretch import Beyond, Stretch
from ..reference.mass import Lab, Mass
from ..sentence import Amount, of_masses, sentence, tone
from ..time.pace import covering_minutes
from .looked import Looked
from .touch import Moment, Proposal, Touch

TELLS = 1.0
"""Values between both sides from which a silhouette tells clearly."""
WIDE = 0.12
"""How far what is changed behind runs out, as a share of the picture's short side. A guess."""
LEAST = 0.15
"""Values under which nothing is to be changed."""
BY = {"watercolour": Kind.DROP_IN, "acrylic": Kind.SCUMBLE, "oil": Kind.BLEND, "pastel": Kind.BLEND}
"""With what the ground behind is strengthened while its pass is laid."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each stretch of silhouette behind which the painter wants it darker or lighter."""
    found = []
    for stretch in on.plan.edges:
        if stretch.beyond is Beyond.AS_SEEN:
            continue
        thing, behind = sides(on, stretch)
        if behind.id in on.turn:
            proposal = _proposal(on, stretch, thing, behind)
            if proposal is not None:
                found.append(proposal)
    return found


def sides(on: Looked, stretch: Stretch) -> tuple[Mass, Mass]:
    """The thing along a stretch and what lies behind it: what is nearer, of two as near the smaller."""
    one, other = (on.plan.by_id[name] for name in stretch.masses)
    nearer = ((one.depth or 0), -one.share) >= ((other.depth or 0), -other.share)
    return (one, other) if nearer else (other, one)


def _proposal(on: Looked, stretch: Stretch, thing: Mass, behind: Mass) -> Proposal | None:
    """The act that makes what lies behind darker or lighter there; None where it is so already."""
    strength, corner = _runs_out(on, stretch, behind)
    if strength is None:
        return None
    darker = stretch.beyond is Beyond.DARKER
    key, row = on.plan.key, on.turn[behind.id]
    now = _planned_there(on, strength, corner)
    wanted = thing.target - TELLS if darker else thing.target + TELLS
    value = min(now[0] / 10, wanted) if darker else max(now[0] / 10, wanted)
    value = min(max(value, key.lowest), key.highest)
    if abs(value - now[0] / 10) < LEAST:
        return None
    lab = _at_value(now, value)
    spot = spot_of(strength, corner, Change.COVERS, lab)
    if spot is None:
        return None
    shares = on.under(spot.at, spot.strength)
    cover = min(1.0, shares.get(behind.id, 0.0))
    area = cover * behind.area_cm2
    minutes = covering_minutes(on.plan.medium, area) + 0.3
    told = sentence(
        "effect-counterchange",
        behind=of_masses((behind.id,)),
        thing=of_masses((thing.id,)),
        how=stretch.beyond.value,
        value=tone(value),
        step=tone(abs(value - now[0] / 10)),
        area=Amount(area, 0 if area >= 10 else 1),
    )
    figures = {"step": value - now[0] / 10, "cm2": area, "minutes": minutes}
    effect = Effect(
        "counterchange", f"counterchange:{behind.id}", (behind.id,), stretch.at, 1.0, told, figures
    )
    kind = BY[on.plan.medium.key]
    act = Touch(kind, behind.id, Moment.WET, cover, value, minutes, row, 1, (spot,))
    return Proposal(effect, row, (act,))


def _runs_out(
    on: Looked, stretch: Stretch, behind: Mass
) -> tuple[NDArray[np.float32] | None, tuple[int, int]]:
    """How strongly each place of what lies behind is changed (h, w), fading away from the stretch, and where
    that lies."""
    if on.stretches is None:
        return None, (0, 0)
    wide = max(2.0, WIDE * min(on.labels.shape))
    (rows, columns), inside = on.there([behind])
    there = on.stretches[rows, columns] == stretch.number
    if not there.any():
        return None, (0, 0)
    far = cv2.distanceTransform((~there).astype(np.uint8), cv2.DIST_L2, 5)
    strength = np.exp(-((far / wide) ** 2)) * inside
    return np.where(strength > 0.02, strength, 0).astype(np.float32), (rows.start, columns.start)


def _planned_there(on: Looked, strength: NDArray[np.float32], corner: tuple[int, int]) -> Lab:
    """The colour that is planned where it is changed most."""
    high, wide = strength.shape
    planned = on.planned[corner[0] : corner[0] + high, corner[1] : corner[1] + wide]
    lightness, a, b = np.median(planned[strength > 0.5 * strength.max()], axis=0).tolist()
    return lightness, a, b


def _at_value(lab: Lab, value: float) -> Lab:
    """A colour at another value: a darker one is not louder."""
    scale = min(1.0, 10 * value / max(lab[0], 1.0))
    return 10 * value, lab[1] * scale, lab[2] * scale
