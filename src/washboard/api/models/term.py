"""What a list of the core calls something, as it is sent: in the language that is spoken."""

from __future__ import annotations

from typing import Annotated

from pydantic import PlainSerializer

from ...words import speaker

Term = Annotated[str, PlainSerializer(lambda words: speaker().local(words), return_type=str)]


def _done(words: str) -> str:
    done, colon, to = words.partition(": ")
    return f"{speaker().local(done)}{colon}{to}" if colon else words


Done = Annotated[str, PlainSerializer(_done, return_type=str)]
"""What was done, a colon, and what to: the first is told in the language of the painter, the other stays as
the painter calls it."""
