"""Where commands write: never over what they read, told before the work, whole or not at all."""

from __future__ import annotations

import time
from pathlib import Path

import pytest

from tests.conftest import encoded
from tests.forked import command as run
from tests.pieces import photographs
from tests.said import refuses
from washboard.cli.out import NoPlace, place, write


@pytest.fixture
def photo(tmp_path: Path) -> Path:
    path = tmp_path / "photo.jpg"
    path.write_bytes(encoded(photographs()["cup"], quality=80))
    return path


PLAN = ("--medium", "oil", "--surface", "white", "--size", "30x20cm")


@pytest.mark.parametrize(
    "words",
    [
        ("plan", "{photo}", *PLAN, "--out", "{photo}"),
        ("plan", "{photo}", *PLAN, "--cards", "{photo}"),
        ("plan", "{photo}", *PLAN, "--out", "{folder}/../{folder.name}/photo.jpg"),
        ("compare", "{photo}", *PLAN, "--out", "{photo}"),
        ("look", "{photo}", "--size", "30x20cm", "--out", "{photo}"),
        ("look", "{photo}", "--size", "30x20cm", "--out", "{folder}/l.json", "--areas", "{photo}"),
        ("ground", "{photo}", "--medium", "oil", "--size", "30x20cm", "--out", "{photo}"),
        ("transfer", "{photo}", "--size", "30x20cm", "--out", "{photo}"),
        ("check", "{photo}", "--out", "{photo}"),
        ("plan", "{photo}", *PLAN, "--out", "{folder}/nowhere/plan.json"),
        ("plan", "{photo}", *PLAN, "--out", "{folder}"),
        ("plan", "{photo}", *PLAN, "--preview", "{photo}"),
    ],
)
def test_what_is_read_is_never_written_over_and_that_is_told_at_once(
    photo: Path, words: tuple[str, ...]
) -> None:
    before = photo.read_bytes()
    begun = time.monotonic()
    done = run(*(word.format(photo=photo, folder=photo.parent) for word in words))
    assert done.returncode == 1
    assert len(done.stderr.strip().splitlines()) == 1
    assert "nothing was" in done.stderr
    assert photo.read_bytes() == before
    assert [path.name for path in photo.parent.iterdir()] == ["photo.jpg"]
    assert time.monotonic() - begun < 60


def test_a_picture_in_the_folder_of_previews_is_not_taken_for_one(tmp_path: Path) -> None:
    photo = tmp_path / "pass-00.png"
    photo.write_bytes(encoded(photographs()["cup"], "PNG"))
    before = photo.read_bytes()
    done = run("plan", photo, *PLAN, "--preview", tmp_path)
    assert done.returncode == 1
    assert photo.read_bytes() == before


def test_a_link_to_what_is_read_is_what_is_read(photo: Path) -> None:
    link = photo.parent / "link.json"
    link.symlink_to(photo)
    with refuses(NoPlace, "what is read"):
        place(link, photo)
    place(photo.parent / "other.json", photo)
    place(None, photo)


def test_a_file_is_written_whole_and_keeps_its_rights(tmp_path: Path) -> None:
    path = tmp_path / "plan.json"
    write(path, b"one")
    path.chmod(0o640)
    write(path, b"two")
    assert path.read_bytes() == b"two"
    assert path.stat().st_mode & 0o777 == 0o640
    assert [left.name for left in tmp_path.iterdir()] == ["plan.json"]
