"""Where a pass is painted: its own masses, those it is painted across, those it goes round."""

from __future__ import annotations

from dataclasses import dataclass

from .plan import Kind, Pass, Role

MOSTLY = 0.5
"""Share of a mass from which a pass that goes over it is said to be painted across it."""


@dataclass(frozen=True)
class Where:
    """Ids of masses: `painted` by the pass, painted `across` since they come later, or painted `round`."""

    painted: tuple[str, ...]
    across: tuple[str, ...]
    round: tuple[str, ...]


def where_of(done: Pass) -> Where:
    """Where a pass is painted. Masks count as painted; a mass is in one of the three at most."""
    kept = [o.mass for o in done.operations if o.kind in (Kind.RESERVE, Kind.LEAVE)]
    kept += [mass for reason in done.reasons if reason.kind == "goes-round" for mass in reason.masses]
    painted = [
        o.mass
        for o in done.operations
        if o.mass not in kept and (o.role is Role.TARGET or o.kind in (Kind.MASK, Kind.UNMASK))
    ]
    across = [
        o.mass
        for o in done.operations
        if o.role is Role.UNDER and o.cover > MOSTLY and o.mass not in kept and o.mass not in painted
    ]
    own, later, bare = (tuple(dict.fromkeys(ids)) for ids in (painted, across, kept))
    return Where(own, later, bare)
