"""Stages are remembered by what matters to them; the worker can be stopped, and its death is survived."""

from __future__ import annotations

import base64
import io
import os
import signal
import threading
import time
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import cv2
import numpy as np
import pytest
from numpy.typing import NDArray
from PIL import Image
from scipy.ndimage import binary_erosion

from tests.conftest import encoded
from tests.pieces import photographs
from tests.said import refuses
from washboard.core.colour.lab import difference, lab_of_linear, linear_of
from washboard.core.errors import InvalidInput, Stopped, WashboardError
from washboard.core.order.modelled import prediction_of
from washboard.core.order.prediction import painted
from washboard.core.reference.place import Anchor
from washboard.pipeline.answers.picture import in_masses, looked_ahead
from washboard.pipeline.stages import Before, Stages
from washboard.pipeline.subject import Identity, Subject
from washboard.pipeline.tasks import LookAhead, MassPicture, TakeIn
from washboard.pipeline.view import packed, view_of
from washboard.pipeline.workers import Workers
from washboard.settings import Settings

SETTINGS = Settings("watercolour", "white", 45, 30)


class Counted:
    """A file's bytes, counting how often they were asked for."""

    def __init__(self, data: bytes) -> None:
        self.data, self.asked = data, 0

    def __call__(self) -> bytes:
        self.asked += 1
        return self.data


@pytest.fixture
def cup_file() -> Counted:
    return Counted(encoded(photographs()["cup"], quality=92))


def test_a_change_of_bands_or_squint_decodes_nothing_again(cup_file: Counted) -> None:
    stages = Stages()
    first = stages.seen(Subject.photo("cup", cup_file, SETTINGS))
    for change in (
        {"bands": 4},
        {"squint": 1.5},
        {"thresholds": (2.0, 5.0, 8.0)},
        {"even": True},
        {"school": None},
    ):
        other = stages.seen(Subject.photo("cup", cup_file, replace(SETTINGS, **change)))
        assert other.picture is first.picture
    assert cup_file.asked == 1
    assert stages.seen(Subject.photo("cup", cup_file, replace(SETTINGS, bands=4))).squinted is first.squinted


def test_masses_found_ahead_serve_every_medium_and_are_shown_in_their_own_colours(cup_file: Counted) -> None:
    stages = Stages()
    ahead = Subject.photo("cup", cup_file, SETTINGS)
    assert looked_ahead(stages, LookAhead(ahead)) == b""
    oil = Subject.photo("cup", cup_file, replace(SETTINGS, medium="oil", surface="value:5", school=None))
    measured = stages.seen(oil).measured
    assert measured is stages.seen(ahead).measured
    shown = np.asarray(Image.open(io.BytesIO(in_masses(stages, MassPicture(oil)))))
    assert shown.shape[:2] == measured.labels.shape
    for mass in measured.masses:
        inside = binary_erosion(measured.labels == mass.label, iterations=6)
        if inside.sum() > 300:
            lab = lab_of_linear(linear_of(shown[inside] / 255)).mean(0)
            assert difference(lab, mass.lab) < 2


def test_a_change_of_school_divides_nothing_again(cup_file: Counted) -> None:
    stages = Stages()
    one = stages.result(Subject.photo("cup", cup_file, SETTINGS))
    other = stages.result(Subject.photo("cup", cup_file, replace(SETTINGS, school="light-first")))
    assert other.seen.division is one.seen.division
    assert other.worked.plan.school != one.worked.plan.school


def test_masses_keep_their_ids_through_a_change_of_squint(cup_file: Counted) -> None:
    stages = Stages()
    one = stages.result(Subject.photo("cup", cup_file, SETTINGS))
    ids = {m.label: m.id for m in one.worked.plan.masses}
    names = {m.id: m.called for m in one.worked.plan.masses}
    identity = Identity(tuple(ids.items()), one.next_number, tuple(names.items()))
    before = Before(one.seen.measured.labels, identity)
    other = stages.result(Subject.photo("cup", cup_file, replace(SETTINGS, squint=1.4)), before=before)
    kept = {m.id for m in other.worked.plan.masses} & set(ids.values())
    assert len(kept) >= 0.5 * len(ids)
    called = {m.id: m.called for m in other.worked.plan.masses}
    same = [name for name in kept if called[name].look == names[name].look]
    stayed = sum(called[name] == names[name] for name in same)
    assert stayed >= 0.8 * len(same), "a name stays with its mass unless that has moved"
    assert other.next_number >= one.next_number
    fresh = {m.id for m in other.worked.plan.masses} - set(ids.values())
    assert all(int(name[1:]) >= one.next_number for name in fresh)


def test_progress_rises_and_stopping_in_it_ends_the_work(cup_file: Counted) -> None:
    seen: list[float] = []
    Stages().result(Subject.photo("cup", cup_file, SETTINGS), lambda _, done: seen.append(done))
    assert seen == sorted(seen)
    assert seen[-1] == 1.0

    def stop(stage: str, done: float) -> None:
        if done > 0.3:
            raise Stopped(stage)

    with pytest.raises(Stopped):
        Stages().result(Subject.photo("cup", cup_file, SETTINGS), stop)


def test_no_picture_of_a_plan_shows_a_staircase_inside_a_mass(cup_file: Counted) -> None:
    result = Stages().result(Subject.photo("cup", cup_file, replace(SETTINGS, marks=0)))
    labels = result.seen.measured.labels
    border = np.zeros(labels.shape, np.uint8)
    border[:, 1:] |= labels[:, 1:] != labels[:, :-1]
    border[1:] |= labels[1:] != labels[:-1]
    inside = cv2.dilate(border, np.ones((21, 21), np.uint8)) == 0
    steep = cv2.dilate(steps_of(result.seen.picture.value * 25.5), np.ones((9, 9), np.uint8))
    # Touches of effects have rims; what is asked here is how the masses are modelled.
    planned = result.planned
    bare = replace(result.worked, spots=())
    table, maps = prediction_of(bare, planned.edges.parts, planned.measured.along, planned.edges.soft)
    for row in range(len(table.colours)):
        step = steps_of(painted(table, maps, row, True)[..., 0].astype(np.float32))
        # A tenth of a value between two pixels is the least that could be seen as a step; where the photo
        # runs steeper the modelling may, up to a fifth.
        calm = inside[1:, 1:] & (steep <= 4)
        assert int(step[calm].max()) <= 3, row
        assert int(step[inside[1:, 1:]].max()) <= 6, row


def steps_of(grey: NDArray[np.float32]) -> NDArray[np.float32]:
    """How far each pixel (h - 1, w - 1) is from the one above it or left of it, whichever is farther."""
    return np.maximum(np.abs(np.diff(grey, axis=1))[1:], np.abs(np.diff(grey, axis=0))[:, 1:])


def test_the_page_gets_whole_tables_and_maps(cup_file: Counted) -> None:
    result = Stages().result(Subject.photo("cup", cup_file, SETTINGS))
    view = view_of(result, SETTINGS)
    patches = len(view["patchMass"])
    rows = len(result.worked.plan.passes) + 1
    assert len(base64.b64decode(view["colours"])) == rows * patches * 2 * 3
    assert len(base64.b64decode(view["greys"])) == rows * patches * 2
    assert len(packed(result.maps)) == 7 * view["width"] * view["height"]
    assert int(result.maps.first.max()) < patches
    assert int(result.maps.weight.max()) <= 127
    assert sum(view["histogram"]) == pytest.approx(1, abs=1e-3)


WRONG = [
    {"passes": 0},
    {"passes": 12},
    {"bands": 1},
    {"bands": 10},
    {"squint": -1},
    {"squint": 9},
    {"thresholds": (5.0, 3.0)},
    {"names": (Anchor(2, 0, "x"),)},
    {"names": (Anchor(0.5, 0.5, " "),)},
    {"school": "none"},
    {"medium": "none"},
    {"surface": "none"},
    {"width_cm": 0.0},
]


@pytest.mark.parametrize("change", WRONG, ids=str)
def test_settings_that_cannot_be_are_refused(change: dict) -> None:
    with pytest.raises(InvalidInput):
        replace(SETTINGS, **change).checked()


@pytest.fixture(scope="module")
def workers() -> Iterator[Workers]:
    running = Workers()
    yield running
    running.close()


def quiet(stage: str, done: float) -> None:
    """Progress that nobody looks at."""


def test_the_workers_take_a_picture_in_and_refuse_what_is_none(workers: Workers, cup_file: Counted) -> None:
    never = threading.Event()
    found = workers.run(TakeIn("cup", cup_file.data), "cup", quiet, never)
    assert (found["width"], found["height"]) == (1000, 667)
    assert found["working"].startswith(b"\xff\xd8")
    with refuses(WashboardError, "not a picture") as caught:
        workers.run(TakeIn("none", b"none"), "cup", quiet, never)
    assert caught.value.code == "invalid-image"


def test_a_new_piece_goes_to_the_process_that_is_just_looking_at_its_photo(
    workers: Workers, tmp_path: Path, cup_file: Counted
) -> None:
    never = threading.Event()
    file = tmp_path / "cup.jpg"
    file.write_bytes(cup_file.data)
    ahead = LookAhead(Subject.photo("cup", file.read_bytes, SETTINGS))
    looking = threading.Thread(target=workers.run, args=(ahead, "cup", quiet, never))
    looking.start()
    while not workers.pids:
        time.sleep(0.005)
    workers.run(TakeIn("cup", cup_file.data), "piece", quiet, never, "cup")
    assert len(workers.pids) == 1
    looking.join()


@pytest.fixture
def impatient() -> Iterator[Workers]:
    running = Workers(1, patience=6)
    yield running
    running.close()


def test_a_worker_that_stands_still_is_replaced_and_its_task_done_again(
    impatient: Workers, cup_file: Counted
) -> None:
    never = threading.Event()
    impatient.run(TakeIn("cup", cup_file.data), "cup", quiet, never)
    (first,) = impatient.pids
    os.kill(first, signal.SIGSTOP)
    found = impatient.run(TakeIn("other", cup_file.data + b"0"), "cup", quiet, never)
    assert found["width"] == 1000
    assert first not in impatient.pids


def test_a_worker_that_had_nothing_to_do_for_long_is_not_taken_for_one_that_stands_still(
    impatient: Workers, cup_file: Counted
) -> None:
    never = threading.Event()
    impatient.run(TakeIn("cup", cup_file.data), "cup", quiet, never)
    before = impatient.pids
    time.sleep(7)
    impatient.run(TakeIn("other", cup_file.data + b"0"), "cup", quiet, never)
    assert impatient.pids == before


def killed(workers: Workers) -> None:
    for pid in workers.pids:
        os.kill(pid, signal.SIGKILL)


def test_a_worker_that_dies_is_replaced_and_its_task_done_again(workers: Workers, cup_file: Counted) -> None:
    never = threading.Event()
    said: list[str] = []
    for round in range(3):
        killer = threading.Timer(0.03 * round, killed, (workers,))
        killer.start()
        data = cup_file.data + bytes(round)
        found = workers.run(TakeIn(f"{round}", data), "cup", lambda stage, _: said.append(stage), never)
        killer.join()
        assert found["width"] == 1000


def test_a_task_cancelled_before_its_turn_never_runs(workers: Workers, cup_file: Counted) -> None:
    cancelled = threading.Event()
    cancelled.set()
    with pytest.raises(Stopped):
        workers.run(TakeIn("cup", cup_file.data), "cup", quiet, cancelled)
