"""The judge on plans written by hand: what may be painted, and each rule broken once."""

from __future__ import annotations

from dataclasses import replace

import pytest

from washboard.core.materials.media import medium_named
from washboard.core.order.plan import Kind, Operation, Pass, Role
from washboard.core.order.replay import SENTENCES, Rule, Spot, replay
from washboard.core.reference.mass import Border, Mass
from washboard.core.reference.mass import Kind as MassKind

GREY = (50.0, 0.0, 0.0)
WHITE = 9.5


def mass(name: str, value: float, **given: object) -> Mass:
    plain = Mass(
        name, int(name[1:]), MassKind.FLAT, value, 0.1, GREY, 0.25, 100.0, 2, (0.0, 10.0), (value, value),
        20.0, 40.0, 1, 40.0, (0.5, 0.5), (0.0, 0.0, 1.0, 1.0), (0.5, 0.5), (GREY, GREY), target=value,
    )  # fmt: skip
    return replace(plain, **given)  # type: ignore[arg-type]


def step(name: str, *operations: Operation, minutes: float = 10, wait: float = 20) -> Pass:
    return Pass(name, name, "", "", (0, 10), "", minutes, wait, "", None, operations, ())


def op(
    target: str, start: float, end: float, kind: Kind = Kind.WASH, role: Role = Role.TARGET, cover: float = 1
) -> Operation:
    return Operation(target, kind, role, cover, start, end)


SKY, HILL, SUN = mass("m1", 7.0), mass("m2", 4.0), mass("m3", 9.5, kind=MassKind.ACCENT)
MASSES = (SKY, HILL, SUN)
FIRST = step(
    "first",
    op("m3", WHITE, WHITE, Kind.RESERVE),
    op("m1", WHITE, 7.0),
    op("m2", WHITE, 7.0, role=Role.UNDER),
)
SECOND = step("second", op("m2", 7.0, 4.0), wait=0)
GOOD = (FIRST, SECOND)


def rules(
    passes: tuple[Pass, ...], medium: str = "watercolour", masses: tuple[Mass, ...] = MASSES
) -> set[Rule]:
    return {r.rule for r in replay(masses, passes, medium_named(medium), WHITE)}


def test_a_plan_that_a_painter_would_follow_is_not_refused() -> None:
    assert rules(GOOD) == set()


@pytest.mark.parametrize(
    ("rule", "passes"),
    [
        (Rule.DARKENS, (FIRST, step("second", op("m2", 7.0, 8.0)))),
        (Rule.STARTS, (FIRST, step("second", op("m2", 9.0, 8.5)))),
        (Rule.DRY_FIRST, (replace(FIRST, minutes=1, wait=0), SECOND)),
        (Rule.RESERVED, (FIRST, replace(SECOND, operations=(*SECOND.operations, op("m3", WHITE, 9.0))))),
        (Rule.FINISHED, (FIRST, SECOND, step("third", op("m1", 7.0, 6.0)))),
        (Rule.UNDER_FIRST, (FIRST, SECOND, step("third", op("m1", 7.0, 6.0, role=Role.UNDER)))),
        (Rule.LIGHT_ACCENT, (step("first", op("m3", WHITE, 9.0, Kind.ACCENT), op("m1", WHITE, 7.0)), SECOND)),
        (Rule.COMPLETE, (FIRST,)),
        (Rule.WITHIN, (FIRST, step("second", op("m2", 7.0, 4.0, cover=1.2)))),
        (Rule.WITHIN, (FIRST, replace(SECOND, minutes=-1.0))),
    ],
    ids=lambda given: given.name if isinstance(given, Rule) else "",
)
def test_each_rule_of_watercolour_is_refused_by_its_name(rule: Rule, passes: tuple[Pass, ...]) -> None:
    assert rule in rules(passes)


def test_a_refusal_names_pass_mass_rule_and_reason() -> None:
    passes = (replace(FIRST, minutes=1, wait=0), SECOND)
    (refusal,) = replay(MASSES, passes, medium_named("watercolour"), WHITE)
    assert (refusal.done, refusal.mass) == ("second", "m2")
    assert refusal.sentence == "m2: dry before the next layer over it; it is wet since first."


def pastel(*passes: Pass, masses: tuple[Mass, ...] = MASSES) -> set[Rule]:
    return rules(passes, "pastel", masses)


BLOCK = step("block", op("m1", WHITE, 7.0, Kind.BLOCK_IN), op("m2", WHITE, 4.0, Kind.BLOCK_IN), wait=0)
ACCENT = step("accent", op("m3", WHITE, 9.4, Kind.ACCENT), wait=0)


def test_in_pastel_a_light_accent_is_set_last_and_needs_no_waiting() -> None:
    assert pastel(BLOCK, ACCENT) == set()
    assert Rule.ACCENTS_LAST in pastel(ACCENT, BLOCK)


def test_opaque_paint_may_lighten_and_a_loose_edge_is_no_layer() -> None:
    loose = op("m2", WHITE, 7.0, Kind.BLOCK_IN, Role.OVERLAP, 0.1)
    dark = step(
        "dark", op("m1", WHITE, 7.0, Kind.BLOCK_IN), loose, op("m3", WHITE, 2.0, Kind.BLOCK_IN, Role.UNDER)
    )
    light = step("light", op("m2", WHITE, 4.0, Kind.BLOCK_IN))
    assert pastel(dark, light, step("accent", op("m3", 2.0, 9.4, Kind.ACCENT))) == set()


def test_a_surface_holds_only_so_many_layers() -> None:
    layers = tuple(
        step(f"layer {k}", op("m2", 9.0, 5.0, Kind.LAYER, Role.UNDER), wait=0)
        for k in range(medium_named("pastel").most_layers + 1)
    )
    done = step("last", op("m1", WHITE, 7.0, Kind.BLOCK_IN), op("m2", 5.0, 4.0, Kind.LAYER), wait=0)
    assert Rule.LAYERS in pastel(*layers, done, ACCENT)
    assert Rule.LAYERS not in pastel(*layers[1:], done, ACCENT)


def test_what_lies_in_front_is_not_laid_before_its_firm_edged_background() -> None:
    tree = replace(HILL, depth=1, borders=(Border("m1", 40.0, 0.5, 1.0),))
    field = replace(SKY, depth=0)
    front, back = (
        step(n, op(m, WHITE, v, Kind.BLOCK_IN), wait=0) for n, m, v in (("f", "m2", 4.0), ("b", "m1", 7.0))
    )
    assert pastel(front, back, ACCENT, masses=(field, tree, SUN)) == {Rule.BACK_FIRST}
    assert pastel(back, front, ACCENT, masses=(field, tree, SUN)) == set()
    soft = replace(tree, borders=(Border("m1", 40.0, 9.0, 0.2),))
    assert pastel(front, back, ACCENT, masses=(field, soft, SUN)) == set()


@pytest.mark.parametrize("spot", Spot)
def test_the_table_answers_for_every_state_and_operation(spot: Spot) -> None:
    assert {kind for state, kind in SENTENCES if state is spot} == set(Kind)
    assert all(SENTENCES[Spot.BARE, kind] is None for kind in Kind)
    assert all(SENTENCES[Spot.WET, kind] is not None for kind in Kind)
