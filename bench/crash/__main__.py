"""Dies at every change that is made to the folder, one after the other: `make crash`, or one in so many
as `python -m bench.crash /9 shelf`.

A scenario is run once to count its changes. Then for each of them it is run again in a fresh copy of the same
folder: the process dies before the change, or half way through it, or the disk is full from there on. After
it the real server is started again: it must start, find nothing wrong in its folder, have everything that it
had said was done, and nothing of which it had not half. The table goes to standard output as JSON.
"""

from __future__ import annotations

import json
import shutil
import sys
import tempfile
import time
from collections.abc import Sequence
from pathlib import Path
from typing import Any

import httpx

from tests.conftest import Server, started
from washboard.store.backup import NoBackup, back_up
from washboard.store.doctor import looked_over
from washboard.words import ENGLISH

from .rules import Mode, Rules, ruled
from .scenarios import SCENARIOS, Heard, Scenario, whole

MODES = (Mode.KILL, Mode.TORN, Mode.FULL)


def template(scenario: Scenario, folder: Path) -> None:
    """The folder that a scenario begins with."""
    if scenario.folder:
        scenario.folder(folder)
        return
    server = started(folder)
    with server.client() as client:
        if scenario.prepare:
            scenario.prepare(client)
    server.stop()
    back_up(folder, folder.parent / "before.zip")


def run(scenario: Scenario, folder: Path, rules: Rules, mode: Mode, at: int) -> tuple[Heard, int]:
    """Run a scenario in a folder under a rule; what was heard to be done, and how many changes were made."""
    heard = Heard()
    if scenario.alone:
        rules.set(mode, at, folder.parent)
        scenario.alone(folder, heard)
        count = rules.count
        rules.set(Mode.OFF)
        return heard, count
    if scenario.act is None:
        rules.set(mode, at, folder.parent)
    try:
        server: Server | None = started(folder)
    except (httpx.HTTPError, OSError):
        server = None
    try:
        if server and scenario.act:
            rules.set(mode, at, folder.parent)
            with server.client() as client:
                scenario.act(client, heard)
    except httpx.HTTPError:
        # Dead, or refused for want of room: what was heard before it counts.
        pass
    finally:
        count = rules.count
        if server:
            server.kill()
        rules.set(Mode.OFF)
    return heard, count


def after(folder: Path, heard: Heard) -> list[str]:
    """What is wrong in a folder once the server was started in it again."""
    try:
        server = started(folder)
    except (httpx.HTTPError, OSError) as error:
        return [f"it does not start again: {error!r}"]
    try:
        with server.client() as client:
            wrong = whole(client, heard)
    except (httpx.HTTPError, NoBackup) as error:
        wrong = [repr(error)]
    finally:
        server.stop()
    wrong += _found_wrong(folder)
    wrong += [f"left behind: {path.name}" for path in folder.rglob(".part-*")]
    return wrong


def _found_wrong(folder: Path) -> list[str]:
    return [ENGLISH.text(one.words) for one in looked_over(folder) if one.wrong]


def campaign(name: str, rules: Rules, modes: Sequence[Mode] = MODES, every: int = 1) -> dict[str, Any]:
    """A scenario with all its crashes, or one in so many of them: how many there were, and what was wrong."""
    scenario, wrong, begun = SCENARIOS[name], dict[str, list[str]](), time.monotonic()
    with tempfile.TemporaryDirectory(prefix="crash-") as place:
        kept = Path(place, "kept", "studio")
        kept.parent.mkdir()
        template(scenario, kept)
        tried = 0
        there = fresh(kept, Path(place, "0"))
        heard, count = run(scenario, there, rules, Mode.KILL, 0)
        problems = after(there, heard)
        # What an older folder lacked before is no crash's fault.
        known = set(problems) if scenario.folder else set()
        wrong.update({"none": problems} if _new(problems, known) else {})
        for mode in modes:
            for at in range(1, count + 1, every):
                there = fresh(kept, Path(place, f"{mode.name}-{at}"))
                heard, _ = run(scenario, there, rules, mode, at)
                tried += 1
                if problems := _new(after(there, heard), known):
                    wrong[f"{mode.name.lower()} at {at}"] = problems
                shutil.rmtree(there.parent)
    seconds = round(time.monotonic() - begun)
    return {"changes": count, "tried": tried, "wrong": wrong, "seconds": seconds}


def _new(wrong: Sequence[str], known: set[str]) -> list[str]:
    return [one for one in wrong if one not in known]


def fresh(kept: Path, place: Path) -> Path:
    """A copy of a kept folder at a place of its own."""
    shutil.copytree(kept.parent, place)
    return place / kept.name


def main(only: Sequence[str], every: int = 1) -> int:
    """Every scenario, or those named; 1 where anything was wrong."""
    rules, found = Rules(), {}
    for name in only or SCENARIOS:
        found[name] = campaign(name, rules, every=every)
        print(json.dumps({name: found[name]}, ensure_ascii=False), file=sys.stderr, flush=True)
    print(json.dumps(found, indent=1, ensure_ascii=False))
    return 1 if any(one["wrong"] for one in found.values()) else 0


if __name__ == "__main__":
    ruled(Path("build", "crash").absolute())
    given = sys.argv[1:]
    step = int(given.pop(0)[1:]) if given and given[0].startswith("/") else 1
    sys.exit(main(given, step))
