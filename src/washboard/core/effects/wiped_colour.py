"""Wiping out in colour: what was wiped out of the tone has the tone's colour; it is glazed with its own when
that is dry."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from ..colour.lab import difference
from ..plan.plan import Kind, Role
from ..plan.spot import Change
from ..reference.mass import Lab, Mass, MassKind
from ..sentence import of_masses, sentence, whole
from ..time.pace import covering_minutes
from .looked import Looked
from .telling import proposed, rising
from .touch import Moment, Proposal, Touch

OFF, FAR = 6.0, 14.0
"""ΔE₀₀ from which a wiped place is worth a glaze, and from which that is sure."""
SMALLEST, MOST = 0.004, 8
"""Share of the picture from which a wiped place is glazed, and how many are."""
THINNED = 0.3
"""Share of a tone's colour that wiping leaves. A guess."""


def found(on: Looked) -> Sequence[Proposal]:
    """For what is wiped out of a tone and ends far from its colour, all in one effect."""
    wiped = [
        on.plan.by_id[o.mass]
        for done in on.plan.passes
        for o in done.operations
        if o.kind is Kind.WIPE and o.role is Role.TARGET
    ]
    off = {mass.id: _off(on, mass) for mass in wiped if mass.kind is not MassKind.ACCENT}
    own = [m for m in wiped if off.get(m.id, 0.0) >= OFF and m.share >= SMALLEST]
    own.sort(key=lambda m: (-off[m.id] * m.share, m.id))
    own = own[:MOST]
    if not own:
        return []
    acts = [act for mass in own for act in _glaze(on, mass)]
    worst = max(off[mass.id] for mass in own)
    told = sentence("effect-wiped-colour", masses=of_masses([m.id for m in own]), off=whole(worst))
    figures = {"deltaE": worst, "masses": float(len(own))}
    return [proposed(on, "wiped-colour", own, rising(worst, OFF / 2, FAR), told, figures, acts)]


def _ends(on: Looked, mass: Mass) -> Lab:
    """The colour that a wiped mass has in the end: what is planned for it at the value it comes to, with what
    wiping leaves of the colour of the tone."""
    value = _comes_to(on, mass)
    masses = on.plan.masses
    share = np.maximum([m.share for m in masses], 1e-9)
    mean = np.average([m.target_lab for m in masses], axis=0, weights=share)
    return 10 * value, float(mean[1]) * THINNED, float(mean[2]) * THINNED


def _comes_to(on: Looked, mass: Mass) -> float:
    """The value that a mass has in the end."""
    return on.plan.predicted[-1][on.plan.masses.index(mass)]


def _off(on: Looked, mass: Mass) -> float:
    return float(difference(np.array(_ends(on, mass)), np.array(mass.target_lab)))


def _glaze(on: Looked, mass: Mass) -> list[Touch]:
    lab = mass.target_lab
    value = min(mass.target, _comes_to(on, mass))
    spot = on.spot(mass, Change.COVERS, (10 * value, lab[1], lab[2]))
    if spot is None:
        return []
    minutes = covering_minutes(on.plan.medium, mass.area_cm2) + 0.5
    row = on.finished.get(mass.id, 0)
    return [Touch(Kind.GLAZE, mass.id, Moment.OVER, 1.0, value, minutes, row, 1, (spot,))]
