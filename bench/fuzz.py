"""Every reader of what comes from outside, fed with damaged files: `make fuzz`.

Each kind starts from a few sound files, which are cut, spliced and overwritten; plans and settings are also
changed as trees, so that damage reaches what lies behind the syntax. A reader may read or refuse; anything
else is a fault of the program, and so is more than ten seconds or a gigabyte and a half.
"""

from __future__ import annotations

import json
import resource
import sys
import time
import traceback
from collections import Counter
from collections.abc import Sequence
from concurrent.futures import ProcessPoolExecutor
from copy import deepcopy
from typing import Any

import numpy as np
from pydantic import ValidationError

from washboard.core.errors import WashboardError

from .readers import Kind, kinds

ROUNDS = 10_000
SECONDS, MEGABYTES = 10.0, 1536.0
"""Beyond which reading one file is a fault."""
ODD: tuple[Any, ...] = (
    None,
    True,
    False,
    0,
    -1,
    1,
    2**31,
    2**63,
    -(10**26),
    10**400,
    1e308,
    -1e308,
    1e-320,
    0.5,
    "",
    " ",
    "\0",
    "a" * 5000,
    "é\u202e\ud7ff",
    "=1+1",
    "../../etc/passwd",
    "NaN",
    [],
    {},
    [[]],
    {"": {}},
    [0] * 400,
)
BITS = (
    b"\0",
    b"\xff" * 8,
    b"\x7f\xff\xff\xff",
    b"{",
    b"]",
    b'"',
    b"\r\n",
    b"-",
    b"1e999",
    b"<!ENTITY x SYSTEM 'file:///'>",
)


def damaged(kind: Kind, dice: np.random.Generator) -> bytes:
    """A sound file of a kind with one to three faults put in."""
    data = kind.sound[int(dice.integers(len(kind.sound)))]
    if kind.tree and dice.random() < 0.8:
        tree = json.loads(data)
        for _ in range(1 + int(dice.random() < 0.3)):
            tree = odd_in(tree, dice)
        return json.dumps(tree).encode("utf-8", "surrogatepass")
    out = bytearray(data)
    for _ in range(int(dice.integers(1, 4))):
        at, upto = sorted(int(k) for k in dice.integers(0, len(out) + 1, 2))
        match int(dice.integers(6)):
            case 0 if out:
                out[min(at, len(out) - 1)] ^= 1 << int(dice.integers(8))
            case 1:
                del out[at : min(upto, at + 200)]
            case 2:
                out[at:at] = out[at : min(upto, at + 400)]
            case 3:
                out[at : at + 4] = BITS[int(dice.integers(len(BITS)))]
            case 4:
                del out[at:]
            case _:
                other = kind.sound[int(dice.integers(len(kind.sound)))]
                out[at:upto] = other[at:upto]
    return bytes(out)


def odd_in(tree: Any, dice: np.random.Generator) -> Any:
    """A tree of JSON with one of its values odd, missing, twice, or from somewhere else in it."""
    places: list[tuple[Any, Any]] = []
    waiting = [tree]
    while waiting:
        branch = waiting.pop()
        inside = branch.items() if isinstance(branch, dict) else enumerate(branch)
        for key, value in inside:
            places.append((branch, key))
            if isinstance(value, dict | list):
                waiting.append(value)
    if not places:
        return tree
    if dice.random() < 0.5:
        # Most of a plan are numbers, and what is wrong with one is told by nothing but the rules.
        places = [(b, k) for b, k in places if isinstance(b[k], int | float)] or places
    branch, key = places[int(dice.integers(len(places)))]
    match int(dice.integers(5)):
        case 0:
            del branch[key]
        case 1 if isinstance(branch, list):
            branch.insert(key, deepcopy(branch[key]))
        case 2:
            other, at = places[int(dice.integers(len(places)))]
            branch[key] = deepcopy(other[at]) if _held(other, at) else None
        # What an earlier fault made too large for a float is odd enough.
        case 3 if isinstance(branch[key], int | float) and abs(branch[key]) < 1e300:
            branch[key] = branch[key] * float(dice.choice([-1, 0.5, 2, 1e3, 1e9])) + int(dice.integers(-2, 3))
        case _:
            branch[key] = deepcopy(ODD[int(dice.integers(len(ODD)))])
    return tree


def _held(branch: Any, key: Any) -> bool:
    return key in branch if isinstance(branch, dict) else key < len(branch)


def tried(name: str, seeds: range) -> dict[str, Any]:
    """What a reader did with damaged files of a kind: how often it read and refused, what broke it, the worst
    time in seconds and memory in megabytes."""
    kind, told, slowest = kinds()[name], Counter[str](), 0.0
    faults: dict[str, int] = {}
    for seed in seeds:
        data = damaged(kind, np.random.default_rng([seed, len(name)]))
        begun = time.perf_counter()
        try:
            kind.read(data)
            told["read"] += 1
        except (WashboardError, ValidationError):
            told["refused"] += 1
        except Exception:
            frames = traceback.format_exc().strip().splitlines()
            faults.setdefault(
                f"{frames[-1][:160]} @ {frames[-3].strip()[:120] if len(frames) > 2 else ''}", seed
            )
        slowest = max(slowest, time.perf_counter() - begun)
    memory = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024
    return {**told, "faults": faults, "seconds": round(slowest, 3), "megabytes": round(memory)}


def campaign(name: str, rounds: int) -> dict[str, Any]:
    """One kind tried in a process of its own, so that what it takes is its own."""
    with ProcessPoolExecutor(1) as alone:
        return alone.submit(tried, name, range(rounds)).result()


def main(rounds: int = ROUNDS, only: Sequence[str] = ()) -> int:
    """Try every kind, print what happened as JSON; 1 where anything was wrong."""
    found = {name: campaign(name, rounds) for name in kinds() if not only or name in only}
    print(json.dumps(found, indent=1, ensure_ascii=False))
    wrong = [
        name
        for name, one in found.items()
        if one["faults"] or one["seconds"] > SECONDS or one["megabytes"] > MEGABYTES
    ]
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(main(int(sys.argv[1]) if len(sys.argv) > 1 else ROUNDS, sys.argv[2:]))
