"""Recipes asked for outside of a piece: for a colour, or what a mixture or a stack of layers looks like."""

from __future__ import annotations

import re
from collections.abc import Collection, Sequence
from typing import Any

import numpy as np

from ..core.colour.lab import value_of_lab
from ..core.colour.spectra import Floats, lab_of_spectrum, spectrum_of_lab
from ..core.errors import InvalidInput
from ..core.materials.paints import PAINTS, Paint, paint_named
from ..core.materials.sticks import Stick
from ..core.materials.surfaces import surface_of
from ..core.mixing.grid import MOST_PAINTS
from ..core.mixing.measured import Recipe
from ..core.mixing.merits import merits
from ..core.mixing.mixture import mixing_model_of
from ..core.mixing.paintbox import coated
from ..core.mixing.search import recipes_for
from ..core.optics.vehicle import Vehicle, vehicle_of
from ..core.sentence import Listed, sentence, term
from ..words import speaker

Colours = Sequence[Paint | Stick]
Mixture = tuple[tuple[Paint, float], ...]
MOST_ON_PALETTE = 40
MOST_FILM = 10.0


def ground_of(surface: str) -> Floats:
    """The reflectance (36,) of a surface by its word."""
    return spectrum_of_lab(surface_of(surface).lab)


def palette_named(words: str, medium: str) -> tuple[Paint, ...]:
    """Paints by their names, separated by commas; raises UnknownName, InvalidInput for none or too many."""
    paints = {p.key: p for p in (paint_named(word) for word in words.split(",") if word.strip())}
    if not paints:
        raise InvalidInput("refused-palette-none-named")
    if len(paints) > MOST_ON_PALETTE:
        raise InvalidInput("refused-palette-too-many", most_on_palette=MOST_ON_PALETTE, number=len(paints))
    vehicle_of(medium)
    return tuple(paints.values())


def target_of(text: str) -> Floats:
    """A colour from `L,a,b`; raises InvalidInput."""
    try:
        lab = np.array([float(part) for part in text.split(",")])
    except ValueError:
        lab = np.array([])
    if lab.shape != (3,) or not np.isfinite(lab).all() or not 0 <= lab[0] <= 100 or np.abs(lab).max() > 150:
        raise InvalidInput("refused-target-not-understood")
    return lab


def mixture_of(text: str) -> Mixture:
    """A mixture from `ultramarine=2,burnt sienna=1`; raises InvalidInput and UnknownName."""
    found: dict[str, float] = {}
    for part in text.split(","):
        name, _, amount = part.partition("=")
        try:
            parts = float(amount or 1)
        except ValueError:
            parts = -1.0
        if not 0 < parts <= 1000:
            raise InvalidInput("refused-parts-range", name=name.strip()[:40])
        key = paint_named(name).key
        if key in found:
            raise InvalidInput("refused-paint-twice", words=PAINTS[key].words)
        found[key] = parts
    return tuple((PAINTS[key], parts) for key, parts in found.items())


def layers_of(text: str, film: float) -> list[tuple[Mixture, float]]:
    """Layers from `A;B`, the lowest first, each a mixture with its own film after `@` if given."""
    layers = []
    for part in text.split(";"):
        match = re.fullmatch(r"([^@]+)(?:@\s*([0-9.]+)\s*)?", part.strip())
        if not match:
            raise InvalidInput("refused-layers-not-understood")
        layers.append((mixture_of(match[1]), float(match[2]) if match[2] else film))
    return layers


def recipes(
    paints: Sequence[Paint], medium: str, surface: str, target: Floats, most: int = MOST_PAINTS
) -> dict[str, Any]:
    """Recipes for a target over a surface, best first."""
    if not 1 <= most <= MOST_PAINTS:
        raise InvalidInput("refused-mixture-count", most_paints=MOST_PAINTS, most=most)
    # A covering medium is laid in coats: a glaze over white would be nearest to many a colour.
    model = mixing_model_of(paints, coated(vehicle_of(medium)), ground_of(surface))
    found = recipes_for(model, target, count=6, most=most)[0]
    return {"recipes": recipe_entries(found, paints, model.vehicle, target)}


def recipe_entries(
    recipes: Sequence[Recipe], paints: Colours, vehicle: Vehicle, target: Floats, out: Collection[int] = ()
) -> list[dict[str, Any]]:
    """Recipes as plain values; `dilution` is the film of one layer over the strongest, 1 undiluted; `says`
    what each is best at. `out`: places of the paints that are on the palette already."""
    labs = [target, *(recipe.lab for recipe in recipes), *(recipe.wet for recipe in recipes)]
    wanted, *values = value_of_lab(np.array(labs)).round(2).tolist()
    tubes = [paint for paint in paints if isinstance(paint, Paint)]
    known = (
        merits(recipes, tubes, not vehicle.covers, out) if len(tubes) == len(paints) else [()] * len(recipes)
    )
    return [
        {
            "parts": [
                {"paint": paints[i].key, "parts": p} for i, p in zip(recipe.paints, recipe.parts, strict=True)
            ],
            "dilution": round(recipe.thickness / recipe.layers / vehicle.strongest, 6),
            "layers": recipe.layers,
            "lab": rounded(recipe.lab),
            "labWet": rounded(recipe.wet),
            "value": dry,
            "valueWet": wet,
            "deltaE": round(recipe.delta_e, 2),
            "valueError": round(recipe.value_error, 2),
            "targetValue": wanted,
            "load": round(recipe.thickness, 5),
            "says": ", ".join(speaker().phrase(sentence(f"merit-{merit}")) for merit in own),
            "tint": tint_words(recipe, paints),
        }
        for recipe, dry, wet, own in zip(recipes, values, values[len(recipes) :], known, strict=False)
    ]


def tint_words(recipe: Recipe, paints: Colours) -> str:
    """How a recipe that takes too little of a paint is measured in two steps; empty for others."""
    tint = recipe.tint
    if tint is None:
        return ""
    strong, into, parts = (
        sentence("mix-tint-strong", strong=paints[tint.strong].words),
        paints[tint.into].words,
        f"{tint.parts:g}",
    )
    if tint.beside:
        other, beside = tint.beside
        strong = sentence(
            "mix-tint-beside",
            strong=paints[tint.strong].words,
            other=paints[other].words,
            beside=f"{beside:g}",
        )
    if not tint.rest:
        return speaker().phrase(sentence("mix-tint-alone", strong=strong, into=into, parts=parts))
    rest = Listed(tuple(term(f"{parts:g} {paints[paint].words}") for paint, parts in tint.rest))
    taken = f"{tint.taken:g}"
    return speaker().phrase(
        sentence("mix-tint", strong=strong, into=into, parts=parts, taken=taken, rest=rest)
    )


def mixture_words(recipe: Recipe, paints: Colours) -> str:
    """A recipe in one line: its parts, or how they are measured in two steps."""
    parts = zip(recipe.parts, recipe.paints, strict=True)
    return tint_words(recipe, paints) or " + ".join(
        f"{part:g} {speaker().local(paints[k].words)}" for part, k in parts
    )


def predicted(layers: Sequence[tuple[Mixture, float]], medium: str, surface: str) -> dict[str, Any]:
    """What layers look like, the lowest first, each dry before the next: the last is also told wet."""
    vehicle, reflectance = vehicle_of(medium), ground_of(surface)
    described = []
    for mixture, film in layers:
        if not 0 < film <= MOST_FILM:
            raise InvalidInput("refused-film-range", most_film=f"{MOST_FILM:g}", film=f"{film:g}")
        shares = np.array([parts for _, parts in mixture])
        thicknesses = film * shares / shares.sum()
        model = mixing_model_of([paint for paint, _ in mixture], vehicle, reflectance)
        wet = model.labs(thicknesses, wet=True)
        reflectance = model.spectra(thicknesses)
        lab = lab_of_spectrum(reflectance)
        described.append(
            {
                "parts": [{"paint": paint.key, "parts": parts} for paint, parts in mixture],
                "film": film,
                "lab": rounded(lab),
                "labWet": rounded(wet),
                "value": round(float(value_of_lab(lab)), 2),
            }
        )
    last = described[-1]
    return {"layers": described, **{name: last[name] for name in ("lab", "labWet", "value")}}


def paint_entry(paint: Paint) -> dict[str, Any]:
    """A paint with what to know of it, as plain values."""
    return {
        "key": paint.key,
        "name": paint.words,
        "index": paint.index,
        "media": list(paint.media),
        "opacity": round(paint.opaque, 2),
        "staining": paint.staining,
        "granulation": paint.granulation,
        "lightfast": paint.lightfast,
        "oilDrying": paint.drying.value,
        "oilContent": paint.oil,
        "cost": paint.cost,
        "hazard": paint.caution,
        "labOverWhite": rounded(paint.strong),
        "labOverBlack": rounded(lab_of_spectrum(paint.reflectances()[1])),
        "provenance": "modelled, not measured",
    }


def rounded(lab: Sequence[float] | Floats) -> list[float]:
    """A colour as it is written: two digits, no negative zero."""
    return [round(float(c), 2) + 0.0 for c in lab]
