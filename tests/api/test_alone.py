"""Started without a command: where it is, where everything is kept, and what a second start does."""

from __future__ import annotations

import os
import subprocess
import sys
import time
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from contextlib import contextmanager
from pathlib import Path

import httpx

from tests.conftest import new_piece


@contextmanager
def alone(home: Path) -> Iterator[subprocess.Popen[str]]:
    """Washboard without a command, on a machine without a screen, all output in one stream."""
    own = {name: value for name, value in os.environ.items() if "DISPLAY" not in name}
    with subprocess.Popen(
        [sys.executable, "-m", "washboard"],
        env=own | {"HOME": str(home), "XDG_DATA_HOME": str(home)},
        stdout=subprocess.PIPE,
        stderr=subprocess.STDOUT,
        text=True,
    ) as process:
        try:
            yield process
        finally:
            process.terminate()


def test_without_a_command_it_starts_and_says_where_it_is_and_where_everything_is_kept(
    tmp_path: Path,
) -> None:
    with alone(tmp_path) as first:
        assert first.stdout is not None
        address = first.stdout.readline().split(" at ")[1].split()[0]
        assert first.stdout.readline().strip() == f"Everything is kept in {tmp_path / 'washboard'}"
        assert httpx.get(f"{address}api/wall", timeout=120).json() == []
        with alone(tmp_path) as second:
            said, _ = second.communicate(timeout=120)
            assert second.returncode == 1
            assert "is open in another Washboard" in said
        assert httpx.get(f"{address}api/health", timeout=120).status_code == 200


def test_another_start_with_a_folder_of_its_own_takes_another_port(tmp_path: Path) -> None:
    with alone(tmp_path / "one") as one, alone(tmp_path / "two") as two:
        assert one.stdout is not None
        assert two.stdout is not None
        assert one.stdout.readline() != two.stdout.readline()


def test_who_ends_it_in_the_middle_of_something_is_shown_no_fault(tmp_path: Path, cup: bytes) -> None:
    with alone(tmp_path) as program:
        assert program.stdout is not None
        address = program.stdout.readline().split(" at ")[1].split()[0]
        with httpx.Client(base_url=address, timeout=120) as client, ThreadPoolExecutor(1) as beside:
            piece = new_piece(client, cup)["id"]
            client.post(f"/api/pieces/{piece}/analysis").raise_for_status()
            # Answered when the plan is there, which it will not be.
            waits = beside.submit(client.get, f"/api/pieces/{piece}/schools")
            time.sleep(0.5)
            assert not waits.done()
            program.terminate()
            said, _ = program.communicate(timeout=60)
            waits.exception(60)
    assert "Traceback" not in said
