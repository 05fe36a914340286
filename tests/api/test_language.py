"""The studio speaks the language that the painter chose: plans, findings, refusals, what lists hold."""

from __future__ import annotations

import io
import re
from collections.abc import Callable

import httpx
from PIL import Image

from tests.conftest import Server, new_piece, worked_out

ENGLISH = re.compile(r"\b(the|and|with|of|paint|from|is|are|it)\b", re.IGNORECASE)


def german(client: httpx.Client) -> None:
    said = client.patch("/api/painter", json={"language": "de"})
    assert said.json()["language"] == "de"


def test_a_plan_is_told_in_another_language_and_again_in_english(
    start: Callable[..., Server], cup: bytes
) -> None:
    with start().client() as client:
        piece = new_piece(client, cup)["id"]
        worked_out(client, piece)
        before = client.get(f"/api/pieces/{piece}/plan").json()["document"]
        try:
            german(client)
            worked_out(client, piece)
            now = client.get(f"/api/pieces/{piece}/plan").json()["document"]
            findings = client.get(f"/api/pieces/{piece}/findings").json()["findings"]
            prepared = client.get(f"/api/pieces/{piece}/prepare").json()
        finally:
            client.patch("/api/painter", json={"language": "en"})
        worked_out(client, piece)
        after = client.get(f"/api/pieces/{piece}/plan").json()["document"]
    assert [p["id"] for p in now["passes"]] == [p["id"] for p in before["passes"]]
    assert now["predicted"] == before["predicted"]
    for done in now["passes"]:
        for words in (done["title"], done["what"], done["reason"], done["needs"]):
            assert not ENGLISH.search(words), words
    assert not any(ENGLISH.search(one["sentence"] + one["why"]) for one in findings)
    assert not any(ENGLISH.search(one["words"] + one["note"]) for one in prepared["grounds"])
    assert after == before


def test_what_is_refused_and_what_lists_hold_is_told_in_the_language(start: Callable[..., Server]) -> None:
    with start().client() as client:
        try:
            german(client)
            lists = client.get("/api/catalogue").json()
            refused = client.get("/api/pieces/0123456789abcdef0123456789abcdef")
            wrong = client.patch("/api/painter", json={"language": "tlh"})
        finally:
            client.patch("/api/painter", json={"language": "en"})
        assert client.get("/api/catalogue").json()["media"][0]["words"] == "Watercolour"
    assert [medium["words"] for medium in lists["media"]] == ["Aquarell", "Pastell", "Acryl", "Öl"]
    assert refused.status_code == 404
    assert refused.json()["detail"].startswith("Ein solches Bild gibt es nicht.")
    assert wrong.status_code == 422
    assert "tlh" in wrong.json()["detail"]


def test_what_a_file_holds_and_what_was_done_on_the_shelf_are_told_in_the_language(
    start: Callable[..., Server],
) -> None:
    pages = [Image.new("RGB", (400, 300), tone) for tone in ("navy", "white")]
    pages[0].paste("orange", (0, 0, 200, 300))
    file = io.BytesIO()
    pages[0].save(file, "GIF", save_all=True, append_images=pages[1:])
    with start().client() as client:
        taken = client.post("/api/references", files={"file": ("two.gif", file.getvalue())})
        assert taken.json()["notes"] == ["The file holds 2 pictures; the first was taken."]
        piece = {"name": "Two", "medium": "oil", "surface": "white", "widthCm": 40, "heightCm": 30}
        client.post("/api/pieces", json=piece | {"reference": taken.json()["hash"]})
        shelf = client.get("/api/shelf").json()
        item = {"kind": "paint", "name": "Old blue", "like": "cobalt", "medium": "oil", "left": 20}
        client.post("/api/shelf/items", json={"revision": shelf["revision"], "items": [item]})
        german(client)
        again = client.post("/api/references", files={"file": ("two.gif", file.getvalue())})
        undo = client.get("/api/shelf").json()["undo"]
    assert again.json()["notes"] == ["Die Datei enthält 2 Bilder; das erste wurde genommen."]
    assert undo == "hinzugefügt: Old blue"
