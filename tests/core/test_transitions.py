"""The table of the judge, every cell of it against what painters know, written down apart from it."""

from __future__ import annotations

import pytest

from washboard.core.plan.acts import ACTS, Reversibility
from washboard.core.plan.plan import LAYING, TAKING, Kind
from washboard.core.surface.rules import Rule
from washboard.core.surface.transitions import STATES_OF, SurfaceState, after, stage, transitions

# Per medium: operation, the states in which it may be done, each with the state it leaves.
LEGAL = {
    "watercolour": """
        leave           bare>bare
        reserve         bare>bare
        tone            bare>shiny wetted>shiny masked>masked
        wet             bare>wetted dry>wetted wetted>wetted masked>masked
        wet-both        bare>wetted wetted>wetted
        wash            bare>shiny dry>shiny wetted>shiny masked>masked
        graded-wash     bare>shiny dry>shiny wetted>shiny masked>masked
        drop-in         wetted>shiny shiny>shiny satin>shiny
        glaze           dry>shiny masked>masked
        negative        bare>shiny dry>shiny masked>masked
        placeholder     bare>shiny
        accent          bare>shiny dry>shiny
        detail          bare>shiny dry>shiny
        opaque-white    bare>shiny dry>shiny
        restate         dry>shiny
        unify           dry>shiny masked>masked
        mask            bare>masked dry>masked
        unmask          masked>dry
        soften          shiny>shiny satin>satin damp>damp dry>dry
        lift-wet        shiny>satin satin>damp
        blot            shiny>damp satin>damp damp>damp
        lift-dry        dry>damp
        stencil-lift    dry>damp
        wipe-out        shiny>damp satin>damp damp>damp
        scratch         dry>broken
        sand            dry>broken
        judge           *
    """,
    "acrylic": """
        leave           bare>bare
        reserve         bare>bare
        tone            bare>open
        wash            bare>open dry>open
        graded-wash     bare>open dry>open
        drop-in         open>open
        glaze           dry>open
        negative        bare>open dry>open
        placeholder     bare>open
        block-in        bare>open dry>open
        layer           bare>open dry>open
        scumble         dry>open
        glow            bare>open dry>open open>open
        rays            dry>open
        accent          bare>open dry>open
        detail          bare>open dry>open
        opaque-white    bare>open dry>open
        restate         dry>open
        unify           dry>open
        soften          open>open dry>dry
        blend           open>open
        feather         open>open
        lift-wet        open>open
        blot            open>open
        wipe-out        open>open
        scrape          open>open tacky>tacky dry>dry
        judge           *
    """,
    "oil": """
        leave           bare>bare
        reserve         bare>bare
        tone            bare>open
        glaze           dry>open
        placeholder     bare>open
        block-in        bare>open dry>open
        layer           bare>open dry>open
        scumble         dry>open
        glow            bare>open dry>open open>open
        rays            dry>open
        accent          bare>open dry>open
        detail          bare>open dry>open
        opaque-white    bare>open dry>open
        restate         dry>open
        unify           dry>open
        soften          open>open dry>dry
        blend           open>open
        feather         open>open
        blot            open>open
        wipe-out        open>open
        scrape          open>open tacky>tacky dry>dry
        judge           *
    """,
    "pastel": """
        leave           bare>bare
        reserve         bare>bare
        placeholder     bare>loose
        block-in        bare>loose loose>loose
        layer           bare>loose loose>loose
        scumble         loose>loose
        optical-mix     loose>loose
        glow            bare>loose loose>loose
        rays            loose>loose
        accent          bare>loose loose>loose
        detail          bare>loose loose>loose full>loose
        opaque-white    bare>loose loose>loose
        restate         loose>loose
        blend           loose>loose full>full
        feather         loose>loose
        fix             loose>sprayed full>sprayed
        clean-stick     *
        judge           *
    """,
}

STATES = {
    "watercolour": "bare masked wetted shiny satin damp dry broken",
    "acrylic": "bare open tacky dry",
    "oil": "bare open tacky dry",
    "pastel": "bare loose sprayed full",
}

REASONS = """
    watercolour wash shiny          DRY_FIRST
    watercolour wash damp           DRY_FIRST
    watercolour wash broken         BROKEN
    watercolour glaze bare          NOTHING_THERE
    watercolour placeholder dry     FIRST
    watercolour tone dry            FIRST
    watercolour leave wetted        FINISHED
    watercolour leave satin         FINISHED
    watercolour leave damp          FINISHED
    watercolour tone satin          DRY_FIRST
    watercolour wet shiny           DRY_FIRST
    watercolour wet damp            DRY_FIRST
    watercolour wet-both masked     MASKED
    watercolour wet-both dry        FIRST
    watercolour mask satin          BONE_DRY
    watercolour mask shiny          BONE_DRY
    watercolour mask broken         BROKEN
    watercolour soften masked       MASKED
    watercolour soften wetted       NOTHING_THERE
    watercolour lift-wet wetted     NOTHING_THERE
    watercolour lift-wet damp       BONE_DRY
    watercolour lift-dry damp       BONE_DRY
    watercolour lift-dry satin      BONE_DRY
    acrylic     leave tacky         FINISHED
    acrylic     drop-in tacky       GLISTENS
    pastel      leave sprayed       FINISHED
    pastel      leave full          FINISHED
    pastel      placeholder loose   FIRST
    pastel      scumble bare        NOTHING_THERE
    pastel      feather full        NOTHING_THERE
    watercolour glaze wetted        RUNS
    watercolour negative wetted     RUNS
    watercolour drop-in damp        DRY_FIRST
    watercolour drop-in dry         GLISTENS
    watercolour drop-in bare        GLISTENS
    watercolour drop-in masked      MASKED
    watercolour reserve dry         FINISHED
    watercolour reserve shiny       FINISHED
    watercolour reserve masked      MASKED
    watercolour leave broken        BROKEN
    watercolour mask damp           BONE_DRY
    watercolour mask wetted         BONE_DRY
    watercolour mask masked         MASKED
    watercolour unmask bare         NOT_MASKED
    watercolour unmask dry          NOT_MASKED
    watercolour unmask shiny        BONE_DRY
    watercolour lift-dry bare       NOTHING_THERE
    watercolour lift-dry shiny      BONE_DRY
    watercolour lift-dry masked     MASKED
    watercolour lift-wet dry        STILL_WET
    watercolour lift-wet bare       NOTHING_THERE
    watercolour blot dry            STILL_WET
    watercolour scratch satin       BONE_DRY
    watercolour scratch bare        NOTHING_THERE
    watercolour sand broken         BROKEN
    watercolour soften bare         NOTHING_THERE
    watercolour soften broken       BROKEN
    watercolour wet satin           DRY_FIRST
    watercolour wet broken          BROKEN
    oil         layer open          DRY_FIRST
    oil         layer tacky         DRY_FIRST
    oil         glaze bare          NOTHING_THERE
    oil         wipe-out dry        STILL_WET
    oil         wipe-out tacky      BONE_DRY
    oil         blend dry           STILL_WET
    oil         blend tacky         STILL_WET
    oil         blend bare          NOTHING_THERE
    oil         leave open          FINISHED
    oil         scrape bare         NOTHING_THERE
    acrylic     wash tacky          DRY_FIRST
    pastel      layer full          TOOTH
    pastel      layer sprayed       SPRAY_FIRST
    pastel      accent full         TOOTH
    pastel      blend sprayed       SPRAY_FIRST
    pastel      blend bare          NOTHING_THERE
    pastel      fix bare            NOTHING_THERE
    pastel      fix sprayed         SPRAY_FIRST
    pastel      leave loose         FINISHED
    pastel      wash bare           MEDIUM
    oil         wash bare           MEDIUM
    oil         mask bare           MEDIUM
    acrylic     fix dry             MEDIUM
    watercolour blend shiny         MEDIUM
    watercolour block-in bare       MEDIUM
"""


def legal(medium: str) -> dict[tuple[Kind, SurfaceState], SurfaceState]:
    found: dict[tuple[Kind, SurfaceState], SurfaceState] = {}
    for line in LEGAL[medium].strip().splitlines():
        name, *cells = line.split()
        for cell in cells:
            pairs = [(s, s) for s in STATES_OF[medium]] if cell == "*" else [tuple(_spots(cell))]
            found |= {(Kind(name), one): other for one, other in pairs}
    return found


def _spots(cell: str) -> list[SurfaceState]:
    return [SurfaceState[word.upper()] for word in cell.split(">")]


def test_each_medium_has_the_states_that_its_painters_tell_apart() -> None:
    assert {medium: set(states) for medium, states in STATES_OF.items()} == {
        medium: {SurfaceState[word.upper()] for word in words.split()} for medium, words in STATES.items()
    }


@pytest.mark.parametrize("medium", STATES_OF)
def test_every_operation_is_legal_in_just_the_states_in_which_painters_do_it(medium: str) -> None:
    expected = legal(medium)
    for kind in Kind:
        for state in STATES_OF[medium]:
            outcome = after(medium, kind, state)
            if (kind, state) in expected:
                assert outcome is expected[kind, state], (medium, kind, state, outcome)
            else:
                assert isinstance(outcome, Rule), (medium, kind, state, outcome)


def test_each_refusal_has_the_reason_that_a_teacher_would_give() -> None:
    for line in REASONS.strip().splitlines():
        medium, kind, state, rule = line.split()
        assert after(medium, Kind(kind), SurfaceState[state.upper()]) is Rule[rule], line


def test_the_table_has_every_operation_of_the_closed_list_and_no_other() -> None:
    assert set(ACTS) == set(Kind)
    assert {(m, k) for m, k, _, _ in transitions()} == {(m, k) for k, a in ACTS.items() for m in a.media}
    assert len(list(transitions())) >= 120
    for kind, act in ACTS.items():
        assert kind.lays == (kind in LAYING) == (act.sort == "lays"), kind
        assert kind.takes == (kind in TAKING) == (act.sort == "takes"), kind
        assert (act.reach > 0) == (kind.takes or kind is Kind.UNMASK), kind
        assert 0 <= act.grip <= 1
        assert act.media


@pytest.mark.parametrize(
    ("back", "kinds"),
    [
        (Reversibility.NONE, {Kind.WIPE, Kind.SCRATCH, Kind.SAND, Kind.FIX}),
        (
            Reversibility.FREE,
            {Kind.LEAVE, Kind.RESERVE, Kind.WET, Kind.WET_BOTH, Kind.UNMASK, Kind.JUDGE, Kind.CLEAN},
        ),
    ],
)
def test_what_can_never_and_what_can_always_be_taken_back(back: Reversibility, kinds: set[Kind]) -> None:
    assert {kind for kind, act in ACTS.items() if act.back is back} == kinds


@pytest.mark.parametrize("kind", [Kind.MASK, Kind.SCRATCH, Kind.SAND, Kind.SCRAPE, Kind.FIX, Kind.WIPE])
def test_what_can_hurt_carries_its_caution(kind: Kind) -> None:
    assert ACTS[kind].caution


@pytest.mark.parametrize(
    ("medium", "ages"),
    [
        ("watercolour", {0: "shiny", 0.29: "shiny", 0.3: "satin", 0.54: "satin", 0.6: "damp", 1.0: "dry"}),
        ("acrylic", {0: "open", 0.49: "open", 0.5: "tacky", 1.0: "dry"}),
        ("oil", {0: "open", 0.14: "open", 0.2: "tacky", 1.2: "dry"}),
        ("pastel", {0: "loose grain", 5: "loose grain"}),
    ],
)
def test_a_layer_goes_through_the_stages_of_its_medium(medium: str, ages: dict[float, str]) -> None:
    assert {age: stage(medium, age).value for age in ages} == ages
