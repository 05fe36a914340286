"""Silhouettes: a firm stretch where both sides have one value disappears."""

from __future__ import annotations

from ..key.relations import FIRM, Holds
from ..sentence import Edges, of_masses, sentence, whole
from .finding import Checked, Finding, Weight
from .fix import Hold

LOST = 0.3
"""Values below which a firm edge cannot be told any more."""
SEEN = 0.8
"""Values that the two sides are apart as they are seen: less is an edge that may as well be lost."""
WORTH_CM = 2.0
HUE_TELLS = 14.0
"""Units of a*b* from which colour tells two sides apart where value does not."""


def found(c: Checked) -> list[Finding]:
    """The longest firm stretch between two things whose painted values agree though the seen ones do not."""
    stretches = []
    for mass in c.plan.masses:
        for border in mass.borders:
            other = c.plan.by_id.get(border.mass)
            if other is None or other.id < mass.id or border.hardness < FIRM or border.length_cm < WORTH_CM:
                continue
            step = abs(c.ends[mass.id] - c.ends[other.id])
            (_, a, b), (_, d, e) = mass.target_lab, other.target_lab
            hue = ((a - d) ** 2 + (b - e) ** 2) ** 0.5
            if step < LOST and hue < HUE_TELLS and abs(mass.value - other.value) >= SEEN:
                stretches.append((border.length_cm, mass, other, step))
    if not stretches:
        return []
    length, mass, other, step = max(stretches, key=lambda s: (s[0], s[1].id))
    return [
        Finding(
            "silhouette",
            Weight.WEAKENS,
            {
                "one": of_masses((mass.id,)),
                "other": of_masses((other.id,)),
                "edge": Edges(((mass.id, other.id),), sentence("edge-length", length=whole(length))),
            },
            {"cm": length, "step": step},
            mass.inside,
            (mass.id, other.id),
            (),
            Hold(Holds.EDGES) if abs(mass.target - other.target) < LOST else None,
        )
    ]
