"""What numbers and order refuse: staining, layers, oil, drying, masks, things behind things."""

from __future__ import annotations

from dataclasses import replace

import pytest

from tests.core.test_replay import (
    ACCENT,
    BLOCK,
    FIRST,
    GOOD,
    HILL,
    MASKED,
    MASSES,
    OVER_ALL,
    SECOND,
    SKY,
    SUN,
    UNDER,
    UNMASKED,
    WETTED,
    WHITE,
    lifted,
    op,
    pastel,
    rules,
    step,
)
from washboard.core.colour.value import luminance_of, value_of
from washboard.core.materials.media import medium_named
from washboard.core.name import Name
from washboard.core.plan.acts import ACTS
from washboard.core.plan.plan import Kind, Operation, Pass, Role
from washboard.core.reference.mass import Border, Mass
from washboard.core.surface.refusal import Refusal
from washboard.core.surface.replay import replay
from washboard.core.surface.rules import Rule
from washboard.words import ENGLISH, About


def again(*operations: Operation, wait: float = 30, before: tuple[Pass, ...] = GOOD) -> set[Rule]:
    """What is refused when these are done after a sound plan."""
    return rules((*before, step("again", *operations, wait=wait)))


def refusal(
    passes: tuple[Pass, ...], masses: tuple[Mass, ...] = MASSES, medium: str = "watercolour"
) -> Refusal:
    (found,) = replay(masses, passes, medium_named(medium), WHITE)
    return found


def test_a_lift_ends_no_higher_than_what_stains_lets_it() -> None:
    held = ACTS[Kind.LIFT_DRY].grip * 0.5
    now, bare = float(luminance_of(5.0)), float(luminance_of(WHITE))
    most = float(value_of(bare * (now / bare) ** held))
    assert 6 < most < 9
    assert rules(lifted(most + 0.15, 0.5)) == set()
    assert rules(lifted(most + 0.25, 0.5)) == {Rule.STAINS}
    assert rules(lifted(9.6, 0.0)) == set(), (
        "what does not stain comes off to the paper, hand and paper apart"
    )
    assert rules(lifted(9.8, 0.0)) == {Rule.STAINS}
    white = (*lifted(5.0, 0.9)[:2], step("white", op("m3", 5.0, 9.3, Kind.WHITE)))
    assert rules(white) == set(), "white is laid, whatever stains"


def test_only_toxic_paint_is_not_sanded_and_is_lifted_like_any_other() -> None:
    assert rules(lifted(9.0, 0.1, Kind.SAND)) == set()
    assert rules(lifted(7.0, 0.1, toxic=True)) == set()


def test_a_dry_lift_leaves_the_spot_damp_until_it_has_dried() -> None:
    lift = lifted(7.0, 0.1)
    glaze = op("m3", 7.0, 6.5, Kind.GLAZE, UNDER)
    assert again(glaze, before=lift) == {Rule.DRY_FIRST}
    assert refusal((*lift, step("glaze", glaze))).by == "lift"
    waited = (*lift[:2], replace(lift[2], wait=medium_named("watercolour").quickest_dry))
    assert again(glaze, before=waited) == set()


def test_a_loose_edge_changes_nothing_and_is_refused_nowhere() -> None:
    edge = op("m2", WHITE, 6.0, Kind.WASH, Role.OVERLAP, 0.1)
    first = replace(FIRST, operations=(FIRST.operations[0], FIRST.operations[1], edge), wait=0, minutes=1)
    over = step("over", op("m2", WHITE, 4.0), op("m1", 7.0, 6.5, Kind.WASH, Role.OVERLAP, 0.1))
    assert rules((first, over)) == {Rule.UNDER_FIRST}, (
        "it is seen on what is finished, but wet does not matter"
    )
    assert rules((first, step("over", op("m2", WHITE, 4.0)))) == set()


def test_paint_starts_from_what_is_there_within_what_is_measured() -> None:
    assert rules((FIRST, step("second", op("m2", 7.0, 7.0)))) == set()
    assert rules((FIRST, step("second", op("m2", 8.0, 7.01)))) == set()
    assert rules((FIRST, step("second", op("m2", 8.0, 7.5)))) == {Rule.STARTS}
    assert rules((FIRST, step("second", op("m2", 8.0, 7.5, cover=0.99)))) == set(), (
        "part of it may be lighter"
    )
    assert rules((FIRST, step("second", op("m2", 7.0, 7.5, cover=0.5)))) == {Rule.DARKENS}


def test_what_covers_half_or_less_on_the_way_leaves_the_value_as_it_was() -> None:
    def then(cover: float) -> set[Rule]:
        first = replace(
            FIRST, operations=(*FIRST.operations[:2], op("m2", WHITE, 6.0, role=UNDER, cover=cover))
        )
        return rules((first, step("second", op("m2", WHITE, 6.5))))

    assert then(0.5) == set()
    assert then(0.6) == {Rule.STARTS}
    done = replace(
        FIRST, operations=(FIRST.operations[0], op("m1", WHITE, 7.0, cover=0.4), *FIRST.operations[2:])
    )
    assert again(op("m1", 9.0, 8.0, Kind.GLAZE, UNDER), before=(done, SECOND)) == {Rule.STARTS}


def test_under_a_mask_nothing_changes_and_nothing_is_judged() -> None:
    assert (
        again(op("m3", WHITE, 9.4, Kind.GLAZE, UNDER), before=(MASKED, OVER_ALL, SECOND, UNMASKED)) == set()
    )
    mask = step("mask", op("m2", 7.0, 7.0, Kind.MASK, UNDER))
    over = step("over", op("m2", 9.0, 8.9, Kind.GLAZE, UNDER))
    off = step("off", op("m2", 7.0, 7.0, Kind.UNMASK, UNDER), wait=0)
    assert rules((FIRST, mask, over, off, SECOND)) == set()


def test_masking_fluid_that_never_went_on_was_not_on_too_long() -> None:
    assert rules((OVER_ALL, replace(SECOND, wait=3000.0), UNMASKED)) == {Rule.NOT_MASKED}
    long = (MASKED, replace(OVER_ALL, wait=2.5 * 1440 - 10), SECOND, UNMASKED)
    assert refusal(long).rule is Rule.MASK_LONG


def test_a_sheet_holds_a_limited_number_of_layers() -> None:
    most = medium_named("watercolour").most_layers

    def layered(count: int) -> tuple[Pass, ...]:
        glazes = [step(f"glaze {k}", op("m2", 7.0, 7.0, Kind.GLAZE, UNDER)) for k in range(count)]
        return (FIRST, *glazes, SECOND)

    assert rules(layered(most - 1)) == set()
    assert rules(layered(most)) == {Rule.LAYERS}


def test_a_wetted_sheet_stays_wet_twice_as_long_as_the_quickest_wash() -> None:
    dry = medium_named("watercolour").quickest_dry

    def after(wait: float) -> set[Rule]:
        return rules((FIRST, replace(WETTED, wait=wait), step("round", op("m2", 7.0, 4.0, Kind.NEGATIVE))))

    assert after(1.9 * dry) == {Rule.RUNS}
    assert after(2.1 * dry) == set()
    bare = (replace(WETTED, wait=1.9 * dry), step("drop", op("m2", WHITE, 4.0, Kind.DROP_IN)))
    assert rules((replace(FIRST, operations=FIRST.operations[:2]), *bare)) == set()


def test_a_minute_too_early_is_too_early() -> None:
    dry = medium_named("watercolour").quickest_dry
    assert rules((replace(FIRST, wait=dry), SECOND)) == set()
    assert rules((replace(FIRST, wait=dry - 0.5), SECOND)) == {Rule.DRY_FIRST}


def test_looking_changes_nothing_and_fixing_gives_one_layer_back() -> None:
    count = medium_named("pastel").most_layers
    layers = tuple(step(f"l{k}", op("m2", 9.0, 5.0, Kind.LAYER, UNDER), wait=0) for k in range(count + 1))
    done = step("last", op("m1", WHITE, 7.0, Kind.BLOCK_IN), op("m2", 5.0, 4.0, Kind.LAYER), wait=0)
    reflectance = step("look", op("m2", 5.0, 5.0, Kind.JUDGE, UNDER), wait=20)
    assert pastel(*layers, reflectance, done, ACCENT) == {Rule.TOOTH}
    fixed = step("fix", op("m2", 5.0, 5.0, Kind.FIX, UNDER), minutes=1, wait=8)
    more = step("more", op("m2", 5.0, 5.0, Kind.LAYER, UNDER), wait=0)
    assert pastel(*layers, fixed, more, done, ACCENT) == {Rule.TOOTH}, "one layer, not two"


def test_layers_of_nearly_the_same_oil_may_follow_each_other() -> None:
    def laid(name: str, oil: float, role: Role = Role.TARGET) -> Pass:
        return step(name, replace(op("m2", WHITE, 4.0, Kind.LAYER, role), oil=oil), wait=3 * 1440.0)

    assert rules((laid("a", 0.42, UNDER), laid("b", 0.4)), "oil", (HILL,)) == set()
    assert refusal((laid("a", 0.4, UNDER), laid("b", 0.3)), (HILL,), "oil").rule is Rule.LEAN_FIRST


def test_an_accent_may_come_with_what_lies_around_it() -> None:
    both = step("both", *BLOCK.operations, *ACCENT.operations, wait=0)
    assert pastel(both) == set()
    named = (SKY, replace(HILL, name="far hill"), SUN)
    assert refusal((ACCENT, BLOCK), named, "pastel").behind == HILL.id


@pytest.mark.parametrize(
    ("changed", "behind", "found"),
    [
        ({}, {}, {Rule.BACK_FIRST}),
        ({"borders": (Border("m1", 32.0, 0.5, 1.0),)}, {}, {Rule.BACK_FIRST}),
        ({"borders": (Border("m1", 31.0, 0.5, 1.0),)}, {}, set()),
        ({"borders": (Border("m1", 40.0, 0.5, 0.5),)}, {}, set()),
        ({"borders": (Border("m9", 40.0, 0.5, 1.0),)}, {}, set()),
        ({"depth": None}, {}, set()),
        ({}, {"depth": 1}, set()),
        ({}, {"depth": 2}, set()),
        ({}, {"depth": None}, {Rule.BACK_FIRST}),
    ],
)
def test_only_what_is_enclosed_firmly_by_what_lies_deeper_waits_for_it(
    changed: dict[str, object], behind: dict[str, object], found: set[Rule]
) -> None:
    tree = replace(HILL, **({"depth": 1, "borders": (Border("m1", 40.0, 0.5, 1.0),)} | changed))  # type: ignore[arg-type]
    field = replace(SKY, **({"depth": 0} | behind))  # type: ignore[arg-type]
    passes = (
        step("front", op("m2", WHITE, 4.0, Kind.BLOCK_IN), wait=0),
        step("back", op("m1", WHITE, 7.0, Kind.BLOCK_IN), wait=0),
    )
    assert pastel(*passes, ACCENT, masses=(field, tree, SUN)) == found
    kept = step("kept", op("m2", WHITE, WHITE, Kind.LEAVE), wait=0)
    assert pastel(kept, passes[1], ACCENT, masses=(field, tree, SUN)) == set()
    washes = (FIRST, step("second", op("m2", 7.0, 4.0)))
    assert rules((washes[0], washes[1]), masses=(field, tree, SUN)) == set(), "transparent paint runs under"


def test_what_lies_behind_is_called_by_its_name() -> None:
    tree = replace(HILL, depth=1, borders=(Border("m1", 40.0, 0.5, 1.0),))
    passes = (step("f", op("m2", WHITE, 4.0, Kind.BLOCK_IN)), step("b", op("m1", WHITE, 7.0, Kind.BLOCK_IN)))
    found = refusal((*passes, ACCENT), (replace(SKY, depth=0), tree, SUN), "pastel")
    told = About({SKY.id: Name(own="field"), HILL.id: Name(noun="patch", hues=("green",), place="left")})
    said = "The background comes first: the field lies behind the green patch on the left."
    assert ENGLISH.text(found.sentence, told) == said
