"""The commands plan, check and compare, run as another program would run them."""

from __future__ import annotations

import json
from pathlib import Path

import pytest

from tests.conftest import encoded
from tests.forked import command as run
from tests.long import tried
from tests.pieces import photographs


@pytest.fixture(scope="module")
def photo(tmp_path_factory: pytest.TempPathFactory) -> Path:
    path = tmp_path_factory.mktemp("photos") / "cup.jpg"
    path.write_bytes(encoded(photographs()["cup"]))
    return path


@pytest.fixture(scope="module")
def plan(photo: Path) -> Path:
    out = photo.with_name("plan.json")
    done = run(
        "plan", photo, "--medium", "watercolour", "--surface", "white", "--size", "30x20cm", "--out", out
    )
    assert done.returncode == 0, done.stderr
    return out


def test_a_plan_of_ours_is_checked_with_nothing_refused(plan: Path, tmp_path: Path) -> None:
    out = tmp_path / "report.json"
    done = run("check", plan, "--out", out)
    assert done.returncode == 0, done.stdout
    report = json.loads(out.read_text())
    assert report["refused"] == 0
    assert report["refusals"] == []
    for finding in report["findings"]:
        assert finding["sentence"] in done.stdout
        assert finding["weight"] in ("note", "weakens", "spoils")


def test_an_edited_plan_gets_one_line_a_refusal_and_exit_one(plan: Path, tmp_path: Path) -> None:
    document = json.loads(plan.read_text())
    document["passes"] = document["passes"][::-1]
    turned, out = tmp_path / "turned.json", tmp_path / "report.json"
    turned.write_text(json.dumps(document))
    done = run("check", turned, "--out", out)
    assert done.returncode == 1
    refusals = json.loads(out.read_text())["refusals"]
    lines = done.stdout.splitlines()
    assert len(refusals) >= 1
    for line, refusal in zip(lines, refusals, strict=False):
        name, operation, mass, state, reason = line.split("\t")
        assert (name, mass, reason) == (refusal["pass"], refusal["mass"], refusal["reason"])
        assert operation == (refusal["operation"] or "–")
        assert state == (refusal["state"] or "–")
    assert {r["rule"] for r in refusals} & {"under_first", "starts", "finished", "darkens"}


@pytest.mark.parametrize(
    ("break_it", "says"),
    [
        (lambda d: d["passes"][0]["operations"][0].update(kind="wish"), "kind"),
        (lambda d: d.update(medium="chalk"), "chalk"),
        (lambda d: d["passes"][0]["operations"][0].update(cover=7), "cover"),
        (lambda d: d.update(washboard=9), "version"),
    ],
)
def test_a_plan_that_cannot_be_read_is_refused_in_one_line(
    plan: Path, tmp_path: Path, break_it: object, says: str
) -> None:
    document = json.loads(plan.read_text())
    break_it(document)  # type: ignore[operator]
    path = tmp_path / "broken.json"
    path.write_text(json.dumps(document))
    done = run("check", path)
    assert done.returncode == 1
    assert says in done.stderr
    assert len(done.stderr.strip().splitlines()) == 1


def test_a_plan_with_a_mass_of_another_or_a_pass_twice_is_judged_not_fallen_over(
    plan: Path, tmp_path: Path
) -> None:
    document = json.loads(plan.read_text())
    document["passes"][0]["operations"][0]["mass"] = "m999"
    document["passes"].append(document["passes"][1])
    path = tmp_path / "odd.json"
    path.write_text(json.dumps(document))
    done = run("check", path)
    assert done.returncode == 1
    assert "The plan has no such mass" in done.stdout
    assert "has finished" in done.stdout


@pytest.mark.soak
@pytest.mark.parametrize(
    "school", tried(["both-ends", "by-object", "light-first", "layered-negative", "wipe-out"], 2)
)
def test_each_school_can_be_planned_by_its_key_and_is_sound(photo: Path, tmp_path: Path, school: str) -> None:
    out = tmp_path / "plan.json"
    medium = "acrylic" if school == "wipe-out" else "watercolour"
    done = run(
        "plan",
        photo,
        "--medium",
        medium,
        "--surface",
        "white",
        "--size",
        "30x20cm",
        "--school",
        school,
        "--out",
        out,
    )
    assert done.returncode == 0, done.stderr
    assert json.loads(out.read_text())["school"] == school
    assert run("check", out).returncode == 0


def test_a_school_that_cannot_be_is_one_line_with_the_nearest(photo: Path) -> None:
    done = run(
        "plan", photo, "--medium", "pastel", "--surface", "black", "--size", "30x20cm", "--school", "wipe-out"
    )
    assert done.returncode == 1
    assert "grain cannot be wiped" in done.stderr
    assert "dark-to-light" in done.stderr


def test_schools_are_compared_side_by_side(photo: Path, tmp_path: Path) -> None:
    out = tmp_path / "compare.json"
    done = run("compare", photo, "--medium", "oil", "--surface", "white", "--size", "40x30cm", "--out", out)
    assert done.returncode == 0, done.stderr
    schools = {s["school"]: s for s in json.loads(out.read_text())["schools"]}
    assert len(schools) == 7
    assert not schools["layered-negative"]["feasible"]
    assert schools["layered-negative"]["whyNot"] in done.stdout
    for school in schools.values():
        if school["feasible"]:
            assert school["passes"] == len(school["titles"])
            assert school["meanDeltaE"] <= school["worstDeltaE"]


def test_cards_are_written_with_the_plan(photo: Path, tmp_path: Path) -> None:
    cards = tmp_path / "cards.pdf"
    done = run(
        "plan", photo, "--medium", "oil", "--surface", "value:6", "--size", "30x20cm", "--cards", cards
    )
    assert done.returncode == 0, done.stderr
    assert cards.read_bytes().startswith(b"%PDF")
