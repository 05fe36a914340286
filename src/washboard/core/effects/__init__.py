"""Effects: one file each, listed here. How to add one: docs/how-to-add-an-effect.md."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from importlib import import_module

from .looked import Looked
from .touch import Proposal

FILES = (
    # In the order in which they are woven in.
    "edges",
    "smooth",
    "lights",
    "rows",
)
"""Every kind of effect by its file."""

Finder = Callable[[Looked], Sequence[Proposal]]


def _read(file: str) -> Finder:
    found: Finder = import_module(f".{file}", __name__).found
    return found


FINDERS: Sequence[Finder] = tuple(map(_read, FILES))


def effects_of(looked: Looked) -> tuple[Proposal, ...]:
    """Every effect that the picture proposes for a plan, kind by kind."""
    return tuple(proposal for finder in FINDERS for proposal in finder(looked))


__all__ = ["Looked", "Proposal", "effects_of"]
