"""Says (exit code 1) when the rows and the migrations differ."""

from __future__ import annotations

import sys
import tempfile
from pathlib import Path

from alembic.autogenerate import compare_metadata
from alembic.migration import MigrationContext

from washboard.store.database import Database
from washboard.store.rows import Row


def differences() -> list[object]:
    """What autogenerate would still change in a freshly migrated database."""
    with tempfile.TemporaryDirectory() as folder:
        database = Database(Path(folder))
        with database.engine.connect() as connection:
            found = compare_metadata(MigrationContext.configure(connection), Row.metadata)
        database.close()
    return list(found)


if __name__ == "__main__":
    wrong = differences()
    for difference in wrong:
        print(difference, file=sys.stderr)
    raise SystemExit(1 if wrong else 0)
