"""Minimum cuts: which nodes to take, where leaving, taking and dividing neighbours each have a price."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
Indices = NDArray[np.intp]

SCALE = 200
"""Steps to a unit of price: the flow wants whole capacities."""
NEVER = 1_000_000.0
"""A price that nothing pays: stands for a hard constraint."""


def least_cut(
    first: Indices, second: Indices, between: Floats, leave: Floats, take: Floats
) -> NDArray[np.bool_]:
    """The nodes (n,) taken in the cheapest division.

    `first`, `second` (c,) are neighbours and `between` (c,) the price ≥ 0 of dividing them; `leave` (n,)
    of leaving a node, `take` (n,) of taking it. Prices above NEVER count as NEVER. Exact to 1 / SCALE a
    price: max-flow min-cut (Ford and Fulkerson 1956), by SciPy. Of equal divisions the smallest is taken.
    """
    # These take long to import: only where they are needed.
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import breadth_first_order, maximum_flow

    count = len(leave)
    s, t = count, count + 1
    nodes = np.arange(count)
    rows = np.concatenate([np.full(count, s), nodes, first, second])
    columns = np.concatenate([nodes, np.full(count, t), second, first])
    prices = np.minimum(np.concatenate([leave, take, between, between]), NEVER)
    whole = np.rint(prices * SCALE).astype(np.int32)
    graph = coo_array((whole, (rows, columns)), shape=(count + 2, count + 2)).tocsr()
    graph.sum_duplicates()
    flow = maximum_flow(graph, s, t).flow
    residual = graph - flow
    residual.data = np.where(residual.data > 0, residual.data, 0)
    residual.eliminate_zeros()
    reached = breadth_first_order(residual, s, return_predecessors=False)
    taken = np.zeros(count + 2, bool)
    taken[reached] = True
    return taken[:count]
