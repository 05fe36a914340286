"""Real servers on real data folders, and a real browser."""

from __future__ import annotations

import hashlib
import io
import os
import signal
import socket
import subprocess
import time
from collections.abc import Callable, Iterator
from contextlib import suppress
from dataclasses import dataclass
from pathlib import Path
from typing import Any

import httpx
import numpy as np
import pytest
from hypothesis import settings
from PIL import Image
from playwright.sync_api import Browser, Page, expect, sync_playwright

from tests.forked import Forked
from tests.pieces import photographs
from washboard.pipeline.memo import Memo
from washboard.pipeline.stages import Stages

CHROMIUM = (
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
)

# A machine that is busy with other things is no fault of the page, and none of what is tried on examples.
expect.set_options(timeout=150_000)
settings.register_profile("any machine", deadline=None)
settings.load_profile("any machine")


@dataclass
class Server:
    """A running Washboard. `kill` ends it as a power cut would."""

    folder: Path
    process: Forked | subprocess.Popen[bytes]
    url: str

    def client(self) -> httpx.Client:
        return httpx.Client(base_url=self.url, timeout=240)

    def workers(self) -> list[int]:
        """The ids of its worker processes, which are forked by a child of its own."""
        return [worker for child in children(self.process.pid) for worker in children(child)]

    def kill(self) -> None:
        os.killpg(self.process.pid, signal.SIGKILL)
        self.process.wait()

    def stop(self) -> None:
        self.process.terminate()
        try:
            self.process.wait(15)
        except subprocess.TimeoutExpired:
            self.kill()


def children(process: int) -> list[int]:
    """The ids of the processes that one has begun and that still run."""
    found: list[int] = []
    for task in Path(f"/proc/{process}/task").iterdir():
        # A thread may end while it is looked at.
        with suppress(OSError):
            found += [int(child) for child in (task / "children").read_text().split()]
    return found


def started(folder: Path, command: str = "serve", port: int = 0) -> Server:
    """A server in a process of its own on a socket that is bound before it starts, at any free port or
    again at one that was used before."""
    listener = socket.socket()
    listener.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
    listener.bind(("127.0.0.1", port))
    listener.listen(64)
    url = f"http://127.0.0.1:{listener.getsockname()[1]}"
    with open(os.devnull, "wb") as nowhere:
        words = [command, "--data", str(folder), "--fd", str(listener.fileno())]
        process = Forked(words, nowhere.fileno(), 2)
    listener.close()
    deadline = time.monotonic() + 60
    while True:
        try:
            httpx.get(f"{url}/api/health", timeout=20).raise_for_status()
            return Server(folder, process, url)
        except httpx.HTTPError:
            if time.monotonic() > deadline or process.poll() is not None:
                raise


def state_of(folder: Path) -> dict[str, str]:
    """Every file in a folder by its hash."""
    return {
        str(path.relative_to(folder)): hashlib.sha256(path.read_bytes()).hexdigest()
        for path in sorted(folder.rglob("*"))
        if path.is_file() and path.name != "washboard.lock"
    }


@pytest.fixture
def start(tmp_path: Path) -> Iterator[Callable[..., Server]]:
    """Starts servers and stops whatever still runs at the end."""
    running: list[Server] = []

    def begin(folder: Path = tmp_path / "studio", command: str = "serve", port: int = 0) -> Server:
        running.append(started(folder, command, port))
        return running[-1]

    yield begin
    for server in running:
        if server.process.poll() is None:
            server.stop()


@pytest.fixture(autouse=True, scope="module")
def forgotten(request: pytest.FixtureRequest) -> Iterator[None]:
    """What the tests of a file remember is let go with the file: a process that runs a hundred of them would
    grow to many gigabytes, and slow down."""
    yield
    for own in list(vars(request.module).values()):
        if hasattr(own, "cache_clear") and ".test_" in own.__module__:
            own.cache_clear()
        if isinstance(own, Stages):
            own.memo = Memo()


@pytest.fixture(scope="session")
def demo(tmp_path_factory: pytest.TempPathFactory) -> Iterator[Server]:
    """One server with the demo pieces for tests that only look."""
    server = started(tmp_path_factory.mktemp("demo"), "demo")
    yield server
    server.stop()


@pytest.fixture(scope="session")
def browser() -> Iterator[Browser]:
    """Debian's Chromium."""
    with sync_playwright() as playwright:
        chromium = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=list(CHROMIUM))
        yield chromium
        chromium.close()


@pytest.fixture
def page(browser: Browser) -> Iterator[Page]:
    """A page of 1280 × 800 whose errors fail the test."""
    context = browser.new_context(
        viewport={"width": 1280, "height": 800}, reduced_motion="reduce", service_workers="block"
    )
    opened = context.new_page()
    opened.set_default_timeout(150_000)
    wrong: list[str] = []
    opened.on("pageerror", lambda error: wrong.append(str(error)))
    yield opened
    context.close()
    assert not wrong


def encoded(rgb: np.ndarray, format: str = "JPEG", **options: object) -> bytes:
    """A picture as the bytes of a file."""
    out = io.BytesIO()
    Image.fromarray(rgb).save(out, format, **options)
    return out.getvalue()


@pytest.fixture(scope="session")
def cup() -> bytes:
    """A real photograph as a JPEG file."""
    return encoded(photographs()["cup"], quality=92)


def patched(client: httpx.Client, piece: str, **changes: Any) -> httpx.Response:
    """The answer to a change of a piece's settings as it now is."""
    revision = client.get(f"/api/pieces/{piece}").json()["revision"]
    return client.patch(f"/api/pieces/{piece}", json={"revision": revision, **changes})


def edited(client: httpx.Client, piece: str, **changes: Any) -> dict:
    """A piece after a change that is taken."""
    answer = patched(client, piece, **changes)
    assert answer.status_code == 200, answer.text
    return answer.json()


def worked_out(client: httpx.Client, piece: str) -> dict:
    """Have a piece worked out, follow its events to the end, and return its plan."""
    job = client.post(f"/api/pieces/{piece}/analysis").json()
    events = client.get(f"/api/jobs/{job['id']}/events").text
    assert '"state":"done"' in events, events
    return client.get(f"/api/pieces/{piece}/plan").json()


def new_piece(client: httpx.Client, data: bytes, **given: object) -> dict:
    """Take a picture in and make a piece of it."""
    reference = client.post("/api/references", files={"file": ("photo.jpg", data)})
    assert reference.status_code == 201, reference.text
    body = {"name": "Cup", "medium": "watercolour", "surface": "white", "widthCm": 40, "heightCm": 30}
    made = client.post("/api/pieces", json=body | {"reference": reference.json()["hash"]} | given)
    assert made.status_code == 201, made.text
    return made.json()
