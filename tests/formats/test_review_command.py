"""The command review, run as another program would run it."""

from __future__ import annotations

import json
from pathlib import Path

import numpy as np
import pytest
from PIL import Image

from tests.conftest import encoded
from tests.core.test_review import PIECES, shot
from tests.forked import command as run
from tests.pieces import photographs

NAME, MEDIUM, SURFACE, MARGIN = PIECES[0]


@pytest.fixture(scope="module")
def folder(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A plan, and a photo of its painting that was made by another renderer."""
    found = tmp_path_factory.mktemp("review")
    (found / "cup.jpg").write_bytes(encoded(photographs()[NAME], quality=90))
    out = found / "plan.json"
    size = ("--medium", MEDIUM, "--surface", SURFACE, "--size", "40x30cm", "--marks", "none")
    done = run("plan", found / "cup.jpg", *size, "--out", out)
    assert done.returncode == 0, done.stderr
    Image.fromarray(shot(3).photo).save(found / "painting.png")
    return found


def test_a_photo_is_reviewed_with_every_field_that_other_programs_read(folder: Path, tmp_path: Path) -> None:
    out, straight = tmp_path / "review.json", tmp_path / "straight.png"
    done = run("review", folder / "plan.json", folder / "painting.png", "--out", out, "--straight", straight)
    assert done.returncode == 0, done.stderr
    found = json.loads(out.read_text())
    assert np.array(found["corners"]).shape == (4, 2)
    assert 0 <= found["confidence"] <= 1
    plan = json.loads((folder / "plan.json").read_text())
    assert [one["mass"] for one in found["masses"]] == [mass["id"] for mass in plan["masses"]]
    for one in found["masses"]:
        assert one.keys() >= {"value", "planned", "difference", "lab", "deltaE", "judged", "why"}
    assert 0 <= found["passReached"] <= len(plan["passes"])
    for one in found["corrections"]:
        assert one.keys() >= {"masses", "operation", "gain", "sentence"}
        assert one["sentence"] in done.stdout
    assert found["stop"] in (True, False)
    with Image.open(straight) as picture:
        assert picture.size == (plan["map"]["width"], plan["map"]["height"])


def test_corners_and_the_pass_are_taken_from_the_painter(folder: Path, tmp_path: Path) -> None:
    out = tmp_path / "review.json"
    corners = ";".join(f"{x:.0f},{y:.0f}" for x, y in shot(3).corners + 6)
    wanted = ("review", folder / "plan.json", folder / "painting.png", "--out", out, "--after", "2")
    done = run(*wanted, "--corners", corners)
    assert done.returncode == 0, done.stderr
    assert json.loads(out.read_text())["passReached"] == 2


@pytest.mark.parametrize(
    ("options", "says"),
    [
        (("--corners", "1,2;3,4"), "four places"),
        (("--corners", "here"), "no four corners"),
        (("--corners", "100,100;900,700;900,100;100,700"), "cross"),
        (("--after", "77"), "no pass 77"),
    ],
)
def test_what_cannot_be_is_refused_in_one_line_and_nothing_is_written(
    folder: Path, tmp_path: Path, options: tuple[str, str], says: str
) -> None:
    out = tmp_path / "review.json"
    done = run("review", folder / "plan.json", folder / "painting.png", "--out", out, *options)
    assert done.returncode == 1
    assert says in done.stderr
    assert len(done.stderr.strip().splitlines()) == 1
    assert not out.exists()


def test_a_plan_that_holds_no_map_is_refused(folder: Path, tmp_path: Path) -> None:
    plan = json.loads((folder / "plan.json").read_text())
    for broken, says in (
        (plan | {"map": None}, "does not hold"),
        (plan | {"map": plan["map"] | {"png": "AAAA"}}, "cannot be read"),
        (plan | {"map": plan["map"] | {"width": 3}}, "3 by"),
        (
            plan | {"predicted": plan["predicted"] | {"colours": plan["predicted"]["colours"][:-1]}},
            "do not fit the plan",
        ),
    ):
        path = tmp_path / "plan.json"
        path.write_text(json.dumps(broken))
        done = run("review", path, folder / "painting.png", "--out", tmp_path / "review.json")
        assert done.returncode == 1
        assert says in done.stderr
