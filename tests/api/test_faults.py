"""What broke when it was attacked: each said plainly now, and nothing lost."""

from __future__ import annotations

import io
import os
import random
import signal
import subprocess
import sys
import threading
import time
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor

import httpx
import pytest
from PIL import Image

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.pieces import photographs
from washboard.settings import declared, settings_of


@pytest.fixture(scope="module")
def piece(client: httpx.Client, cup: bytes) -> str:
    return str(new_piece(client, cup, name="Attacked")["id"])


def camel(name: str) -> str:
    head, *rest = name.split("_")
    return head + "".join(word.title() for word in rest)


NEVER_EMPTY = [name for name, one in declared().items() if not one.nullable]


@pytest.mark.parametrize("name", [*NEVER_EMPTY, "name", "reference", "shapes"])
def test_what_may_not_be_empty_is_refused_empty_and_the_wall_stands(
    client: httpx.Client, piece: str, name: str
) -> None:
    before = client.get(f"/api/pieces/{piece}").json()
    answer = client.patch(f"/api/pieces/{piece}", json={"revision": before["revision"], camel(name): None})
    assert answer.status_code == 422
    assert camel(name) in answer.json()["detail"]
    assert client.get(f"/api/pieces/{piece}").json() == before
    assert client.get("/api/pieces").status_code == 200


def test_a_row_that_an_older_version_left_empty_is_read_as_its_default() -> None:
    fields = {"medium": "oil", "surface": "white", "width_cm": 30, "height_cm": 20}
    emptied = dict.fromkeys(declared()) | fields
    assert settings_of(emptied) == settings_of(fields)


def test_a_second_start_on_a_folder_in_use_changes_nothing_and_names_the_other(
    start: Callable[..., Server], cup: bytes
) -> None:
    server = start()
    with server.client() as client:
        taken = client.post("/api/references", files={"file": ("x.jpg", cup)}).json()["hash"]
        port = httpx.URL(server.url).port
        command = [sys.executable, "-m", "washboard", "demo", "--data", str(server.folder), "--port"]
        # A port that is taken is found out before the folder is looked at; then the folder is.
        for given, says in ((str(port), "port"), ("0", f"process {server.process.pid}")):
            second = subprocess.run([*command, given], capture_output=True, text=True, timeout=60)
            assert second.returncode == 1
            assert says in second.stderr
            assert len(second.stderr.strip().splitlines()) == 1
        assert client.get("/api/pieces").json() == []
        assert client.get(f"/api/references/{taken}/picture").status_code == 200
        made = client.post(
            "/api/pieces",
            json={
                "name": "Still",
                "medium": "oil",
                "surface": "white",
                "widthCm": 30,
                "heightCm": 20,
                "reference": taken,
            },
        )
        assert made.status_code == 201
    server.stop()
    again = start(server.folder)
    with again.client() as client:
        assert [one["name"] for one in client.get("/api/pieces").json()] == ["Still"]


def test_readers_are_never_refused_while_others_write(demo: Server, piece: str) -> None:
    def read(_: int) -> set[int]:
        with demo.client() as own:
            return {own.get("/api/pieces").status_code for _ in range(12)}

    def write(n: int) -> set[int]:
        with demo.client() as own:
            found = set()
            for k in range(10):
                revision = own.get(f"/api/pieces/{piece}").json()["revision"]
                changed = own.patch(
                    f"/api/pieces/{piece}", json={"revision": revision, "name": f"Attacked {n} {k}"}
                )
                found.add(changed.status_code)
            return found

    with ThreadPoolExecutor(26) as pool:
        writing = [pool.submit(write, n) for n in range(2)]
        read_codes = set().union(*pool.map(read, range(24)))
        written = set().union(*(one.result() for one in writing))
    assert read_codes == {200}
    assert written <= {200, 409}


def test_sixty_reads_of_values_at_once_are_all_answered(demo: Server, piece: str) -> None:
    def values(k: int) -> int:
        with demo.client() as own:
            return own.get(f"/api/pieces/{piece}/values", params={"squint": 0.05 * (k % 30)}).status_code

    with ThreadPoolExecutor(60) as pool:
        assert set(pool.map(values, range(60))) == {200}


def damaged(seed: int) -> bytes:
    """A photo whose EXIF block was damaged in some places, or broken off."""
    dice, block = random.Random(seed), Image.Exif()
    block[274], block[270], block[34665] = 6, "made up", {36867: "2026:01:01"}
    data = bytearray(block.tobytes())
    for _ in range(dice.choice((1, 2, 4, 8, 16))):
        data[dice.randrange(6, len(data))] = dice.randrange(256)
    if seed % 3 == 0:
        data = data[: dice.randrange(6, len(data))]
    out = io.BytesIO()
    Image.fromarray(photographs()["cup"][::4, ::4]).save(out, "JPEG", exif=bytes(data))
    return out.getvalue()


def test_photos_with_damaged_exif_are_taken_and_the_worker_goes_on(client: httpx.Client) -> None:
    notes = []
    for seed in range(40):
        answer = client.post("/api/references", files={"file": ("x.jpg", damaged(seed))})
        assert answer.status_code == 201, answer.text
        notes += answer.json()["notes"]
    assert any("EXIF data is damaged" in note for note in notes)


@pytest.mark.parametrize(("width", "height"), [(3, 150), (150, 3), (2, 200)])
def test_prepare_answers_for_a_picture_spread_over_a_narrow_sheet(
    client: httpx.Client, cup: bytes, width: float, height: float
) -> None:
    made = new_piece(client, cup, medium="oil", widthCm=width, heightCm=height)
    changed = client.patch(f"/api/pieces/{made['id']}", json={"revision": 0, "spread": True})
    assert changed.status_code == 200
    answer = client.get(f"/api/pieces/{made['id']}/prepare")
    assert answer.status_code == 200, answer.text


def test_fixative_has_one_figure_on_the_palette_and_in_the_plan(client: httpx.Client, cup: bytes) -> None:
    piece = str(new_piece(client, cup, medium="pastel", surface="black")["id"])
    plan = worked_out(client, piece)["document"]
    piles = [pile for pile in client.get(f"/api/pieces/{piece}/mix").json()["piles"] if pile["dust"]]
    pile = max(piles, key=lambda one: one["value"] - one["dust"]["fixed"])
    mass, last = pile["masses"][0], plan["passes"][-1]["id"]
    wanted = {"kind": "fix", "masses": [mass], "after": last}
    answer = client.post(f"/api/pieces/{piece}/own-passes", json=wanted).json()
    assert answer["fine"]
    revision = client.get(f"/api/pieces/{piece}").json()["revision"]
    change = {"revision": revision, "order": answer["order"], "ownPasses": [answer["own"]]}
    assert client.patch(f"/api/pieces/{piece}", json=change).status_code == 200
    fixed = worked_out(client, piece)["document"]
    (own,) = [done for done in fixed["passes"] if done["id"] == answer["own"]["id"]]
    (operation,) = own["operations"]
    told = pile["recipes"][0]["value"] - pile["dust"]["fixed"]
    assert operation["fromValue"] - operation["toValue"] == pytest.approx(told, abs=0.03)
    row = [m["id"] for m in fixed["masses"]].index(mass)
    values = fixed["predicted"]["values"]
    k = [done["id"] for done in fixed["passes"]].index(own["id"])
    assert values[k][row] - values[k + 1][row] == pytest.approx(told, abs=0.03)


def test_a_worker_killed_in_the_middle_is_replaced_and_the_job_says_so(
    start: Callable[..., Server], cup: bytes
) -> None:
    server = start()
    with server.client() as client:
        for round in range(2):
            piece = new_piece(client, cup + bytes(round + 1))["id"]
            job = client.post(f"/api/pieces/{piece}/analysis").json()
            stages = []
            with client.stream("GET", f"/api/jobs/{job['id']}/events") as events:
                for line in events.iter_lines():
                    stages.append(line)
                    if len(stages) == 4:
                        for pid in server.workers():
                            os.kill(pid, signal.SIGKILL)
            assert '"state":"done"' in "".join(stages[-2:])
            assert any("started again" in line for line in stages)
            assert client.get(f"/api/pieces/{piece}/plan").status_code == 200


def test_a_question_does_not_wait_for_an_analysis(start: Callable[..., Server], cup: bytes) -> None:
    server = start()
    with server.client() as client:
        known = new_piece(client, cup)["id"]
        worked_out(client, known)
        others = [new_piece(client, encoded(photographs()[n]), name=n)["id"] for n in ("cat", "flower")]
        jobs = [client.post(f"/api/pieces/{other}/analysis").json()["id"] for other in others]
        table = client.get(
            f"/api/pieces/{known}/mix/table", params={"paint": ["ultramarine", "burnt-sienna"]}
        )
        states = [client.get(f"/api/jobs/{job}").json()["state"] for job in jobs]
        assert table.status_code == 200
        assert states == ["running", "running"]
        for other in others:
            worked_out(client, other)


def both_moving(client: httpx.Client, jobs: list[str]) -> bool:
    """Whether two jobs are seen in the middle at one time; False when one ended before that."""
    while True:
        now = [client.get(f"/api/jobs/{job}").json() for job in jobs]
        if any(one["state"] != "running" for one in now):
            return False
        if all(0 < one["done"] < 1 for one in now):
            return True
        time.sleep(0.02)


def test_two_pieces_are_worked_out_at_the_same_time_and_both_are_stopped(
    start: Callable[..., Server], cup: bytes
) -> None:
    server = start()
    with server.client() as client:
        # On the first try the second process may still be starting, and a job seen in the middle
        # may end before the request to stop it: only two that moved together and stopped count.
        for attempt in range(6):
            pieces = [new_piece(client, cup + bytes([attempt, k]), name=str(k))["id"] for k in range(2)]
            jobs = [client.post(f"/api/pieces/{piece}/analysis").json()["id"] for piece in pieces]
            if not both_moving(client, jobs):
                continue
            for job in jobs:
                client.delete(f"/api/jobs/{job}")
            ended = [client.get(f"/api/jobs/{job}/events").text for job in jobs]
            if all('"state":"stopped"' in events for events in ended):
                break
        else:
            pytest.fail("never two at a time, both stopped")
        for piece in pieces:
            assert client.get(f"/api/pieces/{piece}/plan").json()["code"] == "not-ready"


def test_jobs_of_many_tabs_are_shared(client: httpx.Client, demo: Server, cup: bytes) -> None:
    # A file that nobody has worked out before: what is remembered would be done before the next tab asks.
    piece = new_piece(client, cup + b"many tabs", name="Shared")
    found: list[str] = []

    def ask() -> None:
        with demo.client() as own:
            found.append(own.post(f"/api/pieces/{piece['id']}/analysis").json()["id"])

    threads = [threading.Thread(target=ask) for _ in range(8)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    assert len(set(found)) == 1
