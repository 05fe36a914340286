"""Masses and passes in painters' words."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from ..colour.lab import difference, lab_of_linear, linear_of_lab
from ..colour.words import hue_of, is_warm, level_of, look_at
from ..reference.mass import Lab, Mass, MassKind
from ..reference.place import place_of

NEARLY_ALL = 0.72
"""Share of the picture from which a pass is laid over the sheet, leaving something."""

SECOND_HUE, VARIEGATED = 0.25, 8.0
"""Share of a pass, and ΔE₀₀ from its first mixture, from which a second hue is worth naming."""


def look_of(mass: Mass) -> str:
    """How a mass looks: level and hue, `deep blue`, `pale warm grey`."""
    return look_at(mass.target_lab, mass.target)


def named(mass: Mass) -> str:
    """The painter's name for a mass, else look and place: `the deep blue across the top`."""
    if mass.name:
        return mass.name
    if mass.kind is MassKind.ACCENT:
        return f"the {'light' if mass.light else 'dark'} accent {place_of(mass)}"
    return f"the {look_of(mass)} {place_of(mass)}"


def listed(masses: Sequence[Mass], most: int = 3) -> str:
    """Masses as a list in words: names and the largest first, then how many more, then accents counted."""
    shapes = [m for m in masses if m.kind is not MassKind.ACCENT or m.name]
    ranked = sorted(shapes, key=lambda m: (m.name is None, -m.share, m.label))
    names = list(dict.fromkeys(named(m) for m in ranked))
    shown, more = names[:most], len(names) - most
    if more == 1:
        shown = names
    elif more > 1:
        shown.append(f"{count_word(more)} {'more' if ranked[-1].name else 'smaller shapes'}")
    unnamed = [m for m in masses if m.kind is MassKind.ACCENT and not m.name]
    for light in (True, False):
        found = [m for m in unnamed if m.light is light]
        word = "light" if light else "dark"
        if len(found) == 1 and not shown:
            shown.append(named(found[0]))
        elif found:
            shown.append(
                f"the {count_word(len(found))} {word} accents" if len(found) > 1 else f"the {word} accent"
            )
    return shown[0] if len(shown) == 1 else ", ".join(shown[:-1]) + " and " + shown[-1] if shown else ""


def spread(values: Sequence[float]) -> str:
    """A range of values in words, one value where they agree.

    >>> spread([3.04, 3.0]), spread([2.0, 4.5])
    ('3.0', '2.0 to 4.5')
    """
    low, high = f"{min(values):.1f}", f"{max(values):.1f}"
    return low if low == high else f"{low} to {high}"


def count_word(number: int) -> str:
    """A small count in letters.

    >>> count_word(6), count_word(14)
    ('six', '14')
    """
    words = (
        "no",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
    )
    return words[number] if number < len(words) else str(number)


def mixture_words(masses: Sequence[Mass]) -> str:
    """Level of a pass and the hues of its largest mixtures: a mean of hues would say grey.

    A second hue is named where it takes SECOND_HUE of the pass and is clearly another colour. A graded mass
    has the hues of both its ends.
    """
    total = sum(m.share for m in masses)
    mean = sum(m.target * m.share for m in masses) / max(total, 1e-12)
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
    return f"{level_of(mean)} {first}" + (f" and {second}" if second else "")


def _is_another(one: Lab, other: Lab) -> bool:
    """Whether two colours differ by more than VARIEGATED ΔE₀₀, lightness left out."""
    return float(difference(one, (one[0], *other[1:]))) > VARIEGATED


def temperature(masses: Sequence[Mass]) -> str:
    """`warm` or `cool`, from the area-weighted mean colour."""
    total = sum(m.share for m in masses)
    linear = sum(np.asarray(linear_of_lab(m.target_lab)) * m.share for m in masses) / max(total, 1e-12)
    lab = lab_of_linear(linear)
    return "warm" if is_warm((float(lab[0]), float(lab[1]), float(lab[2]))) else "cool"


def capital(text: str) -> str:
    """The text with its first letter large, the rest as it is."""
    return text[:1].upper() + text[1:]
