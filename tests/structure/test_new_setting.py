"""The page on how to add a setting, followed in a copy of the program, and the setting used through HTTP."""

from __future__ import annotations

import os
import re
import shutil
import socket
import subprocess
import sys
import time
from collections.abc import Iterator
from pathlib import Path

import httpx
import pytest

SHAPES = [
    {"points": [[0, 0], [1, 0], [1, 0.5], [0, 0.5]], "value": 8},
    {"points": [[0, 0.5], [1, 0.5], [1, 1], [0, 1]], "value": 4},
]
USED = """
    if settings.varnish:
        note = sentence("as-given", text=settings.varnish)
        worked = replace(worked, plan=replace(worked.plan, notes=(*worked.plan.notes, note)))
"""


@pytest.fixture
def served(tmp_path: Path) -> Iterator[httpx.Client]:
    """A server of a copy in which one entry was added, and used in one line of the stage that declares it."""
    shutil.copytree(
        "src/washboard", tmp_path / "washboard", ignore=shutil.ignore_patterns("web", "__pycache__")
    )
    (code,) = re.findall(r"```python\n(.*?)```", Path("docs/how-to-add-a-setting.md").read_text(), re.S)
    groups = tmp_path / "washboard" / "settings" / "groups.py"
    head, tail = groups.read_text().split("\n\n@dataclass(frozen=True)\nclass Ordering:")
    groups.write_text(f"{head.rstrip()}\n{code}\n\n@dataclass(frozen=True)\nclass Ordering:{tail}")
    stage = tmp_path / "washboard" / "pipeline" / "stages" / "plan.py"
    before = "    notes = (*worked.plan.notes, *arrangement_notes("
    assert before in stage.read_text()
    stage.write_text(stage.read_text().replace(before, USED.strip("\n") + "\n" + before))
    listener = socket.socket()
    listener.bind(("127.0.0.1", 0))
    listener.listen(16)
    process = subprocess.Popen(
        [
            sys.executable,
            "-m",
            "washboard",
            "serve",
            "--data",
            str(tmp_path / "data"),
            "--fd",
            str(listener.fileno()),
        ],
        pass_fds=[listener.fileno()],
        stdout=subprocess.DEVNULL,
        cwd=tmp_path,
        env={**os.environ, "PYTHONPATH": str(tmp_path)},
    )
    url = f"http://127.0.0.1:{listener.getsockname()[1]}"
    listener.close()
    deadline = time.monotonic() + 60
    with httpx.Client(base_url=url, timeout=60) as client:
        while time.monotonic() < deadline:
            try:
                client.get("/api/health").raise_for_status()
                break
            except httpx.HTTPError:
                assert process.poll() is None
        yield client
    process.terminate()
    process.wait(15)


def notes(client: httpx.Client, piece: str) -> list[str]:
    job = client.post(f"/api/pieces/{piece}/analysis").json()
    assert '"state":"done"' in client.get(f"/api/jobs/{job['id']}/events").text
    return list(client.get(f"/api/pieces/{piece}/plan").json()["document"]["notes"])


def test_a_setting_is_added_in_one_place_and_used_through_the_interface(served: httpx.Client) -> None:
    body = {
        "name": "New",
        "shapes": SHAPES,
        "medium": "oil",
        "surface": "white",
        "widthCm": 30,
        "heightCm": 20,
    }
    piece = served.post("/api/pieces", json=body).json()
    url = f"/api/pieces/{piece['id']}"
    assert piece["settings"]["varnish"] == ""
    assert "Matt" not in notes(served, piece["id"])
    changed = served.patch(url, json={"revision": 0, "varnish": "matt"}).json()
    assert changed["settings"]["varnish"] == "matt"
    assert changed["undo"] == "varnish to matt"
    assert "Matt" in notes(served, piece["id"]), "the plan's key has it"
    too_long = served.patch(url, json={"revision": 1, "varnish": "m" * 30})
    assert too_long.status_code == 422
    assert served.patch(url, json={"revision": 1, "varnish": None}).status_code == 422
    other = served.patch(url, json={"revision": 1, "medium": "acrylic"}).json()
    assert other["settings"]["varnish"] == "", "it falls back with the medium, as it says"
    back = served.post(f"{url}/undo", json={"revision": 2}).json()
    assert back["settings"]["varnish"] == "matt"
    assert (
        "varnish"
        in served.get("/api/openapi.json").json()["components"]["schemas"]["SettingsRead"]["properties"]
    )
