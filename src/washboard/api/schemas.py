"""Writes what is generated from the code: API description, the plan's schema, the table of the judge, and for
the page the keys of its catalogue with the values that each pattern names."""

from __future__ import annotations

import json
import sys
import tempfile
from pathlib import Path

from ..formats import logfile, planfile, surfacedoc
from ..words.catalogue import named, patterns, texts
from .app import create_app


def generated() -> dict[str, str]:
    """Where each generated file lies, and its text."""
    app = create_app(Path(tempfile.gettempdir()), page=Path("-"))
    texts = {
        "docs/openapi.json": app.openapi(),
        "docs/plan.schema.json": planfile.schema(),
        "docs/log.schema.json": logfile.schema(),
    }
    written = {name: json.dumps(text, indent=1, ensure_ascii=False) + "\n" for name, text in texts.items()}
    return written | {
        "docs/surface.md": surfacedoc.surface_page(),
        "web/src/words/patterns.d.ts": _patterns(),
    }


def _patterns() -> str:
    """The type of what the page can say: the names of the values by the key of the pattern."""
    lines = ["/** Generated from the catalogue by `make types`: the values that each pattern names. */"]
    lines.append("export interface Patterns {")
    for key, entry in patterns("\n".join(texts("en/page"))).items():
        values = " | ".join(f'"{value}"' for value in sorted(named(entry)))
        lines.append(f'  "{key}": {values or "never"};')
    return "\n".join([*lines, "}", ""])


def main(root: Path, check: bool) -> int:
    """Write the files, or with `check` only say which are out of date (exit code 1)."""
    stale = [
        n for n, text in generated().items() if not (root / n).exists() or (root / n).read_text() != text
    ]
    for name in stale:
        if check:
            print(f"{name} is out of date: run make types", file=sys.stderr)
        else:
            (root / name).write_text(generated()[name])
    return 1 if check and stale else 0


if __name__ == "__main__":
    raise SystemExit(main(Path(), "--check" in sys.argv))
