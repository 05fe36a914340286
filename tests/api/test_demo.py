"""The demo pieces on the wall: taken off, put back, and nothing else touched."""

from __future__ import annotations

from collections.abc import Callable

from tests.conftest import Server


def test_demo_pieces_come_back_to_the_wall_and_what_is_there_stays(start: Callable[..., Server]) -> None:
    with start().client() as client:
        missing = client.get("/api/demo").json()["missing"]
        assert len(missing) == 5
        assert client.put("/api/demo").json()["missing"] == []
        there = {piece["name"]: piece["id"] for piece in client.get("/api/pieces").json()}
        assert there.keys() == set(missing)
        own = f"/api/pieces/{there['Salt pans, noon']}"
        revision = client.get(own).json()["revision"]
        assert client.delete(own, params={"revision": revision}).status_code == 204
        assert client.get("/api/demo").json()["missing"] == ["Salt pans, noon"]
        assert client.put("/api/demo").json()["missing"] == []
        again = {piece["name"]: piece["id"] for piece in client.get("/api/pieces").json()}
    assert {name: again[name] for name in missing if name != "Salt pans, noon"}.items() <= there.items()
