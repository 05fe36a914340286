"""Masses and mixtures as sentences name them."""

from __future__ import annotations

from collections.abc import Sequence

from ..colour.lab import difference
from ..colour.words import hue_of, tone_of
from ..reference.mass import Lab, Mass, MassKind
from ..sentence import Masses, Sentence, of_masses, row_of, sentence

NEARLY_ALL = 0.72
"""Share of the picture from which a pass is laid over the sheet, leaving something."""

SECOND_HUE, VARIEGATED = 0.25, 8.0
"""Share of a pass, and ΔE₀₀ from its first mixture, from which a second hue is worth naming."""


def weightiest(masses: Sequence[Mass]) -> tuple[str, ...]:
    """Ids of masses in the order in which they are named: the painter's names, then the largest, accents
    last."""
    ranked = sorted(masses, key=lambda m: (m.kind is MassKind.ACCENT, not m.called.own, -m.share, m.label))
    return tuple(m.id for m in ranked)


def said(masses: Sequence[Mass], most: int = 2) -> Masses:
    """Masses inside a sentence."""
    return of_masses(weightiest(masses), _few(masses, most))


def row(masses: Sequence[Mass], most: int = 3) -> Masses:
    """Masses in a title."""
    return row_of(weightiest(masses), _few(masses, most))


def _few(masses: Sequence[Mass], most: int) -> int:
    """How many to name: names made by the program are long, and the picture shows the rest."""
    own = sum(bool(mass.called.own) for mass in masses)
    # Of one more than are named, nobody would say "and one more".
    return len(masses) if own == len(masses) == most + 1 else min(most, max(own, 1))


def tones_of(masses: Sequence[Mass]) -> Sentence:
    """What a pass lays by its mean value: `darks`, `light middles`."""
    return sentence(f"tones-{tone_of(mean_target(masses))}")


def mean_target(masses: Sequence[Mass]) -> float:
    """The mean target value, by area."""
    return sum(m.target * m.share for m in masses) / max(sum(m.share for m in masses), 1e-12)


def mixture_of(masses: Sequence[Mass]) -> Sentence:
    """Tone of a pass and the hues of its largest mixtures: a mean of hues would say grey.

    A second hue is named where it takes SECOND_HUE of the pass and is clearly another colour. A graded mass
    has the hues of both its ends.
    """
    total = sum(m.share for m in masses)
    held: dict[str, float] = {}
    largest: dict[str, tuple[float, Lab]] = {}
    for mass in masses:
        for lab in dict.fromkeys(mass.target_ends):
            share = mass.share / len(set(mass.target_ends))
            hue = hue_of(lab)
            held[hue] = held.get(hue, 0.0) + share
            if share > largest.get(hue, (-1.0, lab))[0]:
                largest[hue] = share, lab
    first, *others = sorted(held, key=lambda hue: (-held[hue], hue))
    colour = {hue: lab for hue, (_, lab) in largest.items()}
    second = next(
        (h for h in others if held[h] >= SECOND_HUE * total and _is_another(colour[first], colour[h])), None
    )
    tone = tone_of(mean_target(masses))
    if second:
        return sentence("mixture-of-two", tone=_tone(tone), hue=_hue(first), other=_hue(second))
    return colour_words(tone, first)


def colour_words(tone: str, hue: str) -> Sentence:
    """A colour by the keys of its tone and hue: in black and in a white of hardly any hue nobody sees one."""
    if tone == "black" or (tone == "white" and hue.endswith("grey")):
        return _tone(tone)
    return sentence("mixture", tone=_tone("light" if tone == "white" else tone), hue=_hue(hue))


def hue_words(tone: str, hue: str) -> Sentence:
    """A colour whose value is told beside it: its hue alone, where it has one."""
    if tone == "black" or (tone == "white" and hue.endswith("grey")):
        return _tone(tone)
    return _hue(hue)


def _tone(key: str) -> Sentence:
    return sentence(f"tone-{key}")


def _hue(key: str) -> Sentence:
    return sentence(f"hue-{key}")


def _is_another(one: Lab, other: Lab) -> bool:
    """Whether two colours differ by more than VARIEGATED ΔE₀₀, lightness left out."""
    return float(difference(one, (one[0], *other[1:]))) > VARIEGATED
