"""Takes the pictures of the main views from the demo data: `python -m tests.interface.screenshots DIR`."""

from __future__ import annotations

import re
import sys
import tempfile
import time
from pathlib import Path

from playwright.sync_api import Page, sync_playwright

from tests.conftest import CHROMIUM, Server, started, worked_out


def taken(folder: Path) -> None:
    """One PNG of each main view at 1280 × 800."""
    folder.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as data, sync_playwright() as playwright:
        chromium = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=list(CHROMIUM))
        context = chromium.new_context(viewport={"width": 1280, "height": 800}, reduced_motion="reduce")
        page = context.new_page()
        server = started(Path(data) / "demo", "demo")
        try:
            for name, url in _views(server).items():
                _shoot(page, server.url + url, folder / f"{name}.png")
            _drilled(page, f"{server.url}/drills?kind=next&piece={_piece(server)}", folder / "drills.png")
            _calibrated(page, f"{server.url}/shelf", folder / "shelf.png")
            _scene(page, f"{server.url}/new?name=From%20mind", folder / "new-scene.png")
        finally:
            server.stop()
        chromium.close()


def _piece(server: Server) -> str:
    """The demo's finished piece, once it was photographed and practised on."""
    with server.client() as client:
        kettle = next(
            p["id"] for p in client.get("/api/pieces").json() if p["name"].startswith("Blue kettle")
        )
        deadline = time.monotonic() + 300
        while not any(week["count"] for week in client.get("/api/drills/progress").json()["weeks"]):
            assert time.monotonic() < deadline
            time.sleep(1)
    return str(kettle)


def _drilled(page: Page, url: str, path: Path) -> None:
    """A question that was answered."""
    page.goto(url)
    page.get_by_role("img", name=re.compile("The picture after pass")).first.wait_for()
    page.wait_for_timeout(600)
    page.keyboard.press("2")
    page.get_by_text("Why this.").wait_for()
    page.wait_for_timeout(600)
    page.screenshot(path=path)


def _views(server: Server) -> dict[str, str]:
    with server.client() as client:
        pieces = {piece["name"].split(",")[0]: piece for piece in client.get("/api/pieces").json()}
        for piece in pieces.values():
            worked_out(client, piece["id"])
        _piece(server)
    salt, foundry, ferry, kettle, flats = (
        pieces[name] for name in ("Salt pans", "Foundry", "Ferry slip in fog", "Blue kettle", "Dry flats")
    )
    return {
        "pieces": "/",
        "new-piece": f"/new?reference={salt['reference']['hash']}&name=Salt%20pans",
        "see-areas": f"/pieces/{salt['id']}/see?look=areas",
        "see-masses": f"/pieces/{foundry['id']}/see?look=masses",
        "see-windows": f"/pieces/{salt['id']}/see?look=windows",
        "prepare-ground": f"/pieces/{ferry['id']}/prepare?part=ground",
        "prepare-composition": f"/pieces/{salt['id']}/prepare?part=composition",
        "prepare-palette": f"/pieces/{foundry['id']}/prepare?part=palette",
        "mix-dry-flats": f"/pieces/{flats['id']}/mix?pass=2",
        "order-salt-pans": f"/pieces/{salt['id']}/order?pass=2",
        "order-schools": f"/pieces/{foundry['id']}/order?pass=4&below=schools",
        "order-ferry": f"/pieces/{ferry['id']}/order?pass=7",
        "review": f"/pieces/{kettle['id']}/review",
        "review-look-back": f"/pieces/{kettle['id']}/review?part=back",
        "paint": f"/pieces/{ferry['id']}/paint",
        "easel": f"/pieces/{foundry['id']}/easel",
    }


def _shoot(page: Page, url: str, path: Path) -> None:
    page.goto(url)
    page.wait_for_load_state("networkidle")
    page.wait_for_timeout(600)
    page.screenshot(path=path)


def _calibrated(page: Page, url: str, path: Path) -> None:
    """The shelf, a paint of it read by the simulated reader and fitted."""
    page.goto(url)
    page.get_by_role("button", name=re.compile("^Burnt sienna")).click()
    page.get_by_role("button", name=re.compile("simulated reader")).click()
    page.get_by_text(re.compile("The listed paint misses")).wait_for()
    page.wait_for_timeout(400)
    page.screenshot(path=path)


SCENE = (
    ("Value 8.5", "yellow", [(0, 0), (1, 0), (1, 0.42), (0.6, 0.4), (0, 0.44)]),
    ("Value 6.5", "blue", [(0, 0.43), (0.3, 0.36), (0.62, 0.4), (1, 0.33), (1, 0.5), (0, 0.5)]),
    ("Value 4.5", "green", [(0, 0.5), (1, 0.48), (1, 1), (0, 1)]),
    ("Value 2.5", "violet", [(0.62, 0.3), (0.7, 0.22), (0.78, 0.3), (0.78, 0.62), (0.62, 0.62)]),
)


def _scene(page: Page, url: str, path: Path) -> None:
    """A scene from mind, half drawn."""
    page.goto(url)
    scene = page.get_by_role("img", name=re.compile("The scene"))
    for value, hue, corners in SCENE:
        page.get_by_role("button", name=value).click()
        page.get_by_role("button", name=hue, exact=True).click()
        box = scene.bounding_box()
        assert box is not None
        for k, (x, y) in enumerate(corners):
            page.mouse.move(box["x"] + x * box["width"], box["y"] + y * (box["height"] - 1), steps=3)
            if k == 0:
                page.mouse.down()
        page.mouse.up()
    page.screenshot(path=path)


if __name__ == "__main__":
    taken(Path(sys.argv[1]))
