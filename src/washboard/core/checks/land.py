"""Land against sky: land is the stronger, unless the sky is the storm."""

from __future__ import annotations

from ..key.relations import LAND_FROM, UNDER_SKY, Holds
from ..plan.names import named
from .finding import Checked, Finding, Weight
from .fix import Fix, Hold

CLOSE = 0.25
STORM = 5.0
"""Value of a sky below which it is the storm, or night."""


def found(c: Checked) -> list[Finding]:
    """The lightest large piece of land that comes too near the sky."""
    sky = [m for m in c.shapes if (t := c.thing(m)) and t.sky]
    land = [m for m in c.shapes if m not in sky and m.share >= LAND_FROM]
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
            f"{named(lightest).capitalize()} ends at {c.ends[lightest.id]:.1f}, the sky's darkest at "
            f"{darkest:.1f}.",
            "Land is stronger than the sky, unless the sky is the storm; sunlit snow may be meant so.",
            {"gap": gap},
            lightest.inside,
            (lightest.id,),
            (),
            Fix("keep the land below the sky", Hold(Holds.LAND))
            if min(m.target for m in sky) - lightest.target < UNDER_SKY
            else None,
        )
    ]
