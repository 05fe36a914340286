"""Data folders of earlier states: `python -m bench.older COMMIT… > build/older.json`.

For each commit of the history its own program makes a folder with the demo and edits in it, as far as it
runs with the libraries of today; then today's program opens it, and everything that was there is asked for.
At last the earlier program is started on what today's has written: it must refuse it and leave it as it is.
"""

from __future__ import annotations

import json
import os
import shutil
import socket
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any

import httpx

from tests.conftest import edited, started, state_of, worked_out

STARTS = 90.0
"""Seconds that an earlier program has to answer."""
HEALTH = ("/api/health", "/api/pieces")


@contextmanager
def earlier(source: Path, folder: Path, command: str) -> Iterator[httpx.Client | None]:
    """The program of an earlier commit on a folder; None where it ends instead of answering."""
    with socket.socket() as free:
        free.bind(("127.0.0.1", 0))
        port = free.getsockname()[1]
    words = [sys.executable, "-m", "washboard", command, "--data", str(folder), "--port", str(port)]
    paths = os.environ | {"PYTHONPATH": str(source / "src"), "PYTHONDONTWRITEBYTECODE": "1"}
    said = folder.parent / f"{command}.txt"
    with said.open("wb") as log, httpx.Client(base_url=f"http://127.0.0.1:{port}", timeout=120) as client:
        process = subprocess.Popen(words, env=paths, cwd=source, stdout=log, stderr=log)
        try:
            yield client if _answers(client, process) else None
        finally:
            process.terminate()
            try:
                process.wait(20)
            except subprocess.TimeoutExpired:
                process.kill()
                process.wait()


def _answers(client: httpx.Client, process: subprocess.Popen[bytes]) -> bool:
    until = time.monotonic() + STARTS
    while time.monotonic() < until and process.poll() is None:
        try:
            if any(client.get(path).is_success for path in HEALTH):
                return True
        except httpx.HTTPError:
            time.sleep(0.3)
    return False


def filled(client: httpx.Client) -> dict[str, Any]:
    """Edits in an earlier program's pieces: what it then knows of each by its id."""
    pieces = client.get("/api/pieces").json()
    for piece in pieces[:3]:
        edited(client, piece["id"], bands=4)
        edited(client, piece["id"], squint=1.5)
        at = f"/api/pieces/{piece['id']}"
        client.post(f"{at}/undo", json={"revision": client.get(at).json()["revision"]})
    return {piece["id"]: client.get(f"/api/pieces/{piece['id']}").json() for piece in pieces}


def opened(folder: Path, before: dict[str, Any]) -> list[str]:
    """What today's program has lost of a folder."""
    wrong = []
    server = started(folder)
    try:
        with server.client() as client:
            there = {piece["id"] for piece in client.get("/api/pieces").raise_for_status().json()}
            wrong += [f"{name} is gone" for name in before.keys() - there]
            for name in before.keys() & there:
                own = client.get(f"/api/pieces/{name}")
                if own.status_code != 200:
                    wrong.append(f"{name}: {own.status_code} {own.text[:200]}")
                    continue
                wrong += [f"{name}: {key}" for key in _differ(before[name], own.json())]
                if not worked_out(client, name)["document"]["masses"]:
                    wrong.append(f"{name}: nothing planned")
                if client.get(f"/api/pieces/{name}/history").status_code != 200:
                    wrong.append(f"{name}: no history")
    except (httpx.HTTPError, AssertionError) as error:
        wrong.append(repr(error)[:300])
    finally:
        server.stop()
    return wrong


def _differ(before: dict[str, Any], now: dict[str, Any]) -> list[str]:
    """What a painter said of a piece that is not so any more."""
    said, told = before.get("settings", before), now["settings"]
    kept = ("bands", "squint", "medium", "surface", "widthCm", "heightCm", "school", "thresholds")
    changed = [
        f"{key} {said[key]} is {told.get(key)}" for key in kept if key in said and said[key] != told.get(key)
    ]
    steps = [
        f"{key} {before[key]} is {now.get(key)}"
        for key in ("name", "undo", "redo")
        if before.get(key) != now.get(key)
    ]
    return changed + steps


def tried(commit: str) -> dict[str, Any]:
    """What came of a folder of one commit."""
    with tempfile.TemporaryDirectory(prefix="older-") as place:
        source, folder = Path(place, "source"), Path(place, "made", "studio")
        folder.parent.mkdir()
        subprocess.run(["git", "worktree", "add", "-q", "--detach", source, commit], check=True)
        try:
            page = source / "src/washboard/web"
            if not page.exists():
                shutil.copytree("src/washboard/web", page)
            with earlier(source, folder, "demo") as client:
                if client is None:
                    return {"made": False, "said": (folder.parent / "demo.txt").read_text()[-300:]}
                before = filled(client)
            wrong = opened(folder, before)
            files = state_of(folder)
            with earlier(source, folder, "serve") as client:
                refused = client is None
            if state_of(folder) != files:
                wrong.append("the earlier program changes what today's wrote")
            said = (folder.parent / "serve.txt").read_text()[-300:]
            return {
                "made": True,
                "pieces": len(before),
                "wrong": wrong,
                "refuses newer": refused,
                "said": said,
            }
        finally:
            subprocess.run(["git", "worktree", "remove", "--force", source], check=True)


def main(commits: list[str]) -> None:
    """Try each commit, print what came of it."""
    found = {}
    for commit in commits:
        found[commit] = tried(commit)
        print(json.dumps({commit: found[commit]}), file=sys.stderr, flush=True)
    print(json.dumps(found, indent=1))


if __name__ == "__main__":
    main(sys.argv[1:])
