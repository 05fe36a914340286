"""Glints: mirror light on a form, one firm touch each at its measured value, with nothing soft beside it."""

from __future__ import annotations

from collections.abc import Sequence

from ..plan.effect import Effect
from ..plan.plan import Kind
from ..reference.light import GLINT, LEADS, SmallLight
from ..reference.mass import Mass
from ..sentence import of_masses, sentence, tone
from .layers import crisp, touches
from .looked import Looked
from .touch import Moment, Proposal, Touch

TELLS = 0.2
"""Values by which the core of a glint, or its rim, differs from how its mass is laid, to be worth a touch."""
MOST_RIM = 0.7
"""Share of its lights that a darker rim takes at most."""


def found(on: Looked) -> Sequence[Proposal]:
    """The glints of each pass together."""
    by_row: dict[int, list[tuple[Mass, SmallLight]]] = {}
    for mass in on.plan.masses:
        seen = mass.seen_light
        if seen is not None and seen.lead >= LEADS and seen.surely(GLINT) and mass.id in on.finished:
            by_row.setdefault(on.finished[mass.id], []).append((mass, seen))
    return [_glints(on, own, row) for row, own in sorted(by_row.items())]


def _glints(on: Looked, own: Sequence[tuple[Mass, SmallLight]], row: int) -> Proposal:
    """The glints of one pass, a touch each."""
    masses = [mass for mass, _ in own]
    names = tuple(mass.id for mass in masses)
    lead = sum(seen.lead for _, seen in own) / len(own)
    told = sentence("effect-glint", masses=of_masses(names), count=len(names), lead=tone(lead))
    acts = [
        Touch(Kind.ACCENT, mass.id, Moment.INSTEAD, 1.0, mass.target, 0.0, row)
        for mass in masses
        if mass.id in on.turn and not on.plan.medium.transparent
    ]
    crop = on.crop(*masses)
    rim = crisp(on, crop, crop.inside & (crop.apart <= -TELLS), lighter=False, finest=0.1)
    # What is darker nearly all over is no rim.
    rim = rim if rim is not None and rim.share <= MOST_RIM else None
    core = crisp(on, crop, crop.inside & (crop.apart >= TELLS), lighter=True, finest=0.1)
    layers = [
        (Kind.DETAIL, one) for one in (rim, None if on.plan.medium.transparent else core) if one is not None
    ]
    acts += touches(on, layers, masses, row)
    figures = {"count": float(len(own)), "lead": lead}
    sure = min(seen.odds[GLINT] for _, seen in own)
    effect = Effect(GLINT, f"glint:{names[0]}", names, own[0][0].inside, sure, told, figures)
    return Proposal(effect, row, tuple(acts))
