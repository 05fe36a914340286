"""The record of speed over commits: `python -m bench.record build/bench.json` adds a run and writes the page.

Only ratios are kept: every time over the decoding of a 12 MP photo in the same run, which takes a machine's
own speed out of it, as far as the machine is quiet.
"""

from __future__ import annotations

import json
import subprocess
import sys
from datetime import UTC, datetime
from pathlib import Path

KEPT, PAGE = Path("docs/speed.jsonl"), Path("docs/speed.md")
SHOWN = 6
"""Runs that the page shows; the file keeps all."""
BASE = "decode 12 MP, ms"
HEAD = """# Speed over time

`make bench` adds a column: every time over the decoding of a 12 MP photo in the same run, and what is a ratio
or a size as it is. Less is faster.

"""


def ratios(figures: dict[str, float]) -> dict[str, float]:
    """Figures without their limits, times over that of decoding."""
    base = figures[BASE]
    named = {name.split(" (at most")[0].replace(", ms", ""): (name, value) for name, value in figures.items()}
    return {
        short: round(value / base if ", ms" in name else value, 3)
        for short, (name, value) in named.items()
        if name != BASE
    }


def page_of(runs: list[dict[str, object]]) -> str:
    """The last runs as a table, a column each."""
    last = runs[-SHOWN:]
    figures = [dict(run["ratios"]) for run in last]  # type: ignore[call-overload]
    names = list(dict.fromkeys(name for own in figures for name in own))
    head = "| | " + " | ".join(f"{run['day']} `{run['commit']}`" for run in last) + " |"
    lines = [head, "|--|" + "--:|" * len(last)]
    for name in names:
        lines.append(f"| {name} | " + " | ".join(str(own.get(name, "–")) for own in figures) + " |")
    return HEAD + "\n".join(lines) + "\n"


def main(bench: Path) -> None:
    """Add the run of a bench to the record and write the page."""
    head = ("git", "rev-parse", "--short=7", "HEAD")
    commit = subprocess.run(head, capture_output=True, text=True, check=True).stdout.strip()
    run = {
        "commit": commit,
        "day": datetime.now(UTC).date().isoformat(),
        "ratios": ratios(json.loads(bench.read_text())),
    }
    with KEPT.open("a") as kept:
        kept.write(json.dumps(run) + "\n")
    PAGE.write_text(page_of([json.loads(line) for line in KEPT.read_text().splitlines()]))


if __name__ == "__main__":
    main(Path(sys.argv[1]))
