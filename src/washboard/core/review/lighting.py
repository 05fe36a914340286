"""The light on a painting in a photo, what shines on it and what is done, each found from the others."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import partial

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import RGB_TO_XYZ, lab_of_linear, linear_of_lab, value_of_lab
from ..colour.value import luminance_of
from ..reference.picture import Bytes
from .corners import Found
from .curve import BY_CARD
from .expected import Expected, reduced
from .glare import BLOWN, shining
from .lit import Field, Samples, Source, lit
from .patches import Patches, has_margin, margin_of, on_table, part_of, patches_of, samples_of, table_beside
from .phone import Witnesses, phone_of
from .sheen import DOUBTFUL, Sheen, sheen_of
from .state import Blocks, State, state_of
from .straight import Straight, Table, straightened
from .tone import PLAIN, Known, Tone, plain

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

LEAST_BARE = 0.01
"""Share of the picture that is bare from which that tells the height of the light."""
ALIKE = 0.12
"""Logarithm of light by which bare places may differ."""
WHITE, STRIP = 9.0, 0.82
"""Value of a surface whose own margin white strips may be, and what strips of white paper reflect."""
FAR_OFF = 1.2
"""Values by which no painting is off in the middle of it."""
LIGHT_SIDE = 500
"""Pixels on the long side of the picture at which its light is sought."""
ROUNDS = 2
"""Times that light, shine and state are found from each other."""


@dataclass(frozen=True, eq=False)
class Lighting:
    """What a phone did to a photo, the light on the painting and from what its height is known, what of the
    picture (h, w) shines, what is done, and a `sheen` that is weak enough to be taken off."""

    tone: Tone
    field: Field
    source: Source
    hidden: Mask
    state: State
    sheen: Sheen | None


def lighting_of(
    rgb: Bytes, found: Found, expected: Expected, card: Known | None, known: int | None
) -> Lighting:
    """The light on a painting in a photo (h, w, 3), what shines and what is done, each found from the others;
    a grey `card` beside it, and the pass after which it is where that is `known`."""
    rgb, found, expected = _smaller(rgb, found, expected)
    straight = straightened(rgb, found, expected)
    blocks = Blocks(expected)
    rows, columns = straight.picture
    places, clipped = straight.places[rows, columns], straight.clipped[rows, columns]
    hidden, lightest = np.zeros_like(clipped), _luminance(expected.lightest)
    ends, meant = _ends(expected), 1 - expected.along / 255
    margin, table = margin_of(straight, expected), table_beside(straight)
    state = _guessed(straight, blocks, expected, found.row if known is None else known)
    for _ in range(ROUNDS):
        tone, field, _ = _lit(straight, margin, table, hidden, blocks, state, expected, card)
        light = plain(straight.coded, straight.calm, tone)[rows, columns].astype(float)
        on_it = field.at(places)
        reflects, blown = light / on_it, clipped & (on_it.max(axis=-1) * lightest < BLOWN)
        part = 2 * expected.index + (state.picture == 0)
        hidden = shining(reflects, blown, part, ends, meant, lightest, _luminance(expected.surface.value))
        seen = lab_of_linear(np.clip(reflects, 0, None))
        there = blocks.seen_in(seen, hidden)
        state = state_of(expected, blocks, there, known)
    tone, field, source = _lit(straight, margin, table, hidden, blocks, state, expected, card)
    sheen = _sheen(there, blocks, state)
    if sheen is not None:
        there, hidden = _without(sheen, reflects, hidden, places, blocks)
        state = state_of(expected, blocks, there, known)
    return Lighting(tone, field, source, hidden, state, sheen)


def _sheen(there: Floats, blocks: Blocks, state: State) -> Sheen | None:
    """A weak shine over parts of these colours (b, 3)."""
    shown = np.asarray(np.isfinite(there).all(axis=1))
    high, wide = blocks.at.shape
    places = blocks.middle[:, ::-1] / np.array([wide, high]) * 2 - 1
    return sheen_of(
        value_of_lab(there[shown]),
        value_of_lab(_shown(blocks, state)[shown]),
        state.of_block[shown] == 0,
        blocks.mass[shown],
        blocks.weight[shown],
        places[shown],
    )


def _without(
    sheen: Sheen, reflects: Floats, hidden: Mask, places: Floats, blocks: Blocks
) -> tuple[Floats, Mask]:
    """The colours (b, 3) of parts of a picture (h, w, 3) without a sheen, and what is hidden (h, w) with
    where it adds too much for what is left to be believed."""
    added = sheen.at(places)
    left = reflects - added[..., None]
    hidden = hidden | (added > DOUBTFUL * np.maximum(left @ RGB_TO_XYZ[1], 0))
    return blocks.seen_in(lab_of_linear(np.clip(left, 0, None)), hidden), hidden


def _smaller(rgb: Bytes, found: Found, expected: Expected) -> tuple[Bytes, Found, Expected]:
    """A photo, where the painting lies in it and what it should look like, at the size at which the light is
    sought: it changes slowly, and what shines is wide."""
    small = reduced(expected, LIGHT_SIDE)
    scale = min(1.0, max(small.labels.shape) / max(expected.labels.shape))
    size = (round(rgb.shape[1] * scale), round(rgb.shape[0] * scale))
    less = cv2.resize(rgb, size, interpolation=cv2.INTER_AREA)
    return (
        np.asarray(less, np.uint8),
        replace(found, sheet=found.sheet * scale, picture=found.picture * scale),
        small,
    )


def _guessed(straight: Straight, blocks: Blocks, expected: Expected, row: int) -> State:
    """The state as the photo shows it before its light is known."""
    rows, columns = straight.picture
    light = plain(straight.coded, straight.calm, PLAIN)[rows, columns].astype(float)
    there = blocks.of(lab_of_linear(light / max(float(np.quantile(light[..., 1], 0.98)), 1e-4)))
    composed = blocks.composed(there)[row]
    bare = (composed == blocks.planned[0]).all(axis=1)
    return State(blocks, np.where(bare, 0, row), row, *expected.looks_alike(row))


def _lit(
    straight: Straight,
    margin: Mask,
    table: Table | None,
    hidden: Mask,
    blocks: Blocks,
    state: State,
    expected: Expected,
    card: Known | None,
) -> tuple[Tone, Field, Source]:
    """What the phone did, the light on the sheet and from what its height is known. Strips beside the sheet,
    or bare places on it, by which all of the painting would be far off are something else."""
    # What is untouched is of one colour, however it will be modelled.
    untouched = _untouched(blocks, state)[blocks.at]
    patches = patches_of(straight, expected, hidden, untouched, margin)
    found = _light(patches, table, blocks, state, expected, card)
    if found[2] is Source.STRIPS and abs(_off(patches, found, blocks, state)) > FAR_OFF:
        patches = patches_of(straight, expected, hidden, untouched, None)
        found = _light(patches, table, blocks, state, expected, card)
    if found[2] is Source.INSIDE and abs(_off(patches, found, blocks, state)) > FAR_OFF:
        return _light(patches, table, blocks, state, expected, card, inside=False)
    return found


def _shown(blocks: Blocks, state: State) -> Floats:
    """The colours (b, 3) that parts should have as far as they are painted."""
    return np.asarray(blocks.planned[state.of_block, np.arange(blocks.count)])


def _untouched(blocks: Blocks, state: State) -> Mask:
    """Which parts (b,) look as before the first pass."""
    return np.asarray(np.abs(_shown(blocks, state) - blocks.planned[0]).max(axis=1) < 1.0)


def _off(patches: Patches, found: tuple[Tone, Field, Source], blocks: Blocks, state: State) -> float:
    """By how many values the middle of a painting is lighter than planned."""
    tone, field, _ = found
    own = patches.mass >= 0
    reflects = plain(patches.coded, patches.calm, tone)[own] / field.at(patches.places[own])
    planned = _shown(blocks, state)[blocks.at.ravel()[patches.pixel[own]]]
    apart = value_of_lab(lab_of_linear(np.clip(reflects, 0, None))) - value_of_lab(planned)
    return float(np.median(apart)) if own.any() else 0.0


def _light(
    patches: Patches,
    table: Table | None,
    blocks: Blocks,
    state: State,
    expected: Expected,
    card: Known | None,
    inside: bool = True,
) -> tuple[Tone, Field, Source]:
    """What the phone did, the light, from what its height is known: bare places `inside` only if believed."""
    paper, margin = _paper(patches, expected), bool((patches.mass < 0).any())
    of_patch = blocks.at.ravel()[np.maximum(patches.pixel, 0)]
    untouched = _untouched(blocks, state)[of_patch] & (patches.mass >= 0)
    planned, bare = _shown(blocks, state)[of_patch], np.zeros_like(untouched)
    # A margin tells how the light falls off better than what lies beside the sheet.
    by = partial(_sampled, patches, untouched, paper, None if margin else table)
    light = plain(patches.coded, patches.calm, PLAIN)
    # A card is known for what it is; what looks bare may be a light that was painted.
    if not margin and inside and card is None:
        bare = _bare(patches, untouched, lit(by(bare, light, PLAIN))[1], expected)
    painted = (patches.mass >= 0) & ~untouched
    sampled, on_paper = partial(by, bare), bare | (patches.mass < 0)
    told = Witnesses(patches, sampled, on_paper, painted, value_of_lab(planned), paper)
    if margin or bare.any():
        tells = card if card and card.tells_from(expected.surface.linear) else None
        tone = phone_of(told, tells, card.crisp if card else 0.0)
        of_margin = Source.MARGIN if has_margin(expected) else Source.STRIPS
        return tone, told.lit(tone)[1], of_margin if margin else Source.INSIDE
    # A card lies beside the sheet: what lies round both tells how the light falls off between them.
    if card is not None and table is not None:
        told = replace(told, sampled=partial(sampled, grey=card))
        tone = phone_of(told, None, card.crisp, BY_CARD)
        return tone, told.lit(tone)[1], Source.CARD
    return PLAIN, _raised(told.lit(PLAIN)[1], light, patches, planned), Source.NONE


def _sampled(
    patches: Patches,
    untouched: Mask,
    paper: Floats,
    table: Table | None,
    bare: Mask,
    light: Floats,
    tone: Tone,
    grey: Known | None = None,
) -> Samples:
    """Samples of patches by their `light` (n, 3), a `table` and a `grey` card, if a phone did `tone`."""
    own = None
    if grey is not None:
        own = grey.place, plain(grey.coded[None], np.array([grey.calm]), tone)[0], grey.reflects
    return on_table(samples_of(patches, light, untouched, bare, paper, own), table, tone)


def _paper(patches: Patches, expected: Expected) -> Floats:
    """What the margin reflects (3,), or what stands for one."""
    paper = np.asarray(expected.surface.linear)
    if has_margin(expected) or (patches.mass >= 0).all():
        return paper
    # Strips may be white paper of any kind, or the sheet's own margin that the plan does not know.
    return (paper + STRIP) / 2 if expected.surface.value >= WHITE else np.full(3, STRIP)


def _bare(patches: Patches, untouched: Mask, reflects: Floats, expected: Expected) -> Mask:
    """Which patches (n,) are bare surface: of those that look untouched what is most alike, and on white
    what is lightest, since nothing on white is lighter."""
    if patches.pixels[untouched].sum() < LEAST_BARE * expected.index.size:
        return np.zeros_like(untouched)
    there = np.log(reflects[part_of(patches, untouched), 1])
    whitest = expected.surface.value >= float(expected.values.max()) - 0.3
    order = np.argsort(there[untouched])
    total = np.cumsum(patches.pixels[untouched][order])
    level = there[untouched][order][np.searchsorted(total, (0.85 if whitest else 0.5) * total[-1])]
    found = untouched & (np.abs(there - level) <= ALIKE)
    return found if patches.pixels[found].sum() >= LEAST_BARE * expected.index.size else np.zeros_like(found)


def _raised(field: Field, light: Floats, patches: Patches, planned: Floats) -> Field:
    """A field whose height nothing tells, so that the painting is as light as planned in the middle."""
    reflects = np.maximum(light, 1e-4) / field.at(patches.places)
    ratio = np.log(reflects) - np.log(np.clip(linear_of_lab(planned), 2e-3, None))
    terms = field.terms.copy()
    terms[0] += np.median(ratio, axis=0)
    return Field(terms)


def _luminance(value: float) -> float:
    return float(luminance_of(value)) / 100


def _ends(expected: Expected) -> Floats:
    """What each mass reflects where it is meant to be darkest and lightest, as it is painted and as it is
    bare (2 m, 2, 3)."""
    painted = [
        (min(own), max(own))
        for own in ((*mass.target_ends, *mass.target_stops) for mass in expected.plan.masses)
    ]
    ends = np.clip(linear_of_lab(np.array(painted)), 0, None)
    bare = np.broadcast_to(np.asarray(expected.surface.linear), ends.shape)
    return np.stack([ends, bare], axis=1).reshape(-1, 2, 3)
