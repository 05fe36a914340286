"""Writes what is generated from the code: API description, the plan's schema, the table of the judge."""

from __future__ import annotations

import json
import sys
import tempfile
from pathlib import Path

from ..formats import planfile, surfacedoc
from .app import create_app


def generated() -> dict[str, str]:
    """File name in `docs/` and text of each generated file."""
    app = create_app(Path(tempfile.gettempdir()), page=Path("-"))
    texts = {"openapi.json": app.openapi(), "plan.schema.json": planfile.schema()}
    written = {name: json.dumps(text, indent=1, ensure_ascii=False) + "\n" for name, text in texts.items()}
    return written | {"surface.md": surfacedoc.surface_page()}


def main(docs: Path, check: bool) -> int:
    """Write the files, or with `check` only say which are out of date (exit code 1)."""
    stale = [
        n for n, text in generated().items() if not (docs / n).exists() or (docs / n).read_text() != text
    ]
    for name in stale:
        if check:
            print(f"docs/{name} is out of date: run make types", file=sys.stderr)
        else:
            (docs / name).write_text(generated()[name])
    return 1 if check and stale else 0


if __name__ == "__main__":
    raise SystemExit(main(Path("docs"), "--check" in sys.argv))
