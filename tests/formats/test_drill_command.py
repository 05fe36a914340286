"""The command drill, run as a painter would run it at a terminal."""

from __future__ import annotations

import re
from pathlib import Path

import pytest

from tests.conftest import encoded
from tests.forked import command as run
from tests.pieces import photographs


@pytest.fixture(scope="module")
def plan(tmp_path_factory: pytest.TempPathFactory) -> Path:
    folder = tmp_path_factory.mktemp("drill")
    photo, out = folder / "cup.jpg", folder / "plan.json"
    photo.write_bytes(encoded(photographs()["cup"], quality=90))
    size = ("--medium", "watercolour", "--surface", "white", "--size", "40x30cm")
    assert run("plan", photo, *size, "--out", out).returncode == 0
    return out


def test_questions_are_asked_and_the_right_answer_is_told_with_its_reason(plan: Path) -> None:
    done = run("drill", plan, "--kind", "value", "--seed", "3", "--count", "3", typed="a\nb\nc\n")
    assert done.returncode == 0, done.stderr
    assert done.stdout.count("What value is the place that is marked?") == 3
    assert len(re.findall(r"(Right|No, [a-d])\. ", done.stdout)) == 3
    assert "of 3 right." in done.stdout
    again = run("drill", plan, "--kind", "value", "--seed", "3", "--count", "3", typed="a\nb\nc\n")
    assert again.stdout == done.stdout


def test_a_kind_that_there_is_not_is_refused_with_those_that_there_are(plan: Path) -> None:
    done = run("drill", plan, "--kind", "smell")
    assert done.returncode == 1
    assert "breaks" in done.stderr
