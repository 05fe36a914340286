"""Opening the database: SQLite in WAL mode, brought to the newest version, one folder for everything."""

from __future__ import annotations

import errno
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from importlib.resources import files
from pathlib import Path
from typing import Any

from sqlalchemy import Engine, create_engine, event, inspect
from sqlalchemy.exc import OperationalError
from sqlalchemy.orm import Session, sessionmaker

from .errors import Busy, Full

NEWEST = "0007"
"""Version of the newest migration; a test compares."""
BUSY_MS = 4000
"""How long a writer waits for another before saying so."""
CONNECTIONS = 48
"""Connections open at most: more than the server has threads, so that no reader waits for one."""
WRITES = "washboard_writes"
"""Execution option of connections whose transactions may write."""


class Database:
    """A data folder's database."""

    def __init__(self, folder: Path) -> None:
        folder.mkdir(parents=True, exist_ok=True)
        self.path = folder / "washboard.sqlite"
        self.engine = engine_for(f"sqlite:///{self.path}")
        with translated():
            migrate(self.engine)
        self._reading = sessionmaker(self.engine, expire_on_commit=False)
        writing = self.engine.execution_options(**{WRITES: True})
        self._writing = sessionmaker(writing, expire_on_commit=False)

    @contextmanager
    def reading(self) -> Iterator[Session]:
        """A session that sees one state of the database and never waits for a writer."""
        with translated(), self._reading() as session, session.begin():
            yield session

    @contextmanager
    def writing(self) -> Iterator[Session]:
        """A session that commits as a whole or not at all; raises Busy and Full instead of SQL errors."""
        with translated(), self._writing() as session, session.begin():
            yield session

    def close(self) -> None:
        self.engine.dispose()


def engine_for(url: str) -> Engine:
    """An engine whose every connection is durable, checks foreign keys and waits for others."""
    engine = create_engine(
        url, connect_args={"timeout": BUSY_MS / 1000}, pool_size=8, max_overflow=CONNECTIONS - 8
    )

    @event.listens_for(engine, "connect")
    def prepare(connection: Any, _: Any) -> None:
        connection.isolation_level = None
        cursor = connection.cursor()
        for pragma in ("journal_mode=WAL", "synchronous=FULL", "foreign_keys=ON"):
            cursor.execute(f"PRAGMA {pragma}")
        cursor.close()

    @event.listens_for(engine, "begin")
    def begin(connection: Any) -> None:
        # A writer takes its lock at once, so that two tabs never both read an old revision and then both
        # write. A reader takes none: in WAL mode it sees the last commit, whoever is writing.
        writes = connection.get_execution_options().get(WRITES)
        connection.exec_driver_sql("BEGIN IMMEDIATE" if writes else "BEGIN")

    return engine


def migrate(engine: Engine) -> None:
    """Bring the database to the newest version."""
    with engine.connect() as connection:
        versioned = inspect(connection).has_table("alembic_version")
        ask = "SELECT version_num FROM alembic_version"
        if versioned and connection.exec_driver_sql(ask).scalar() == NEWEST:
            return
    # Takes long to import: only where there is something to do.
    from alembic import command
    from alembic.config import Config

    config = Config()
    config.set_main_option("script_location", str(files("washboard.store") / "migrations"))
    with engine.execution_options(**{WRITES: True}).begin() as connection:
        config.attributes["connection"] = connection
        command.upgrade(config, "head")


@contextmanager
def translated() -> Iterator[None]:
    """SQLite's and the disk's complaints as errors a person can act on."""
    try:
        yield
    except (OperationalError, sqlite3.OperationalError) as error:
        text = str(error).lower()
        if "locked" in text or "busy" in text:
            raise Busy("refused-database-busy") from None
        if "full" in text or "disk i/o" in text:
            raise _full() from None
        raise
    except OSError as error:
        if error.errno in (errno.ENOSPC, errno.EDQUOT):
            raise _full() from None
        raise


def _full() -> Full:
    return Full("refused-disk-full")
