"""Pairing: a device on another address gets the pairing page and nothing else until it has the code."""

from __future__ import annotations

import re
import socket
import ssl
from collections.abc import Callable, Iterator
from datetime import UTC, datetime, timedelta
from pathlib import Path

import httpx
import pytest

from tests.conftest import Server
from washboard.store.database import Database
from washboard.store.devices import Devices
from washboard.studio.pairing import TRIES, VALID, Pairing

ADDRESS = "127.0.0.2"
"""Stands for an address on the local network: another than that of the desk."""


@pytest.fixture
def desk(start: Callable[..., Server]) -> Iterator[httpx.Client]:
    with start().client() as client:
        yield client


def opened(desk: httpx.Client) -> str:
    answer = desk.put("/api/pairing/door", json={"address": ADDRESS, "port": 0})
    assert answer.status_code == 200, answer.text
    return str(answer.json()["url"]).rstrip("/")


def device(url: str) -> httpx.Client:
    """A device that trusts the certificate of the machine and nothing else."""
    with httpx.Client(verify=False) as any_one:
        authority = any_one.get(f"{url}/pair/authority.crt").content
    trust = ssl.create_default_context(cadata=authority)
    return httpx.Client(base_url=url, verify=trust, timeout=30)


def paired(url: str, desk: httpx.Client, name: str = "Tablet") -> httpx.Client:
    code = desk.post("/api/pairing/code").json()["code"]
    with device(url) as asking:
        answer = asking.post("/pair", data={"code": code, "name": name})
        assert answer.status_code == 303, answer.text
        token = asking.cookies["__Host-washboard"]
    tablet = device(url)
    tablet.cookies.set("__Host-washboard", token)
    return tablet


def test_nothing_listens_beyond_loopback_until_an_address_is_switched_on_and_after_it_is_off(
    desk: httpx.Client,
) -> None:
    port = httpx.URL(str(desk.base_url)).port
    with pytest.raises(OSError):  # noqa: PT011 - which one depends on the machine
        socket.create_connection((ADDRESS, port), timeout=2)
    assert desk.get("/api/pairing").json()["url"] is None
    refused = desk.post("/api/pairing/code")
    assert refused.status_code == 422
    assert "Switch one on first" in refused.json()["detail"]
    url = opened(desk)
    with device(url) as tablet:
        assert tablet.get("/pair").status_code == 200
    assert desk.delete("/api/pairing/door").json()["url"] is None
    with pytest.raises(httpx.ConnectError):
        httpx.get(f"{url}/pair", verify=False)


@pytest.mark.parametrize(
    "path", ["/", "/api/pieces", "/api/health", "/assets/none.js", "/favicon.svg", "/pair/x"]
)
@pytest.mark.parametrize("method", ["GET", "POST", "PUT", "DELETE", "OPTIONS"])
def test_an_unpaired_device_gets_the_pairing_page_and_nothing_else(
    door: tuple[httpx.Client, str], path: str, method: str
) -> None:
    _, url = door
    with device(url) as stranger:
        assert stranger.request(method, path).status_code == 403
        looked = stranger.get(path, headers={"accept": "text/html"})
        assert (looked.status_code, looked.headers["location"]) == (303, "/pair")
        stranger.cookies.set("__Host-washboard", "made-up")
        assert stranger.request(method, path).status_code == 403


@pytest.fixture(scope="module")
def door(tmp_path_factory: pytest.TempPathFactory) -> Iterator[tuple[httpx.Client, str]]:
    from tests.conftest import started

    server = started(tmp_path_factory.mktemp("door"))
    with server.client() as desk:
        yield desk, opened(desk)
    server.stop()


def test_the_code_of_the_moment_pairs_one_device_once(door: tuple[httpx.Client, str]) -> None:
    desk, url = door
    code = desk.post("/api/pairing/code").json()
    assert re.fullmatch(r"[A-Z2-9]{6}", code["code"])
    assert len(set(map(len, code["qr"]))) == 1
    assert timedelta(0) < datetime.fromisoformat(code["until"]) - datetime.now(UTC) <= VALID
    with device(url) as tablet:
        spaced = f" {code['code'][:3].lower()}-{code['code'][3:]}"
        answer = tablet.post("/pair", data={"code": spaced, "name": "  My   tablet "})
        assert answer.status_code == 303
        cookie = answer.headers["set-cookie"].lower()
        assert all(word in cookie for word in ("secure", "httponly", "samesite=strict", "path=/"))
        assert tablet.get("/api/health").json() == {"state": "up"}
        assert tablet.get("/", headers={"accept": "text/html"}).status_code == 200
        assert [d["name"] for d in desk.get("/api/pairing").json()["devices"]] == ["My tablet"]
    with device(url) as second:
        replayed = second.post("/pair", data={"code": code["code"]})
        assert replayed.status_code == 403
        assert "No code is valid now" in replayed.text


def test_five_wrong_codes_make_the_right_one_void(door: tuple[httpx.Client, str]) -> None:
    desk, url = door
    code = desk.post("/api/pairing/code").json()["code"]
    wrong = "AAAAAA" if code != "AAAAAA" else "BBBBBB"
    with device(url) as guesser:
        told = [guesser.post("/pair", data={"code": wrong}) for _ in range(TRIES)]
        assert [answer.status_code for answer in told] == [403] * TRIES
        assert "4 tries are left" in told[0].text
        assert "It is void now" in told[-1].text
        assert guesser.post("/pair", data={"code": code}).status_code == 403
        assert not guesser.cookies


def test_a_new_code_makes_the_one_before_void_and_an_old_one_opens_nothing(tmp_path: Path) -> None:
    database = Database(tmp_path)
    pairing, now = Pairing(Devices(database)), datetime.now(UTC)
    first, second = pairing.code(now).letters, pairing.code(now).letters
    with pytest.raises(Exception, match="refused-code-wrong"):
        pairing.claim(first, "", now)
    with pytest.raises(Exception, match="refused-code-none"):
        pairing.claim(second, "", now + VALID + timedelta(seconds=1))
    token = pairing.claim(pairing.code(now).letters, "", now)
    kept = b"".join(file.read_bytes() for file in tmp_path.rglob("*") if file.is_file())
    assert b"A device" in kept
    assert token.encode() not in kept
    database.close()


def test_a_forgotten_device_is_refused_at_once_and_others_stay(door: tuple[httpx.Client, str]) -> None:
    desk, url = door
    with paired(url, desk, "Stays") as stays, paired(url, desk, "Goes") as goes:
        assert goes.get("/api/pieces").status_code == 200
        listed = {d["name"]: d["id"] for d in desk.get("/api/pairing").json()["devices"]}
        desk.delete(f"/api/pairing/devices/{listed['Goes']}")
        assert goes.get("/api/pieces").status_code == 403
        assert stays.get("/api/pieces").status_code == 200
        assert desk.delete(f"/api/pairing/devices/{listed['Goes']}").status_code == 404


def test_devices_are_paired_and_forgotten_at_the_desk_only(door: tuple[httpx.Client, str]) -> None:
    desk, url = door
    with paired(url, desk) as tablet:
        own = desk.get("/api/pairing").json()["devices"][0]["id"]
        for method, path in (
            ("GET", "/api/pairing"),
            ("POST", "/api/pairing/code"),
            ("PUT", "/api/pairing/door"),
            ("DELETE", f"/api/pairing/devices/{own}"),
        ):
            answer = tablet.request(method, path)
            assert answer.status_code == 403
            assert "at the desk" in answer.json()["detail"]


@pytest.mark.parametrize(
    "headers",
    [
        {"host": "washboard.example"},
        {"host": "localhost"},
        {"host": ADDRESS},
        {"origin": "https://washboard.example"},
        {"origin": f"https://{ADDRESS}"},
        {"origin": "http://localhost"},
        {"origin": "null"},
    ],
)
def test_a_foreign_host_or_origin_is_refused_even_with_a_token(
    door: tuple[httpx.Client, str], headers: dict[str, str]
) -> None:
    desk, url = door
    with paired(url, desk) as tablet:
        assert tablet.get("/api/pieces", headers=headers).status_code == 403
        assert tablet.post("/pair", headers=headers, data={"code": "AAAAAA"}).status_code == 403
        assert tablet.get("/api/pieces", headers={"origin": url}).status_code == 200


@pytest.mark.parametrize(
    "address", ["0.0.0.0", "8.8.8.8", "::", "169.254.1.1", "255.255.255.255", "tablet", "", "10.255.255.1"]
)
def test_only_a_private_address_of_this_machine_is_switched_on(desk: httpx.Client, address: str) -> None:
    answer = desk.put("/api/pairing/door", json={"address": address})
    assert answer.status_code == 422
    assert "othing was switched on" in answer.json()["detail"]
    assert desk.get("/api/pairing").json()["url"] is None


def test_the_door_opens_again_with_washboard_and_devices_stay_paired(start: Callable[..., Server]) -> None:
    server = start()
    with server.client() as desk:
        url = opened(desk)
        tablet = paired(url, desk)
    server.stop()
    with pytest.raises(httpx.ConnectError):
        tablet.get("/api/health")
    start(server.folder)
    assert tablet.get("/api/health").status_code == 200
    tablet.close()


def test_the_certificate_is_trusted_for_its_address_by_the_authority_alone(
    door: tuple[httpx.Client, str],
) -> None:
    _, url = door
    there = httpx.URL(url)
    with socket.create_connection((there.host, there.port), timeout=10) as plain:
        nobody = ssl.create_default_context()
        with pytest.raises(ssl.SSLCertVerificationError):
            nobody.wrap_socket(plain, server_hostname=there.host)
    with device(url) as tablet:
        assert tablet.get("/pair").status_code == 200
    with socket.create_connection((there.host, there.port), timeout=10) as plain:
        with httpx.Client(verify=False) as any_one:
            own = ssl.create_default_context(cadata=any_one.get(f"{url}/pair/authority.crt").content)
        with pytest.raises(ssl.SSLCertVerificationError, match="IP address mismatch"):
            own.wrap_socket(plain, server_hostname="127.0.0.3")
