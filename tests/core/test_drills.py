"""Questions of the trainer have exactly one right answer, by checks that share nothing with who asks."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from functools import cache
from itertools import permutations

import numpy as np
import pytest

from tests.core.test_review import PIECES, piece
from washboard.core.areas.corrections import Family
from washboard.core.drills import KEPT_IN_ORDER, KINDS, questions_of
from washboard.core.drills.boxes import DAYS, Answer, by_week, cards_of, chosen, missed
from washboard.core.drills.breaks import step_words
from washboard.core.drills.question import Question, Stuff
from washboard.core.materials.paints import palette_of
from washboard.core.plan.stretch import Edge
from washboard.core.planning.rearrange import judged
from washboard.core.reference.mass import MassKind
from washboard.core.sentence import Amount

SEEDS = (0, 1)


def numbers(one: Question) -> list[float]:
    """The values that the options of a question say."""
    told = [option.words.values["value"] for option in one.options if option.words is not None]
    return [value.number for value in told if isinstance(value, Amount)]


@cache
def stuff(which: int) -> Stuff:
    plan = piece(*PIECES[which])[0].plan
    paints = () if plan.medium.key == "pastel" else palette_of(plan.medium.key, ())
    # No areas come along with a plan: half of the masses lie in shadow here.
    families = {f"a{k}": (Family.SHADOW, Family.LIGHT)[k % 2] for k in range(200)}
    return Stuff(plan, families, paints)


@cache
def asked(which: int, seed: int) -> tuple[Question, ...]:
    return tuple(questions_of(stuff(which), seed=seed))


def every(kind: str) -> list[tuple[Stuff, Question]]:
    return [
        (stuff(which), one)
        for which in range(len(PIECES))
        for seed in SEEDS
        for one in asked(which, seed)
        if one.kind == kind
    ]


@pytest.mark.parametrize("kind", KINDS)
def test_each_kind_asks_something_with_two_to_four_different_options(kind: str) -> None:
    found = every(kind)
    assert found
    for _, one in found:
        assert 2 <= len(one.options) <= 4
        assert 0 <= one.right < len(one.options)
        shown = [(str(own.words), own.masses, own.place) for own in one.options]
        assert len(set(map(str, shown))) == len(shown)


def test_the_place_of_the_right_option_tells_nothing() -> None:
    for kind in KINDS:
        places = [one.right for _, one in every(kind) if len(one.options) == 4]
        if len(places) < 40:
            continue
        share = np.bincount(places, minlength=4) / len(places)
        assert share.max() < 0.5, (kind, share)


def test_the_same_seed_asks_the_same() -> None:
    assert questions_of(stuff(0), seed=5) == questions_of(stuff(0), seed=5)


def test_the_darkest_is_the_darkest_and_the_value_is_the_nearest() -> None:
    for own, one in every("darker"):
        final = dict(zip((mass.id for mass in own.plan.masses), own.plan.predicted[-1], strict=True))
        values = [final[option.masses[0]] for option in one.options]
        assert min(values) == values[one.right]
        assert sorted(values)[1] - min(values) >= 0.3
    for own, one in every("value"):
        final = dict(zip((mass.id for mass in own.plan.masses), own.plan.predicted[-1], strict=True))
        told = numbers(one)
        off = [abs(final[one.masses[0]] - number) for number in told]
        assert off[one.right] == min(off)
        assert sorted(off)[1] - min(off) >= 0.25


def test_whatever_is_done_first_a_wrong_next_pass_breaks_the_plan() -> None:
    tried = 0
    for own, one in every("next"):
        passes = [done.id for done in own.plan.passes]
        undone = passes[one.row :]
        if len(undone) > 5:
            continue
        for k, option in enumerate(one.options):
            first = passes[(option.row or 0) - 1]
            rest = [name for name in undone if name != first]
            fine = any(
                judged(own.plan, [*passes[: one.row], first, *order]).fine for order in permutations(rest)
            )
            assert fine is (k == one.right), (one.item, k)
            tried += 1
    assert tried >= 6


def test_what_breaks_draws_on_eight_rules_and_only_the_step_that_is_named_breaks() -> None:
    found = every("breaks")
    rules = Counter(one.item.split(":")[1] for _, one in found)
    assert len(rules) >= 8, rules
    for _, one in found:
        told = [option.why.key for option in one.options]
        assert told[one.right].startswith("refused-")
        assert all(key == "drill-breaks-fine" for k, key in enumerate(told) if k != one.right)


def test_an_act_that_was_set_in_to_break_is_never_the_only_one_that_was_set_in() -> None:
    alone = Counter[bool]()
    for own, one in every("breaks"):
        planned = {step_words(done).values["masses"] for done in own.plan.passes}
        set_in = [k for k, o in enumerate(one.options) if o.words and o.words.values["masses"] not in planned]
        if one.right in set_in:
            assert len({str(option.words) for option in one.options}) == len(one.options)
            alone[len(set_in) == 1] += 1
    assert alone[True] <= 0.25 * alone.total(), alone


def test_no_step_is_asked_about_twice_for_the_same_reason() -> None:
    for which in range(len(PIECES)):
        told = [
            (one.item.split(":")[1], str(one.options[one.right].words))
            for one in asked(which, 0)
            if one.kind == "breaks"
        ]
        assert len(set(told)) == len(told)


def test_edges_to_lose_are_proposed_lost_and_the_others_firm() -> None:
    for own, one in every("edge"):
        at = {stretch.at: stretch.proposed for stretch in own.plan.edges}
        proposed = [at[option.place] for option in one.options if option.place]
        assert proposed[one.right] is Edge.LOST
        assert all(edge is Edge.FIRM for k, edge in enumerate(proposed) if k != one.right)


def test_no_option_of_an_edge_tells_by_its_name_that_it_is_a_highlight() -> None:
    asked_of = every("edge")
    assert asked_of
    for own, one in asked_of:
        accents = {mass.id for mass in own.plan.masses if mass.kind is MassKind.ACCENT}
        assert not any(accents & set(option.masses) for option in one.options)


def test_a_plan_that_holds_nothing_is_asked_nothing() -> None:
    plan = stuff(0).plan
    bare = replace(plan, masses=plan.masses[:1], passes=(), edges=(), predicted=(plan.predicted[0][:1],))
    assert questions_of(Stuff(bare)) == []


def test_kinds_whose_options_have_an_order_of_their_own_keep_it() -> None:
    for _, one in every("value"):
        told = numbers(one)
        assert told == sorted(told)
    assert {"value", "breaks"} == KEPT_IN_ORDER


def given(item: str, right: bool, day: float, kind: str = "darker", band: str = "dark") -> Answer:
    return Answer(item, kind, right, day, band)


def test_right_answers_climb_the_boxes_and_a_wrong_one_falls_into_the_first() -> None:
    day, answers = 0.0, []
    for box in (1, 2, 3, 4, 4):
        answers.append(given("a", True, day))
        card = cards_of(answers)["a"]
        assert (card.box, card.due) == (box, day + DAYS[box])
        day = card.due
    answers.append(given("a", False, day))
    assert cards_of(answers)["a"].box == 0
    assert cards_of(answers)["a"].due == day + DAYS[0]


def test_what_is_due_comes_before_what_is_new_and_new_kinds_before_those_often_asked() -> None:
    items = [("a", "darker"), ("b", "darker"), ("c", "value")]
    answers = [given("a", False, 0.0), given("b", True, 0.0)]
    assert chosen(items, answers, day=1.5) == "a"
    assert chosen(items, answers, day=0.1) == "c"
    assert chosen(items[:2], answers, day=0.1) == "a"
    assert chosen([], answers, day=0.1) is None


def test_progress_is_told_by_week_and_what_is_missed_by_kind_and_band() -> None:
    answers = [given("a", k % 2 == 0, float(k)) for k in range(14)]
    assert by_week(answers, day=13.5, weeks=3) == [(0, 0), (4, 7), (3, 7)]
    assert missed(answers) == {("darker", "dark"): (7, 14)}
    assert missed(answers[:3]) == {}
