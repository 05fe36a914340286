"""One photo of a painting, read: where it lies, from what its light is known, what each mass has become."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import lab_of_linear, linear_of_lab, value_of_lab
from ..colour.value import luminance_of
from ..reference.picture import Bytes
from .card import card_beside
from .corners import Found
from .curve import curve_by_plan
from .expected import Expected, mean_by, reduced
from .glare import BLOWN, shining
from .lit import SPREAD, Field, Samples, Source, lit
from .patches import Patches, has_margin, margin_of, on_table, part_of, patches_of, samples_of, table_beside
from .read import MassRead, read
from .state import FINE, Blocks, State, finer, state_of
from .straight import Straight, straightened
from .tone import PLAIN, Known, Tone, plain, tone_of

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

LEAST_BARE = 0.01
"""Share of the picture that is bare from which that tells the height of the light."""
ALIKE = 0.12
"""Logarithm of light by which bare places may differ."""
MOST_HIDDEN = 0.6
"""Share of a part that may be hidden by shine for it to tell its state."""
WHITE, STRIP = 9.0, 0.82
"""Value of a surface whose own margin white strips may be, and what strips of white paper reflect."""
FAR_OFF = 1.2
"""Values by which no painting is off in the middle of it."""
LIGHT_SIDE = 500
"""Pixels on the long side of the picture at which its light is sought."""
BY_PLAN = 0.2
"""Standard deviation of a mass's value where nothing but the plan told a phone's tone curve."""
ROUNDS = 2
"""Times that light, shine and state are found from each other."""


@dataclass(frozen=True, eq=False)
class Observation:
    """A painting (h, w, 3) that a photo shows, as it reflects in linear light; what of it is `hidden` (h, w)
    by shine; from what the light is known (`source`) and what the phone did to it (`tone`, where a grey
    `card` tells it), each mass as `read`, None where it is not seen, and what is done (`state`)."""

    found: Found
    straight: Straight
    reflects: Floats
    hidden: Mask
    source: Source
    tone: Tone
    card: bool
    state: State
    read: tuple[MassRead | None, ...]

    @property
    def sd(self) -> float:
        """Standard deviation of a mass's value."""
        return max(SPREAD[self.source], BY_PLAN if self.by_plan else 0.0)

    @property
    def by_plan(self) -> bool:
        """Whether nothing but the plan told what the phone did."""
        return self.tone != PLAIN and not self.card

    @property
    def shines(self) -> float:
        """Share of the picture that is hidden by shine."""
        return float(self.hidden.mean())


def observed(rgb: Bytes, found: Found, expected: Expected, known: int | None = None) -> Observation:
    """What a photo (h, w, 3), encoded, tells of a painting whose corners are `found`, after the pass `known`
    where that is said."""
    card = card_beside(rgb, found, expected)
    light = _light_of(*_smaller(rgb, found, expected), card, known)
    straight, smaller = straightened(rgb, found, expected), Blocks(expected, FINE)
    rows, columns = straight.picture
    reflects = plain(straight.coded, straight.calm, light.tone)[rows, columns].astype(float)
    reflects /= light.field.at(straight.places[rows, columns])
    size = expected.labels.shape[::-1]
    hidden = cv2.resize(light.hidden.astype(np.uint8), size, interpolation=cv2.INTER_NEAREST) > 0
    state = finer(light.state, smaller, _parts(smaller, lab_of_linear(np.clip(reflects, 0, None)), hidden))
    masses = read(reflects, expected.index, len(expected.plan.masses), hidden)
    return Observation(
        found, straight, reflects, hidden, light.source, light.tone, card is not None, state, tuple(masses)
    )


@dataclass(frozen=True, eq=False)
class _Light:
    """What a phone did to a photo, the light on the painting and from what its height is known, what of the
    picture (h, w) shines, and what is done."""

    tone: Tone
    field: Field
    source: Source
    hidden: Mask
    state: State


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


def _light_of(rgb: Bytes, found: Found, expected: Expected, card: Known | None, known: int | None) -> _Light:
    """The light on a painting, what shines and what is done, each found from the others."""
    straight = straightened(rgb, found, expected)
    blocks = Blocks(expected)
    rows, columns = straight.picture
    places, clipped = straight.places[rows, columns], straight.clipped[rows, columns]
    hidden, lightest = np.zeros_like(clipped), _lightest(expected)
    ends, meant = _ends(expected), 1 - expected.along / 255
    margin, table = margin_of(straight, expected), table_beside(straight)
    state = _guessed(straight, blocks, expected, found.row if known is None else known)
    for _ in range(ROUNDS):
        tone, field, _ = _lit(straight, margin, table, hidden, blocks, state, expected, card)
        light = plain(straight.coded, straight.calm, tone)[rows, columns].astype(float)
        there = field.at(places)
        reflects, blown = light / there, clipped & (there.max(axis=-1) * lightest < BLOWN)
        part = 2 * expected.index + (state.picture == 0)
        hidden = shining(reflects, blown, part, ends, meant, lightest, _luminance(expected.surface.value))
        seen = lab_of_linear(np.clip(reflects, 0, None))
        state = state_of(expected, blocks, _parts(blocks, seen, hidden), known)
    return _Light(*_lit(straight, margin, table, hidden, blocks, state, expected, card), hidden, state)


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
    table: tuple[Floats, Floats] | None,
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
    table: tuple[Floats, Floats] | None,
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
    bare = np.zeros_like(untouched)

    def sampled(light: Floats) -> Samples:
        return samples_of(patches, light, untouched, bare, paper)

    coded, calm, light = patches.coded, patches.calm, plain(patches.coded, patches.calm, PLAIN)
    # A card is known for what it is; what looks bare may be a light that was painted.
    if not margin and inside and card is None:
        bare = _bare(patches, untouched, lit(on_table(sampled(light), table))[1], expected)
    if margin or bare.any():
        on = None if margin else table
        if card is None:
            tone = _curve(patches, lambda light: on_table(sampled(light), on), blocks, state)
        else:
            tone = tone_of(coded, calm, sampled, card)
        found = lit(on_table(sampled(plain(coded, calm, tone)), on))[0]
        if not margin:
            return tone, found, Source.INSIDE
        return tone, found, Source.MARGIN if has_margin(expected) else Source.STRIPS
    if card is not None:
        own = card.place, plain(card.coded[None], np.array([card.calm]), PLAIN)[0], card.reflects
        samples = samples_of(patches, light, untouched, bare, paper, own)
        return PLAIN, lit(on_table(samples, table))[0], Source.CARD
    at_no_height = lit(on_table(sampled(light), table))[0]
    return PLAIN, _raised(at_no_height, light, patches, _shown(blocks, state)[of_patch]), Source.NONE


def _curve(patches: Patches, sampled: Callable[[Floats], Samples], blocks: Blocks, state: State) -> Tone:
    """A phone's tone curve, as what is painted tells it beside the plan."""
    of_patch = blocks.at.ravel()[np.maximum(patches.pixel, 0)]
    own = (patches.mass >= 0) & ~_untouched(blocks, state)[of_patch]

    def seen(tone: Tone) -> Floats:
        light = plain(patches.coded, patches.calm, tone)
        field, _ = lit(sampled(light))
        reflects = light[own] / field.at(patches.places[own])
        return np.asarray(value_of_lab(lab_of_linear(np.clip(reflects, 0, None))))

    planned = value_of_lab(_shown(blocks, state)[of_patch[own]])
    return curve_by_plan(seen, planned, patches.mass[own], patches.pixels[own])


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


def _lightest(expected: Expected) -> float:
    """The luminance 0–1 above which nothing lies on the sheet but a lamp's reflection: that of the surface,
    or of the lightest paint."""
    paint = 0.0 if expected.plan.medium.transparent else expected.plan.medium.lightest
    lightest = max(float(expected.values.max()), expected.surface.value, paint)
    return _luminance(min(10.0, lightest))


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


def _parts(blocks: Blocks, seen: Floats, hidden: Mask) -> Floats:
    """The mean colours (b, 3) of what is seen of all parts, NaN where most of one is hidden."""
    covered = mean_by(blocks.at, hidden.astype(float), blocks.count)
    means = mean_by(blocks.at, seen, blocks.count, (~hidden).astype(float))
    return np.where((covered <= MOST_HIDDEN)[:, None], means, np.nan)
