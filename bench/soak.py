"""Soundness at length: thousands of generated pieces in every school and medium, judged; `make soak`."""

from __future__ import annotations

import json
import sys
from collections import Counter
from concurrent.futures import ProcessPoolExecutor
from dataclasses import replace
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from tests.exhaustive import cover_costs, merits_lost, partition_costs, piece
from tests.pieces import Made, patchwork
from tests.steady import kept, photos
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.surfaces import surface_of
from washboard.core.schools import SCHOOLS, refused
from washboard.core.sentence import of_masses
from washboard.core.surface.replay import replay
from washboard.core.words.tight import SEEN

TRIPLES = 3000
SURFACES = ("white", "black", "value:5", "value:8.5", "#b08d57")
WIDTHS = (12.0, 30.0, 60.0, 120.0)
SEARCHED, MOST_PARTS = 260, 13
"""Small pieces compared with exhaustive search, and parts up to which all covers are tried."""
LARGER = (7, 8, 9, 10, 11)
"""Masses of the pieces of which only the covers are searched."""
AGAIN = 10
COLOURS = 160
"""Every so many plans one is worked out once more: it must come out the same."""


def soaked(seed: int) -> Counter[str]:
    """All media and schools for one patchwork: what was refused, out of band unsaid, or different."""
    found: Counter[str] = Counter()
    width = WIDTHS[seed % len(WIDTHS)]
    measured, parts = patchwork(seed, 5 + seed % 11, seed % 4, width)
    surface = SURFACES[seed % len(SURFACES)]
    for medium in MEDIA:
        for school in SCHOOLS.values():
            if refused(school, medium_named(medium), surface_of(surface)):
                continue
            pinned = (None, None, None, 3, 6)[(seed + len(found)) % 5]
            made = Made(measured, parts, medium, surface, school.key, (width, width / 1.5), pinned)
            plan = made.worked().plan
            found["plans"] += 1
            for refusal in replay(plan.masses, plan.passes, plan.medium, plan.surface.value):
                found[f"refused {medium} {school.key} {refusal.rule.name}"] += 1
            said = {words.values.get("masses") for done in plan.passes for words in done.findings}
            for mass, value in zip(plan.masses, plan.predicted[-1], strict=True):
                low, high = mass.band_range
                outside = abs(value - min(max(value, low), high)) >= SEEN + 0.05
                # Where the surface is the picture there is no pass that could say so.
                found["out of band, unsaid"] += (
                    bool(plan.passes) and outside and of_masses((mass.id,)) not in said
                )
            if found["plans"] % AGAIN == 0:
                fresh = replace(made, measured=measured).worked().plan
                found["different when worked out again"] += fresh != plan
    return found


def gap(costs: tuple[float, float]) -> float:
    """How much more the first cost is than the second, as a share."""
    return (costs[0] - costs[1]) / costs[1]


def searched(seed: int) -> tuple[float, float] | None:
    """How much more a small piece's plan costs than the best grouping, and than the best covers."""
    worked = piece(seed)
    if worked is None or len(worked.scene.parts.mass) > MOST_PARTS:
        return None
    return gap(partition_costs(worked)), gap(cover_costs(worked))


def covered(seed: int) -> float | None:
    """The same for a larger piece and its covers alone."""
    worked = piece(seed, LARGER[seed % len(LARGER)])
    if worked is None or len(worked.scene.parts.mass) > MOST_PARTS:
        return None
    return gap(cover_costs(worked))


def objective(workers: ProcessPoolExecutor) -> dict[str, object]:
    """The plan's cost against exhaustive search."""
    found = [gaps for gaps in workers.map(searched, range(SEARCHED)) if gaps is not None]
    groupings, covers = zip(*found, strict=True)
    larger = [own for own in workers.map(covered, range(SEARCHED)) if own is not None]
    named = {"groupings of up to 6": groupings, "covers of up to 6": covers, "covers of 7 to 11": larger}
    return {
        name: {
            "pieces": len(gaps),
            "within 1 %": round(sum(own <= 0.01 for own in gaps) / len(gaps), 3),
            "worst": round(max(gaps), 4),
        }
        for name, gaps in named.items()
    }


def pruning(medium: str) -> NDArray[np.float64]:
    """What following all sets of paints would gain, for many colours."""
    return merits_lost(medium, COLOURS, seed=11)


def steady(asked: tuple[str, str, str]) -> list[float]:
    """Shares of the sheet that stay in their pass for one photograph."""
    name, medium, surface = asked
    return list(kept(photos()[name], medium, surface).values())


def steadiness(workers: ProcessPoolExecutor) -> dict[str, object]:
    """How much of the sheet stays in the same pass when photographs are changed slightly."""
    told: dict[str, object] = {}
    for medium, surface in (("watercolour", "white"), ("pastel", "black")):
        names = list(photos())
        shares = np.array(list(workers.map(steady, [(name, medium, surface) for name in names])))
        told[medium] = {
            "mean": round(float(shares.mean()), 3),
            "median": round(float(np.median(shares)), 3),
            "at least 0.9": round(float((shares >= 0.9).mean()), 3),
            "photographs of at least 0.9": int((shares.mean(axis=1) >= 0.9).sum()),
            "photographs": dict(zip(names, shares.round(2).tolist(), strict=True)),
        }
    return told


def pruned(workers: ProcessPoolExecutor) -> dict[str, object]:
    """What recipes lose by following few sets of paints."""
    lost = np.concatenate(list(workers.map(pruning, ("watercolour", "oil"))))
    most, mean = round(float(lost.max()), 3), round(float(lost.mean()), 3)
    return {"colours": len(lost), "most lost": most, "mean": mean}


def main(out: Path) -> int:
    """Soak until there are enough plans; 1 where anything was refused, unsaid or different."""
    total: Counter[str] = Counter()
    with ProcessPoolExecutor() as workers:
        for found in workers.map(soaked, range(TRIPLES // 20 + 8)):
            total.update(found)
        told: dict[str, object] = {
            "plans": total["plans"],
            "wrong": {name: count for name, count in total.items() if count and name != "plans"},
            "cost against exhaustive search": objective(workers),
            "sheet in the same pass after a slight change": steadiness(workers),
            "recipes against all sets of paints": pruned(workers),
        }
    out.write_text(json.dumps(told, indent=1) + "\n")
    print(out.read_text())
    return 1 if told["wrong"] or total["plans"] < TRIPLES else 0


if __name__ == "__main__":
    sys.exit(main(Path(sys.argv[1])))
