"""Takes the pictures of the main views from the demo data: `python -m tests.interface.screenshots DIR`."""

from __future__ import annotations

import sys
import tempfile
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
        empty = started(Path(data) / "empty")
        _shoot(page, f"{empty.url}/", folder / "empty.png")
        _refused(page, folder / "error.png")
        empty.stop()
        server = started(Path(data) / "demo", "demo")
        for name, url in _views(server).items():
            _shoot(page, server.url + url, folder / f"{name}.png")
        server.stop()
        chromium.close()


def _views(server: Server) -> dict[str, str]:
    with server.client() as client:
        pieces = {piece["name"].split(",")[0]: piece for piece in client.get("/api/pieces").json()}
        for piece in pieces.values():
            worked_out(client, piece["id"])
    salt, foundry, ferry = (pieces[name] for name in ("Salt pans", "Foundry", "Ferry slip in fog"))
    return {
        "pieces": "/",
        "new-piece": f"/new?reference={salt['reference']['hash']}&name=Salt%20pans",
        "see-bands": f"/pieces/{salt['id']}/see?look=bands",
        "see-areas": f"/pieces/{salt['id']}/see?look=areas",
        "see-masses": f"/pieces/{foundry['id']}/see?look=masses",
        "see-windows": f"/pieces/{salt['id']}/see?look=windows",
        "see-edges": f"/pieces/{salt['id']}/see?look=edges",
        "prepare-ground": f"/pieces/{ferry['id']}/prepare?part=ground",
        "prepare-composition": f"/pieces/{salt['id']}/prepare?part=composition",
        "prepare-transfer": f"/pieces/{ferry['id']}/prepare?part=transfer",
        "prepare-palette": f"/pieces/{foundry['id']}/prepare?part=palette",
        "order-salt-pans": f"/pieces/{salt['id']}/order?pass=2",
        "order-foundry": f"/pieces/{foundry['id']}/order?pass=3",
    }


def _shoot(page: Page, url: str, path: Path) -> None:
    page.goto(url)
    page.wait_for_load_state("networkidle")
    page.wait_for_timeout(600)
    page.screenshot(path=path)


def _refused(page: Page, path: Path) -> None:
    page.get_by_label("Choose a photo").set_input_files(
        {"name": "notes.txt", "mimeType": "image/png", "buffer": b"no picture"}
    )
    page.get_by_role("alert").wait_for()
    page.screenshot(path=path)


if __name__ == "__main__":
    taken(Path(sys.argv[1]))
