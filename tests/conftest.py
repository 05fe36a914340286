"""Real servers on real data folders, and a real browser."""

from __future__ import annotations

import io
import os
import signal
import socket
import subprocess
import sys
import time
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from pathlib import Path

import httpx
import numpy as np
import pytest
from PIL import Image
from playwright.sync_api import Browser, Page, sync_playwright

from tests.pieces import photographs

CHROMIUM = (
    "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
    "--disable-component-update", "--disable-sync",
)  # fmt: skip


@dataclass
class Server:
    """A running Washboard. `kill` ends it as a power cut would."""

    folder: Path
    process: subprocess.Popen[bytes]
    url: str

    def client(self) -> httpx.Client:
        return httpx.Client(base_url=self.url, timeout=60)

    def kill(self) -> None:
        os.killpg(self.process.pid, signal.SIGKILL)
        self.process.wait()

    def stop(self) -> None:
        self.process.terminate()
        try:
            self.process.wait(15)
        except subprocess.TimeoutExpired:
            self.kill()


def started(folder: Path, command: str = "serve") -> Server:
    """A server in a process of its own on a socket that is bound before it starts."""
    listener = socket.socket()
    listener.bind(("127.0.0.1", 0))
    listener.listen(64)
    url = f"http://127.0.0.1:{listener.getsockname()[1]}"
    process = subprocess.Popen(
        [sys.executable, "-m", "washboard", command, "--data", str(folder), "--fd", str(listener.fileno())],
        pass_fds=[listener.fileno()],
        stdout=subprocess.DEVNULL,
        start_new_session=True,
    )
    listener.close()
    deadline = time.monotonic() + 60
    while True:
        try:
            httpx.get(f"{url}/api/health", timeout=20).raise_for_status()
            return Server(folder, process, url)
        except httpx.HTTPError:
            if time.monotonic() > deadline or process.poll() is not None:
                raise


@pytest.fixture
def start(tmp_path: Path) -> Iterator[Callable[..., Server]]:
    """Starts servers and stops whatever still runs at the end."""
    running: list[Server] = []

    def begin(folder: Path = tmp_path / "studio", command: str = "serve") -> Server:
        running.append(started(folder, command))
        return running[-1]

    yield begin
    for server in running:
        if server.process.poll() is None:
            server.stop()


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
