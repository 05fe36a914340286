"""What a list of the core calls something, as it is sent: in the language that is spoken."""

from __future__ import annotations

from typing import Annotated

from pydantic import PlainSerializer

from ...words import speaker

Term = Annotated[str, PlainSerializer(lambda words: speaker().local(words), return_type=str)]
