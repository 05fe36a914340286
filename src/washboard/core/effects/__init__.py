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
    return tuple(_asked_once(looked, found))


def _asked_once(looked: Looked, found: Sequence[Proposal]) -> list[Proposal]:
    """The proposals, with one question a kind of texture, about the most of it: what is told by fine light
    and dark alone may be leaves in ten places of a picture without one, and ten questions are none."""

    def asks(one: Proposal) -> bool:
        return one.effect.asks and one.claims is Claim.TEXTURE

    most: dict[str, float] = {}
    for one in filter(asks, found):
        most[one.effect.key] = max(most.get(one.effect.key, 0.0), _share(looked, one))
    return [one for one in found if not asks(one) or _share(looked, one) >= most[one.effect.key]]


def _share(looked: Looked, one: Proposal) -> float:
    return sum(looked.plan.by_id[mass].share for mass in one.effect.masses)


__all__ = ["Looked", "Proposal", "effects_of"]
