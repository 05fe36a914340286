"""Deaths and full disks at changes of the folder, a few of each kind; all of them: `make crash`."""

from __future__ import annotations

import json
import shutil
import subprocess
import sys

import pytest

from tests.long import rounds


@pytest.mark.skipif(shutil.which("cc") is None, reason="counting changes needs a C compiler")
@pytest.mark.parametrize("scenario", ["edit, undo", "migrate"])
def test_whenever_it_dies_it_starts_again_with_all_that_it_had_said_was_done(scenario: str) -> None:
    done = subprocess.run(
        [sys.executable, "-m", "bench.crash", f"/{rounds(40, 1)}", scenario],
        capture_output=True,
        text=True,
        timeout=3000,
    )
    found = json.loads(done.stdout)[scenario]
    assert found["changes"] >= 10
    assert found["tried"] >= 3
    assert found["wrong"] == {}
    assert done.returncode == 0
