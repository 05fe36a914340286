"""How a light is kept: cases written down from the craft before the rules were weighed."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
# A table of cases reads best with a case a line.
# ruff: noqa: E501
from __future__ import annotations

from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.said import text
from washboard.core.order.reserve import KEEPING, WAYS, Light, decided
from washboard.core.plan.plan import Kind

PLAIN = Light(
    width_mm=20, narrowest_mm=12, outline_cm=14, islands=1, softness_mm=0.5, target=9.5, paper=9.5,
    staining=0.4, toxic=False, wash_minutes=8, cut_cm=40, open_minutes=19, weight=300,
)  # fmt: skip
ROUND, MASK, WET, DRY = Kind.RESERVE, Kind.MASK, Kind.LIFT_WET, Kind.LIFT_DRY
STENCIL, SCRATCH, SAND, WHITE, TINT = Kind.STENCIL, Kind.SCRATCH, Kind.SAND, Kind.WHITE, Kind.PLACEHOLDER

CASES: list[tuple[str, dict[str, object], Kind]] = [
    # Wide and simple: painted round.
    ("a sunlit salt heap", {"width_mm": 40, "outline_cm": 21}, ROUND),
    ("a white house wall", {"width_mm": 60, "outline_cm": 30}, ROUND),
    ("a sail", {"width_mm": 25, "outline_cm": 12}, ROUND),
    ("a cloud's lit top, firm", {"width_mm": 35, "outline_cm": 25, "softness_mm": 1.5}, ROUND),
    ("a boat's deck", {"width_mm": 9, "outline_cm": 10}, ROUND),
    ("a roof in sun", {"width_mm": 12, "outline_cm": 18}, ROUND),
    ("a plate", {"width_mm": 45, "outline_cm": 16, "staining": 0.9}, ROUND),
    ("three towels on a line", {"width_mm": 15, "outline_cm": 22, "islands": 3}, ROUND),
    ("a white dog", {"width_mm": 14, "outline_cm": 11, "toxic": True}, ROUND),
    ("a road in glare", {"width_mm": 8, "outline_cm": 30}, ROUND),
    # Narrow, or many islands inside a wash that must run through: masked.
    ("a mast", {"width_mm": 1.5, "narrowest_mm": 1.2, "outline_cm": 16}, MASK),
    ("a far heap", {"width_mm": 3.1, "narrowest_mm": 2, "outline_cm": 4}, MASK),
    ("birch stems", {"width_mm": 4, "narrowest_mm": 3, "outline_cm": 60, "islands": 7}, MASK),
    ("daisies in grass", {"width_mm": 3, "narrowest_mm": 2, "outline_cm": 40, "islands": 25}, MASK),
    ("a railing", {"width_mm": 1.2, "narrowest_mm": 1, "outline_cm": 45, "islands": 9}, MASK),
    ("windows of a far town", {"width_mm": 2, "narrowest_mm": 1.5, "outline_cm": 30, "islands": 30}, MASK),
    ("ropes of a tent", {"width_mm": 1, "narrowest_mm": 0.8, "outline_cm": 30, "islands": 4}, MASK),
    ("lilies", {"width_mm": 5, "narrowest_mm": 4, "outline_cm": 30, "islands": 12}, MASK),
    ("a fussy fence on light paper", {"width_mm": 2, "narrowest_mm": 1.5, "outline_cm": 80, "islands": 14,
                                      "weight": 200}, MASK),
    ("a lamp post in a long wash", {"width_mm": 3, "narrowest_mm": 2, "outline_cm": 24, "wash_minutes": 17}, MASK),
    ("glints larger than a hair", {"width_mm": 1.5, "narrowest_mm": 1, "outline_cm": 6, "islands": 12}, MASK),
    # Hairlines: the point of a blade, last, on heavy paper.
    ("grass in sun", {"width_mm": 0.3, "narrowest_mm": 0.2, "outline_cm": 12}, SCRATCH),
    ("a spider's thread", {"width_mm": 0.2, "narrowest_mm": 0.2, "outline_cm": 30}, SCRATCH),
    ("a wire", {"width_mm": 0.5, "narrowest_mm": 0.4, "outline_cm": 40}, SCRATCH),
    ("whiskers", {"width_mm": 0.3, "narrowest_mm": 0.3, "outline_cm": 8, "islands": 6}, SCRATCH),
    ("a glint on water", {"width_mm": 0.6, "narrowest_mm": 0.4, "outline_cm": 1}, SCRATCH),
    ("a wire on a board", {"width_mm": 0.5, "narrowest_mm": 0.4, "outline_cm": 20, "weight": 0}, SCRATCH),
    ("twelve glints of half a millimetre", {"width_mm": 0.5, "narrowest_mm": 0.3, "outline_cm": 3, "islands": 12},
     SCRATCH),
    # Sparkle on rough paper: sanded, unless the paint is toxic.
    ("sparkle on rough paper", {"width_mm": 1.5, "narrowest_mm": 0.4, "outline_cm": 60, "islands": 60,
                                "rough": True}, SAND),
    ("surf breaking", {"width_mm": 2, "narrowest_mm": 0.5, "outline_cm": 40, "islands": 40, "rough": True}, SAND),
    ("sparkle in toxic blue", {"width_mm": 1.5, "narrowest_mm": 0.8, "outline_cm": 60, "islands": 60, "rough": True,
                               "toxic": True}, MASK),
    # Soft lights that are not as light as the sheet: lifted.
    ("spray of a waterfall", {"width_mm": 30, "softness_mm": 10, "target": 8.2, "staining": 0.2}, WET),
    ("a soft cloud", {"width_mm": 60, "outline_cm": 50, "softness_mm": 14, "target": 8.5, "staining": 0.2}, WET),
    ("the glow round a lamp", {"width_mm": 18, "softness_mm": 8, "target": 8, "staining": 0.3}, WET),
    ("mist over a river", {"width_mm": 25, "outline_cm": 60, "softness_mm": 15, "target": 8.3, "staining": 0.1}, WET),
    ("a soft beam", {"width_mm": 6, "outline_cm": 20, "softness_mm": 2.5, "target": 7.5, "staining": 0.1}, DRY),
    ("a rounded highlight, half soft", {"width_mm": 5, "outline_cm": 3, "softness_mm": 2, "target": 7.8,
                                        "staining": 0.15}, DRY),
    ("a soft disc out of focus", {"width_mm": 6, "outline_cm": 2, "softness_mm": 2, "target": 7, "staining": 0.2}, DRY),
    ("a firm light sun in haze", {"width_mm": 4.5, "narrowest_mm": 4, "outline_cm": 1.4, "softness_mm": 0.8,
                                  "target": 8.6, "staining": 0.1, "weight": 200, "whites": False}, MASK),
    # Tiny last lights where fluid and blade cannot be.
    ("a glint on light paper", {"width_mm": 0.4, "narrowest_mm": 0.3, "outline_cm": 0.5, "weight": 190}, WHITE),
    ("a catch light in an eye, light paper", {"width_mm": 0.5, "narrowest_mm": 0.4, "outline_cm": 0.3,
                                              "weight": 185}, WHITE),
    # A reminder for the first passes, not as light as the sheet.
    ("a lit window to be remembered", {"width_mm": 12, "target": 8.6, "reminder": True, "outline_cm": 60}, TINT),
    ("a pale shirt, marked first", {"width_mm": 20, "target": 8.8, "reminder": True, "outline_cm": 110}, TINT),
]  # fmt: skip


def test_cases_of_the_craft_are_decided_as_painters_decide_them() -> None:
    wrong = {
        name: decided(replace(PLAIN, **changes)).choice.kind.value  # type: ignore[arg-type]
        for name, changes, way in CASES
        if decided(replace(PLAIN, **changes)).choice.kind is not way  # type: ignore[arg-type]
    }
    assert len(CASES) >= 40
    assert len(wrong) <= 0.05 * len(CASES), wrong


def test_the_sentence_gives_choice_runner_up_and_figures() -> None:
    decision = decided(replace(PLAIN, width_mm=3.0, narrowest_mm=2.0, outline_cm=6.0))
    assert text(decision.sentence) == "Mask it: 3 mm is too small to paint round."
    assert decision.figures["mm"] == 3.0


def test_the_painter_can_overrule_and_the_found_way_becomes_the_next_best() -> None:
    decision = decided(PLAIN, Kind.MASK)
    assert decision.choice.kind is Kind.MASK
    assert decision.runner_up.kind is Kind.RESERVE
    assert text(decision.sentence) == "Mask it, as you asked."


@pytest.mark.parametrize(
    ("changes", "way"),
    [
        ({"weight": 200}, Kind.SCRATCH), ({"whites": False}, Kind.WHITE),
        ({"toxic": True, "rough": True}, Kind.SAND), ({"rough": False}, Kind.SAND),
    ],
)  # fmt: skip
def test_what_the_sheet_the_paint_or_the_painter_forbids_says_why(
    changes: dict[str, object], way: Kind
) -> None:
    found = next(w for w in decided(replace(PLAIN, **changes)).ways if w.kind is way)  # type: ignore[arg-type]
    assert found.refused
    assert text(found.why)


LIGHTS = st.builds(
    Light,
    width_mm=st.floats(0.1, 80), narrowest_mm=st.floats(0.1, 40), outline_cm=st.floats(0.1, 200),
    islands=st.integers(1, 80), softness_mm=st.floats(0, 30), target=st.floats(6, 9.5), paper=st.just(9.5),
    staining=st.floats(0, 1), toxic=st.booleans(), wash_minutes=st.floats(0, 60), cut_cm=st.just(40.0),
    open_minutes=st.one_of(st.none(), st.just(19.0)), weight=st.sampled_from((0, 200, 300)),
    rough=st.booleans(), whites=st.booleans(),
)  # fmt: skip


@given(LIGHTS)
def test_every_light_has_a_way_that_is_not_forbidden_and_all_ways_are_weighed(light: Light) -> None:
    decision = decided(light)
    assert {way.kind for way in decision.ways} == set(KEEPING)
    assert len(KEEPING) == len(WAYS)
    assert not decision.choice.refused
    assert list(decision.ways) == sorted(decision.ways, key=lambda way: way.minutes)
    assert not (light.toxic and decision.choice.kind is Kind.SAND)
