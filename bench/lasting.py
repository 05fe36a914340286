"""Clients at a server for a long time: `python -m bench.lasting CLIENTS MINUTES OUT.json`.

Each client has a piece of its own and does what a painter does: looks around, reads the plan, mixes, logs,
names, takes back, and now and then asks for another order. A class is thirty for ten minutes; a soak is four
for two hours. Beside OUT.json a picture OUT.svg shows memory, files and times over the minutes.
"""

from __future__ import annotations

import json
import sys
import tempfile
import threading
import time
from collections import Counter, defaultdict
from collections.abc import Callable
from dataclasses import dataclass, field
from datetime import UTC, datetime
from functools import partial
from pathlib import Path
from random import Random
from uuid import uuid4

import httpx
import numpy as np

from tests.conftest import Server, encoded, new_piece, patched, started, worked_out
from tests.pieces import photographs

from .load import megabytes

THINKS = (1.0, 5.0)
"""Seconds between what one client does and the next."""
REPLANS, NAMES, NOTES = 0.005, 0.03, 0.2
"""Up to which chance another order is asked for, a name is given, a note is logged; beyond, it is read: in
ten minutes each client asks for one other order, gives five names, and logs every twenty seconds."""
SCHOOLS = ("light-to-dark", "both-ends", "by-object")


@dataclass
class Kept:
    """What was measured: milliseconds of reads, of each by itself too, of changes, and until a changed plan
    was there; refusals by what they were; and each minute the memory in MB, the files and their MB."""

    reads: list[float] = field(default_factory=list)
    changes: list[float] = field(default_factory=list)
    plans: list[float] = field(default_factory=list)
    each: defaultdict[str, list[float]] = field(default_factory=lambda: defaultdict(list))
    refused: Counter[str] = field(default_factory=Counter)
    minutes: list[dict[str, float]] = field(default_factory=list)


def reads_of(client: httpx.Client, piece: str) -> list[Callable[[], httpx.Response]]:
    """What is read while painting."""
    at = f"/api/pieces/{piece}"
    paths = ("/api/wall", at, f"{at}/plan", f"{at}/maps/maps", f"{at}/easel", f"{at}/log", f"{at}/mix")
    return [partial(client.get, path) for path in (*paths, f"{at}/history", "/api/catalogue")]


def named(client: httpx.Client, piece: str, dice: Random) -> httpx.Response:
    """A name given, every other time taken back at once."""
    name = {"x": dice.random(), "y": dice.random(), "name": uuid4().hex[:8]}
    answer = patched(client, piece, names=[name])
    if answer.is_success and dice.random() < 0.5:
        revision = {"revision": answer.json()["revision"]}
        answer = client.post(f"/api/pieces/{piece}/undo", json=revision)
    return answer


def kind_of(answer: httpx.Response) -> str:
    """What was asked for, whatever the piece."""
    path = answer.request.url.path.split("/")
    return f"{answer.request.method} {'/'.join(path[4:] if path[2] == 'pieces' else path[2:]) or 'piece'}"


def logged(client: httpx.Client, piece: str) -> httpx.Response:
    """A note in the log of the easel."""
    event = {"id": uuid4().hex, "at": datetime.now(UTC).isoformat(), "kind": "note", "words": "still wet"}
    return client.post(f"/api/pieces/{piece}/log", json={"events": [event]})


def paints(server: Server, piece: str, seed: int, kept: Kept, until: float) -> None:
    """What one client does until that time; every refusal is kept. After what changes a plan it is worked
    out, as the page has it, which is timed by itself."""
    dice = Random(seed)
    with server.client() as client:
        reads = reads_of(client, piece)
        while time.monotonic() < until:
            time.sleep(dice.uniform(*THINKS))
            chance = dice.random()
            try:
                begun = time.perf_counter()
                if chance < REPLANS:
                    answer = patched(client, piece, school=dice.choice(SCHOOLS), order=None)
                elif chance < NAMES:
                    answer = named(client, piece, dice)
                elif chance < NOTES:
                    answer = logged(client, piece)
                else:
                    answer = dice.choice(reads)()
                took = 1000 * (time.perf_counter() - begun)
                (kept.changes if chance < NOTES else kept.reads).append(took)
                kept.each[kind_of(answer)].append(took)
                if not answer.is_success:
                    kept.refused[f"{answer.status_code} {answer.text[:200]}"] += 1
                elif chance < NAMES:
                    begun = time.perf_counter()
                    worked_out(client, piece)
                    kept.plans.append(1000 * (time.perf_counter() - begun))
            except (httpx.HTTPError, AssertionError) as error:
                kept.refused[repr(error)[:200]] += 1


def watched(server: Server, kept: Kept, until: float) -> None:
    """Note memory, files and times each minute."""
    begun, seen = time.monotonic(), 0
    while time.monotonic() < until:
        time.sleep(min(60.0, max(0.1, until - time.monotonic())))
        files = [path for path in server.folder.rglob("*") if path.is_file()]
        reads, seen = kept.reads[seen:], len(kept.reads)
        kept.minutes.append(
            {
                "minute": round((time.monotonic() - begun) / 60, 2),
                "MB": round(megabytes(server), 1),
                "files": len(files),
                "MB on disk": round(sum(path.stat().st_size for path in files) / 2**20, 1),
                "reads, ms, 95 %": round(float(np.percentile(reads, 95)), 1) if reads else 0.0,
            }
        )


def figures(kept: Kept) -> dict[str, object]:
    """Counts, medians, 95th percentiles and refusals, and what each minute was."""
    told: dict[str, object] = {"refused": dict(kept.refused), "minutes": kept.minutes}
    for name in ("reads", "changes", "plans"):
        times = getattr(kept, name) or [0.0]
        low, high, most = np.percentile(times, (50, 95, 100)).round(1).tolist()
        told[name] = {"count": len(times), "ms, 50 %": low, "ms, 95 %": high, "ms, most": most}
    told["each, ms, 95 %"] = {
        name: round(float(np.percentile(times, 95)), 1) for name, times in sorted(kept.each.items())
    }
    return told


def picture_of(minutes: list[dict[str, float]]) -> str:
    """A small picture (SVG) of each column over the minutes, one under the other, each from 0 to its most."""
    wide, high, gap = 640, 90, 28
    names = [name for name in minutes[0] if name != "minute"]
    parts = []
    for k, name in enumerate(names):
        values, most = [one[name] for one in minutes], max(one[name] for one in minutes) or 1.0
        end, top = minutes[-1]["minute"], k * (high + gap) + gap
        line = " ".join(
            f"{wide * one['minute'] / end:.1f},{top + high * (1 - v / most):.1f}"
            for one, v in zip(minutes, values, strict=True)
        )
        parts.append(
            f'<text x="0" y="{top - 6}" font-size="13">{name}: {values[0]:g} to {values[-1]:g}, '
            f'most {most:g}, over {end:g} min</text><polyline points="{line}" fill="none" stroke="#333"/>'
            f'<path d="M0 {top + high}H{wide}" stroke="#bbb"/>'
        )
    total = len(names) * (high + gap) + gap
    head = f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {wide} {total}" font-family="sans-serif">'
    return head + "".join(parts) + "</svg>\n"


def main(clients: int, minutes: float, out: Path) -> None:
    """Set the pieces up, let the clients paint, print and write what was measured."""
    photos = [encoded(photo, quality=92) for photo in photographs().values()]
    kept = Kept()
    with tempfile.TemporaryDirectory() as folder:
        server = started(Path(folder))
        with server.client() as client:
            pieces = [new_piece(client, photos[k % len(photos)])["id"] for k in range(clients)]
            for piece in pieces:
                worked_out(client, piece)
                client.get(f"/api/pieces/{piece}/mix").raise_for_status()
        until = time.monotonic() + 60 * minutes
        threads = [
            threading.Thread(target=paints, args=(server, piece, k, kept, until))
            for k, piece in enumerate(pieces)
        ]
        for thread in threads:
            thread.start()
        watched(server, kept, until)
        for thread in threads:
            thread.join()
        server.stop()
    told = figures(kept)
    print(json.dumps({name: value for name, value in told.items() if name != "minutes"}, indent=1))
    out.parent.mkdir(parents=True, exist_ok=True)
    out.write_text(json.dumps(told, indent=1))
    out.with_suffix(".svg").write_text(picture_of(kept.minutes))


if __name__ == "__main__":
    main(int(sys.argv[1]), float(sys.argv[2]), Path(sys.argv[3]))
