"""Fuzzing led by what it reaches: `python -m bench.guided SECONDS KIND…` (`make fuzz` does all kinds).

Atheris (libFuzzer) changes the files of a kind and keeps each change that runs through code that none before
it did. Of these the fewest that reach the same are kept in `tests/formats/corpus`, where the tests read them
again. A kind runs in a process of its own, since the fuzzer ends the one that it runs in.
"""

from __future__ import annotations

import hashlib
import json
import re
import shlex
import subprocess
import sys
import tempfile
from contextlib import suppress
from pathlib import Path
from typing import Any

import atheris
import numpy as np
from pydantic import ValidationError

LARGEST = 100_000
"""Bytes of a changed file at most."""
ROOM = 150_000
"""Bytes kept of a kind at most: the smallest files."""
DONE = re.compile(r"#(\d+)\s+DONE\s+cov: (\d+) ")


def alone(name: str, flags: list[str]) -> None:
    """Be the fuzzer of a kind, with these flags of libFuzzer, and never come back."""
    # Nothing of the program may be loaded before, or what it reaches is not seen.
    with atheris.instrument_imports(include=["washboard"]):
        from washboard.core.errors import WashboardError

        from .fuzz import odd_in
        from .readers import kinds

    kind = kinds()[name]

    def read(data: bytes) -> None:
        with suppress(WashboardError, ValidationError):
            kind.read(data)

    def changed(data: bytes, most: int, seed: int) -> bytes:
        dice = np.random.default_rng(seed)
        if kind.tree and dice.random() < 0.7:
            with suppress(ValueError, TypeError, RecursionError):
                tree = odd_in(json.loads(data), dice)
                return json.dumps(tree).encode("utf-8", "surrogatepass")[:most]
        return bytes(atheris.Mutate(data, most))

    # To merge, it begins itself again by its first word, in a shell.
    again = shlex.join([sys.executable, "-m", "bench.guided", "alone", name])
    atheris.Setup([again, *flags], read, custom_mutator=changed)
    atheris.Fuzz()


def campaign(name: str, seconds: int) -> dict[str, Any]:
    """What came of a kind: files tried, branches reached, files kept, and what broke its reader."""
    from .fuzz import MEGABYTES, SECONDS
    from .readers import kept_for, kinds

    kept = kept_for(name)
    kept.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory(prefix="guided-") as place:
        found, wrong, fewest = (Path(place, own) for own in ("found", "wrong", "fewest"))
        for folder in (found, wrong, fewest):
            folder.mkdir()
        sound = [*kinds()[name].sound, *(file.read_bytes() for file in kept.iterdir())]
        for number, data in enumerate(sound):
            found.joinpath(str(number)).write_bytes(data)
        words = [sys.executable, "-m", "bench.guided", "alone", name]
        limits = [f"-max_len={LARGEST}", f"-rss_limit_mb={MEGABYTES:.0f}", f"-timeout={SECONDS:.0f}"]
        limits += [f"-artifact_prefix={wrong}/"]
        fuzz = [*words, str(found), *limits, f"-max_total_time={seconds}"]
        said = subprocess.run(fuzz, capture_output=True, text=True, timeout=seconds + 600).stderr
        merge = [*words, "-merge=1", str(fewest), str(found), *limits]
        # Raises, and what was kept stays, where merging fails.
        subprocess.run(merge, capture_output=True, timeout=1200, check=True)
        for file in kept.iterdir():
            file.unlink()
        room = ROOM
        for data in sorted((file.read_bytes() for file in fewest.iterdir()), key=len):
            room -= len(data)
            if room >= 0:
                kept.joinpath(hashlib.sha256(data).hexdigest()[:12]).write_bytes(data)
        told = DONE.search(said)
        tried, reached = map(int, told.groups()) if told else (0, 0)
        faults = {file.name: file.read_bytes()[:2000].decode("latin-1") for file in wrong.iterdir()}
    last = said.strip().splitlines()[-12:] if faults or not told else []
    return {
        "tried": tried,
        "branches": reached,
        "kept": len(list(kept.iterdir())),
        "faults": faults,
        "said": last,
    }


def main(seconds: int, only: list[str]) -> int:
    """Fuzz the kinds one after the other; 1 where anything broke."""
    from .readers import kinds

    found = {name: campaign(name, seconds) for name in only or kinds()}
    print(json.dumps(found, indent=1, ensure_ascii=False))
    return 1 if any(one["faults"] or not one["tried"] for one in found.values()) else 0


if __name__ == "__main__":
    if sys.argv[1] == "alone":
        alone(sys.argv[2], sys.argv[3:])
    else:
        sys.exit(main(int(sys.argv[1]), sys.argv[2:]))
