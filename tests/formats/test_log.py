"""Logs in JSON Lines, and the command that works a plan out again from one."""

from __future__ import annotations

import json
from pathlib import Path

import jsonschema
import pytest

from tests.conftest import encoded
from tests.forked import command as run
from tests.rendered import outdoors
from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.core.log.event import EventKind
from washboard.formats import logfile

ROOT = Path(__file__).parents[2]
LINE = {"id": "1", "at": "2026-12-01T09:10:00+01:00", "kind": "pass-done", "pass": "p1"}

LATER = "2026-12-01T10:40:00+01:00"


def lines(*events: dict[str, object]) -> bytes:
    return "".join(json.dumps(LINE | event) + "\n" for event in events).encode()


def test_a_line_is_read_to_the_minute_whatever_zone_it_names() -> None:
    one, other = logfile.read(lines({"id": "a"}, {"id": "b", "at": "2026-12-01T08:11:30Z"})).events
    assert other.at - one.at == pytest.approx(1.5)
    assert one.done == "p1"


def test_what_is_written_is_read_back_and_keeps_the_published_schema() -> None:
    more = {"masses": ["m1"], "value": 4.5}
    given = [logfile.LogLine.model_validate(LINE | more | {"id": str(k)}) for k in range(3)]
    text = logfile.written(given)
    assert [e.id for e in logfile.read(text.encode()).events] == ["0", "1", "2"]
    schema = json.loads((ROOT / "docs" / "log.schema.json").read_text())
    for line in text.splitlines():
        jsonschema.validate(json.loads(line), schema)
    assert set(schema["properties"]["kind"]["examples"]) == {kind.value for kind in EventKind}


def test_kinds_of_a_newer_program_are_kept_apart() -> None:
    log = logfile.read(lines({"id": "a"}, {"id": "b", "kind": "hung-on-the-wall"}))
    assert ([e.id for e in log.events], log.unknown) == (["a"], ("b",))


@pytest.mark.parametrize(
    ("data", "says"),
    [
        (b"{", "Line 1"),
        (b'{"id": "1"}', "at"),
        (lines({"at": "yesterday"}), "at"),
        (lines({"at": "2026-12-01T09:10:00"}), "at"),
        (lines({}, {"id": ""}), "Line 2"),
        (lines({"value": "dark"}), "value"),
        (b"[1, 2]", "Line 1"),
        (b"\xff\xfe\x00", "UTF-8"),
        (b"[" * 100_000, "Line 1"),
        (b"\n" * 60_000, "longer"),
    ],
)
def test_what_is_no_log_is_refused_with_its_line(data: bytes, says: str) -> None:
    with refuses(InvalidInput, says):
        logfile.read(data)


@pytest.fixture(scope="module")
def plan(tmp_path_factory: pytest.TempPathFactory) -> Path:
    folder = tmp_path_factory.mktemp("plan")
    photo, out = folder / "meadow.png", folder / "plan.json"
    photo.write_bytes(encoded(outdoors(8).rgb))
    about = ("--medium", "watercolour", "--surface", "white", "--size", "30x20cm")
    done = run("plan", photo, *about, "--out", out)
    assert done.returncode == 0, done.stderr
    return out


def test_a_plan_follows_a_log_check_accepts_it_and_done_lists_what_stays(plan: Path, tmp_path: Path) -> None:
    before = json.loads(plan.read_text())
    first = before["passes"][0]
    mass = next(o["mass"] for o in first["operations"] if o["role"] == "target")
    log, out = tmp_path / "log.jsonl", tmp_path / "plan2.json"
    log.write_bytes(
        lines(
            {"id": "a", "pass": first["id"]},
            {"id": "b", "kind": "accident", "what": "too-dark", "masses": [mass], "at": LATER},
        )
    )
    told = run("replan", plan, "--log", log, "--out", out)
    assert told.returncode == 0, told.stderr
    assert "One pass is done and stays" in told.stdout
    after = json.loads(out.read_text())
    assert after["done"] == [first["id"]]
    assert first["id"] not in [p["id"] for p in after["passes"]]
    assert after["passes"][0]["id"] == "mend1"
    assert after["reference"] == before["reference"]
    assert run("check", out).returncode == 0
    # The same log once more changes nothing: its events are on the surface already.
    again = tmp_path / "plan3.json"
    assert run("replan", out, "--log", log, "--out", again).returncode == 0
    assert [p["id"] for p in json.loads(again.read_text())["passes"]] == [p["id"] for p in after["passes"]]


def test_a_log_of_another_plan_and_a_broken_one_change_nothing(plan: Path, tmp_path: Path) -> None:
    log, out = tmp_path / "log.jsonl", tmp_path / "plan2.json"
    for data, says in ((lines({"pass": "q7"}), "another plan"), (b"{", "Line 1")):
        log.write_bytes(data)
        done = run("replan", plan, "--log", log, "--out", out)
        assert (done.returncode, out.exists()) == (1, False)
        assert says in done.stderr
        assert len(done.stderr.strip().splitlines()) == 1
    assert run("replan", plan, "--log", log, "--out", plan).returncode == 1


def test_what_is_passed_over_is_said(plan: Path, tmp_path: Path) -> None:
    log, out = tmp_path / "log.jsonl", tmp_path / "plan2.json"
    log.write_bytes(lines({"id": "a"}, {"id": "b", "kind": "accident", "what": "skinned", "masses": ["m1"]}))
    done = run("replan", plan, "--log", log, "--out", out)
    assert done.returncode == 0
    assert "passed over: b" in done.stdout
