"""What stands before the studio for a device on the local network: the pairing page, or a known token.

Everything else is refused here, before the application sees it; to the application a paired device looks like
a page of this machine, but for pairing itself, which is done at the desk only.
"""

from __future__ import annotations

import asyncio
from collections.abc import Callable
from datetime import UTC, datetime
from urllib.parse import parse_qs

from starlette.requests import Request
from starlette.responses import RedirectResponse, Response
from starlette.types import ASGIApp, Receive, Scope, Send

from ...core.errors import WashboardError
from ...core.sentence import sentence
from ...store.errors import StoreError
from ...studio.pairing import Pairing
from ...words import speaker, speaking
from ..problems import problem
from .page import POLICY, pairing_page

COOKIE = "__Host-washboard"
YEAR = 365 * 24 * 3600
PAIR, AUTHORITY = "/pair", "/pair/authority.crt"
MOST_FORM = 2000
"""Bytes of the pairing page's form at the most."""
AT_THE_DESK = "/api/pairing"
SAFE = {
    "Cache-Control": "no-store",
    "X-Content-Type-Options": "nosniff",
    # Not "no-referrer": by that a browser hides from us, too, where the form comes from.
    "Referrer-Policy": "same-origin",
    "X-Frame-Options": "DENY",
}


class Gate:
    """The application as devices reach it at an `authority` such as 192.168.1.20:8771."""

    def __init__(
        self,
        app: ASGIApp,
        pairing: Pairing,
        authority: str,
        certificate: Callable[[], bytes],
        language: Callable[[], str],
    ) -> None:
        self._app, self._pairing, self._authority, self._language = app, pairing, authority, language
        self._certificate = certificate

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Refuse, answer with the pairing page, or pass a paired device's request on."""
        if scope["type"] != "http":
            return
        request = Request(scope, receive)
        with speaking(self._language()):
            answer = await self._answer(request)
        if answer is None:
            await self._app(_as_own(scope), receive, send)
        else:
            answer.headers.update(SAFE)
            await answer(scope, receive, send)

    async def _answer(self, request: Request) -> Response | None:
        """What is said here; None for what is passed on."""
        origin = request.headers.get("origin")
        hosts = request.headers.getlist("host")
        if hosts != [self._authority] or origin not in (None, f"https://{self._authority}"):
            return _refused("refused-foreign")
        path = request.url.path
        if path == PAIR:
            return await self._pair(request)
        if path == AUTHORITY and request.method == "GET":
            return Response(self._certificate(), media_type="application/x-x509-ca-cert")
        token = request.cookies.get(COOKIE, "")
        if not token or await asyncio.to_thread(self._pairing.known, token, datetime.now(UTC)) is None:
            if request.method == "GET" and "text/html" in request.headers.get("accept", ""):
                return RedirectResponse(PAIR, 303)
            return _refused("refused-unpaired")
        if path == AT_THE_DESK or path.startswith(f"{AT_THE_DESK}/"):
            return _refused("refused-at-desk")
        return None

    async def _pair(self, request: Request) -> Response:
        if request.method not in ("GET", "POST"):
            return _refused("refused-unpaired")
        if request.method == "GET":
            return _page()
        form = await _form(request)
        try:
            given, name = form.get("code", ""), form.get("name", "")
            token = await asyncio.to_thread(self._pairing.claim, given, name, datetime.now(UTC))
        except StoreError as error:
            return _page(speaker().text(error.sentence), 503)
        except WashboardError as error:
            return _page(speaker().text(error.sentence), 403)
        paired = RedirectResponse("/", 303)
        paired.set_cookie(COOKIE, token, max_age=YEAR, secure=True, httponly=True, samesite="strict")
        return paired


async def _form(request: Request) -> dict[str, str]:
    """The fields of a short form; none of one that is longer or no text."""
    data = b""
    async for chunk in request.stream():
        data += chunk
        if len(data) > MOST_FORM:
            return {}
    fields = parse_qs(data.decode("utf-8", "replace"), max_num_fields=8, errors="replace")
    return {key: values[0] for key, values in fields.items()}


def _page(problem: str = "", status: int = 200) -> Response:
    headers = {"Content-Security-Policy": POLICY}
    return Response(pairing_page(problem), status, headers, "text/html; charset=utf-8")


def _refused(key: str) -> Response:
    return problem(403, "foreign", speaker().text(sentence(key)))


def _as_own(scope: Scope) -> Scope:
    """The request as if a page of this machine had made it; the token stays at the door."""
    gone = (b"host", b"origin", b"cookie")
    headers = [(name, value) for name, value in scope["headers"] if name not in gone]
    return {**scope, "headers": [*headers, (b"host", b"localhost")]}
