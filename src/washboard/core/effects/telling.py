"""How proposals are put together from what was found."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace

import numpy as np

from ..plan.effect import Effect
from ..plan.plan import Kind
from ..reference.adjoining import adjoining
from ..reference.mass import Mass
from ..sentence import Sentence
from .layers import Layer, crisp, touches
from .looked import Looked
from .texture import Texture
from .touch import Claim, Proposal, Touch

SMALLEST, LEAST_TOUCHES = 0.006, 12
"""Share of the picture from which a texture is worth an effect, and touches under which it is single
things."""


def proposed(
    on: Looked,
    key: str,
    masses: Sequence[Mass],
    sure: float,
    told: Sentence,
    figures: Mapping[str, float],
    touches: Sequence[Touch] = (),
    replaces: str = "",
) -> Proposal:
    """An effect on some masses, told in the last pass that brings one of them to its target."""
    first = masses[0]
    row = max(on.turn.get(mass.id, 0) for mass in masses)
    ids = tuple(mass.id for mass in masses)
    effect = Effect(key, f"{key}:{first.id}", ids, first.inside, min(1.0, sure), told, figures)
    return Proposal(effect, row, tuple(touches), replaces)


def rising(value: float, least: float, full: float) -> float:
    """How surely a measure tells, 0–1: a third where it is at its least, all where it is full."""
    return max(0.0, min(1.0, 1 / 3 + 2 / 3 * (value - least) / (full - least)))


Told = Callable[[Sequence[Mass], Sequence[Layer], float], Sentence]


def textured(
    on: Looked,
    key: str,
    sure_of: Callable[[Mass, Texture], float],
    wanted: Sequence[tuple[float, Kind]],
    told: Told,
) -> list[Proposal]:
    """An effect for each group of masses that a texture tells, `sure_of` saying how surely (0: not at all).

    `wanted` are its layers in their order: how far what lies there stands out of the fine light and dark,
    darker (negative) or lighter, and with what it is set. In transparent paint lights are not laid over.
    """
    sure = {
        mass.id: sure
        for mass in on.laid
        if (seen := on.texture.get(mass.id)) is not None and (sure := sure_of(mass, seen)) > 0
    }
    found = []
    for group in adjoining([on.plan.by_id[name] for name in sure]):
        share = np.array([mass.share for mass in group])
        stirs = float(np.sqrt(share @ np.array([on.texture[m.id].stirs ** 2 for m in group]) / share.sum()))
        layers = _layers(on, group, stirs, wanted)
        many = sum(layer.count for _, layer in layers) >= LEAST_TOUCHES
        if share.sum() < SMALLEST or not many:
            continue
        row = max(on.turn[mass.id] for mass in group)
        figures = {"stirs": stirs, "layers": float(len(layers)), "share": float(share.sum())}
        words = told(group, [layer for _, layer in layers], stirs)
        mean = float(share @ np.array([sure[m.id] for m in group]) / share.sum())
        one = proposed(on, key, group, mean, words, figures, touches(on, layers, group, row))
        found.append(replace(one, claims=Claim.TEXTURE))
    return found


def _layers(
    on: Looked, group: Sequence[Mass], stirs: float, wanted: Sequence[tuple[float, Kind]]
) -> list[tuple[Kind, Layer]]:
    """The layers of a texture that are worth laying, in their order."""
    crop, found = on.crop(*group), list[tuple[Kind, Layer]]()
    for far, kind in wanted:
        if far > 0 and on.plan.medium.transparent and kind is not Kind.WHITE:
            continue
        there = crop.apart >= far * stirs if far > 0 else crop.apart <= far * stirs
        layer = crisp(on, crop, crop.inside & there, lighter=far > 0)
        if layer is not None:
            found.append((kind, layer))
    return found
