"""The command that lays plans into a calendar, run as another program would run it."""

from __future__ import annotations

import json
from datetime import datetime
from pathlib import Path

import pytest

from tests.conftest import encoded
from tests.forked import command as run
from tests.rendered import outdoors
from washboard.formats.calendar import free_from


@pytest.fixture(scope="module")
def plans(tmp_path_factory: pytest.TempPathFactory) -> tuple[Path, Path]:
    folder = tmp_path_factory.mktemp("plans")
    photo = folder / "meadow.png"
    photo.write_bytes(encoded(outdoors(8).rgb))
    made = []
    for medium, surface in (("watercolour", "white"), ("oil", "value:6")):
        out = folder / f"{medium}.json"
        done = run("plan", photo, "--medium", medium, "--surface", surface, "--size", "30x20cm", "--out", out)
        assert done.returncode == 0, done.stderr
        made.append(out)
    return made[0], made[1]


EVENINGS = """BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//x//EN
BEGIN:VEVENT
UID:1
DTSTART:20261201T{start}Z
DTEND:20261201T{end}Z
RRULE:FREQ=DAILY{count}
END:VEVENT
END:VCALENDAR
"""


def calendar(folder: Path, start: str, end: str, count: str = "") -> Path:
    path = folder / "time.ics"
    path.write_text(EVENINGS.format(start=start, end=end, count=count).replace("\n", "\r\n"))
    return path


def test_every_pass_of_two_plans_stands_in_a_window_once_and_in_its_order(
    plans: tuple[Path, Path], tmp_path: Path
) -> None:
    time, out, ics = calendar(tmp_path, "180000", "200000"), tmp_path / "s.json", tmp_path / "s.ics"
    done = run(
        "sittings", *plans, "--calendar", time, "--from", "2026-12-01T09:00+00:00", "--out", out, "--ics", ics
    )
    assert done.returncode == 0, done.stderr
    told = json.loads(out.read_text())
    assert told["proven"] is True
    assert told["bound"] == len(told["sittings"])
    blocks = [block for sitting in told["sittings"] for block in sitting["blocks"]]
    for plan in plans:
        ids = [p["id"] for p in json.loads(plan.read_text())["passes"]]
        own = [block["pass"] for block in blocks if block["plan"] == plan.stem]
        assert list(dict.fromkeys(own)) == ids
        assert own == sorted(own, key=ids.index)
    ends = None
    for sitting in told["sittings"]:
        start, end = (datetime.fromisoformat(sitting[key]) for key in ("start", "end"))
        assert start.hour >= 18
        assert end.hour * 60 + end.minute <= 20 * 60
        for block in sitting["blocks"]:
            at = datetime.fromisoformat(block["start"])
            assert start <= at <= end
            assert ends is None or at >= ends
            ends = at
    assert any(block["fills"] for block in blocks), "one piece is worked on while the other dries"
    begin = datetime.fromisoformat("2026-12-01T09:00+00:00")
    spans = free_from(ics.read_bytes(), begin).spans
    assert [s.isoformat(timespec="minutes") for s, _ in spans] == [s["start"] for s in told["sittings"]]
    again = tmp_path / "again.json"
    run("sittings", *plans, "--calendar", time, "--from", "2026-12-01T09:00+00:00", "--out", again)
    assert again.read_text() == out.read_text()


def test_minutes_to_set_up_are_taken_from_every_sitting(plans: tuple[Path, Path], tmp_path: Path) -> None:
    out = tmp_path / "s.json"
    for minutes in (0, 25):
        run("sittings", plans[0], "--from", "2026-12-01T09:00", "--set-up", minutes, "--out", out)
        first = json.loads(out.read_text())["sittings"][0]
        start, block = (datetime.fromisoformat(t) for t in (first["start"], first["blocks"][0]["start"]))
        assert (block - start).seconds == 60 * minutes


def test_a_calendar_that_is_too_short_is_refused_in_one_line_with_the_window_and_ways_out(
    plans: tuple[Path, Path], tmp_path: Path
) -> None:
    time, out = calendar(tmp_path, "180000", "190000", ";COUNT=2"), tmp_path / "s.json"
    done = run("sittings", plans[1], "--calendar", time, "--from", "2026-12-01T09:00+00:00", "--out", out)
    assert done.returncode == 1
    assert not out.exists()
    (line,) = done.stderr.strip().splitlines()
    assert "do not fit" in line
    assert "Or " in line


@pytest.mark.parametrize(
    ("words", "says"),
    [
        (("--from", "yesterday"), "no moment"),
        (("--calendar", "PLAN"), "cannot be read"),
        (("--calendar", "none.ics"), "none.ics"),
    ],
)
def test_what_cannot_be_read_is_said_before_anything_is_written(
    plans: tuple[Path, Path], tmp_path: Path, words: tuple[str, str], says: str
) -> None:
    out = tmp_path / "s.json"
    given = [str(plans[0]) if word == "PLAN" else word for word in words]
    done = run("sittings", plans[0], *given, "--out", out)
    assert done.returncode == 1
    assert says in done.stderr
    assert len(done.stderr.strip().splitlines()) == 1
    assert not out.exists()


def test_a_plan_is_not_written_over_and_two_of_one_name_are_told_apart(
    plans: tuple[Path, Path], tmp_path: Path
) -> None:
    assert run("sittings", plans[0], "--out", plans[0]).returncode == 1
    other = tmp_path / plans[0].name
    other.write_bytes(plans[0].read_bytes())
    out = tmp_path / "s.json"
    assert run("sittings", plans[0], other, "--from", "2026-12-01T09:00", "--out", out).returncode == 0
    blocks = [b for s in json.loads(out.read_text())["sittings"] for b in s["blocks"]]
    assert {b["plan"] for b in blocks} == {"watercolour-1", "watercolour-2"}
