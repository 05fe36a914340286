"""Kills at any moment: `python -m bench.crash.kills ROUNDS [SEED]`.

In each round one of the scenarios is begun in a fresh copy of its folder, and after a time that is drawn the
whole program, or one of its workers alone, is killed. Then the real server is started again and looked over
as after every other crash.
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
from .scenarios import SCENARIOS

LONGEST = 6.0
"""Seconds within which a kill comes: a start, and what a scenario takes."""
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


def _before(name: str, kept: Path, rules: Rules) -> list[str]:
    """What an older folder lacked before any kill, which is no kill's fault."""
    if not SCENARIOS[name].folder:
        return []
    there = fresh(kept, kept.parent.parent / "known")
    return after(there, run(SCENARIOS[name], there, rules, Mode.KILL, 0)[0])


def main(rounds: int, seed: int) -> int:
    """So many kills; 1 where anything was wrong."""
    dice, rules, begun = Random(seed), Rules(), time.monotonic()
    hits, wrong = Counter[str](), dict[str, list[str]]()
    with tempfile.TemporaryDirectory(prefix="kills-") as place:
        kept = {name: Path(place, f"kept-{k}", "studio") for k, name in enumerate(SCENARIOS)}
        for name, folder in kept.items():
            folder.parent.mkdir()
            template(SCENARIOS[name], folder)
        known = {name: _before(name, folder, rules) for name, folder in kept.items()}
        for number in range(rounds):
            name = dice.choice(list(SCENARIOS))
            there = fresh(kept[name], Path(place, str(number)))
            told: list[str] = []
            killer = threading.Timer(
                dice.uniform(0, LONGEST), lambda told=told: told.append(killed(dice.random() < OF_WORKERS))
            )
            killer.start()
            heard, _ = run(SCENARIOS[name], there, rules, Mode.KILL, 0)
            killer.cancel()
            killer.join()
            hits[f"{name}: {told[0] if told else 'done before'}"] += 1
            if problems := [one for one in after(there, heard) if one not in known[name]]:
                wrong[f"{number} {name} {told}"] = problems
                print(json.dumps({name: problems}, ensure_ascii=False), file=sys.stderr, flush=True)
            shutil.rmtree(there.parent)
    found: dict[str, Any] = {"rounds": rounds, "hits": hits, "wrong": wrong}
    print(json.dumps(found | {"seconds": round(time.monotonic() - begun)}, indent=1, ensure_ascii=False))
    return 1 if wrong else 0


if __name__ == "__main__":
    ruled(Path("build", "crash").absolute())
    sys.exit(main(int(sys.argv[1]), int(sys.argv[2]) if len(sys.argv) > 2 else 1))
