"""The languages there are, and the one that is spoken just now.

A new language is a folder beside `en` with the same patterns and a `terms.json`, and its line here.
"""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager
from contextvars import ContextVar
from functools import cache

from ..core.sentence import USUAL_LANGUAGE
from .speaker import Speaker

LANGUAGES = {"en": ("English", "en-GB"), "de": ("Deutsch", "de-DE")}
"""What each is called in itself, and its locale."""
_SPOKEN: ContextVar[str] = ContextVar("language", default=USUAL_LANGUAGE)


@cache
def _speaker_of(language: str) -> Speaker:
    return Speaker(language, LANGUAGES[language][1])


ENGLISH = _speaker_of(USUAL_LANGUAGE)
"""What the program speaks where nobody has said otherwise."""


def speaker() -> Speaker:
    """Who speaks just now: within a request or a task, its language."""
    return _speaker_of(_SPOKEN.get())


@contextmanager
def speaking(language: str) -> Iterator[None]:
    """Speak a language within; one that there is not, as a newer version may have kept it, is English."""
    before = _SPOKEN.set(language if language in LANGUAGES else USUAL_LANGUAGE)
    try:
        yield
    finally:
        _SPOKEN.reset(before)
