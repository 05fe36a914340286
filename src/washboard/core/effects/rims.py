"""Rims: a narrow light along the outline of something darker, in two steps: muted and wide, then lighter,
warmer, narrower and shorter."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np

from ..plan.plan import Kind
from ..reference.mass import Mass, MassKind
from ..reference.picture import Singles
from ..sentence import Sentence, of_masses, sentence, tone, whole
from .layers import Layer, crisp, touches
from .looked import Crop, Looked, Mask
from .telling import proposed, rising
from .touch import Proposal

SMALLEST, WIDE_MM, WITHIN = 0.004, 5.0, 0.9
"""Share of the picture from which a thing has a rim worth painting, how wide a rim is at most, and the
share of a rim that must be lighter than both sides."""
STEP, OVER, LENGTH, MOST = 0.8, 0.5, 0.12, 0.85
"""Values by which a rim is lighter than the thing and than what lies beyond it, and the least and the most
of the outline that it runs along."""
MOST_RIMS = 4
"""Rims that are told, those that are seen most."""
LONG, SIDE, NARROW = 3.5, 0.25, 0.25
"""How many times longer than wide a rim is that is a mass of its own, the share of its outline that each
side has, and the values by which its second step is lighter than the first."""
SECOND = 0.55
"""Of the lightest part of a rim, how much the second step is set on."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each thing with a light along its outline."""
    within = [one for mass in on.laid if (one := _for(on, mass)) is not None]
    found = [*within, *(one for mass in on.laid if (one := _stripe(on, mass)) is not None)]
    found.sort(key=lambda one: (-one.effect.figures["cm"] * one.effect.figures["step"], one.effect.id))
    return found[:MOST_RIMS]


def _stripe(on: Looked, mass: Mass) -> Proposal | None:
    """A rim that is a mass of its own: long, narrow, and lighter than what lies on both sides."""
    if mass.look.long < LONG or mass.width_mm > WIDE_MM * 1.3 or mass.kind is MassKind.ACCENT:
        return None
    sides = sorted(
        ((b.length_cm, on.plan.by_id[b.mass]) for b in mass.borders if b.mass in on.plan.by_id),
        key=lambda pair: (-pair[0], pair[1].id),
    )[:2]
    if len(sides) < 2 or any(cm < SIDE * mass.outline_cm for cm, _ in sides):
        return None
    step = min(mass.target - other.target for _, other in sides)
    thing = min((other for _, other in sides), key=lambda other: (other.share, other.id))
    if step < STEP or thing.share < SMALLEST:
        return None
    crop = on.crop(mass)
    narrow = crisp(on, crop, crop.inside & (crop.apart >= NARROW), lighter=True, finest=0.3)
    kind = Kind.WHITE if on.plan.medium.transparent else Kind.DETAIL
    layers = [] if narrow is None else [(kind, narrow)]
    told = _told(on, mass, thing, sides[0][0], step, max([mass.target, *(n.value for _, n in layers)]))
    figures = {"cm": sides[0][0], "step": step}
    sure = rising(step, STEP / 2, 1.4 * STEP) * rising(mass.look.long, LONG / 2, 1.2 * LONG)
    acts = touches(on, layers, [mass], on.turn[mass.id])
    return proposed(on, "rims", [mass, thing], sure, told, figures, acts)


def _told(on: Looked, mass: Mass, thing: Mass, cm: float, step: float, value: float) -> Sentence:
    del mass
    return sentence(
        "effect-rims",
        mass=of_masses((thing.id,)),
        length=whole(cm),
        step=tone(step),
        value=tone(value),
        medium=on.plan.medium.key,
    )


def _for(on: Looked, mass: Mass) -> Proposal | None:
    if mass.kind is MassKind.ACCENT or mass.share < SMALLEST or mass.target > 6.5:
        return None
    crop = on.crop(mass)
    rim = _rim(on, crop, mass)
    if rim is None:
        return None
    band, length = rim
    wide = crisp(on, crop, band, lighter=True, finest=0.5)
    if wide is None:
        return None
    most = float(np.quantile(crop.value[band], 1 - SECOND))
    narrow = crisp(on, crop, band & (crop.value >= most), lighter=True, finest=0.4)
    kind = Kind.WHITE if on.plan.medium.transparent else Kind.DETAIL
    layers: list[tuple[Kind, Layer]] = [(kind, layer) for layer in (wide, narrow) if layer is not None]
    step = max(layer.step for _, layer in layers)
    told = _told(on, mass, mass, length, step, max(layer.value for _, layer in layers))
    figures = {"cm": length, "step": step}
    sure = rising(figures["step"], STEP / 2, 1.5 * STEP) * rising(
        length / mass.outline_cm, LENGTH / 2, 2 * LENGTH
    )
    return proposed(on, "rims", [mass], sure, told, figures, touches(on, layers, [mass], on.turn[mass.id]))


def _rim(on: Looked, crop: Crop, mass: Mass) -> tuple[Mask, float] | None:
    """The pixels (h, w) along the outline of a mass that are lighter than it and than what lies beyond, and
    their length in cm; None where they are no narrow band."""
    mm = on.cm * 10
    depth = cv2.distanceTransform(np.pad(crop.inside, 1).astype(np.uint8), cv2.DIST_L2, 5)[1:-1, 1:-1] * mm
    light = crop.inside & (crop.apart >= STEP)
    edge = light & (depth <= WIDE_MM)
    # A light that goes on inward is a lit side, not a rim; one all over is texture.
    if edge.sum() < WITHIN * light.sum() or edge.sum() < 8:
        return None
    edge &= crop.value >= _beyond(on, crop) + OVER
    outline = crop.inside & (depth <= 1.5 * mm)
    near = cv2.dilate(edge.astype(np.uint8), np.ones((5, 5), np.uint8)) > 0
    share = float((outline & near).sum() / max(outline.sum(), 1))
    return (edge, share * mass.outline_cm) if LENGTH <= share <= MOST else None


def _beyond(on: Looked, crop: Crop) -> Singles:
    """The value (h, w) of what lies beyond the outline nearest to each pixel, past the rim itself."""
    (down, across), (high, wide) = crop.corner, crop.inside.shape
    pad = max(6, round(WIDE_MM / 10 / on.cm))
    rows = slice(max(0, down - pad), down + high + pad)
    columns = slice(max(0, across - pad), across + wide + pad)
    value = on.meant[rows, columns][..., 0] / 10
    outside = np.ones(value.shape, np.uint8)
    top, left = down - rows.start, across - columns.start
    outside[top : top + high, left : left + wide] = ~crop.inside
    # Past the pixels in which both sides are mixed.
    outside = cv2.erode(outside, np.ones((5, 5), np.uint8)).astype(np.float32)
    share = cv2.GaussianBlur(outside, (0, 0), pad / 2)
    mean = cv2.GaussianBlur(value * outside, (0, 0), pad / 2) / np.maximum(share, 1e-4)
    return np.asarray(np.where(share > 1e-3, mean, 10.0)[top : top + high, left : left + wide])
