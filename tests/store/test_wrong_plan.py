"""A plan that went wrong where it is kept: judged when it is read, set aside, worked out again."""

from __future__ import annotations

import base64
import json
import sqlite3
from collections.abc import Callable
from contextlib import closing

import numpy as np
import pytest

from tests.conftest import Server, new_piece, worked_out


def layers_exchanged(plain: dict) -> None:
    """The passes the other way round: lights over what they had to come before."""
    plain["passes"].reverse()
    plain["predicted"]["values"].reverse()


def nobody(plain: dict) -> None:
    plain["passes"][0]["operations"][0]["mass"] = "nobody"


def cut_off(plain: dict) -> None:
    del plain["predicted"]


@pytest.mark.parametrize("damage", [layers_exchanged, nobody, cut_off])
def test_a_plan_that_is_wrong_in_itself_is_set_aside_told_and_worked_out_again(
    start: Callable[..., Server], cup: bytes, damage: Callable[[dict], None]
) -> None:
    server = start()
    with server.client() as client:
        piece = new_piece(client, cup, medium="oil")["id"]
        at = f"/api/pieces/{piece}"
        before = worked_out(client, piece)
        assert not [
            one for one in client.get(f"{at}/findings").json()["findings"] if one["kind"] == "replaced"
        ]
    server.stop()
    with closing(sqlite3.connect(server.folder / "washboard.sqlite")) as database:
        (text,) = database.execute("SELECT document FROM plan").fetchone()
        plain = json.loads(text)
        damage(plain)
        database.execute("UPDATE plan SET document = ?", (json.dumps(plain),))
        database.commit()
    again = start(server.folder)
    with again.client() as client:
        assert client.get(f"{at}/plan").status_code == 409, "it is not there any more"
        after = worked_out(client, piece)
        passes = [[one["title"] for one in plan["document"]["passes"]] for plan in (before, after)]
        assert passes[0] == passes[1]
        told = client.get(f"{at}/findings").json()["findings"][0]
        assert told["kind"] == "replaced"
        assert told["why"]
        assert client.get(f"{at}/easel").status_code == 200
    again.stop()
    with closing(sqlite3.connect(server.folder / "washboard.sqlite")) as database:
        kept = database.execute("SELECT key, document FROM plan ORDER BY key").fetchall()
    assert sorted(key.startswith("aside") for key, _ in kept) == [False, True]
    assert json.loads(next(text for key, text in kept if key.startswith("aside"))) == plain


def test_tables_that_an_earlier_version_kept_as_lists_are_told_as_bytes(
    start: Callable[..., Server], cup: bytes
) -> None:
    server = start()
    with server.client() as client:
        piece = new_piece(client, cup)["id"]
        view = worked_out(client, piece)["view"]
    server.stop()
    rows = len(base64.b64decode(view["greys"])) // (2 * len(view["patchMass"]))
    shapes = {"colours": (rows, -1, 2, 3), "greys": (rows, -1, 2)}
    with closing(sqlite3.connect(server.folder / "washboard.sqlite")) as database:
        (text,) = database.execute("SELECT view FROM plan").fetchone()
        kept = json.loads(text)
        for name, shape in shapes.items():
            kept[name] = np.frombuffer(base64.b64decode(kept[name]), np.uint8).reshape(shape).tolist()
        database.execute("UPDATE plan SET view = ?", (json.dumps(kept),))
        database.commit()
    with start(server.folder).client() as client:
        assert client.get(f"/api/pieces/{piece}/plan").json()["view"] == view


def test_approaches_that_an_earlier_version_kept_with_orders_among_them_are_told(
    start: Callable[..., Server], cup: bytes
) -> None:
    server = start()
    with server.client() as client:
        piece = new_piece(client, cup)["id"]
        worked_out(client, piece)
        told = client.get(f"/api/pieces/{piece}/schools").json()
    server.stop()
    with closing(sqlite3.connect(server.folder / "washboard.sqlite")) as database:
        asked = "SELECT hash FROM plan_answer WHERE question LIKE 'CompareSchools %'"
        (content,) = database.execute(asked).fetchone()
    (file,) = server.folder.joinpath("media").rglob(f"{content}*")
    file.write_bytes(json.dumps(json.loads(file.read_bytes()) | {"kept": [], "aims": []}).encode())
    with start(server.folder).client() as client:
        assert client.get(f"/api/pieces/{piece}/schools").json() == told
