"""Small pictures for the studio wall."""

from __future__ import annotations

import io

from PIL import Image

SIZE = (420, 280)
"""Pixels within which a thumbnail lies: twice those of the wall, for screens that are as dense."""


def thumbnail(working: bytes) -> bytes:
    """A small JPEG of a working copy, a JPEG as well; its proportions are kept."""
    picture = Image.open(io.BytesIO(working))
    picture.thumbnail(SIZE)
    out = io.BytesIO()
    picture.save(out, "JPEG", quality=82)
    return out.getvalue()
