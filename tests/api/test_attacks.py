"""What somebody hostile would try, byte for byte: nothing is changed, told or fetched."""

from __future__ import annotations

import re
import socket
from collections.abc import Iterator
from contextlib import suppress
from pathlib import Path

import httpx
import pytest

from tests.api.attacks import ATTACKS, Attack
from tests.conftest import Server, new_piece, started


@pytest.fixture(scope="module")
def server(tmp_path_factory: pytest.TempPathFactory) -> Iterator[Server]:
    begun = started(tmp_path_factory.mktemp("attacked") / "studio")
    yield begun
    begun.stop()


@pytest.fixture(scope="module")
def there(server: Server, cup: bytes) -> dict[str, str]:
    with server.client() as client:
        piece = new_piece(client, cup, name="Left alone")
    host = server.url.removeprefix("http://")
    return {"host": host, "piece": piece["id"]}


def written(attack: Attack, there: dict[str, str]) -> bytes:
    """The request as it goes over the wire."""

    def filled(text: str) -> str:
        return re.sub(r"\{(host|piece)\}", lambda found: there[found[1]], text)

    headers = [filled(header) for header in attack.headers]
    names = {header.split(":")[0].lower() for header in headers}
    headers += [] if "host" in names else [f"Host: {there['host']}"]
    if attack.body and not names & {"content-length", "transfer-encoding"}:
        headers.append(f"Content-Length: {len(attack.body)}")
    head = "\r\n".join([f"{filled(attack.line)} HTTP/1.1", *headers, "Connection: close", "", ""])
    return head.encode("utf-8") + attack.body


def answered(request: bytes, there: dict[str, str]) -> bytes:
    """All that comes back."""
    address, port = there["host"].split(":")
    parts = []
    # Whoever sends too much is hung up on in the middle of it.
    with socket.create_connection((address, int(port)), timeout=60) as wire, suppress(ConnectionError):
        wire.sendall(request)
        while part := wire.recv(65536):
            parts.append(part)
    return b"".join(parts)


def state(server: Server) -> tuple[object, ...]:
    with server.client() as client:
        urls = ("/api/pieces", "/api/shelf", "/api/painter", "/api/pairing")
        return tuple(client.get(url).json() for url in urls)


def files(folder: Path) -> set[str]:
    """The files of a folder, without those that SQLite writes beside its own."""
    found = (path.relative_to(folder) for path in folder.rglob("*") if path.is_file())
    return {str(path) for path in found if not path.name.endswith(("-wal", "-shm"))}


@pytest.mark.parametrize("attack", ATTACKS, ids=lambda attack: attack.name)
def test_what_is_tried_comes_to_nothing(attack: Attack, server: Server, there: dict[str, str]) -> None:
    before, kept = state(server), files(server.folder)
    answer = answered(written(attack, there), there)
    found = re.match(rb"HTTP/1\.[01] (\d{3})", answer)
    status = int(found[1]) if found else 0
    # Hung up without a word is an answer to what is no request.
    assert status in (0, *attack.answers), answer[:300]
    assert b"root:" not in answer
    assert b"Traceback" not in answer
    assert b"SQLite format" not in answer
    assert state(server) == before
    assert files(server.folder) == kept


def test_there_are_as_many_as_were_promised_and_all_differ() -> None:
    assert len({attack.name for attack in ATTACKS}) == len(ATTACKS) >= 60


def test_what_a_painter_writes_stays_words_in_files_for_others(server: Server, cup: bytes) -> None:
    name = "x SUMMARY:y; =cmd|' /C calc'!A0 <script>"
    with server.client() as client:
        piece = new_piece(client, cup, name=name)["id"]
        for attempt in ("a\r\nBEGIN:VALARM", "a\nX-Evil: 1"):
            answer = client.patch(f"/api/pieces/{piece}", json={"revision": 0, "name": attempt})
            assert answer.status_code == 422
        wall = client.get("/api/wall")
        assert wall.headers["content-type"] == "application/json"
        assert client.get(f"/api/pieces/{piece}").json()["name"] == name


def test_nothing_that_was_sent_is_asked_for_elsewhere(server: Server) -> None:
    with socket.socket() as listener:
        listener.bind(("127.0.0.1", 0))
        listener.listen(1)
        listener.settimeout(1.0)
        address = f"http://127.0.0.1:{listener.getsockname()[1]}/x"
        paints = f'<!DOCTYPE x SYSTEM "{address}"><CxF xmlns="{address}"></CxF>'.encode()
        picture = f'<svg xmlns="http://www.w3.org/2000/svg"><image href="{address}"/></svg>'.encode()
        with httpx.Client(base_url=server.url, timeout=60) as client:
            for url, data in (("/api/shelf/import", paints), ("/api/references", picture)):
                assert client.post(url, files={"file": ("x.cxf", data)}).status_code == 422
        with pytest.raises(TimeoutError):
            listener.accept()
