"""Colours in painters' words, by keys: the word for a value and for a hue."""

from __future__ import annotations

import math

TONES = (
    (1.5, "black"),
    (3.2, "dark"),
    (4.5, "dark-middle"),
    (5.5, "middle"),
    (6.8, "light-middle"),
    (9.0, "light"),
)
"""Upper limit of value and the key of its word, the same everywhere; above the last it is `white`."""

HUES = (
    (20, "rose"),
    (42, "red"),
    (60, "orange"),
    (78, "ochre"),
    (108, "yellow"),
    (128, "green-yellow"),
    (170, "green"),
    (215, "blue-green"),
    (262, "blue"),
    (292, "blue"),
    (325, "violet"),
    (345, "purple"),
    (360, "rose"),
)
"""Upper limit of the Lab hue angle in degrees and the painter's word for it."""

EARTHS = {"orange": "brown", "ochre": "brown", "red": "red-brown", "yellow": "olive"}
"""What a hue is called when it is dark and not clear: dark orange is brown."""
CLEAR = 1.05
"""Chroma over lightness from which a dark hue keeps its own name: a red cup in shade is red."""


def tone_of(value: float) -> str:
    """The key of the word for a Munsell value (0–10).

    >>> tone_of(9.2), tone_of(2.4)
    ('white', 'dark')
    """
    return next((word for limit, word in TONES if value < limit), "white")


def hue_of(lab: tuple[float, float, float]) -> str:
    """The key of the word for the hue of a Lab colour; `grey` below chroma 4, `warm-grey` below 9.

    >>> hue_of((60.0, 0.0, 0.0)), hue_of((30.0, 15.0, 25.0))
    ('grey', 'brown')
    """
    lightness, a, b = lab
    chroma = math.hypot(a, b)
    if chroma < 4:
        return "grey"
    angle = math.degrees(math.atan2(b, a)) % 360
    name = next(word for limit, word in HUES if angle <= limit)
    if chroma < 9:
        return "warm-grey" if angle < 110 or angle > 325 else "cool-grey"
    if lightness < 52 and chroma < CLEAR * lightness and name in EARTHS:
        name = EARTHS[name]
    if chroma < 16 and "-" not in name:
        return f"{name}-grey" if name != "brown" else "brown-grey"
    return name
