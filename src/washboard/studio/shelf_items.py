"""The shelf as plain fields and back, files merged into it, and what each thing looks like."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import asdict, dataclass, replace
from typing import Any

import numpy as np

from ..core.calibration.refit import Refit, Swatch, refit
from ..core.calibration.strip import FIELDS
from ..core.colour.lab import value_of_lab
from ..core.colour.spectra import BANDS, DAYLIGHT, Floats, lab_of_spectrum, spectrum_of_lab
from ..core.errors import InvalidInput
from ..core.materials.paints import PAINTS, THIN
from ..core.materials.shelf import HIDES, OWN, Item, ItemKind, seen_over_white
from ..core.materials.sticks import STICKS
from ..core.materials.stocks import STOCKS
from ..core.materials.surfaces import surface_of
from ..core.materials.tools import TOOLS
from ..core.optics.kubelka import film, over
from ..core.optics.vehicle import vehicle_of
from ..core.sentence import Listed

RAMP = (1.0, 0.5, 0.25, 0.12, 0.06, 0.03)
"""Thicknesses of the ramp that a paint is shown by, in unit films."""
TINTS = (0.0, 0.5, 0.8, 0.94)
"""Shares of white in the tints that it is shown by."""
GROUNDS = ("white", "value:7", "#c9a86a", "#5f4631", "black")
"""What it is shown over, besides the piece's own grounds."""
Change = Mapping[str, Any] | None

LIGHTFAST = {1: "I of IV (best)", 2: "II of IV", 3: "III of IV", 4: "IV of IV"}
"""How long a paint keeps its colour in light, as tubes say it."""


def item_of(key: str, fields: Mapping[str, Any]) -> Item:
    """A thing from a row's fields."""
    films = fields.get("films")
    return Item(
        **{
            **fields,
            "key": key,
            "kind": ItemKind(fields["kind"]),
            "films": (tuple(films[0]), tuple(films[1])) if films else None,
        }
    )


def fields_of(item: Item) -> dict[str, Any]:
    """A thing as a row's fields, without its key."""
    fields = asdict(item)
    del fields["key"]
    return fields | {
        "kind": item.kind.value,
        "films": [list(each) for each in item.films] if item.films else None,
    }


@dataclass(frozen=True)
class Merged:
    """What an import changes: fields by key, counts, and what to know."""

    changes: dict[str, Change]
    added: int
    updated: int
    same: int


def merged(items: Sequence[Item], incoming: Sequence[Item], next_number: int) -> Merged:
    """Things from a file put to those on the shelf: of one kind, name and medium is the same thing.

    Raises InvalidInput where the file has such a thing twice.
    """
    here = {item.named: item for item in items}
    changes: dict[str, Change] = {}
    seen: set[tuple[ItemKind, str, str]] = set()
    added = updated = 0
    for item in incoming:
        if item.named in seen:
            raise InvalidInput("refused-shelf-file-twice", name=item.name)
        seen.add(item.named)
        there = here.get(item.named)
        if there is None:
            changes[f"{OWN}{next_number + added}"] = fields_of(item)
            added += 1
        elif not _same(item, there):
            changes[there.key] = fields_of(item)
            updated += 1
    return Merged(changes, added, updated, len(incoming) - added - updated)


def _same(one: Item, other: Item) -> bool:
    """Whether two things are one, measured films to what a file rounds away."""
    if replace(one, key="", films=None) != replace(other, key="", films=None):
        return False
    if one.films is None or other.films is None:
        return one.films is other.films
    reflectances = ((*item.paint.reflectances(), *item.paint.reflectances(THIN)) for item in (one, other))
    return all(np.allclose(a, b, atol=HIDES) for a, b in zip(*reflectances, strict=True))


def coloured(item: Item, lab: Sequence[float]) -> Item:
    """A paint whose colour over white was given as Lab: it hides as the listed one it is like."""
    return replace(item, films=seen_over_white(spectrum_of_lab(lab), PAINTS[item.like]))


def calibrated(item: Item, read: Mapping[str, Sequence[float]]) -> tuple[Item, Refit]:
    """A paint refitted to the fields of its strip, read as Lab; raises InvalidInput."""
    by_key = {field.key: field for field in FIELDS}
    unknown = sorted(read.keys() - by_key.keys())
    if unknown:
        raise InvalidInput("refused-strip-field", fields=Listed(tuple(by_key)), given=unknown[0][:20])
    swatches = [
        Swatch(field.film, field.backing, (read[key][0], read[key][1], read[key][2]))
        for key, field in by_key.items()
        if key in read
    ]
    listed = PAINTS[item.like]
    found = refit(listed.absorption, listed.scattering, swatches)
    films = (tuple(found.absorption.tolist()), tuple(found.scattering.tolist()))
    return replace(item, films=films), found


def entry(item: Item) -> dict[str, Any]:
    """A thing with what to know of it, as plain values."""
    known: dict[str, Any] = {
        "key": item.key,
        "kind": item.kind.value,
        "name": item.name,
        "like": item.like,
        "medium": item.medium,
        "set": item.collection,
        "left": item.left,
        "note": item.note,
        "measured": item.films is not None,
        "index": "",
        "says": "",
        "caution": "",
        "strong": None,
        "thin": None,
        "black": None,
    }
    if item.kind is ItemKind.PAINT:
        paint = item.paint
        stains = "stains" if paint.staining >= 0.6 else "lifts" if paint.staining <= 0.3 else "lifts a little"
        scatters = float(np.mean(paint.scattering))
        hides = "opaque" if scatters > 1.2 else "transparent" if scatters < 0.3 else "half opaque"
        dries = f", dries {paint.drying.value} in oil" if item.medium == "oil" else ""
        grains = ", granulates" if paint.granulation >= 0.4 else ""
        says = f"{hides}, {stains}{grains}, lightfastness {LIGHTFAST[paint.lightfast]}{dries}"
        known |= {
            "index": paint.index,
            "caution": paint.caution,
            "says": says,
            "strong": list(paint.strong),
            "thin": list(paint.thin),
            "black": lab_of_spectrum(paint.reflectances()[1]).tolist(),
        }
    elif item.kind is ItemKind.STICK:
        stick = STICKS[item.like]
        known |= {
            "says": f"{stick.hardness.value} stick",
            "caution": stick.caution,
            "strong": list(stick.strong),
        }
    elif item.kind is ItemKind.SURFACE:
        stock = STOCKS[item.like]
        known |= {"says": stock.words, "caution": "", "strong": list(surface_of(stock.tone).lab)}
    else:
        tool = TOOLS[item.like]
        known |= {"says": tool_words(item.like), "caution": tool.caution}
    return known


def tool_words(key: str) -> str:
    """What a tool covers, cuts and draws, in words."""
    tool = TOOLS[key]
    verb = "lifts" if tool.lifts else "covers"
    words = [f"{verb} {tool.cover:g} cm² a minute"] if tool.cover else []
    words += [f"cuts {tool.cut:g} cm a minute"] if tool.cut else []
    words += [f"line {tool.line[0]:g}–{tool.line[1]:g} mm"] if tool.line[1] else []
    return "; ".join([*words, *([tool.note] if tool.note else [])])


def shown(item: Item, lamp: str = DAYLIGHT, grounds: Sequence[str] = GROUNDS) -> dict[str, Any]:
    """A paint in its medium as it looks by a lamp: thinned over white, tinted with white, and over grounds.

    Raises UnknownName for a lamp that is not listed.
    """
    paint, vehicle = item.paint, vehicle_of(item.medium)
    white = PAINTS["white"]

    def laid(k: Floats, s: Floats, over: str) -> list[float]:
        reflectance = lab_of_spectrum(vehicle.laid(k, s, spectrum_of_lab(surface_of(over).lab)), lamp)
        return [*(round(float(c), 2) for c in reflectance), round(float(value_of_lab(reflectance)), 2)]

    full = vehicle.most
    tints = [
        laid(
            full * ((1 - w) * paint.absorption + w * white.absorption),
            full * ((1 - w) * paint.scattering + w * white.scattering),
            "white",
        )
        for w in TINTS
    ]
    return {
        "ramp": [
            {"film": x, "look": laid(x * paint.absorption, x * paint.scattering, "white")} for x in RAMP
        ],
        "tints": [{"white": w, "look": reflectance} for w, reflectance in zip(TINTS, tints, strict=True)],
        "grounds": [
            {
                "ground": over,
                "lab": [round(float(c), 2) for c in surface_of(over).lab],
                "full": laid(paint.absorption, paint.scattering, over),
                "thin": laid(THIN * paint.absorption, THIN * paint.scattering, over),
            }
            for over in grounds
        ],
    }


def colours_of_strip(item: Item) -> dict[str, list[float]]:
    """What every field of a paint's strip should look like, as Lab."""
    paint = item.paint
    found = {}
    for field in FIELDS:
        reflectance = over(
            *film(paint.absorption, paint.scattering, field.film), np.full(BANDS, field.backing)
        )
        found[field.key] = [round(float(c), 2) for c in lab_of_spectrum(reflectance)]
    return found
