"""What stands before every request: whose page asks, how much it sends, what a browser may do with answers.

A page of any other place can make a browser ask this machine. It is told by the names that it asks by and
comes from, which a browser never lets a page choose (Fetch standard, 3.1 and 4.7).
"""

from __future__ import annotations

import ipaddress
from contextlib import suppress
from urllib.parse import urlsplit

from starlette.datastructures import Headers, MutableHeaders
from starlette.middleware.body_limit import MAX_BODY_SIZE_SCOPE_KEY, RequestBodyLimitMiddleware
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from ...core.sentence import sentence
from ...words import speaker, speaking
from ..limits import MOST_TEXT, too_long
from ..problems import problem

HTTP_PORT = 80
SAFE = {
    "X-Content-Type-Options": "nosniff",
    "Referrer-Policy": "same-origin",
    "X-Frame-Options": "DENY",
    "Cross-Origin-Resource-Policy": "same-origin",
}
NOTHING = "default-src 'none'; frame-ancestors 'none'"
"""What an answer that is no page may load if it is opened as one: nothing."""


class Guard:
    """An application to which only its own pages, of this machine, may talk, and not with more than it takes.

    Answers get the headers that keep a browser from guessing types, framing and telling others.
    """

    def __init__(self, app: ASGIApp) -> None:
        self._app = RequestBodyLimitMiddleware(app, MOST_TEXT)

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Refuse, or pass on."""
        if scope["type"] != "http":
            if scope["type"] == "lifespan":
                await self._app(scope, receive, send)
            return
        headers = Headers(scope=scope)
        # The studio is there once the application has started, and its language is that of every answer.
        with speaking(scope["app"].state.studio.language):
            if not own(headers, (scope.get("server") or ("", None))[1]):
                refused = problem(403, "foreign", speaker().text(sentence("refused-foreign")))
                await refused(scope, receive, _Told(send))
            else:
                await self._app(scope, receive, _Told(send, scope))


class _Told:
    """Where an answer goes: with the headers that all have. That a request was too long, which the library
    tells in bare words, is told as all problems are."""

    def __init__(self, send: Send, scope: Scope | None = None) -> None:
        self._send, self._scope, self._instead = send, scope or {}, b""

    async def __call__(self, message: Message) -> None:
        """Send the next part of an answer."""
        if message["type"] == "http.response.start":
            headers = MutableHeaders(scope=message)
            if message["status"] == 413 and headers.get("content-type", "").startswith("text/plain"):
                most = self._scope.get(MAX_BODY_SIZE_SCOPE_KEY, MOST_TEXT)
                told = problem(413, "too-large", speaker().text(too_long(most)))
                self._instead = bytes(told.body)
                headers.update(told.headers)
            for name, value in SAFE.items():
                headers.setdefault(name, value)
            if not headers.get("content-type", "").startswith("application/pdf"):
                headers.setdefault("Content-Security-Policy", NOTHING)
        elif self._instead:
            message = {"type": "http.response.body", "body": self._instead}
        await self._send(message)


def own(headers: Headers, port: int | None) -> bool:
    """Whether a request with these headers asks for this machine by its own name and the `port` that answers,
    and comes from no page but this program's."""
    hosts, origins = headers.getlist("host"), headers.getlist("origin")
    if len(hosts) != 1 or len(origins) > 1:
        return False
    asked = _authority(f"http://{hosts[0]}")
    # A device that was let in at the door asks by no port, as if it were the usual one.
    if asked is None or asked not in (port, HTTP_PORT):
        return False
    if origins and (not origins[0].startswith("http://") or _authority(origins[0]) != asked):
        return False
    return headers.get("sec-fetch-site", "none") in ("none", "same-origin") or _visits(headers)


def _visits(headers: Headers) -> bool:
    """Whether a link elsewhere was followed to a page: nothing of it can be read there."""
    return headers.get("sec-fetch-mode") == "navigate" and headers.get("sec-fetch-dest") == "document"


def _authority(address: str) -> int | None:
    """The port of an address on this machine's loopback, however it is spelled; None for any other."""
    with suppress(ValueError):
        parts = urlsplit(address)
        name = (parts.hostname or "").removesuffix(".")
        if parts.username is not None or parts.path or parts.query or parts.fragment:
            return None
        if name == "localhost" or ipaddress.ip_address(name).is_loopback:
            return parts.port or HTTP_PORT
    return None
