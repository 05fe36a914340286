"""Opening the database: SQLite in WAL mode, brought to the newest version, one folder for everything."""

from __future__ import annotations

import errno
import os
import sqlite3
from collections.abc import Iterator
from contextlib import closing, contextmanager
from importlib.resources import files
from pathlib import Path
from typing import Any

from sqlalchemy import Engine, create_engine, event, inspect
from sqlalchemy.exc import DatabaseError, OperationalError
from sqlalchemy.orm import Session, sessionmaker

from .errors import Busy, Full, Gone, Unusable

NEWEST = "0008"
"""Version of the newest migration; a test compares."""
BUSY_MS = 4000
"""How long a writer waits for another before saying so."""
CONNECTIONS = 48
"""Connections open at most: more than the server has threads, so that no reader waits for one."""
MUCH = 2**20
"""Bytes that nothing is written in from which a database is written anew."""
WRITES = "washboard_writes"
"""Execution option of connections whose transactions may write."""


class Database:
    """A data folder's database."""

    def __init__(self, folder: Path) -> None:
        """Raises Unusable for a folder that can't be used, in which nothing is changed; Busy and Full."""
        folder.mkdir(parents=True, exist_ok=True)
        self.path = folder / "washboard.sqlite"
        _usable(self.path)
        self.engine = engine_for(f"sqlite:///{self.path}")
        with translated():
            migrate(self.engine)
            _shrunk(self.engine)
        self._file = self.path.stat().st_ino
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
        """A session that commits as a whole or not at all; raises Busy, Full and Gone, not SQL errors."""
        with translated(), self._writing() as session, session.begin():
            yield session
            session.flush()
            self._there()

    def _there(self) -> None:
        """Raises Gone where the file that is written to is no longer the one in the folder: the system goes
        on writing to a file that was deleted, and all of it is lost with the process."""
        try:
            same = self.path.stat().st_ino == self._file
        except FileNotFoundError:
            same = False
        if not same:
            raise Gone("refused-folder-gone", folder=str(self.path.parent))

    def close(self) -> None:
        self.engine.dispose()


def _usable(path: Path) -> None:
    """Look at a database before it is opened to be written, without changing it. Raises Unusable."""
    if not path.is_file():
        return
    folder = str(path.parent)
    if not (os.access(path, os.W_OK) and os.access(path.parent, os.W_OK)):
        raise Unusable("refused-folder-read-only", folder=folder)
    # Where nothing waits to be written into it, it is read without the two files that SQLite puts beside it.
    how = "mode=ro" if path.with_name(path.name + "-wal").exists() else "immutable=1"
    try:
        with closing(sqlite3.connect(f"{path.absolute().as_uri()}?{how}", uri=True, timeout=10)) as seen:
            named = "SELECT count(*) FROM sqlite_master WHERE name='alembic_version'"
            ask = "SELECT version_num FROM alembic_version"
            version = seen.execute(ask).fetchone() if seen.execute(named).fetchone()[0] else None
    except sqlite3.OperationalError:
        # Held by another program, which is said where it is opened.
        return
    except sqlite3.DatabaseError:
        raise Unusable("refused-folder-damaged", folder=folder) from None
    if version is not None and str(version[0]) > NEWEST:
        raise Unusable("refused-folder-newer", folder=folder, version=str(version[0]), newest=NEWEST)


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


def _shrunk(engine: Engine) -> None:
    """Give the disk back what deleted pieces left, where it is much of the file."""
    with engine.connect() as connection:
        pages, free, size = (
            connection.exec_driver_sql(f"PRAGMA {what}").scalar_one()
            for what in ("page_count", "freelist_count", "page_size")
        )
        connection.rollback()
        if free * size > MUCH and free > pages / 4:
            connection.connection.execute("VACUUM")


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
        if "readonly" in text or "unable to open" in text:
            raise Unusable("refused-database-read-only") from None
        raise
    except (DatabaseError, sqlite3.DatabaseError) as error:
        if "malformed" in str(error) or "not a database" in str(error):
            raise Unusable("refused-database-damaged") from None
        raise
    except OSError as error:
        if error.errno in (errno.ENOSPC, errno.EDQUOT):
            raise _full() from None
        raise


def _full() -> Full:
    return Full("refused-disk-full")
