"""Damaged files of every kind: read or refused, never anything else. Ten thousand of each: `make fuzz`."""

from __future__ import annotations

import pytest

from bench.fuzz import SECONDS, tried
from bench.readers import kinds
from tests.long import rounds


@pytest.mark.parametrize("name", sorted(kinds()))
def test_damaged_files_are_read_or_refused(name: str) -> None:
    found = tried(name, range(rounds(150, 10_000)))
    assert not found["faults"]
    assert found["seconds"] <= SECONDS
    assert found.get("refused", 0) > 0
    assert found.get("read", 0) > 0
