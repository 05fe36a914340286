"""The judge on plans written by hand: what may be painted, and each rule broken once."""

from __future__ import annotations

from dataclasses import replace

import pytest

from washboard.core.materials.media import medium_named
from washboard.core.name import Name
from washboard.core.plan.plan import Kind, Operation, Pass, Role
from washboard.core.reference.mass import Border, Mass, MassKind
from washboard.core.sentence import as_given
from washboard.core.surface.replay import replay
from washboard.core.surface.rules import Rule
from washboard.words import ENGLISH, About

GREY = (50.0, 0.0, 0.0)
WHITE = 9.5


def mass(name: str, value: float, **given: object) -> Mass:
    plain = Mass(
        name,
        int(name[1:]),
        MassKind.FLAT,
        value,
        0.1,
        GREY,
        0.25,
        100.0,
        2,
        (0.0, 10.0),
        (value, value),
        20.0,
        40.0,
        1,
        40.0,
        (0.5, 0.5),
        (0.0, 0.0, 1.0, 1.0),
        (0.5, 0.5),
        (GREY, GREY),
        target=value,
    )
    return replace(plain, **given)  # type: ignore[arg-type]


def step(name: str, *operations: Operation, minutes: float = 10, wait: float = 20) -> Pass:
    none = as_given("")
    return Pass(name, as_given(name), (), none, (0, 10), none, minutes, wait, none, None, operations, ())


def op(
    target: str, start: float, end: float, kind: Kind = Kind.WASH, role: Role = Role.TARGET, cover: float = 1
) -> Operation:
    return Operation(target, kind, role, cover, start, end)


UNDER = Role.UNDER
SKY, HILL = mass("m1", 7.0), mass("m2", 4.0)
SUN = mass("m3", 9.5, kind=MassKind.ACCENT, borders=(Border("m2", 5.0, 1.0, 1.0),))
MASSES = (SKY, HILL, SUN)
KEPT = op("m3", WHITE, WHITE, Kind.RESERVE)
FIRST = step("first", KEPT, op("m1", WHITE, 7.0), op("m2", WHITE, 7.0, role=UNDER))
SECOND = step("second", op("m2", 7.0, 4.0), wait=20)
GOOD = (FIRST, SECOND)
OVER_ALL = replace(FIRST, operations=(*FIRST.operations[1:], op("m3", WHITE, 7.0, role=UNDER)))
MASKED = step("mask", op("m3", WHITE, WHITE, Kind.MASK, UNDER), minutes=5, wait=5)
WETTED = step("wet", op("m2", WHITE, WHITE, Kind.WET, UNDER), wait=0)
UNMASKED = step("off", op("m3", WHITE, WHITE, Kind.UNMASK), wait=0)


def rules(
    passes: tuple[Pass, ...], medium: str = "watercolour", masses: tuple[Mass, ...] = MASSES
) -> set[Rule]:
    return {r.rule for r in replay(masses, passes, medium_named(medium), WHITE)}


def also(done: Pass, *operations: Operation) -> Pass:
    return replace(done, operations=(*done.operations, *operations))


def lifted(to: float, staining: float, kind: Kind = Kind.LIFT_DRY, toxic: bool = False) -> tuple[Pass, ...]:
    stains = replace(op("m3", WHITE, 5.0, role=UNDER), staining=staining, toxic=toxic)
    return (
        replace(FIRST, operations=(*FIRST.operations[1:], stains)),
        SECOND,
        step("lift", op("m3", 5.0, to, kind), wait=0),
    )


def test_plans_that_a_painter_would_follow_are_not_refused() -> None:
    assert rules(GOOD) == set()
    assert rules((MASKED, OVER_ALL, SECOND, UNMASKED)) == set()
    assert rules(lifted(7.0, 0.2)) == set()
    assert rules(lifted(9.4, 0.9, Kind.SCRATCH)) == set()
    assert rules((*GOOD, step("unify", op("m2", 4.0, 3.8, Kind.UNIFY, UNDER)))) == set()


@pytest.mark.parametrize(
    ("rule", "passes"),
    [
        (Rule.DARKENS, (FIRST, step("second", op("m2", 7.0, 8.0)))),
        (Rule.STARTS, (FIRST, step("second", op("m2", 9.0, 8.5)))),
        (Rule.DRY_FIRST, (replace(FIRST, minutes=1, wait=0), SECOND)),
        (Rule.RESERVED, (FIRST, also(SECOND, op("m3", WHITE, 9.0, role=UNDER)))),
        (Rule.FINISHED, (FIRST, SECOND, step("third", op("m1", 7.0, 6.0)))),
        (Rule.UNDER_FIRST, (FIRST, SECOND, step("third", op("m1", 7.0, 6.0, role=UNDER)))),
        (Rule.LIGHT_ACCENT, (step("first", op("m3", WHITE, 9.0, Kind.ACCENT), op("m1", WHITE, 7.0)), SECOND)),
        (Rule.COMPLETE, (FIRST,)),
        (Rule.WITHIN, (FIRST, step("second", op("m2", 7.0, 4.0, cover=1.2)))),
        (Rule.WITHIN, (FIRST, replace(SECOND, minutes=-1.0))),
        (Rule.UNKNOWN, (FIRST, also(SECOND, op("m9", 7.0, 4.0)))),
        (Rule.MEDIUM, (also(FIRST, op("m2", WHITE, WHITE, Kind.FIX, UNDER)), SECOND)),
        (Rule.UNMASK, (MASKED, OVER_ALL, SECOND)),
        (Rule.NOT_MASKED, (OVER_ALL, SECOND, UNMASKED)),
        (Rule.MASK_LONG, (MASKED, replace(OVER_ALL, wait=2 * 1440.0 + 10), SECOND, UNMASKED)),
        (Rule.BONE_DRY, (replace(OVER_ALL, wait=3), replace(MASKED, wait=20), SECOND, UNMASKED)),
        (Rule.STAINS, lifted(7.0, 0.9)),
        (Rule.TOXIC_DUST, lifted(9.0, 0.1, Kind.SAND, toxic=True)),
        (Rule.BROKEN, (*lifted(9.0, 0.1, Kind.SCRATCH), step("over", op("m3", 9.0, 8.0, Kind.GLAZE, UNDER)))),
        (Rule.NOTHING_THERE, (FIRST, SECOND, step("lift", op("m3", WHITE, WHITE, Kind.LIFT_DRY)))),
        (Rule.RUNS, (WETTED, step("round", op("m2", WHITE, 4.0, Kind.NEGATIVE)))),
        (Rule.GLISTENS, (FIRST, step("second", op("m2", 7.0, 4.0, Kind.DROP_IN)))),
        (Rule.STILL_WET, (FIRST, also(SECOND, op("m1", 7.0, 8.0, Kind.BLOT, UNDER)))),
    ],
    ids=lambda given: given.name if isinstance(given, Rule) else "",
)
def test_each_rule_of_watercolour_is_refused_by_its_name(rule: Rule, passes: tuple[Pass, ...]) -> None:
    assert rule in rules(passes)


def test_a_refusal_names_pass_operation_mass_state_rule_and_reason() -> None:
    passes = (replace(FIRST, minutes=1, wait=0), SECOND)
    (refusal,) = replay(MASSES, passes, medium_named("watercolour"), WHITE)
    assert (refusal.done, refusal.mass, refusal.kind) == ("second", "m2", Kind.WASH)
    assert refusal.state == "shiny"
    told = About({"m2": Name(own="far hill")}, {"first": 1, "second": 2})
    assert ENGLISH.text(refusal.sentence, told) == "Let pass 1 dry first: it lies wet on the far hill."


def test_water_dries_in_stages_and_each_lets_something_else_be_done() -> None:
    def after(wait: float, kind: Kind) -> set[Rule]:
        second = step("second", op("m2", 7.0, 6.0, kind, UNDER), wait=20)
        return rules((replace(FIRST, wait=wait), second, SECOND)) - {Rule.STARTS}

    assert after(0, Kind.DROP_IN) == set()
    assert after(7, Kind.DROP_IN) == {Rule.DRY_FIRST}, "damp: a bloom"
    assert after(7, Kind.BLOT) == set()
    assert after(30, Kind.BLOT) == {Rule.STILL_WET}
    assert after(30, Kind.GLAZE) == set()


def pastel(*passes: Pass, masses: tuple[Mass, ...] = MASSES) -> set[Rule]:
    return rules(passes, "pastel", masses)


BLOCK = step("block", op("m1", WHITE, 7.0, Kind.BLOCK_IN), op("m2", WHITE, 4.0, Kind.BLOCK_IN), wait=0)
ACCENT = step("accent", op("m3", WHITE, 9.4, Kind.ACCENT), wait=0)


def test_in_pastel_a_light_accent_comes_after_what_surrounds_it_and_needs_no_waiting() -> None:
    assert pastel(BLOCK, ACCENT) == set()
    assert Rule.AROUND_FIRST in pastel(ACCENT, BLOCK)
    far = replace(SUN, borders=())
    assert pastel(ACCENT, BLOCK, masses=(SKY, HILL, far)) == set(), "nothing about it is laid later"


def test_opaque_paint_may_lighten_and_a_loose_edge_is_no_layer() -> None:
    loose = op("m2", WHITE, 7.0, Kind.BLOCK_IN, Role.OVERLAP, 0.1)
    dark = step(
        "dark", op("m1", WHITE, 7.0, Kind.BLOCK_IN), loose, op("m3", WHITE, 2.0, Kind.BLOCK_IN, Role.UNDER)
    )
    light = step("light", op("m2", WHITE, 4.0, Kind.BLOCK_IN))
    assert pastel(dark, light, step("accent", op("m3", 2.0, 9.4, Kind.ACCENT))) == set()


def test_a_sheet_full_of_grain_takes_no_more_until_it_is_fixed_and_that_has_dried() -> None:
    layers = tuple(
        step(f"layer {k}", op("m2", 9.0, 5.0, Kind.LAYER, Role.UNDER), wait=0)
        for k in range(medium_named("pastel").most_layers + 1)
    )
    done = step("last", op("m1", WHITE, 7.0, Kind.BLOCK_IN), op("m2", 5.0, 4.0, Kind.LAYER), wait=0)
    fixed = step("fix", op("m2", 5.0, 5.0, Kind.FIX, Role.UNDER), minutes=1, wait=8)
    assert pastel(*layers, done, ACCENT) == {Rule.TOOTH}
    assert pastel(*layers[1:], done, ACCENT) == set()
    assert pastel(*layers, fixed, done, ACCENT) == set()
    assert pastel(*layers, replace(fixed, wait=1), done, ACCENT) == {Rule.SPRAY_FIRST}


def test_in_oil_a_leaner_layer_over_a_fatter_one_is_refused_and_wiping_is_for_wet_paint() -> None:
    def laid(name: str, oil: float, role: Role = Role.TARGET) -> Pass:
        days = 3 * 1440.0
        return step(name, replace(op("m2", WHITE, 4.0, Kind.LAYER, role), oil=oil), wait=days)

    only = (HILL,)
    assert rules((laid("a", 0.3, UNDER), laid("b", 0.4)), "oil", only) == set()
    assert rules((laid("a", 0.4, UNDER), laid("b", 0.3)), "oil", only) == {Rule.LEAN_FIRST}
    wipe = step("wipe", op("m2", 4.0, 8.0, Kind.WIPE))
    tone = step("tone", op("m2", WHITE, 4.0, Kind.TONE, UNDER), wait=0)
    assert rules((tone, wipe), "oil", only) == set()
    assert rules((replace(tone, wait=5 * 1440.0), wipe), "oil", only) == {Rule.STILL_WET}


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


def test_an_accent_does_not_wait_for_another_that_it_touches() -> None:
    """A light won back with opaque white comes after the dark accent beside it."""
    touching = Border("m4", 0.1, 0.3, 0.6), Border("m1", 1.0, 0.3, 0.6)
    sky = mass("m1", 6.0)
    dark = mass("m3", 2.5, kind=MassKind.ACCENT, light=False, borders=touching)
    light = mass("m4", 9.0, kind=MassKind.ACCENT, borders=(Border("m3", 0.1, 0.3, 0.6),))
    first = step(
        "p1", op("m1", WHITE, 6.0), op("m3", WHITE, 6.0, role=UNDER), op("m4", WHITE, 6.0, role=UNDER)
    )
    second = step("p2", op("m3", 6.0, 2.5, Kind.ACCENT))
    last = step("p3", op("m4", 6.0, 9.0, Kind.WHITE))
    medium = medium_named("watercolour")
    assert replay((sky, dark, light), (first, second, last), medium, WHITE) == ()
    early = replay((sky, dark, light), (second, first, last), medium, WHITE)
    assert Rule.AROUND_FIRST in {refusal.rule for refusal in early}
