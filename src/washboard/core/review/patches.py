"""A straightened painting in patches, from which its light is found."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.mass import MassKind
from .expected import Expected, Floats, Indices, cells, mean_by
from .lit import Samples, lit
from .straight import Singles, Straight, Table
from .tone import PLAIN, Tone, plain

Mask = NDArray[np.bool_]

CELLS = 14
"""Cells across and down into which masses are divided."""
LEAST_PX, INNER_PX = 30, 3
"""Pixels that a patch has at the least, and from the border of its mass that are left out."""
RANGE = 0.5
"""Values by which a mass may be modelled and count as of one colour."""
LEAST_MARGIN = 0.012
"""Width of a margin, as a share of the picture's side, from which it tells of the light."""
OF_MARGIN, OF_CARD, OF_TABLE = 3.0, 0.6, 1.5
"""What all patches of a margin, of a grey card and of the table weigh beside all of the picture."""
TABLE_SIDES, TABLE_EVEN, TABLE_ALIKE = 3, 0.1, 0.6
"""On how many sides of a sheet one thing must lie to be its table; logarithm of light by which that may be
uneven but for the lamp, and how much of it must not be more."""
TABLE_TONES = (PLAIN, Tone(0.8))
"""What a phone may have done to a photo of a table: its curve deepens the grain of wood."""


@dataclass(frozen=True, eq=False)
class Patches:
    """Patches of a sheet: encoded colours (n, 3), blurred grey (n,), places (n, 2), pixels (n,), the place of
    the mass of each (n,), -1 for the margin, and at which pixel of the picture (n,) it is found."""

    coded: Floats
    calm: Floats
    places: Floats
    pixels: Floats
    mass: Indices
    pixel: Indices


def patches_of(
    straight: Straight, expected: Expected, hidden: Mask, untouched: Mask, margin: Mask | None
) -> Patches:
    """The patches of what is of one colour, masses and what of others is `untouched` (h, w), without what is
    `hidden` (h, w), and of the `margin` (h, w), or of what stands for one."""
    rows, columns = straight.picture
    even = np.array([_even(expected, k) for k in range(len(expected.plan.masses))])
    # A picture all of modelled masses has no better witnesses.
    even |= even.mean() < 0.2
    shown = (even[expected.index] | untouched) & (expected.deep > INNER_PX) & ~hidden
    key = np.where(shown, expected.index * CELLS**2 + cells(expected.labels.shape, CELLS), -1)
    inside = _taken(straight, key, (rows, columns), expected.index)
    if margin is None:
        return inside
    margin = cv2.erode(margin.astype(np.uint8), np.ones((3, 3), np.uint8)) > 0
    key = np.where(margin, cells(margin.shape, 2 * CELLS), -1)
    outside = _taken(straight, key, (slice(None), slice(None)), None)
    return joined(inside, outside)


def margin_of(straight: Straight, expected: Expected) -> Mask:
    """What of a margin (h, w) tells of the light: the plan's own, or white strips beside a sheet without
    one."""
    margin = straight.margin if has_margin(expected) else strips_beside(straight)
    return np.asarray(margin & ~straight.clipped & (straight.coded.max(axis=-1) < LOST))


def has_margin(expected: Expected) -> bool:
    """Whether the plan leaves a margin that tells of the light, on two sides at the least."""
    return max(expected.margin) >= LEAST_MARGIN


def strips_beside(straight: Straight) -> Mask:
    """Where strips of one light tone lie beside a sheet (h, w): on two sides at the least, each even but for
    the light, none darker than the lightest of the picture. A light table goes on, a strip ends: at one of
    them that must be seen."""
    grey = np.log(np.maximum(straight.coded.mean(axis=-1), 1e-3))
    lightest = float(np.quantile(grey[straight.picture], LIGHTEST))
    nowhere = np.zeros(grey.shape, bool)
    found, ends, tones = [], [], []
    for side, end in zip(straight.sides, np.log(np.maximum(straight.far, 1e-3)).tolist(), strict=True):
        tone = _tone_of(grey, side, straight)
        # Where the photo ends before, the strip may or may not.
        if tone is not None and tone >= lightest - DARKER and not tone - end < ENDS:
            found.append(side)
            ends.append(tone - end)
            tones.append(tone)
    alike = [k for k, tone in enumerate(tones) if tone >= max(tones) - UNLIKE]
    if len(alike) < 2 or all(np.isnan(ends[k]) for k in alike):
        return nowhere
    return np.asarray(np.any([found[k] for k in alike], axis=0))


LOST = 0.985
"""Encoded light from which a channel may be cut off."""
UNLIKE = 0.25
"""Logarithm of encoded light by which strips may differ: one lamp lights them."""
LIGHTEST, DARKER, ENDS, EVEN = 0.97, 0.2, 0.12, 0.035
"""Quantile of the picture that counts as its lightest; by how much darker, as a logarithm of encoded light, a
strip beside it may be; by how much what lies beyond is darker; how uneven it may be but for a slope."""


def _tone_of(grey: Floats, side: Mask, straight: Straight) -> float | None:
    """The tone of a side (h, w), None where it is not even."""
    if side.sum() < LEAST_PX * 10:
        return None
    places, told = straight.places[side], grey[side]
    terms = np.column_stack([np.ones(len(told)), places])
    slope = np.linalg.lstsq(terms, told, rcond=None)[0]
    uneven = float(np.median(np.abs(told - terms @ slope)) * 1.4826)
    return float(np.median(told)) if uneven <= EVEN else None


def joined(one: Patches, other: Patches) -> Patches:
    """The patches of both."""
    return Patches(
        np.concatenate([one.coded, other.coded]),
        np.concatenate([one.calm, other.calm]),
        np.concatenate([one.places, other.places]),
        np.concatenate([one.pixels, other.pixels]),
        np.concatenate([one.mass, other.mass]),
        np.concatenate([one.pixel, other.pixel]),
    )


def _even(expected: Expected, k: int) -> bool:
    """Whether a mass is of one colour."""
    mass = expected.plan.masses[k]
    return (
        mass.kind is not MassKind.GRADED or abs(mass.target_ends[0][0] - mass.target_ends[1][0]) < 10 * RANGE
    )


def _taken(straight: Straight, key: Indices, where: tuple[slice, slice], index: Indices | None) -> Patches:
    """Patches of pixels with one key (h, w), those of -1 left out."""
    taken = np.flatnonzero(key >= 0)
    at = key.ravel()[taken]
    count = int(at.max(initial=-1)) + 1
    pixels = np.bincount(at, minlength=count).astype(float)
    told: list[Floats | Singles] = [straight.coded[where], straight.calm[where], straight.places[where]]
    means = mean_by(at, np.column_stack([of.reshape(key.size, -1)[taken] for of in told]), count)
    pixel = np.zeros(count, np.intp)
    pixel[at] = taken
    keep = pixels >= LEAST_PX
    mass = np.full(count, -1, np.intp) if index is None else index.ravel()[pixel]
    pixel = np.where(mass < 0, -1, pixel)
    means, pixels, mass, pixel = means[keep], pixels[keep], mass[keep], pixel[keep]
    return Patches(means[:, :3], means[:, 3], means[:, 4:], pixels, mass, pixel)


def part_of(patches: Patches, untouched: Mask) -> Indices:
    """What each patch (n,) is part of: its mass as it is painted, or as it is untouched; the last but one is
    the bare surface, the last a grey card."""
    count = int(patches.mass.max(initial=0)) + 1
    part = patches.mass + np.where(untouched, count, 0)
    return np.where(patches.mass < 0, 2 * count, part)


def samples_of(
    patches: Patches,
    light: Floats,
    untouched: Mask,
    bare: Mask,
    paper: Floats,
    card: tuple[Floats, Floats, float] | None = None,
) -> Samples:
    """Samples for the light field: the `light` (n, 3) of patches, of which some look `untouched` (n,) and
    some are known to be `bare` (n,) `paper` (3,) as the margin is; a grey `card` by its place (2,), its light
    (3,) and what it reflects."""
    margin = patches.mass < 0
    paper_part = 2 * (int(patches.mass.max(initial=0)) + 1)
    part = np.where(bare, paper_part, part_of(patches, untouched))
    weight = np.sqrt(patches.pixels)
    weight[~margin] /= max(weight[~margin].sum(), 1e-9)
    if margin.any():
        weight[margin] *= OF_MARGIN / weight[margin].sum()
    known = np.full((paper_part + 2, 3), np.nan)
    known[paper_part] = paper
    places = patches.places
    if card is not None:
        known[-1] = card[2]
        light, places = np.vstack([light, card[1]]), np.vstack([places, card[0]])
        part, weight = np.append(part, paper_part + 1), np.append(weight, OF_CARD)
    return Samples(light, places, part, weight, known)


def table_beside(straight: Straight) -> Table | None:
    """What a sheet lies on, None where no one thing lies round it: of one colour, whatever that is, it tells
    how the lamp's light falls off."""
    table = straight.table
    return table if any(_one_thing(table, tone) for tone in TABLE_TONES) else None


def _one_thing(table: Table, tone: Tone) -> bool:
    """Whether a table is of one colour in light that falls off evenly, if a phone did `tone`."""
    light = plain(table.coded, table.calm, tone)
    if len(set(table.side.tolist())) < TABLE_SIDES:
        return False
    samples = Samples(light, table.places, np.zeros(len(light), np.intp), np.ones(len(light)), UNKNOWN)
    field, reflects = lit(samples)
    off = np.abs(np.log(np.maximum(light / (field.at(table.places) * reflects[0]), 1e-6))).mean(axis=1)
    alike = off <= TABLE_EVEN
    return bool(alike.mean() >= TABLE_ALIKE) and len(set(table.side[alike].tolist())) >= TABLE_SIDES


def on_table(samples: Samples, table: Table | None, tone: Tone) -> Samples:
    """Samples with those of a `table` as a part of its own, if a phone did a tone to the photo."""
    if table is None:
        return samples
    light = plain(table.coded, table.calm, tone)
    part = np.full(len(light), len(samples.known))
    weight = np.full(len(light), OF_TABLE / len(light))
    return Samples(
        np.vstack([samples.light, light]),
        np.vstack([samples.places, table.places]),
        np.concatenate([samples.part, part]),
        np.concatenate([samples.weight, weight]),
        np.vstack([samples.known, UNKNOWN]),
    )


UNKNOWN = np.full((1, 3), np.nan)
