"""Notes of a plan about what the painter has arranged, and what was invented."""

from __future__ import annotations

from ...core.composition.borrowed import seams
from ...core.key.mood import Mood
from ...core.materials.stocks import described_stock, stock_named
from ...core.sentence import Amount, Sentence, as_given, sentence
from ...settings import Settings
from ...words import speaker
from .results import BORROWED, Framed

MOODS = (Mood.LIGHTER, Mood.DARKER, Mood.CLOSER)


def photo_notes(frame: Framed, settings: Settings) -> tuple[Sentence, ...]:
    """What opening the photo's ends invents, and the seams of what is borrowed from other photos."""
    there = [BORROWED + number for number in range(1, len(settings.borrowed) + 1)]
    called = {area.label: speaker().name(area.called) for area in frame.areas.areas if area.label in there}
    return *frame.reference.notes, *seams(frame.picture, frame.areas.labels, called)


def arrangement_notes(frame: Framed, settings: Settings) -> list[Sentence]:
    """What is opened, borrowed, lit anew or invented, and what the mood did."""
    notes = list(photo_notes(frame, settings))
    if settings.stock is not None:
        stock = described_stock(stock_named(settings.medium, settings.stock), settings.side)
        notes.insert(0, as_given(stock))
    if frame.invented is not None:
        notes.append(sentence("note-invented", share=Amount(100 * float(frame.invented.mean()), 1)))
    if settings.relight is not None:
        notes.append(sentence("note-relit", by=settings.relight.by.value))
    if settings.intent.mood in MOODS:
        notes.append(sentence(f"note-mood-{settings.intent.mood}"))
    return notes
