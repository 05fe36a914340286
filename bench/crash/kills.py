"""Kills at any moment: `python -m bench.crash.kills ROUNDS [SEED]`.

In each round one of the scenarios is begun in a fresh copy of its folder, and at a time that is drawn from
what it takes the whole program, or one of its workers alone, is killed. Then the real server is started again
and looked over as after every other crash. Rounds whose kill came too early or too late do not count.
"""

from __future__ import annotations

import json
import os
import shutil
import signal
import sys
import tempfile
import threading
import time
from collections import Counter
from contextlib import suppress
from pathlib import Path
from random import Random
from typing import Any

from tests.conftest import children

from .__main__ import after, fresh, run, template
from .rules import Mode, Rules, ruled
from .scenarios import SCENARIOS, Heard

MOST_MISSED = 3
"""Times the rounds that are tried until so many kills have hit."""
OF_WORKERS = 0.3
"""Share of the kills that hit a worker alone."""


def killed(worker: bool) -> str:
    """Kill what this process has begun, or one of its workers: what was hit."""
    hit = "nothing"
    for program in children(os.getpid()):
        with suppress(OSError):
            workers = [one for child in children(program) for one in children(child)]
            if not worker:
                os.killpg(program, signal.SIGKILL)
                hit = "program"
            elif workers:
                os.kill(workers[-1], signal.SIGKILL)
                hit = "worker"
    return hit


def _before(name: str, kept: Path, rules: Rules) -> tuple[float, list[str]]:
    """The seconds that a scenario takes, and what an older folder lacked before any kill, which is no kill's
    fault."""
    there = fresh(kept, kept.parent.parent / "known" / kept.parent.name)
    begun = time.monotonic()
    heard, _ = run(SCENARIOS[name], there, rules, Mode.KILL, 0)
    took = time.monotonic() - begun
    return took, after(there, heard) if SCENARIOS[name].folder else []


def _run_and_kill(name: str, there: Path, rules: Rules, after_s: float, worker: bool) -> tuple[str, Heard]:
    """What a kill hit so many seconds after a scenario was begun, "nothing" where that had ended or not yet
    begun anything, and what was heard to be done."""
    hit: list[str] = []
    killer = threading.Timer(after_s, lambda: hit.append(killed(worker)))
    killer.start()
    heard, _ = run(SCENARIOS[name], there, rules, Mode.KILL, 0)
    killer.cancel()
    killer.join()
    return hit[0] if hit else "nothing", heard


def main(wanted: int, seed: int) -> int:
    """So many kills that hit; 1 where anything was wrong, or too few did."""
    dice, rules, begun = Random(seed), Rules(), time.monotonic()
    hits, wrong = Counter[str](), dict[str, list[str]]()
    with tempfile.TemporaryDirectory(prefix="kills-") as place:
        kept = {name: Path(place, f"kept-{k}", "studio") for k, name in enumerate(SCENARIOS)}
        for name, folder in kept.items():
            folder.parent.mkdir()
            template(SCENARIOS[name], folder)
        known = {name: _before(name, folder, rules) for name, folder in kept.items()}
        while hits.total() - hits["nothing"] < wanted and hits["nothing"] < MOST_MISSED * wanted:
            name = dice.choice(list(SCENARIOS))
            took, lacked = known[name]
            there = fresh(kept[name], Path(place, str(hits.total())))
            hit, heard = _run_and_kill(name, there, rules, dice.uniform(0, took), dice.random() < OF_WORKERS)
            hits[hit if hit == "nothing" else f"{name}: {hit}"] += 1
            if problems := [one for one in after(there, heard) if one not in lacked]:
                wrong[f"{hits.total()} {name} {hit}"] = problems
                print(json.dumps({name: problems}, ensure_ascii=False), file=sys.stderr, flush=True)
            shutil.rmtree(there.parent)
    kills = hits.total() - hits["nothing"]
    found: dict[str, Any] = {"kills": kills, "hits": hits, "wrong": wrong}
    print(json.dumps(found | {"seconds": round(time.monotonic() - begun)}, indent=1, ensure_ascii=False))
    return 1 if wrong or kills < wanted else 0


if __name__ == "__main__":
    ruled(Path("build", "crash").absolute())
    sys.exit(main(int(sys.argv[1]), int(sys.argv[2]) if len(sys.argv) > 2 else 1))
