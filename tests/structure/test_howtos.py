"""The pages on how to add something, followed word for word in a copy of the program."""

from __future__ import annotations

import re
import shutil
import subprocess
import sys
from pathlib import Path

import pytest

DOCS = Path("docs")


@pytest.fixture
def copy(tmp_path: Path) -> Path:
    shutil.copytree(
        "src/washboard", tmp_path / "washboard", ignore=shutil.ignore_patterns("web", "__pycache__")
    )
    return tmp_path


def told(page: str) -> tuple[str, str, str]:
    """The file to write, its text, and the line to add, as the page says."""
    text = (DOCS / page).read_text()
    (path,) = re.findall(r"^1\. Write `src/(\S+)`", text, re.M)
    code, line = re.findall(r"```python\n(.*?)```", text, re.S)
    return path, code, line.rstrip("\n")


def worded(folder: Path, page: str) -> None:
    """The words that the page adds to a catalogue."""
    text = (DOCS / page).read_text()
    (path,) = re.findall(r"^\d\. In `src/(\S+\.ftl)`", text, re.M)
    (words,) = re.findall(r"```ftl\n(.*?)```", text, re.S)
    with (folder / path).open("a") as catalogue:
        catalogue.write(words)


def added(registry: Path, line: str) -> None:
    """One line more in the list of files."""
    head, rest = registry.read_text().split("FILES = (")
    files, tail = rest.split(")", 1)
    registry.write_text(f"{head}FILES = ({files.rstrip().rstrip(',')},\n{line}\n){tail}")


def run(folder: Path, code: str) -> str:
    done = subprocess.run(
        [sys.executable, "-c", code],
        cwd=folder,
        capture_output=True,
        text=True,
        check=False,
        env={"PYTHONPATH": f"{folder}:{Path.cwd()}", "PATH": ""},
    )
    assert done.returncode == 0, done.stderr
    return done.stdout


def test_a_school_is_added_in_one_file_and_one_line(copy: Path) -> None:
    path, code, line = told("how-to-add-a-school.md")
    (copy / path).write_text(code)
    added(copy / "washboard/core/schools/__init__.py", line)
    said = run(
        copy,
        "import washboard; assert washboard.__file__.startswith(r'" + str(copy) + "')\n"
        "from tests.pieces import Made, patchwork\n"
        "from washboard.core.surface.replay import replay\n"
        "made = Made(*patchwork(4, 9, 1), 'pastel', 'value:5', 'middle-first', (30.0, 20.0), None)\n"
        "plan = made.worked().plan\n"
        "assert replay(plan.masses, plan.passes, plan.medium, plan.surface.value) == ()\n"
        "first = [m.target for m in plan.masses if m.id in plan.passes[0].targets]\n"
        "last = [m.target for m in plan.masses if m.id in plan.passes[-2].targets]\n"
        "print(plan.school, max(abs(v - 5) for v in first) < max(abs(v - 5) for v in last))\n",
    )
    assert said.split() == ["middle-first", "True"]


def test_a_check_is_added_in_one_file_and_one_line(copy: Path) -> None:
    path, code, line = told("how-to-add-a-check.md")
    (copy / path).write_text(code)
    added(copy / "washboard/core/checks/__init__.py", line)
    worded(copy, "how-to-add-a-check.md")
    said = run(
        copy,
        "from tests.drafts import sound, mass\n"
        "from washboard.core.reference.mass import MassKind\n"
        "draft = sound()\n"
        "for k in range(14):\n"
        "    draft.masses[f's{k}'] = mass(f's{k}', 9.4, 0.0004, 'a2', {}, kind=MassKind.ACCENT, light=True,"
        " area_cm2=0.1 + 0.2 * k)\n"
        "    draft.end(f's{k}', 9.4)\n"
        "from tests.said import text\n"
        "from washboard.core.checks import findings_of\n"
        "(found,) = findings_of(draft.checked())\n"
        "print(text(found.sentence), text(found.why))\n",
    )
    assert said.startswith("14 highlights compete. Where everything sparkles nothing does.")


def test_an_effect_is_added_in_one_file_and_one_line(copy: Path) -> None:
    path, code, line = told("how-to-add-an-effect.md")
    (copy / path).write_text(code)
    added(copy / "washboard/core/effects/__init__.py", line)
    worded(copy, "how-to-add-an-effect.md")
    said = run(
        copy,
        "from tests.core.test_effects import scene\n"
        "from tests.said import text\n"
        "from washboard.core.effects import effects_of\n"
        "from washboard.core.effects.weave import woven\n"
        "from washboard.core.surface.replay import refusals_of\n"
        "for seed in range(20):\n"
        "    on, worked = scene('watercolour', seed)\n"
        "    own = woven(worked, effects_of(on)).plan\n"
        "    assert refusals_of(own) == ()\n"
        "    for effect in own.effects:\n"
        "        if effect.key == 'blotted' and effect.pass_id:\n"
        "            done = next(p for p in own.passes if p.id == effect.pass_id)\n"
        "            assert any(o.kind == 'blot' for o in done.operations)\n"
        "            print(text(effect.told, own))\n"
        "            raise SystemExit\n",
    )
    assert said.startswith("Blot ")
    assert said.endswith("with a tissue while the wash is shiny.\n")


def test_a_drill_is_added_in_one_file_and_one_line(copy: Path) -> None:
    path, code, line = told("how-to-add-a-drill.md")
    (copy / path).write_text(code)
    added(copy / "washboard/core/drills/__init__.py", line)
    worded(copy, "how-to-add-a-drill.md")
    said = run(
        copy,
        "from tests.pieces import Made, patchwork\n"
        "from tests.said import text\n"
        "from washboard.core.drills import questions_of\n"
        "from washboard.core.drills.question import Stuff\n"
        "made = Made(*patchwork(4, 9, 1), 'pastel', 'value:5', 'dark-to-light', (30.0, 20.0), None)\n"
        "plan = made.worked().plan\n"
        "stuff = Stuff(plan)\n"
        "asked = questions_of(stuff, 'lightest', 1)\n"
        "values = {m.id: stuff.value(m) for m in plan.masses}\n"
        "right = [max(q.options, key=lambda o: values[o.masses[0]]) is q.options[q.right] for q in asked]\n"
        "print(text(asked[0].ask, plan), len(asked) > 3, all(right))\n",
    )
    assert said.strip() == "Which of these is the lightest? True True"


def test_a_format_of_the_shelf_is_added_in_one_file_and_one_line(copy: Path) -> None:
    path, code, line = told("how-to-add-a-format.md")
    (copy / path).write_text(code)
    added(copy / "washboard/formats/shelves.py", line)
    said = run(
        copy,
        "from washboard.core.errors import WashboardError\n"
        "from washboard.formats.shelves import read_shelf, written_shelf\n"
        "items, _ = read_shelf('mine.txt', b'ochre\\nultramarine\\n')\n"
        "again, _ = read_shelf('a.txt', written_shelf('a.txt', items))\n"
        "print([item.like for item in items], again == items)\n"
        "for wrong in (b'\\xff\\xfe', b'no such paint', b''):\n"
        "    try:\n"
        "        read_shelf('mine.txt', wrong)\n"
        "    except WashboardError as error:\n"
        "        print(error.code)\n",
    )
    assert said.split("\n")[0] == "['ochre', 'ultramarine'] True"
    assert len(said.split()) == 6


def test_a_stand_in_for_a_device_is_added_in_one_file(copy: Path) -> None:
    path, code, line = told("how-to-add-a-stand-in.md")
    (copy / path).write_text(code)
    said = run(
        copy,
        "import numpy as np\n"
        "from washboard.devices.scale import GRAMS, Scale, SimulatedScale\n"
        f"{line}\n"
        "read = [SCALE.read(turn) for turn in range(400)]\n"
        "print(abs(np.mean(read) - 21) < 0.05, abs(np.std(read) - GRAMS) < 0.03)\n",
    )
    assert said.split() == ["True", "True"]
