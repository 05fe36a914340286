"""Relations that cannot hold together, named as the smallest sets that already conflict."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from .relations import Relation

CLOSE = 1e-9


@dataclass(frozen=True)
class Conflict:
    """Places of relations that conflict by themselves while any fewer of them would hold; `reach` whether the
    reach of paint and surface is part of it; `excess` values by which they ask too much together."""

    relations: tuple[int, ...]
    reach: bool
    excess: float


def conflicts(relations: Sequence[Relation], count: int, room: float) -> tuple[Conflict, ...]:
    """Disjoint minimal sets of relations among `count` values that cannot hold together in a reach of `room`
    values; empty where all can.

    Relations are differences, so a set conflicts exactly when it closes a circle that asks for more than
    nothing, or makes a chain longer than the reach; a circle without repetitions is minimal (shortest
    paths, Bellman 1958).
    """
    left = list(range(len(relations)))
    found = []
    while (circle := _circle(relations, left, count, room)) is not None:
        found.append(circle)
        left = [k for k in left if k not in circle.relations]
    return tuple(found)


def _circle(relations: Sequence[Relation], left: Sequence[int], count: int, room: float) -> Conflict | None:
    """One circle of positive sum in the graph of differences, the reach being an arc from every highest to
    every lowest value; None where there is none."""
    # Node `count` stands for the reach's low end: v ≥ low, and low ≥ v − room.
    tail = [relations[k].lower for k in left] + [count] * count + list(range(count))
    head = [relations[k].upper for k in left] + list(range(count)) + [count] * count
    gain = [relations[k].gap for k in left] + [0.0] * count + [-room] * count
    tails, heads, gains = np.array(tail), np.array(head), np.array(gain)
    far = np.zeros(count + 1)
    came = np.full(count + 1, -1)
    moved = -1
    for _ in range(count + 2):
        tried = far[tails] + gains
        moved = -1
        for arc in np.flatnonzero(tried > far[heads] + CLOSE).tolist():
            if far[tails[arc]] + gains[arc] > far[heads[arc]] + CLOSE:
                far[heads[arc]], came[heads[arc]], moved = far[tails[arc]] + gains[arc], arc, int(heads[arc])
        if moved < 0:
            return None
    node = moved
    for _ in range(count + 1):
        node = int(tails[came[node]])
    arcs, start = [], node
    while True:
        arc = int(came[node])
        arcs.append(arc)
        node = int(tails[arc])
        if node == start:
            break
    # Walk the negative cycle from head to tail, and open it where an edge stands for the reach itself.
    cut = next((k for k, arc in enumerate(arcs) if arc >= len(left)), None)
    turned = arcs if cut is None else arcs[cut:] + arcs[:cut]
    row = [left[arc] for arc in turned if arc < len(left)]
    return _least(relations, row, cut is None, room)


def _least(relations: Sequence[Relation], row: Sequence[int], closed: bool, room: float) -> Conflict:
    """The least part of a row of relations that conflicts: a stretch longer than the reach, or all of a
    circle."""
    gaps = [relations[k].gap for k in row]
    count = len(row)
    for length in range(1, count + (not closed)):
        for start in range(count if closed else count - length + 1):
            excess = sum(gaps[(start + k) % count] for k in range(length)) - room
            if excess > CLOSE:
                own = tuple(sorted(row[(start + k) % count] for k in range(length)))
                return Conflict(own, True, excess)
    return Conflict(tuple(sorted(row)), False, sum(gaps))
