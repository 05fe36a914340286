"""A server under load: how long reads and small questions take while two pieces are worked out, workers that
are killed in the middle, and memory over many analyses. `python -m bench.load build/load.json`."""

from __future__ import annotations

import json
import os
import signal
import sys
import tempfile
import threading
import time
from collections.abc import Callable
from pathlib import Path

import httpx
import numpy as np

from tests.conftest import Server, edited, encoded, new_piece, started, worked_out
from tests.pieces import photographs

Figures = dict[str, float]
READ_FOR = 20.0
"""Seconds that reads are timed."""
ANALYSES, SETTLED = 200, 50
"""Analyses made, and after how many the memory is taken as its level."""
KILLS = 20


def megabytes(server: Server) -> float:
    """Resident memory of a server and its workers, MB."""
    total = 0
    for pid in (server.process.pid, *server.workers()):
        status = Path(f"/proc/{pid}/status").read_text()
        total += int(next(line for line in status.splitlines() if line.startswith("VmRSS")).split()[1])
    return total / 1024


def of_reads(server: Server, known: str, busy: list[str]) -> Figures:
    """Milliseconds (median, 95 %) of reads and of a small question while two pieces are worked out over and
    over."""
    over = threading.Event()

    def keep_busy(piece: str) -> None:
        squint = 0.4
        with server.client() as client:
            while not over.is_set():
                squint = 0.4 + (squint + 0.137) % 2.2
                edited(client, piece, squint=round(squint, 3))
                job = client.post(f"/api/pieces/{piece}/analysis").json()["id"]
                while client.get(f"/api/jobs/{job}").json()["state"] == "running":
                    time.sleep(0.1)

    threads = [threading.Thread(target=keep_busy, args=(piece,)) for piece in busy]
    for thread in threads:
        thread.start()
    time.sleep(1)
    taken: dict[str, list[float]] = {}
    with server.client() as client:
        picture = client.get(f"/api/pieces/{known}").json()["reference"]["hash"]
        asked: dict[str, Callable[[], httpx.Response]] = {
            "wall": lambda: client.get("/api/pieces"),
            "piece": lambda: client.get(f"/api/pieces/{known}"),
            "plan": lambda: client.get(f"/api/pieces/{known}/plan"),
            "maps": lambda: client.get(f"/api/pieces/{known}/maps/maps"),
            "picture": lambda: client.get(f"/api/references/{picture}/picture"),
            "page": lambda: client.get(f"/pieces/{known}/order"),
            "kept recipes": lambda: client.get(f"/api/pieces/{known}/mix"),
            "question (mixing table)": lambda: client.get(
                f"/api/pieces/{known}/mix/table", params={"paint": ["ultramarine", "lemon"]}
            ),
        }
        until = time.monotonic() + READ_FOR
        while time.monotonic() < until:
            for name, ask in asked.items():
                start = time.perf_counter()
                ask().raise_for_status()
                taken.setdefault(name, []).append(1000 * (time.perf_counter() - start))
    over.set()
    for thread in threads:
        thread.join()
    found = {}
    for name, times in taken.items():
        found[f"{name} under load, ms, median"] = float(np.median(times))
        found[f"{name} under load, ms, 95 % (at most 50)"] = float(np.percentile(times, 95))
    return found


def of_kills(server: Server, piece: str) -> Figures:
    """How many jobs whose worker was killed in the middle were done all the same, and said so."""
    done = told = 0
    with server.client() as client:
        for round in range(KILLS):
            edited(client, piece, squint=0.5 + 0.05 * round)
            job = client.post(f"/api/pieces/{piece}/analysis").json()
            lines: list[str] = []
            with client.stream("GET", f"/api/jobs/{job['id']}/events") as events:
                for line in events.iter_lines():
                    lines.append(line)
                    if len(lines) == 3:
                        for pid in server.workers():
                            os.kill(pid, signal.SIGKILL)
            done += '"state":"done"' in "".join(lines[-2:])
            told += any("started again" in line for line in lines)
    return {f"killed workers' jobs done, of {KILLS}": done, f"and it was said, of {KILLS}": told}


def of_memory(server: Server, pieces: list[str]) -> Figures:
    """Memory over many analyses of different settings."""
    level = most = 0.0
    with server.client() as client:
        for k in range(ANALYSES):
            piece = pieces[k % len(pieces)]
            edited(client, piece, bands=2 + k % 8, squint=round(0.3 + 0.011 * k, 3))
            worked_out(client, piece)
            now = megabytes(server)
            level = now if k + 1 == SETTLED else level
            most = max(most, now) if k + 1 >= SETTLED else most
    return {
        f"memory after {SETTLED} analyses, MB": level,
        f"most memory up to {ANALYSES} analyses over that, MB (at most 150)": most - level,
    }


def main(out: Path) -> None:
    """Print every figure and write them as JSON."""
    with tempfile.TemporaryDirectory() as folder:
        server = started(Path(folder))
        with server.client() as client:
            pieces = [
                new_piece(client, encoded(photographs()[name], quality=92), name=name)["id"]
                for name in ("cup", "cat", "landscape", "flower")
            ]
            for piece in pieces:
                worked_out(client, piece)
            client.get(f"/api/pieces/{pieces[0]}/mix")
        figures = of_reads(server, pieces[0], pieces[1:3])
        figures |= of_kills(server, pieces[3]) | of_memory(server, pieces)
        server.stop()
    for name, value in figures.items():
        print(f"{value:9.2f}  {name}")
    out.parent.mkdir(parents=True, exist_ok=True)
    out.write_text(json.dumps(figures, indent=1))


if __name__ == "__main__":
    main(Path(sys.argv[1]))
