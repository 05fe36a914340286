"""What a painter does that changes the folder, step by step, and what must be there afterwards."""

from __future__ import annotations

import sqlite3
from collections.abc import Callable, Mapping
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

import httpx
import numpy as np

from tests.conftest import encoded, worked_out
from tests.forked import command
from tests.pieces import photographs
from tests.shelves import SHELF
from washboard.formats import shelfcsv
from washboard.store.backup import verified

TESTS = Path(__file__).parents[2] / "tests" / "store"
OLD = "90e014987565f02cf7ca03201b8431eeb78eb8f5896e3c2f6c9948ca2bd7d070"
EVENT = {"at": "2026-01-03T09:00:00+00:00", "kind": "note"}


@dataclass
class Heard:
    """What the program said that it had done: pieces as it answered them, those that are deleted, ids of log
    events and photos of paintings, the revision of the shelf, files of backups, and whether a folder was
    restored."""

    pieces: dict[str, dict[str, Any]] = field(default_factory=dict)
    deleted: set[str] = field(default_factory=set)
    events: dict[str, set[str]] = field(default_factory=dict)
    photos: dict[str, set[str]] = field(default_factory=dict)
    shelf: int = 0
    backups: list[Path] = field(default_factory=list)
    restored: bool = False

    def piece(self, answer: httpx.Response) -> dict[str, Any]:
        """A piece as it was answered; raises HTTPStatusError for a refusal."""
        answer.raise_for_status()
        told = dict(answer.json())
        self.pieces[told["id"]] = told
        return told


@dataclass(frozen=True)
class Scenario:
    """What is there before (`prepare`, by a server that nothing befalls), and what is done in a folder:
    `act` through a server, or `alone` by a command."""

    prepare: Callable[[httpx.Client], None] | None = None
    act: Callable[[httpx.Client, Heard], None] | None = None
    alone: Callable[[Path, Heard], None] | None = None
    folder: Callable[[Path], None] | None = None


def photo() -> bytes:
    """A small photograph."""
    return encoded(np.ascontiguousarray(photographs()["cup"][::10, ::10]))


def made(client: httpx.Client, heard: Heard, name: str) -> dict[str, Any]:
    """A piece of a photo that is taken in."""
    taken = client.post("/api/references", files={"file": ("photo.png", photo() + name.encode())})
    taken.raise_for_status()
    body = {"name": name, "medium": "watercolour", "surface": "white", "widthCm": 40, "heightCm": 30}
    return heard.piece(client.post("/api/pieces", json=body | {"reference": taken.json()["hash"]}))


def prepared(client: httpx.Client) -> None:
    """Two pieces, one of them worked out."""
    worked_out(client, made(client, Heard(), "First")["id"])
    made(client, Heard(), "Second")


def first(client: httpx.Client) -> dict[str, Any]:
    """The piece that is worked out."""
    return next(one for one in client.get("/api/pieces").json() if one["name"] == "First")


def create(client: httpx.Client, heard: Heard) -> None:
    """A photo taken in, a piece made of it; a drawn one; the other photo in its place."""
    own = made(client, heard, "Third")
    other = client.post("/api/references", files={"file": ("b.png", photo() + b"other")})
    other.raise_for_status()
    change = {"revision": own["revision"], "reference": other.json()["hash"]}
    heard.piece(client.patch(f"/api/pieces/{own['id']}", json=change))


def edit(client: httpx.Client, heard: Heard) -> None:
    """Edits, undone, redone, and another that drops what was undone."""
    at = f"/api/pieces/{first(client)['id']}"
    piece = client.get(at).json()
    for bands in (3, 4, 6):
        piece = heard.piece(client.patch(at, json={"revision": piece["revision"], "bands": bands}))
    for way in ("undo", "undo", "redo", "undo"):
        piece = heard.piece(client.post(f"{at}/{way}", json={"revision": piece["revision"]}))
    heard.piece(client.patch(at, json={"revision": piece["revision"], "name": "First again"}))


def log(client: httpx.Client, heard: Heard) -> None:
    """Events of the easel, one of them sent twice."""
    piece = first(client)["id"]
    for name in ("one", "two", "two", "three"):
        event = {**EVENT, "id": f"event-{name}", "words": name}
        client.post(f"/api/pieces/{piece}/log", json={"events": [event]}).raise_for_status()
        heard.events.setdefault(piece, set()).add(event["id"])


def replan(client: httpx.Client, heard: Heard) -> None:
    """A piece worked out in another order."""
    piece = first(client)
    change = {"revision": piece["revision"], "bands": 3}
    heard.piece(client.patch(f"/api/pieces/{piece['id']}", json=change))
    job = client.post(f"/api/pieces/{piece['id']}/analysis")
    job.raise_for_status()
    # It may end for want of room, which is told and loses nothing: whether its plan is there is not promised.
    client.get(f"/api/jobs/{job.json()['id']}/events").raise_for_status()


def shelf(client: httpx.Client, heard: Heard) -> None:
    """Paints taken in, one changed, that undone."""
    files = {"file": ("paints.csv", shelfcsv.written(SHELF[:3]))}
    answer = client.post("/api/shelf/import", files=files, data={"revision": "0"})
    answer.raise_for_status()
    heard.shelf = answer.json()["shelf"]["revision"]
    key = answer.json()["shelf"]["items"][0]["key"]
    for change in ({"left": 2.0}, {"left": 1.0}):
        answer = client.patch(f"/api/shelf/items/{key}", json={"revision": heard.shelf, **change})
        answer.raise_for_status()
        heard.shelf = answer.json()["revision"]
    answer = client.post("/api/shelf/undo", json={"revision": heard.shelf})
    answer.raise_for_status()
    heard.shelf = answer.json()["revision"]


def review(client: httpx.Client, heard: Heard) -> None:
    """A photo of the painting read and kept."""
    piece = first(client)["id"]
    answer = client.post(f"/api/pieces/{piece}/observations/camera", json={})
    answer.raise_for_status()
    heard.photos.setdefault(piece, set()).add(answer.json()["id"])


def delete(client: httpx.Client, heard: Heard) -> None:
    """Both pieces gone."""
    for piece in client.get("/api/pieces").json():
        asked = {"revision": piece["revision"]}
        client.delete(f"/api/pieces/{piece['id']}", params=asked).raise_for_status()
        heard.deleted.add(piece["id"])


def pair(client: httpx.Client, _: Heard) -> None:
    """The door opened, a code shown, the door closed again."""
    client.put("/api/pairing/door", json={"address": "127.0.0.1", "port": 0}).raise_for_status()
    client.post("/api/pairing/code").raise_for_status()
    client.delete("/api/pairing/door").raise_for_status()


def back_up(folder: Path, heard: Heard) -> None:
    """A backup written over the one before."""
    file = folder.parent / "backup.zip"
    done = command("backup", file, "--data", folder)
    if done.returncode == 0:
        heard.backups.append(file)


def bring_back(folder: Path, heard: Heard) -> None:
    """The folder replaced by a backup of it."""
    done = command("restore", folder.parent / "before.zip", "--data", folder, "--instead")
    heard.restored = done.returncode == 0


def older(folder: Path) -> None:
    """A folder as version 0003 wrote it."""
    (folder / "media").mkdir(parents=True)
    (folder / "media" / OLD).write_bytes((TESTS / "folder_0003.jpg").read_bytes())
    database = sqlite3.connect(folder / "washboard.sqlite")
    database.executescript((TESTS / "folder_0003.sql").read_text())
    database.close()


SCENARIOS: Mapping[str, Scenario] = {
    "create": Scenario(prepared, create),
    "edit, undo": Scenario(prepared, edit),
    "log": Scenario(prepared, log),
    "replan": Scenario(prepared, replan),
    "shelf": Scenario(act=shelf),
    "review": Scenario(prepared, review),
    "delete": Scenario(prepared, delete),
    "pair": Scenario(act=pair),
    "backup": Scenario(prepared, alone=back_up),
    "restore": Scenario(prepared, alone=bring_back),
    "migrate": Scenario(folder=older),
}


def whole(client: httpx.Client, heard: Heard) -> list[str]:
    """What of all that was heard to be done is not there."""
    wrong = []
    there = {one["id"]: one for one in client.get("/api/pieces").json()}
    for name, told in heard.pieces.items():
        now = there.get(name)
        if now is None:
            wrong.append(f"the piece {told['name']} is gone")
        elif now["revision"] < told["revision"]:
            wrong.append(f"revision {told['revision']} of {told['name']} is gone")
        elif now["revision"] == told["revision"] and now != told:
            wrong.append(f"{told['name']} is not as it was answered")
    wrong += [f"{name} is there again" for name in heard.deleted & there.keys()]
    for piece in there:
        count, own = len(client.get(f"/api/pieces/{piece}/history").json()), there[piece]["revision"]
        if count > own:
            wrong.append(f"{count} edits for revision {own}")
        picture = client.get(f"/api/pieces/{piece}/picture").status_code
        if picture not in (200, 404):
            wrong.append(f"the picture of {piece} answers {picture}")
    for piece, events in heard.events.items():
        kept = [entry["id"] for entry in client.get(f"/api/pieces/{piece}/log").json()["events"]]
        if not events <= set(kept) or len(kept) != len(set(kept)):
            wrong.append(f"of {sorted(events)} the log has {kept}")
    for piece, photos in heard.photos.items():
        if not photos <= {one["id"] for one in client.get(f"/api/pieces/{piece}/observations").json()}:
            wrong.append("a photo of the painting is gone")
    if heard.restored and len(there) != 2:
        wrong.append("what was restored is not there")
    if client.get("/api/shelf").json()["revision"] < heard.shelf:
        wrong.append("a change of the shelf is gone")
    for file in heard.backups:
        verified(file)
    return wrong
