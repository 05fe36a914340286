"""The plan's cost against exhaustive search: over groupings, and over covers at the plan's grouping."""

from __future__ import annotations

import json
from collections.abc import Callable
from pathlib import Path
from statistics import mean

import pytest

from tests.exhaustive import cover_costs, partition_costs, piece
from tests.long import rounds
from tests.pieces import photographs
from tests.steady import kept
from washboard.core.order.result import PlanningResult

GOOD, WORST = 0.01, 0.05


@pytest.mark.soak
def test_a_photo_coded_scaled_or_exposed_a_little_otherwise_keeps_its_passes() -> None:
    for name in ("portrait", "coins", "cup")[: rounds(1, 3)]:
        shares = kept(photographs()[name], "watercolour", "white")
        assert mean(shares.values()) >= 0.94, (name, shares)
        assert min(shares.values()) >= 0.89, (name, shares)


@pytest.mark.soak
@pytest.mark.parametrize(
    ("search", "masses", "pieces"),
    [(partition_costs, 6, rounds(5, 24)), (cover_costs, 6, rounds(8, 40)), (cover_costs, 9, rounds(2, 12))],
)
def test_small_pieces_cost_as_little_as_the_best_of_all(
    search: Callable[[PlanningResult], tuple[float, float]], masses: int, pieces: int
) -> None:
    made = [worked for seed in range(pieces) if (worked := piece(seed, masses)) is not None]
    gaps = sorted((own - best) / best for own, best in map(search, made))
    Path("build").mkdir(exist_ok=True)
    Path(f"build/{search.__name__}-{masses}.json").write_text(json.dumps(gaps))
    assert len(gaps) >= 0.8 * pieces
    assert sum(gap <= GOOD for gap in gaps) >= 0.95 * len(gaps)
    assert gaps[-1] <= WORST
