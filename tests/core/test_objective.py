"""The plan's cost against exhaustive search: over groupings, and over covers at the plan's grouping."""

from __future__ import annotations

import json
from collections.abc import Callable
from pathlib import Path

import pytest

from tests.exhaustive import cover_costs, partition_costs, piece
from washboard.core.order.worked import Worked

GOOD, WORST = 0.01, 0.05


@pytest.mark.parametrize("search", [partition_costs, cover_costs])
def test_small_pieces_cost_as_little_as_the_best_of_all(
    search: Callable[[Worked], tuple[float, float]],
) -> None:
    made = [worked for seed in range(24) if (worked := piece(seed)) is not None]
    gaps = sorted((own - best) / best for own, best in map(search, made))
    Path("build").mkdir(exist_ok=True)
    Path(f"build/{search.__name__}.json").write_text(json.dumps(gaps))
    assert len(gaps) >= 20
    assert sum(gap <= GOOD for gap in gaps) >= 0.95 * len(gaps)
    assert gaps[-1] <= WORST
