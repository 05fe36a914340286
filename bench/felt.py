"""Speed as it is felt at the real page of a real server: opening, from stage to stage, a photo dropped."""

from __future__ import annotations

import json
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from contextlib import suppress
from pathlib import Path

import httpx
from playwright.sync_api import Page, sync_playwright

from tests.conftest import CHROMIUM, started, worked_out

Figures = dict[str, float]
SETTLES = 60.0
"""Seconds after which nothing is prepared beside any more in a demo whose plans are there."""
STAGES = ("See", "Prepare", "Order", "Mix", "Paint", "Review")


def since(begun: float) -> float:
    """Milliseconds since a moment."""
    return 1000 * (time.perf_counter() - begun)


def of_starting() -> Figures:
    """From the command to the first answer, everything loaded anew and the demo pieces made."""
    with tempfile.TemporaryDirectory() as folder:
        command = [sys.executable, "-m", "washboard", "demo", "--data", folder, "--port", "0"]
        begun = time.perf_counter()
        with subprocess.Popen(command, stdout=subprocess.PIPE, text=True) as program:
            assert program.stdout is not None
            address = program.stdout.readline().split()[3]
            while True:
                with suppress(httpx.TransportError):
                    httpx.get(f"{address}api/wall", timeout=30).raise_for_status()
                    break
            taken = since(begun)
            program.terminate()
    return {"demo to the first answer, ms (at most 3000)": taken}


def quiet(client: httpx.Client) -> None:
    """Wait until the demo pieces are worked out and what goes on beside has ended."""
    while any(strip["standing"] == "running" for strip in client.get("/api/wall").json()):
        time.sleep(0.5)
    time.sleep(SETTLES)


def of_going_about(photo: bytes) -> Figures:
    """A 12 MP photo to its order; a piece opened; each stage gone to for the first and the second time."""
    found: Figures = {}
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        server = started(Path(folder), "demo")
        with server.client() as client:
            quiet(client)
            begun = time.perf_counter()
            taken = client.post("/api/references", files={"file": ("photo.jpg", photo)}).json()["hash"]
            found["photo taken in, ms"] = since(begun)
            body = {"name": "P", "medium": "watercolour", "surface": "white", "widthCm": 45, "heightCm": 30}
            piece = client.post("/api/pieces", json=body | {"reference": taken}).json()["id"]
            with ThreadPoolExecutor(1) as beside:
                plan = beside.submit(worked_out, client, piece)
                client.get(f"/api/pieces/{piece}/passes").raise_for_status()
                found["photo to order, ms (at most 3000)"] = since(begun)
                plan.result()
            found["photo to all of its plan, ms"] = since(begun)
            for what in ("prepare", "schools"):
                begun = time.perf_counter()
                client.get(f"/api/pieces/{piece}/{what}").raise_for_status()
                found[f"{what} the first time, ms (at most 1500)"] = since(begun)
        chromium = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=list(CHROMIUM))
        page = chromium.new_context(viewport={"width": 1280, "height": 800}).new_page()
        page.goto(server.url)
        page.wait_for_load_state("networkidle")
        found["opening a piece, ms (at most 400)"] = min(_opened(page, server.url) for _ in range(3))
        for name in STAGES * 2:
            begun = time.perf_counter()
            page.get_by_role("link", name=name, exact=True).click()
            page.get_by_role("main").and_(page.locator(":not([aria-busy=true])")).wait_for()
            page.wait_for_function("() => [...document.images].every((one) => one.complete)")
            found[f"{name} the second time, ms (at most 500)"] = since(begun)
        chromium.close()
        server.stop()
    return found


def _opened(page: Page, wall: str) -> float:
    page.goto(wall)
    page.wait_for_load_state("networkidle")
    piece = page.locator("main a[href*='/pieces/']").first
    begun = time.perf_counter()
    piece.click()
    page.get_by_role("img", name="The picture after").first.wait_for()
    return since(begun)


def main(photo: Callable[[], bytes]) -> None:
    """Print the figures alone."""
    print(json.dumps({**of_starting(), **of_going_about(photo())}, indent=1))


if __name__ == "__main__":
    from .run import twelve_megapixels

    main(twelve_megapixels)
