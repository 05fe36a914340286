"""*Mix*: the recipe board of a piece, tables for mixing by hand, variants of a mixture."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from typing import Any

import numpy as np

from ...core.colour.lab import difference, value_of_lab
from ...core.colour.spectra import Floats, spectrum_of_lab, value_of_spectrum
from ...core.errors import InvalidInput
from ...core.materials.paints import Paint, paint_named
from ...core.materials.sticks import Stick
from ...core.mixing.grid import MOST_PAINTS
from ...core.mixing.measured import recipe_from_parts
from ...core.mixing.mixture import mixing_model_of
from ...core.mixing.paintbox import coated
from ...core.mixing.search import shared
from ...core.mixing.variants import corrected, seen_as, variants_of
from ...core.optics.grain import fixed, rubbed, tooth_left
from ...core.optics.removal import granulation, lifted
from ...core.optics.vehicle import Vehicle, vehicle_of
from ...core.palette.coverage import all_colours, reach_of
from ...core.recipe.board import Board, Met, Pile, board_of, grounds_of
from ...core.reference.mass import Mass
from ...settings import Settings, Stage
from ..recipes import Colours, recipe_entries, rounded
from ..stages import Result, Stages
from ..tasks import MixTable, MixVariants, RecipeBoard

UNREACHED, MOST_HELPED = 4.0, 3
"""ΔE₀₀ from which it is said what would reach a colour, and for how many of a board's piles."""
LEVELS = 9
"""Loads of each paint that a mixing table holds."""


def table(_: Stages, task: MixTable) -> dict[str, Any]:
    """Colours of up to three paints over a ground, for a page that looks up between."""
    return mix_table(task.paints, task.subject.read_up_to(Stage.MIX), np.array(task.over))


def mix_table(keys: Sequence[str], settings: Settings, over: Floats) -> dict[str, Any]:
    """Looks of up to three paints over a ground, for a page that looks up between.

    `loads` (9,): thicknesses of each paint in unit films; `dry` and `wet` (9^n, 4), Lab and value, the last
    paint running fastest.
    """
    paints = [settings.catalogue.get(key) or paint_named(key) for key in keys]
    if not 1 <= len(paints) <= MOST_PAINTS or len({paint.key for paint in paints}) < len(paints):
        raise InvalidInput("refused-mixture-size", most_paints=MOST_PAINTS)
    vehicle = vehicle_of(settings.medium)
    model = mixing_model_of(paints, vehicle, spectrum_of_lab(over))
    thicknesses = np.concatenate([[0.0], np.geomspace(0.004, vehicle.most, LEVELS - 1)])
    every = np.stack(np.meshgrid(*[thicknesses] * len(paints), indexing="ij"), axis=-1).reshape(
        -1, len(paints)
    )
    return {
        "loads": thicknesses.round(6).tolist(),
        "dry": _with_values(model.labs(every)),
        "wet": _with_values(model.labs(every, wet=True)),
        "strongest": vehicle.strongest,
    }


def variants(_: Stages, task: MixVariants) -> dict[str, Any]:
    """Variants of a mixture at its value, or the recipe corrected by what its test strip dried as."""
    settings = task.subject.read_up_to(Stage.MIX)
    vehicle = coated(vehicle_of(settings.medium))
    paints, given = settings.paints, dict(task.parts)
    places = {paint.key: k for k, paint in enumerate(paints)}
    unknown = sorted(given.keys() - places.keys())
    if unknown or not 1 <= len(given) <= MOST_PAINTS or len(given) < len(task.parts):
        raise InvalidInput("refused-mixture-of-palette", most_paints=MOST_PAINTS)
    model = mixing_model_of(paints, vehicle, spectrum_of_lab(task.over))
    recipe = recipe_from_parts(
        model, [(places[key], parts) for key, parts in given.items()], task.thickness, task.target
    )
    target = np.array(task.target)
    seen = task.seen
    if seen is None and task.seen_value is not None:
        seen = seen_as(recipe.lab, task.seen_value, task.warmer)
    if seen is None:
        ways = variants_of(model, recipe)
        entries = recipe_entries([way.recipe for way in ways], paints, vehicle, target)
        return {"ways": [{"words": way.words} | own for way, own in zip(ways, entries, strict=True)]}
    mended = corrected(model, task.target, recipe, seen)
    return {"ways": [{"words": "corrected"} | recipe_entries([mended], paints, vehicle, target)[0]]}


def _with_values(labs: Floats) -> list[list[float]]:
    return np.column_stack([labs, value_of_lab(labs)]).round(2).tolist()


def board(stages: Stages, task: RecipeBoard) -> dict[str, Any]:
    """The recipe board of a piece."""
    return board_entries(stages.result(task.subject), task.subject.read_up_to(Stage.MIX))


def _taken(found: Board) -> dict[str, dict[str, float]]:
    """Millilitres of each paint that each pass takes, and under "" all of them."""
    taken: dict[str, dict[str, float]] = {"": {}}
    for pile in found.piles:
        best = pile.recipes[0]
        for i, share in zip(best.paints, best.shares.tolist(), strict=True):
            for done in ("", pile.done):
                own, key = taken.setdefault(done, {}), found.paints[i].key
                own[key] = own.get(key, 0.0) + share * pile.amount.paint
    return taken


def _used(paints: dict[str, float]) -> list[dict[str, Any]]:
    return [{"paint": key, "ml": round(ml, 2)} for key, ml in paints.items()]


def board_entries(result: Result, settings: Settings) -> dict[str, Any]:
    """The recipe board of a piece, with the value chart and what is used of each paint."""
    plan = result.worked.plan
    found = board_of(result.worked, settings.colours, settings.pairs, settings.habit)
    helps = _helps(found, settings)
    vehicle = vehicle_of(settings.medium)
    names = {mass.id: mass for mass in plan.masses}
    borders = [plan.key.of(t) for t in result.seen.thresholds]
    named = {found.paints[i].key for pile in found.piles for r in pile.recipes for i in r.paints}
    used = _taken(found)
    out = shared([pile.recipes[0] for pile in found.piles])
    return {
        "used": _used(used.pop("")),
        "uses": [{"pass": done, "paints": _used(own)} for done, own in used.items()],
        "paints": [
            {
                "key": paint.key,
                "words": paint.words,
                "strong": rounded(paint.strong),
                "thin": rounded(paint.thin),
                "caution": paint.caution,
            }
            for paint in found.paints
            if paint.key in named
        ],
        "bands": [round(b, 2) for b in borders],
        "piles": [
            _pile(pile, found.paints, vehicle, borders, names, ground, out) | {"helps": helps.get(k)}
            for k, (pile, ground) in enumerate(zip(found.piles, grounds_of(found.piles), strict=True))
        ],
        "meetings": [_meeting(met, found.paints) for met in found.meetings],
    }


def _pile(
    pile: Pile,
    paints: Sequence[Paint | Stick],
    vehicle: Vehicle,
    borders: Sequence[float],
    names: Mapping[str, Mass],
    ground: Floats,
    out: Collection[int],
) -> dict[str, Any]:
    best = pile.recipes[0]
    value = float(value_of_lab(best.lab))
    lifts, grain = _recovered(pile, paints, vehicle, ground)
    wanted, got = (int(np.searchsorted(borders, v, side="right")) for v in (pile.value, value))
    mass = names[pile.masses[0]]
    stops = value_of_lab(np.array(mass.target_stops or mass.target_ends)).tolist()
    ends = stops[0], stops[-1]
    return {
        "pass": pile.done,
        "masses": list(pile.masses),
        "target": rounded(pile.target),
        "over": rounded(pile.over),
        "value": round(pile.value, 2),
        "band": wanted,
        "bandKept": wanted == got,
        "nearest": round(min((abs(value - b) for b in borders), default=10.0), 2),
        "end": pile.end,
        "graded": [round(v, 2) for v in ends] if abs(ends[0] - ends[1]) > 0.3 and not pile.end else None,
        "ml": round(pile.amount.mixed, 2),
        "atOnceMl": round(pile.amount.at_once, 2),
        "peas": round(pile.amount.peas, 2),
        "liftsTo": lifts,
        "grain": grain,
        "dust": _dust(pile, paints, ground),
        "recipes": recipe_entries(pile.recipes, paints, vehicle, np.array(pile.target), out),
        "again": pile.again
        and {
            "pile": pile.again.pile,
            "strength": round(pile.again.strength, 2),
            "deltaE": round(pile.again.delta_e, 2),
            "valueError": round(pile.again.value_error, 2),
        },
    }


def _recovered(
    pile: Pile, paints: Colours, vehicle: Vehicle, ground: Floats
) -> tuple[float | None, float | None]:
    """The value that a dry wash of the best recipe lifts to, and how far its L* strays as it settles."""
    best = pile.recipes[0]
    if vehicle.covers:
        return None, None
    own = [_paint(paints, i) for i in best.paints]
    thicknesses = best.shares * best.thickness
    model = mixing_model_of(own, vehicle, ground)
    left = model.labs(lifted(thicknesses, [paint.staining for paint in own]))
    rough = granulation(
        vehicle,
        model.absorption,
        model.scattering,
        thicknesses,
        np.array([p.granulation for p in own]),
        ground,
    )
    return round(float(value_of_lab(left)), 2), round(rough, 1)


def _dust(pile: Pile, sticks: Colours, ground: Floats) -> dict[str, float] | None:
    """Of sticks: the tooth that is left, and the value once rubbed with a finger, or fixed."""
    best = pile.recipes[0]
    own = [stick for stick in (sticks[i] for i in best.paints) if isinstance(stick, Stick)]
    if len(own) < len(best.paints):
        return None
    smooth = rubbed([stick.reflectance for stick in own], best.parts, ground)
    dull = fixed(spectrum_of_lab(best.lab))
    values = value_of_spectrum(np.stack([smooth, dull])).round(2).tolist()
    return {"tooth": round(tooth_left(best.parts), 2), "rubbed": values[0], "fixed": values[1]}


def _helps(board: Board, settings: Settings) -> dict[int, dict[str, Any]]:
    """For the piles farthest off, the paint or stick that is not along and would reach them best, and how
    near."""
    off = [k for k, pile in enumerate(board.piles) if pile.recipes[0].delta_e > UNREACHED]
    if not off:
        return {}
    known = {each.key: each for each in all_colours(settings.medium, settings.own)}
    place, pairs, labs = reach_of(settings.medium, settings.start, settings.own)
    along = {place[paint.key] for paint in board.paints}
    keys = list(place)
    found = {}
    for k in sorted(off, key=lambda k: -board.piles[k].recipes[0].delta_e)[:MOST_HELPED]:
        target = np.array(board.piles[k].target)
        near = np.square(labs - target).sum(axis=2).argmin(axis=1)
        delta_e = difference(labs[np.arange(len(pairs)), near], target)
        new = [
            (float(delta_e[n]), int(b if a in along else a))
            for n, (a, b) in enumerate(pairs.tolist())
            if (a in along) != (b in along) or (a == b and a not in along)
        ]
        best, paint = min(new, default=(np.inf, 0))
        if best < board.piles[k].recipes[0].delta_e - 1:
            found[k] = {"paint": keys[paint], "words": known[keys[paint]].words, "deltaE": round(best, 1)}
    return found


def _paint(paints: Colours, index: int) -> Paint:
    paint = paints[index]
    assert isinstance(paint, Paint)
    return paint


def _meeting(met: Met, paints: Colours) -> dict[str, Any]:
    found = met.meeting
    return {
        "one": met.one,
        "other": met.other,
        "fault": found.fault,
        "labs": found.labs.round(1).tolist(),
        "through": None if found.through is None else paints[found.through].words,
        "cleaner": None if found.cleaner is None else found.cleaner.round(1).tolist(),
    }
