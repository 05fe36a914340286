"""The key: values moved least so that relations hold, against another solver; conflicts as small as can."""

from __future__ import annotations

from dataclasses import replace

import clarabel
import numpy as np
import pytest
from scipy import sparse

from tests.pieces import Made, patchwork
from tests.said import refuses, text
from washboard.core.errors import InvalidInput
from washboard.core.key.conflict import conflicts
from washboard.core.key.relations import WEIGHTS, Holds, Relation, relations_of
from washboard.core.key.solve import LEAST_WEIGHT, rekeyed
from washboard.core.order.options import Options

LOW, HIGH = 2.0, 9.5


def asked(dice: np.random.Generator, count: int, many: int, gap: float) -> tuple[list[float], list[Relation]]:
    """Random values, and relations mostly the way they stand already."""
    values = dice.uniform(1, 9.8, count)
    relations = []
    for _ in range(many):
        one, other = dice.choice(count, 2, replace=False).tolist()
        upper, lower = (one, other) if (values[one] > values[other]) ^ (dice.random() < 0.1) else (other, one)
        holds = list(Holds)[int(dice.integers(len(Holds)))]
        relations.append(Relation(holds, upper, lower, float(dice.uniform(0, gap))))
    return values.tolist(), relations


def independent(
    values: list[float], areas: list[float], relations: list[Relation], soft: bool
) -> tuple[np.ndarray, bool]:
    """The same programme by an interior-point solver: values, and whether it is feasible."""
    count, many = len(values), len(relations)
    size = np.maximum(np.array(areas) / sum(areas), LEAST_WEIGHT)
    weight = np.array([WEIGHTS[r.holds] for r in relations]) if soft else np.zeros(0)
    quadratic = sparse.diags(2 * np.concatenate([size, weight])).tocsc()
    linear = np.concatenate([-2 * size * np.array(values), np.zeros(len(weight))])
    rows = np.zeros((many, count + len(weight)))
    for k, r in enumerate(relations):
        rows[k, r.upper], rows[k, r.lower] = -1.0, 1.0
        if soft:
            rows[k, count + k] = -1.0
    eye = np.eye(count + len(weight))
    matrix = sparse.csc_matrix(np.vstack([rows, -eye[:count], eye[:count], -eye[count:]]))
    bound = np.concatenate(
        [[-r.gap for r in relations], np.full(count, -LOW), np.full(count, HIGH), np.zeros(len(weight))]
    )
    settings = clarabel.DefaultSettings()
    settings.verbose = False
    settings.tol_gap_abs = settings.tol_gap_rel = settings.tol_feas = 1e-12
    cones = [clarabel.NonnegativeConeT(len(bound))]
    found = clarabel.DefaultSolver(quadratic, linear, matrix, bound, cones, settings).solve()
    solved = str(found.status) in ("Solved", "AlmostSolved")
    return np.array(found.x[:count]), solved


def feasible(relations: list[Relation], count: int) -> bool:
    """Whether relations can hold in the reach, by the other solver."""
    return independent([5.0] * count, [1.0] * count, relations, soft=False)[1]


def test_values_are_those_of_an_independent_solver_to_a_millionth() -> None:
    dice = np.random.default_rng(1)
    apart, conflicting = [], 0
    for case in range(300):
        count = int(dice.integers(2, 14))
        values, relations = asked(dice, count, int(dice.integers(1, 3 * count)), 0.3 + 2.0 * (case % 3))
        areas = dice.uniform(0.02, 1, count).tolist()
        keyed = rekeyed(values, areas, relations, LOW, HIGH)
        conflicting += bool(keyed.conflicts)
        other, solved = independent(values, areas, relations, soft=bool(keyed.conflicts))
        assert solved
        apart.append(float(np.abs(keyed.values - other).max()))
        assert (keyed.values >= LOW - 1e-9).all()
        assert (keyed.values <= HIGH + 1e-9).all()
    assert 30 <= conflicting <= 270, "both kinds are met"
    assert max(apart) <= 1e-6


def test_each_named_conflict_is_one_by_itself_and_nothing_less_than_it_is() -> None:
    dice = np.random.default_rng(2)
    sets = 0
    while sets < 110:
        count = int(dice.integers(3, 9))
        _, relations = asked(dice, count, int(dice.integers(count, 3 * count)), 3.0)
        found = conflicts(relations, count, HIGH - LOW)
        assert bool(found) != feasible(relations, count)
        taken: set[int] = set()
        for conflict in found:
            own = [relations[k] for k in conflict.relations]
            assert not taken & set(conflict.relations), "disjoint sets are named in turn"
            taken |= set(conflict.relations)
            assert not feasible(own, count)
            assert all(feasible(own[:k] + own[k + 1 :], count) for k in range(len(own)))
            sets += 1
        assert feasible([r for k, r in enumerate(relations) if k not in taken], count)


def test_relaxing_one_relation_of_a_conflict_by_its_excess_resolves_it() -> None:
    relations = [Relation(Holds.EDGES, 0, 1, 0.5), Relation(Holds.LIGHT, 1, 0, 0.2)]
    (conflict,) = conflicts(relations, 2, 7.5)
    assert (conflict.relations, conflict.reach) == ((0, 1), False)
    assert conflict.excess == pytest.approx(0.7)
    relaxed = [Relation(Holds.EDGES, 0, 1, 0.5 - conflict.excess), relations[1]]
    assert conflicts(relaxed, 2, 7.5) == ()


def test_a_chain_longer_than_the_reach_conflicts_with_the_reach() -> None:
    chain = [Relation(Holds.LIGHT, k, k + 1, 1.5) for k in range(6)]
    (conflict,) = conflicts(chain, 7, 7.5)
    assert conflict.reach
    assert conflict.excess == pytest.approx(1.5)
    keyed = rekeyed([8, 7, 6, 5, 4, 3, 2], [1] * 7, chain, 2.0, 9.5)
    assert keyed.values[0] <= 9.5
    assert keyed.gave.max() > 0.1


def test_nothing_moves_where_everything_holds_and_numbers_must_be_numbers() -> None:
    keyed = rekeyed([8.0, 4.0], [1, 1], [Relation(Holds.LIGHT, 0, 1, 1.5)], LOW, HIGH)
    assert keyed.values.tolist() == [8.0, 4.0]
    with refuses(InvalidInput, "it was kept"):
        rekeyed([np.nan], [1], [], LOW, HIGH)
    with refuses(InvalidInput, "reach"):
        rekeyed([5.0], [1], [], 9, 2)


def test_a_plan_holds_the_light_above_everything_and_says_what_it_moved() -> None:
    measured, parts = patchwork(3, 9, 1)
    # Nobody has looked at the picture of a patchwork: its lightest place may shine.
    unseen = tuple(replace(mass, seen_light=None) for mass in measured.masses)
    measured = replace(measured, masses=unseen)
    made = Made(measured, parts, "pastel", "value:4", "dark-to-light", (30.0, 20.0), None)
    seen = made.worked(Options("dark-to-light")).plan
    lit = made.worked(Options("dark-to-light", holds=(Holds.LIGHT,))).plan
    (source,) = {r.upper for r in relations_of(seen.masses, {}, (Holds.LIGHT,))}
    others = [
        m.target for k, m in enumerate(lit.masses) if k != source and not (m.light and m.kind == "accent")
    ]
    assert lit.masses[source].target - max(others) >= 1.5 - 1e-6
    assert any("the light outshines everything" in text(note) and "moved" in text(note) for note in lit.notes)
    assert [m.target for m in seen.masses] != [m.target for m in lit.masses]
