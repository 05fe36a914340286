"""Effects: one file each, listed here. How to add one: docs/how-to-add-an-effect.md."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from functools import partial
from importlib import import_module

from .looked import Looked
from .touch import Claim, Proposal

FILES = (
    # In the order in which they are woven in: of the tones of one mass the first that says how has them.
    "around",
    "edges",
    "counterchange",
    "lit_across",
    "glow",
    "mist",
    "clouds",
    "petals",
    "cast_shadow",
    "smooth",
    "blended",
    "form",
    "joined_shadow",
    "shadow_colour",
    "lamp",
    "glint",
    "far_lamps",
    "rims",
    "rays",
    "rows",
    "reflections",
    "negatives",
    "branches",
    "foliage",
    "grass",
    "hair",
    "broken",
    "ripples",
    "sparkle",
    "wiped_colour",
    "near_white",
    "tinted",
)
"""Every kind of effect by its file."""

Finder = Callable[[Looked], Sequence[Proposal]]


def _read(file: str) -> Finder:
    found: Finder = import_module(f".{file}", __name__).found
    return found


FINDERS: Sequence[Finder] = tuple(map(_read, FILES))


BY_LAYOUT = frozenset(
    {"around", "edges", "counterchange", "rows", "negatives", "near-white", "tinted", "wiped-colour"}
)
"""Kinds of effects that flat areas tell as well as a photo."""
DRAWN = 0.65
"""How surely a drawn scene tells any other: it has no light of its own, so that these are asked about."""


def _weighed(looked: Looked, proposal: Proposal) -> Proposal:
    """A proposal, less sure in a drawn scene where only a photo could tell it."""
    effect = proposal.effect
    if not looked.drawn or effect.key in BY_LAYOUT:
        return proposal
    return replace(proposal, effect=replace(effect, sure=min(effect.sure, DRAWN)))


def effects_of(looked: Looked) -> tuple[Proposal, ...]:
    """Every effect that the picture proposes for a plan, kind by kind."""
    found, claimed = list[Proposal](), set[tuple[Claim, str]]()
    for finder in FINDERS:
        for proposal in map(partial(_weighed, looked), finder(looked)):
            own = {(proposal.claims, mass) for mass in proposal.effect.masses} if proposal.claims else set()
            # The first effect that says how the tones or the texture of a mass are made has it.
            if claimed.isdisjoint(own):
                # What the painter may still refuse takes nothing from others.
                claimed |= set() if proposal.effect.asks else own
                found.append(proposal)
    return tuple(found)


__all__ = ["Looked", "Proposal", "effects_of"]
