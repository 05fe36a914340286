"""How much a request may send."""

from __future__ import annotations

from ..core.sentence import Sentence, sentence
from ..formats.image import MOST_BYTES

MOST_TEXT = 1 << 20
"""Bytes of a request that brings no file at the most: strokes and outlines of a large piece are a third."""
MOST_FILE = MOST_BYTES + 64 * 1024
"""Bytes of one that brings a file: the file, and the form around it."""


def too_long(most: int) -> Sentence:
    """What a request longer than `most` bytes is told."""
    if most > MOST_TEXT:
        return sentence("refused-upload-too-large", most=MOST_BYTES >> 20)
    return sentence("refused-body-too-large", most=most >> 10)
