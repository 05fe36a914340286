"""Checks: plans that are sound, each broken in exactly one way; and what comes of trying a fix."""

# Hand-made plans read best with a case a line.
from __future__ import annotations

from collections import Counter
from dataclasses import replace

import numpy as np
import pytest

from tests.breaks import LABELLED, falls_off, glows_less
from tests.drafts import CASES, dark_hall, sound
from tests.long import rounds
from tests.pieces import Made, patchwork
from tests.said import faults, text
from washboard.core.checks import Checked, Finding, findings_of
from washboard.core.key.relations import Thing
from washboard.core.materials.media import medium_named
from washboard.core.materials.surfaces import sheet_of, surface_of
from washboard.core.plan.marks import How, MarkFamily, MarkKind
from washboard.core.planning.planner import plan_of
from washboard.core.sentence import Sentence
from washboard.settings import Settings
from washboard.settings.fixes import fixed


def test_sound_plans_have_no_findings() -> None:
    for make in (sound, dark_hall):
        for _ in range(3 * CASES):
            assert make().kinds() == Counter()


def test_under_a_sky_by_day_nothing_is_a_lamp() -> None:
    for broken in (glows_less, falls_off):
        draft = dark_hall()
        broken(draft)
        assert draft.kinds()
        draft.things["a1"] = Thing("a1", None, True)
        draft.put("sky", value=6.2)
        assert not draft.kinds() & Counter({"glow": 9, "falls-off": 9})


def test_a_little_light_in_a_picture_that_is_nearly_all_middle_is_enough() -> None:
    make, broken = LABELLED["one-column"]
    draft = make()
    broken(draft)
    assert draft.kinds()["one-column"]
    draft.end("heap", 9.4)
    assert not draft.kinds()["one-column"]


def test_a_small_loud_mark_of_the_other_side_is_enough() -> None:
    make, broken = LABELLED["no-counterpart"]
    draft = make()
    broken(draft)
    alone = draft.checked()
    (finding,) = [f for f in findings_of(alone) if f.kind == "no-counterpart"]
    for lacking in ((60.0, -20.0, -40.0), (60.0, 40.0, 50.0)):
        mark = MarkFamily(
            "k1",
            MarkKind.DAB,
            How.PAINTED,
            Sentence("marks"),
            (),
            6.0,
            lacking,
            ("sky",),
            "p1",
            "round-4",
            1.0,
            0.1,
        )
        told = [f.kind for f in findings_of(replace(alone, plan=replace(alone.plan, marks=(mark,))))]
        other = finding.values["side"] == ("cool" if lacking[2] < 0 else "warm")
        assert ("no-counterpart" in told) != other


def test_what_is_broken_is_found_and_hardly_anything_else() -> None:
    hit = missed = wrong = 0
    report: dict[str, Counter[str]] = {}
    for kind, (make, broken) in LABELLED.items():
        for _ in range(CASES):
            draft = make()
            broken(draft)
            found = draft.kinds()
            hit += found[kind] > 0
            missed += found[kind] == 0
            others = {name: n for name, n in found.items() if name != kind}
            wrong += len(others)
            report.setdefault(kind, Counter()).update({"missed": int(found[kind] == 0), **others})
    assert hit / (hit + missed) >= 0.95, report
    assert hit / (hit + wrong) >= 0.95, report


def test_each_finding_says_what_where_and_why_with_figures() -> None:
    for make, broken in LABELLED.values():
        draft = make()
        broken(draft)
        for finding in findings_of(draft.checked()):
            plan = draft.checked().plan
            said = [text(words, plan) for words in (finding.sentence, finding.why)]
            if finding.fix is not None:
                said.append(text(finding.trying, plan) + ".")
            for words in said:
                assert not words[0].islower()
                assert words.endswith(".")
                assert faults(words, frozenset({"shade"})) == [], words
                assert len(words.split()) <= 24, words
            assert finding.figures
            assert all(np.isfinite(v) for v in finding.figures.values())
            assert all(0 <= share <= 1 for share in finding.place)


@pytest.mark.soak
def test_trying_a_fix_removes_its_finding_and_brings_nothing_worse() -> None:
    things = tuple(
        Thing(f"a{k}", family, k == 3) for k, family in ((3, None), (1, "light"), (4, "shadow"), (2, None))
    )
    better = total = 0
    left: Counter[str] = Counter()
    for seed in range(rounds(17, 34)):
        measured, parts = patchwork(seed, 5 + seed % 9, 1 + seed % 3)
        for medium in ("watercolour", "pastel", "acrylic", "oil"):
            surface = "white" if seed % 2 else "value:8.5"
            piece = Made(measured, parts, medium, surface, "", (30.0, 20.0), None)
            settings = Settings(medium, surface, 30, 20)
            before = found_in(piece, settings, things)
            for finding in before:
                if finding.fix is None:
                    continue
                found = found_in(piece, fixed(settings, finding.fix), things)
                gone = finding.kind not in {f.kind for f in found}
                known = {f.kind for f in before}
                worse = any(f.weight > finding.weight and f.kind not in known for f in found)
                total += 1
                better += gone and not worse
                left[finding.kind] += not (gone and not worse)
    assert total >= rounds(50, 100)
    assert better / total >= 0.9, (better, total, left)


def found_in(piece: Made, settings: Settings, things: tuple[Thing, ...]) -> tuple[Finding, ...]:
    """The findings about a piece as it is set."""
    plan = plan_of(
        piece.measured.masses,
        piece.parts,
        medium_named(piece.medium),
        surface_of(piece.surface),
        sheet_of(30, 20, 1.5),
        settings.options(things),
        (),
        settings.intent.mood,
    ).plan
    return findings_of(Checked(plan, {thing.id: thing for thing in things}))
