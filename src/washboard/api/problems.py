"""Every error as RFC 9457 problem+json with a stable `code`, mapped in this one place."""

from __future__ import annotations

from typing import Any

from fastapi import FastAPI, Request
from fastapi.exceptions import RequestValidationError
from fastapi.responses import JSONResponse
from pydantic import BaseModel, Field
from starlette.exceptions import HTTPException
from starlette.middleware.body_limit import MAX_BODY_SIZE_SCOPE_KEY

from ..core.errors import WashboardError
from ..core.sentence import sentence
from ..store.errors import Stale
from ..words import speaker
from .limits import MOST_TEXT, too_long

STATUS = {
    "invalid-input": 422,
    "invalid-image": 422,
    "invalid-size": 422,
    "unknown-name": 422,
    "invalid-plan": 422,
    "newer-plan": 422,
    "stopped": 409,
    "missing": 404,
    "stale": 409,
    "nothing-to": 409,
    "no-reading": 409,
    "busy": 503,
    "disk-full": 507,
    "unusable": 503,
    "gone": 503,
    "worker-died": 503,
    "clash": 409,
    "held": 409,
    "no-place": 422,
    "too-large": 413,
    "foreign": 403,
    "not-ready": 409,
}


class Problem(BaseModel):
    """An error: what was wrong, what was kept, what to do."""

    type: str = Field("about:blank", examples=["about:blank"])
    title: str = Field(examples=["The piece changed in the meantime"])
    status: int = Field(examples=[409])
    detail: str = Field(examples=["Your change was not made and nothing was overwritten."])
    code: str = Field(examples=["stale"])
    revision: int | None = Field(None, description="The piece's revision now, where the code is `stale`.")
    changed: list[str] | None = Field(None, description="What changed since, where the code is `stale`.")


TITLED = (403, 404, 405, 409, 413, 422, 500, 503, 507)
"""Statuses whose problems have a title of their own."""


def title_of(status: int) -> str:
    """What a problem of that status is called."""
    return speaker().text(sentence(f"problem-{status}" if status in TITLED else "problem-other"))


Responses = dict[int | str, dict[str, Any]]


def problems(*statuses: int) -> Responses:
    """OpenAPI responses for the given statuses, and for what any request can meet."""
    content = {"application/problem+json": {"schema": {"$ref": "#/components/schemas/Problem"}}}
    return {
        status: {"description": title_of(status), "content": content}
        for status in sorted({400, 403, 404, 405, 409, 413, 422, 503, 507, *statuses})
    }


def problem(status: int, code: str, detail: str, **more: Any) -> JSONResponse:
    """A problem as a response."""
    body = Problem(
        type="about:blank", title=title_of(status), status=status, detail=detail, code=code, **more
    )
    return JSONResponse(body.model_dump(exclude_none=True), status, media_type="application/problem+json")


def install(app: FastAPI) -> None:
    """Make the application answer every error with a problem."""

    @app.exception_handler(WashboardError)
    async def known(_: Request, error: WashboardError) -> JSONResponse:
        more: dict[str, Any] = {}
        if isinstance(error, Stale):
            more = {"revision": error.revision, "changed": list(error.changed)}
        return problem(STATUS.get(error.code, 422), error.code, speaker().text(error.sentence), **more)

    @app.exception_handler(RequestValidationError)
    async def malformed(_: Request, error: RequestValidationError) -> JSONResponse:
        lines = [_line(found) for found in error.errors()[:5]]
        return problem(
            422, "invalid-input", speaker().text(sentence("problem-fields", faults="; ".join(lines)))
        )

    @app.exception_handler(HTTPException)
    async def plain(request: Request, error: HTTPException) -> JSONResponse:
        if error.status_code == 413:
            most = request.scope.get(MAX_BODY_SIZE_SCOPE_KEY, MOST_TEXT)
            return problem(413, "too-large", speaker().text(too_long(most)))
        if error.status_code == 400:
            return problem(400, "invalid-input", speaker().text(sentence("refused-body-unreadable")))
        code = {404: "missing", 405: "method"}.get(error.status_code, "http")
        return problem(error.status_code, code, str(error.detail))

    @app.exception_handler(Exception)
    async def broken(_: Request, __: Exception) -> JSONResponse:
        """A fault of the program: what it was is written where the program runs, not told to who asked."""
        return problem(500, "fault", speaker().text(sentence("refused-program-fault")))


def _line(found: dict[str, Any]) -> str:
    """What is wrong, what was given where that is short, and where."""
    given = found.get("input")
    received = (
        f"; {given!r} was given" if isinstance(given, (str, int, float)) and len(repr(given)) <= 40 else ""
    )
    return f"{found['msg']}{received} @ {'.'.join(str(part) for part in found['loc'])}"
