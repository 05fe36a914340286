"""The application: routes, error mapping, the guard at the door, and the built page."""

from __future__ import annotations

import secrets
from collections.abc import AsyncIterator
from contextlib import asynccontextmanager
from pathlib import Path

from fastapi import FastAPI
from fastapi.responses import FileResponse, HTMLResponse, Response
from fastapi.staticfiles import StaticFiles

from .. import ENGINE
from ..core.sentence import sentence
from ..studio import Studio
from ..words import speaker
from . import problems
from .door.guard import Guard
from .door.listening import Door
from .routes import (
    catalogue,
    demo,
    drills,
    jobs,
    learning,
    mix,
    order,
    paint,
    painter,
    pairing,
    pieces,
    prepare,
    references,
    review,
    schools,
    see,
    shelf,
    wall,
)

PAGE = Path(__file__).parent.parent / "web"
NONCE = "page-nonce"
"""Where the built page names the word that its styles are known by."""
POLICY = (
    "default-src 'self'; style-src 'self' 'nonce-{nonce}'; img-src 'self' blob: data:; object-src 'none'; "
    "base-uri 'none'; form-action 'none'; frame-ancestors 'none'"
)
ROOMS = (
    catalogue,
    references,
    shelf,
    pieces,
    see,
    order,
    schools,
    prepare,
    mix,
    paint,
    painter,
    review,
    learning,
    drills,
    jobs,
    pairing,
    wall,
    demo,
)


def create_app(data: Path, page: Path = PAGE) -> FastAPI:
    """The application over a data folder; `page` holds the built web interface."""

    @asynccontextmanager
    async def lifespan(app: FastAPI) -> AsyncIterator[None]:
        if not hasattr(app.state, "studio"):
            app.state.studio = Studio(data)
        app.state.studio.workers.warm()
        app.state.door = Door(app, app.state.studio)
        await app.state.door.again()
        yield
        await app.state.door.close()
        app.state.studio.close()

    app = FastAPI(
        title="Washboard",
        version=ENGINE,
        lifespan=lifespan,
        docs_url=None,
        redoc_url=None,
        openapi_url="/api/openapi.json",
        description="In which order to lay which values where.",
    )
    problems.install(app)
    app.add_middleware(Guard)
    for resource in ROOMS:
        app.include_router(resource.router)
    _describe(app)
    if page.is_dir():
        _serve_page(app, page)
    return app


def _describe(app: FastAPI) -> None:
    """Enter the schemas that responses name by reference."""
    plain = app.openapi

    def described() -> dict[str, object]:
        if not app.openapi_schema:
            schema = plain()
            found = schema["components"]["schemas"]
            found["Problem"] = problems.Problem.model_json_schema(ref_template="#/components/schemas/{model}")
            for name in ("HTTPValidationError", "ValidationError"):
                found.pop(name, None)
        return app.openapi_schema or {}

    app.openapi = described  # type: ignore[method-assign]


def _serve_page(app: FastAPI, page: Path) -> None:
    app.mount("/assets", StaticFiles(directory=page / "assets"), name="assets")
    written = (page / "index.html").read_text(encoding="utf-8")
    beside = {file.name for file in page.iterdir() if file.is_file()} - {"index.html"}

    @app.get("/{path:path}", include_in_schema=False)
    def index(path: str) -> Response:
        """Deep links open the page; files at its root are served as they are."""
        if path.startswith("api/"):
            return problems.problem(404, "missing", speaker().text(sentence("refused-no-address")))
        if path in beside:
            # The worker that keeps the page asks for what it keeps.
            return FileResponse(page / path, headers={"Content-Security-Policy": "default-src 'self'"})
        return _page(written)


def _page(written: str) -> Response:
    """The page, whose styles the browser takes for its own by a word that is another each time."""
    nonce = secrets.token_urlsafe(16)
    policy = {"Content-Security-Policy": POLICY.format(nonce=nonce), "Cache-Control": "no-cache"}
    return HTMLResponse(written.replace(NONCE, nonce), headers=policy)
