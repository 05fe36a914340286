"""What a plan says: names, titles, reasons, notes, in painters' words and with this piece's figures."""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import replace

import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from tests.long import rounds
from tests.pieces import Made, patchwork, pieces, worked_out_of
from tests.said import faults, text, why
from washboard.core.checks import Checked, findings_of
from washboard.core.key.relations import Thing
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.name import Name
from washboard.core.order.depth import host_of, with_depth
from washboard.core.plan.plan import Plan, Toning
from washboard.core.planning.planner import default_school
from washboard.core.planning.rearrange import moved
from washboard.core.reference.look import Look
from washboard.core.reference.naming import named_masses
from washboard.core.sentence import as_given, of_masses, row_of, sentence
from washboard.demo.pieces import DEMO, reference_bytes
from washboard.formats.planfile import DocumentSource, document_of, plan_from
from washboard.formats.table import minutes, table
from washboard.pipeline.stages import Result
from washboard.words import ENGLISH, About

SOME = settings(max_examples=60, deadline=None, derandomize=True, suppress_health_check=list(HealthCheck))


@pytest.fixture(scope="module")
def demos() -> dict[str, Result]:
    return {piece.name: worked_out_of(reference_bytes(piece), piece.settings) for piece in DEMO}


@SOME
@given(pieces())
def test_every_pass_has_a_title_and_says_what_and_where(made: Made) -> None:
    plan = made.worked().plan
    for done in plan.passes:
        assert text(done.title, plan)[0].isupper()
        assert text(done.where, plan)
        said = [*done.what, *done.findings, *(reason.sentence for reason in done.reasons)]
        assert done.what
        assert done.reasons
        for words in said:
            assert text(words, plan).endswith("."), words


def test_lists_name_a_few_masses_and_count_the_rest() -> None:
    names = {f"m{k}": Name(own=own) for k, own in enumerate(("sky", "hill", "Old shed", "the barn", "pond"))}
    told = About(names)
    say = ENGLISH.say(sentence("how-scrape", masses=of_masses(tuple(names), 2)), told)
    assert say.text == "Scrape the sky, the hill and 3 more off."
    assert [(say.text[m.start : m.end], m.masses) for m in say.marks] == [
        ("the sky", ("m0",)),
        ("the hill", ("m1",)),
        ("3 more", ("m2", "m3", "m4")),
    ]
    row = ENGLISH.text(sentence("title-last-wash", masses=row_of(tuple(names)[2:], 3)), told)
    assert row == "Last wash: Old shed, the barn and pond"


def test_a_phrase_begins_small_but_for_a_name() -> None:
    about = About({"m1": Name(own="Aunt's jug")})
    words = sentence("only-masses", masses=of_masses(("m1",)))
    assert ENGLISH.phrase(words, about).startswith("Aunt's jug")
    assert ENGLISH.phrase(sentence("needs-dry")) == "dry"
    assert ENGLISH.text(sentence("needs-dry")) == "Dry"


@given(st.text(max_size=12), st.text("\ue000\ue0010;a", max_size=12))
def test_whatever_a_painter_wrote_is_said_and_marked_where_it_stands(one: str, other: str) -> None:
    about = About({"m1": Name(own=f"A{one}"), "m2": Name(own=f"B{other}")})
    words = sentence("only-masses", masses=of_masses(("m1", "m2")))
    said = ENGLISH.say(words, about)
    assert [mark.masses for mark in said.marks] == [("m1",), ("m2",)]
    assert [said.text[mark.start] for mark in said.marks] == ["A", "B"]
    again = ENGLISH.say(as_given(said.text, said.marks), about)
    assert again == said


def test_no_two_masses_are_called_alike_and_no_mass_like_an_area() -> None:
    for seed in range(12):
        masses = patchwork(seed, 40, 9)[0].masses
        names = [ENGLISH.name(mass.called) for mass in masses]
        assert len(set(names)) == len(names)
        assert all(len(name) <= 52 for name in names), max(names, key=len)
        assert not any(name.startswith("area ") for name in names)


def test_a_name_stays_while_its_mass_looks_the_same_and_the_painters_own_wins() -> None:
    masses = patchwork(3, 30, 4)[0].masses
    kept = {mass.id: mass.called for mass in masses}
    fewer = named_masses(masses[5:], kept)
    assert [m.called for m in fewer] == [m.called for m in masses[5:]], "though others would be free now"
    own = named_masses([replace(masses[0], name="barn"), *masses[1:]], kept)
    assert own[0].called == Name(own="barn")
    assert [m.called for m in own[1:]] == [m.called for m in masses[1:]]
    lighter = replace(masses[8], value=9.4 if masses[8].value < 5 else 1.0)
    changed = named_masses([*masses[:8], lighter, *masses[9:]], kept)
    assert changed[8].called != masses[8].called
    assert [m.called for m in changed[:8]] == [m.called for m in masses[:8]]


def test_of_several_masses_in_an_area_none_takes_its_name() -> None:
    masses = [replace(mass, area="a1") for mass in patchwork(3, 12, 0)[0].masses]
    table = replace(masses[0], name="Table")
    several = named_masses([table, *masses[1:]], things={"a1": "table"})
    assert all(mass.called.within == "table" and not mass.called.own for mass in several)
    (alone,) = named_masses([table], things={"a1": "table"})
    assert alone.called == Name(own="Table"), "the whole of an area is the area"


def test_names_say_what_cannot_be_wrong() -> None:
    mass = patchwork(2, 8, 0)[0].masses[0]
    plain = replace(mass, share=0.05, value=5.0, inside=(0.5, 0.5), box=(0.3, 0.3, 0.7, 0.7))
    look, corner = Look(("orange", "green")), Look(("green",), (True, False, False, True))
    for changes, name in (
        ({"look": look}, "orange and green patch, centre"),
        ({"look": Look(("red",), hole=0.4), "inside": (0.8, 0.2)}, "red ring, upper right"),
        ({"look": Look(("grey",), long=3.5), "value": 8.0}, "light grey strip, centre"),
        ({"look": Look(("blue",), (True, True, True, False)), "share": 0.4}, "blue background, centre"),
        ({"look": Look(("blue",), (True, False, True, True)), "share": 0.4}, "blue foreground, centre"),
        ({"look": corner, "inside": (0.1, 0.9), "box": (0, 0.8, 0.2, 1)}, "green corner, bottom left"),
        (
            {"look": look, "inside": (0.5, 0.8), "box": (0.4, 0.7, 0.6, 0.82)},
            "orange and green patch, lower centre",
        ),
        ({"look": look, "value": 0.8}, "black patch, centre"),
        ({"look": look, "share": 0.003}, "orange and green spot, centre"),
    ):
        (named,) = named_masses([replace(plain, **changes)])
        assert ENGLISH.name(named.called) == name


@pytest.mark.parametrize("medium", MEDIA)
def test_the_school_is_proposed_with_its_reason(medium: str) -> None:
    school, why = default_school(medium_named(medium))
    assert school.key == ("light-to-dark" if medium == "watercolour" else "dark-to-light")
    assert medium in text(why).lower()


def test_what_lies_inside_another_lies_in_front_of_it() -> None:
    measured, _ = patchwork(6, 7, 2)
    masses = with_depth(measured.masses)
    for mass in masses:
        host = host_of(mass, masses)
        if host is not None:
            assert mass.depth == 1 + (next(m for m in masses if m.id == host).depth or 0)
        else:
            assert mass.depth == 0


def plan_of(demos: dict[str, Result], name: str) -> Plan:
    return next(result.worked.plan for key, result in demos.items() if key.startswith(name))


def test_the_salt_pans_are_washed_over_everything_but_the_heaps(demos: dict[str, Result]) -> None:
    plan = plan_of(demos, "Salt")
    mask, first = plan.passes[:2]
    assert text(mask.title, plan).startswith("Brush on masking fluid: farthest heap"), "too slim for a brush"
    title = text(first.title, plan)
    assert title.startswith("First wash over everything except near heap's light, second heap")
    kept = {plan.mass(o.mass).name for o in mask.operations if o.kind == "reserve"}
    assert {"near heap's light", "second heap", "heap by the shed"} <= kept
    assert any(r.kind == "runs-under" and r.figures["cm"] > 50 for r in first.reasons)


def test_the_foundry_leaves_the_hall_to_the_paper_and_sets_its_sparks_last(demos: dict[str, Result]) -> None:
    plan = plan_of(demos, "Foundry")
    first, last = plan.passes[0], next(done for done in reversed(plan.passes) if done.targets)
    assert any(r.kind == "ground-paints" and r.figures["share"] > 0.4 for r in first.reasons)
    assert "Leave the hall" in why(first, plan)
    assert text(last.title, plan).startswith("Highlights")
    order = [plan.mass(name).target for done in plan.passes for name in done.targets]
    assert order[0] < 3.5 < 8 < order[-1]


def test_every_demo_name_belongs_to_a_mass(demos: dict[str, Result]) -> None:
    for piece in DEMO:
        wanted = {anchor.name for anchor in piece.settings.names}
        found = {mass.name for mass in demos[piece.name].worked.plan.masses if mass.name}
        assert len(found) >= 0.8 * len(wanted), wanted - found


def test_both_demo_pieces_differ_in_coverage_between_the_schools() -> None:
    for piece in DEMO[:2]:
        sets = []
        for school in ("light-to-dark", "by-object"):
            worked = worked_out_of(reference_bytes(piece), replace(piece.settings, school=school)).worked
            sets.append({step.covered.tobytes() for step in worked.steps})
        assert sets[0] != sets[1]


def test_the_table_tells_the_demo_plans_within_a_hundred_columns(demos: dict[str, Result]) -> None:
    for result in demos.values():
        text = table(result.worked.plan)
        assert max(map(len, text.splitlines())) <= 100
        assert "Caution:" in text


@settings(SOME, max_examples=40)
@given(pieces())
def test_work_and_waiting_are_the_same_wherever_they_are_told(made: Made) -> None:
    plan = made.worked().plan
    ground = Toning(as_given("a coat"), (), "", 7.25, 15.5, 5.0)
    for one in (plan, replace(plan, toning=ground)):
        document = document_of(one, DocumentSource("piece"))
        assert document.totals is not None
        passes, toning = document.passes, document.toning
        work = sum(done.minutes for done in passes) + (toning.minutes if toning else 0)
        wait = sum(done.between + done.wait_minutes for done in passes) + (toning.wait if toning else 0)
        assert document.totals.work_minutes == pytest.approx(work, abs=1e-3)
        assert document.totals.wait_minutes == pytest.approx(wait, abs=1e-3)
        told = f"{minutes(work)} of work, {minutes(wait)} of waiting"
        assert told in " ".join(table(one).split()), "the command line"
        assert table(plan_from(document)) == table(one) or toning, "a file that is read again"


@pytest.mark.parametrize(
    ("count", "words"),
    [(3.4, "3 min"), (99, "99 min"), (125, "2 h 05"), (4320, "3 days"), (1440, "1 day"), (2160, "1.5 days")],
)
def test_minutes_are_told_in_words(count: float, words: str) -> None:
    assert minutes(count) == words


def sentences_of(plan: Plan) -> Iterator[str]:
    """All that a plan, its judge, its checks and its repairs say."""
    for done in plan.passes:
        yield from (text(words, plan) for words in (done.title, done.where, done.edge, done.needs))
        yield from (text(words, plan) for words in (*done.what, *done.findings))
        yield from (text(reason.sentence, plan) for reason in done.reasons)
    for reserve in plan.reserves:
        yield text(reserve.sentence, plan)
        yield from (text(why, plan) for _, _, why in reserve.ways)
    yield from (text(words, plan) for words in (plan.school_why, *plan.notes))
    things = {mass.area or "": Thing(mass.area or "") for mass in plan.masses}
    for finding in findings_of(Checked(plan, things)):
        yield from (text(words, plan) for words in (finding.sentence, finding.why))
        if finding.fix is not None:
            yield text(finding.trying, plan)
    for k, done in enumerate(plan.passes):
        verdict = moved(plan, done.id, (k + 2) % len(plan.passes))
        yield from (text(refusal.sentence, plan) for refusal in verdict.refusals)


@pytest.mark.soak
def test_no_sentence_of_a_plan_has_an_id_a_code_an_avoided_word_or_a_double_name() -> None:
    @settings(SOME, max_examples=rounds(60, 400))
    @given(pieces(), st.sampled_from(["", "Nile boat", "the old mill"]), st.sampled_from((None, 2, 5)))
    def every(made: Made, own: str, passes: int | None) -> None:
        first, *rest = made.measured.masses
        masses = named_masses([replace(first, name=own or None), *rest])
        made = replace(made, measured=replace(made.measured, masses=masses), passes=passes)
        plan = made.worked().plan
        names = [ENGLISH.name(mass.called) for mass in plan.masses]
        assert len(set(names)) == len(names)
        for words in sentences_of(plan):
            assert faults(words, frozenset({own} - {""})) == [], words
            assert not re.search(r"\b1 (?:more|whites|masses|min of waiting)\b", words), words
            assert not re.search(r"\bthe the\b|\band and\b", words), words

    every()
