"""Every command of the page on the command line, run in its order in one folder."""

from __future__ import annotations

import json
import re
import shlex
from collections.abc import Callable
from itertools import pairwise
from pathlib import Path

import pytest
from PIL import Image

from tests.conftest import Server, encoded, new_piece
from tests.core.test_review import PIECES, shot
from tests.forked import command as run
from tests.pieces import photographs

COMMANDS = [
    shlex.split(line)
    for block in re.findall(r"```sh\n(.*?)```", Path("docs/command-line.md").read_text(), re.S)
    for line in block.splitlines()
]


def log_of(plan: Path) -> str:
    """A log of the first pass of a plan."""
    first = json.loads(plan.read_text())["passes"][0]["id"]
    event = {"id": "a1", "at": "2026-12-01T19:31:00+01:00", "kind": "pass-done", "pass": first}
    return json.dumps(event) + "\n"


def test_every_command_of_the_page_does_what_it_says(
    start: Callable[..., Server], tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    photo = encoded(photographs()[PIECES[0][0]], quality=90)
    server = start(tmp_path / "studio")
    with server.client() as client:
        new_piece(client, photo)
    server.stop()
    monkeypatch.chdir(tmp_path)
    (tmp_path / "photo.jpg").write_bytes(photo)
    Image.fromarray(shot(3).photo).save(tmp_path / "painting.jpg", quality=95)
    for program, name, *rest in COMMANDS:
        assert program == "washboard"
        if name == "replan":
            (tmp_path / "log.jsonl").write_text(log_of(tmp_path / "plan.json"))
        done = run(name, *rest)
        assert done.returncode == 0, (name, rest, done.stdout, done.stderr)
        for given, value in pairwise(rest):
            if given in ("--out", "--ics", "--cards", "--areas", "--straight"):
                assert (tmp_path / value).stat().st_size > 0, (name, value)
    assert sorted((tmp_path / "pictures").glob("pass-*.png"))
    assert (tmp_path / "studio.zip").exists()
    assert len(COMMANDS) >= 15
