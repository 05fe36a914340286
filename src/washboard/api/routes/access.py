"""How routes reach the studio, and answers that a browser may keep."""

from __future__ import annotations

import hashlib
from typing import Annotated

from fastapi import Depends, Path, Request, Response

from ...studio import Studio


def _studio(request: Request) -> Studio:
    studio: Studio = request.app.state.studio
    return studio


InStudio = Annotated[Studio, Depends(_studio)]
Id = Annotated[str, Path(pattern="^[0-9a-f]{32}$", examples=["0" * 32])]
PLAN = "Washboard-Plan"
"""The header that names the plan an answer is about."""


def kept(
    request: Request,
    data: bytes,
    media_type: str,
    encoding: str | None = None,
    plan: str = "",
    content: str = "",
) -> Response:
    """Bytes with an ETag, about the plan of that key; 304 when the browser already has them.

    `content` is their SHA-256 where it is known.
    """
    tag = f'"{(content or hashlib.sha256(data).hexdigest())[:32]}"'
    headers = {"ETag": tag, "Cache-Control": "private, no-cache"} | ({PLAN: plan} if plan else {})
    if request.headers.get("if-none-match") == tag:
        return Response(status_code=304, headers=headers)
    if encoding:
        headers["Content-Encoding"] = encoding
    return Response(data, media_type=media_type, headers=headers)


def about(plan: str, data: bytes, media_type: str, **headers: str) -> Response:
    """Bytes about the plan of that key."""
    return Response(data, media_type=media_type, headers={PLAN: plan, **headers})
