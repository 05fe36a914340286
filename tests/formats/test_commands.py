"""The commands look, transfer and ground, run as another program would run them."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from pathlib import Path

import cv2
import numpy as np
import pytest

from tests.conftest import encoded
from tests.forked import command as run
from tests.rendered import outdoors


@pytest.fixture
def photo(tmp_path: Path) -> Path:
    path = tmp_path / "meadow.png"
    path.write_bytes(encoded(outdoors(8).rgb))
    return path


def test_look_writes_areas_horizon_light_focus_bands_and_the_area_map(photo: Path, tmp_path: Path) -> None:
    out, areas = tmp_path / "look.json", tmp_path / "areas.png"
    done = run("look", photo, "--size", "30x20cm", "--out", out, "--areas", areas)
    assert done.returncode == 0, done.stderr
    seen = json.loads(out.read_text())
    labels = cv2.imread(str(areas), cv2.IMREAD_UNCHANGED)
    assert labels is not None
    assert labels.dtype == np.uint16
    assert 4 <= len(seen["areas"]) <= 9
    assert {a["label"] for a in seen["areas"]} == set(np.unique(labels).tolist())
    for area in seen["areas"]:
        assert area["share"] == pytest.approx(float((labels == area["label"]).mean()), abs=0.01)
        assert area["family"] in ("light", "shadow", "unsure")
        assert area["name"]
    assert sorted(a["depth"] for a in seen["areas"]) == list(range(len(seen["areas"])))
    left, right = outdoors(8).horizon or (0, 0)
    assert seen["horizon"]["leftCm"] == pytest.approx(20 * left, abs=0.3)
    assert seen["horizon"]["rightCm"] == pytest.approx(20 * right, abs=0.3)
    assert seen["horizon"]["tiltDeg"] < 0
    assert seen["lightDirectionDeg"] is None or 0 <= seen["lightDirectionDeg"] < 360
    assert 0 < seen["focus"]["xCm"] < 30
    assert 0 < seen["focus"]["yCm"] < 20
    assert sum(band["share"] for band in seen["bands"]) == pytest.approx(1, abs=1e-3)
    assert seen["photo"]["crushed"] >= 0


def test_transfer_writes_svg_and_pdf_by_the_ending(photo: Path, tmp_path: Path) -> None:
    svg, pdf = tmp_path / "outline.svg", tmp_path / "outline.pdf"
    assert run("transfer", photo, "--size", "30x20cm", "--out", svg).returncode == 0
    assert run("transfer", photo, "--size", "30x20cm", "--out", pdf, "--paper", "A4").returncode == 0
    assert 'width="300mm" height="200mm"' in svg.read_text()
    assert pdf.read_bytes().startswith(b"%PDF")


def test_ground_writes_the_candidates_best_first(photo: Path, tmp_path: Path) -> None:
    out = tmp_path / "ground.json"
    done = run("ground", photo, "--medium", "pastel", "--size", "30x20cm", "--out", out)
    assert done.returncode == 0, done.stderr
    found = json.loads(out.read_text())
    assert found["medium"] == "pastel"
    assert len(found["candidates"]) > 8
    for candidate in found["candidates"]:
        assert {
            "key",
            "share",
            "fewerLayers",
            "toLightest",
            "toDarkest",
            "lightsLayers",
            "why",
        } <= candidate.keys()
    assert found["candidates"][0]["words"] in done.stdout


@pytest.mark.parametrize(
    ("words", "says"),
    [
        (("look", "{photo}", "--size", "0.2x0.2cm", "--out", "{out}"), "between 1 and 1000 cm"),
        (("look", "{photo}", "--size", "20x2000cm", "--out", "{out}"), "between 1 and 1000 cm"),
        (("look", "{missing}", "--size", "30x20cm", "--out", "{out}"), "No such file"),
        (("transfer", "{photo}", "--size", "30x20cm", "--out", "{out}.dxf"), "written as .svg or .pdf"),
        (("transfer", "{photo}", "--size", "30x20cm", "--out", "{out}.pdf", "--paper", "A9"), "choose A4"),
        (
            ("ground", "{photo}", "--medium", "chalk", "--size", "30x20cm", "--out", "{out}"),
            "no medium called",
        ),
    ],
)
def test_what_cannot_be_done_is_said_in_a_line_and_nothing_is_written(
    photo: Path, tmp_path: Path, words: tuple[str, ...], says: str
) -> None:
    places = {"photo": photo, "out": tmp_path / "out", "missing": tmp_path / "none.png"}
    done = run(*(word.format(**places) for word in words))
    assert done.returncode == 1
    assert says in done.stderr
    assert "Traceback" not in done.stderr
    assert not list(tmp_path.glob("out*"))


def test_a_file_whose_name_is_no_text_is_planned_and_told_on_a_terminal_of_few_letters(
    photo: Path, tmp_path: Path
) -> None:
    odd = Path(os.fsdecode(os.fsencode(tmp_path) + b"/a\xff\xe9.png"))
    odd.write_bytes(photo.read_bytes())
    plan = tmp_path / "plan.json"
    words = ["plan", odd, "--medium", "oil", "--surface", "white", "--size", "30x20", "--out", plan]
    ascii_only = {**os.environ, "LC_ALL": "C", "PYTHONUTF8": "0", "PYTHONIOENCODING": "ascii"}
    for command in (words, ["check", plan]):
        done = subprocess.run(
            [sys.executable, "-m", "washboard", *map(str, command)], env=ascii_only, capture_output=True
        )
        assert done.returncode == 0, done.stderr
        assert b"Traceback" not in done.stderr
        assert done.stdout.isascii()
    assert json.loads(plan.read_text())["piece"] == "a\ufffd\ufffd"


@pytest.mark.parametrize("port", ["99999", "-1", "x"])
def test_a_port_that_can_not_be_is_said_before_anything_is_opened(tmp_path: Path, port: str) -> None:
    done = run("serve", "--data", tmp_path / "studio", "--port", port)
    assert done.returncode == 2
    assert "--port" in done.stderr
    assert not (tmp_path / "studio").exists()
