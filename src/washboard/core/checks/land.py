"""Land against sky: land is the stronger, unless the sky is the storm."""

from __future__ import annotations

from collections.abc import Sequence

from ..key.relations import LAND_FROM, UNDER_SKY, Holds
from ..reference.mass import Mass
from ..sentence import of_masses, tone
from .finding import Checked, Finding, Weight
from .fix import Hold

CLOSE = 0.25
ABOVE = 0.35
"""Height from the top above which nothing is taken for land."""
STORM = 5.5
"""Value of a sky below which it is the storm, or night."""


def found(c: Checked) -> list[Finding]:
    """The lightest large piece of land that comes too near the sky."""
    sky = [m for m in c.shapes if (t := c.thing(m)) and t.sky]
    # What lies in the sky, or reaches the top beside it, is no land.
    low = max(_low(sky), ABOVE)
    land = [m for m in c.shapes if m not in sky and m.share >= LAND_FROM and m.inside[1] >= low]
    if not sky or not land:
        return []
    darkest = min(c.ends[m.id] for m in sky)
    lightest = max(land, key=lambda m: (c.ends[m.id], m.id))
    gap = darkest - c.ends[lightest.id]
    if darkest < STORM or gap >= UNDER_SKY - CLOSE:
        return []
    return [
        Finding(
            "land-against-sky",
            Weight.NOTE,
            {"land": of_masses((lightest.id,)), "value": tone(c.ends[lightest.id]), "sky": tone(darkest)},
            {"gap": gap},
            lightest.inside,
            (lightest.id,),
            (),
            Hold(Holds.LAND) if min(m.target for m in sky) - lightest.target < UNDER_SKY else None,
        )
    ]


def _low(sky: Sequence[Mass]) -> float:
    """How low the sky reaches in its middle (shares), 0 without one."""
    return max((m.inside[1] for m in sky), default=0.0)
