"""Damaged files of every kind: read or refused, never anything else. Ten thousand of each: `make fuzz`."""

from __future__ import annotations

from contextlib import suppress

import pytest
from pydantic import ValidationError

from bench.fuzz import SECONDS, tried
from bench.readers import kept_for, kinds
from tests.long import rounds
from washboard.core.errors import WashboardError


@pytest.mark.parametrize("name", sorted(kinds()))
def test_damaged_files_are_read_or_refused(name: str) -> None:
    found = tried(name, range(rounds(150, 10_000)))
    assert not found["faults"]
    assert found["seconds"] <= SECONDS
    assert found.get("refused", 0) > 0
    assert found.get("read", 0) > 0


@pytest.mark.parametrize("name", sorted(kinds()))
def test_what_the_fuzzer_has_kept_is_read_or_refused(name: str) -> None:
    files = list(kept_for(name).iterdir())
    assert files
    for file in files:
        with suppress(WashboardError, ValidationError):
            kinds()[name].read(file.read_bytes())
