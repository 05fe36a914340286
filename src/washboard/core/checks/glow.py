"""A lamp that does not glow: something else is nearly as light as the source."""

from __future__ import annotations

from ..key.relations import OUTSHINES, SHINES, Holds, lights_among, source_among
from ..reference.mass import Mass
from ..sentence import of_masses, tone
from .finding import Checked, Finding, Weight
from .fix import Hold

LARGEST = 0.06
"""Share of the picture at most that a source takes."""
CLOSE = 0.1
DIM = 5.0
"""Mean value of a picture in which a light is a lamp, not a glint."""


def lamp_of(c: Checked) -> Mass | None:
    """The lamp that the plan has, if it has one. Where nobody has looked at the picture, the source of
    light of a dim one: under a sky by day nothing is a lamp."""
    told = [effect for effect in c.plan.effects if effect.key == "lamp" and not effect.rests]
    if told:
        return c.plan.by_id[max(told, key=lambda effect: (effect.sure, effect.id)).masses[0]]
    if any(mass.seen_light is not None for mass in c.plan.masses):
        # The picture was looked at, and none of its small lights is surely a lamp.
        return None
    place = source_among(c.plan.masses)
    day = any(m.value >= DIM for m in c.shapes if (t := c.thing(m)) and t.sky)
    if place is None or day:
        return None
    source = c.plan.masses[place]
    around = [c.plan.by_id[b.mass].value for b in source.borders if b.mass in c.plan.by_id]
    if source.share > LARGEST or not around or source.value - max(around) < SHINES:
        return None
    total = sum(m.share for m in c.plan.masses)
    dim = sum(m.value * m.share for m in c.plan.masses) <= DIM * total
    return source if dim else None


def found(c: Checked) -> list[Finding]:
    """The source, if something that is no light comes within OUTSHINES of it."""
    source = lamp_of(c)
    if source is None:
        return []
    lights = {c.plan.masses[k].id for k in lights_among(c.plan.masses)} | {source.id}
    rivals = [m for m in c.shapes if m.id not in lights]
    if not rivals:
        return []
    rival = max(rivals, key=lambda m: (c.ends[m.id], m.id))
    gap = c.ends[source.id] - c.ends[rival.id]
    if gap >= OUTSHINES - CLOSE:
        return []
    return [
        Finding(
            "glow",
            Weight.SPOILS,
            {"lamp": of_masses((source.id,)), "rival": of_masses((rival.id,)), "gap": tone(gap)},
            {"gap": gap, "lights": float(len(lights))},
            source.inside,
            (source.id, rival.id),
            (),
            Hold(Holds.LIGHT) if source.target - rival.target < OUTSHINES else None,
        )
    ]
