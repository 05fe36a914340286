"""The application: routes, error mapping, the guard at the door, and the built page."""

from __future__ import annotations

from collections.abc import AsyncIterator, Awaitable, Callable
from contextlib import asynccontextmanager
from pathlib import Path

from fastapi import FastAPI, Request
from fastapi.responses import FileResponse, Response
from fastapi.staticfiles import StaticFiles

from .. import ENGINE
from ..core.sentence import sentence
from ..formats.image import MOST_BYTES
from ..studio import Studio
from ..words import ENGLISH
from . import problems
from .door.listening import Door
from .routes import (
    catalogue,
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
LOCAL = ("127.0.0.1", "localhost", "[::1]", "testserver")
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
)
ENVELOPE = 64 * 1024
"""Bytes that a multipart form may add around its file."""

Next = Callable[[Request], Awaitable[Response]]


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
    app.middleware("http")(_guard)
    for resource in ROOMS:
        app.include_router(resource.router)
    _describe(app)
    if page.is_dir():
        _serve_page(app, page)
    return app


async def _guard(request: Request, follow: Next) -> Response:
    """Only this machine's own pages may talk to the studio, and not with more than it takes."""
    host = request.headers.get("host", "").rsplit(":", 1)[0] if request.headers.get("host") else ""
    origin = request.headers.get("origin")
    if host not in LOCAL or (origin is not None and not _own(origin)):
        return problems.problem(403, "foreign", ENGLISH.text(sentence("refused-foreign")))
    try:
        length = int(request.headers.get("content-length", "0"))
    except ValueError:
        length = 0
    if length > MOST_BYTES + ENVELOPE:
        return problems.problem(413, "too-large", ENGLISH.text(references.too_large().sentence))
    return await follow(request)


def _own(origin: str) -> bool:
    scheme, _, rest = origin.partition("://")
    return scheme in ("http", "https") and rest.rsplit(":", 1)[0] in LOCAL


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

    @app.get("/{path:path}", include_in_schema=False)
    def index(path: str) -> Response:
        """Deep links open the page; files at its root are served as they are."""
        if path.startswith("api/"):
            return problems.problem(404, "missing", ENGLISH.text(sentence("refused-no-address")))
        file = page / path
        inside = file.resolve().is_relative_to(page.resolve())
        return FileResponse(file if path and inside and file.is_file() else page / "index.html")
