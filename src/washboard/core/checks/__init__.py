"""What weakens a plan: one file a family, listed here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from importlib import import_module

from .finding import Checked, Finding, Weight
from .fix import Change

FILES = (
    "families",
    "glow",
    "silhouette",
    "darkest",
    "whites",
    "proportions",
    "land",
    "depth",
    "falloff",
    "glow_colour",
    "far_colour",
    "counterpart",
    "restful",
    "colours",
    "edges",
    "sameness",
    "open_time",
    "drying",
    "tooth",
    "lifting",
    "masking",
    "irreversible",
    "judging",
)
"""Every family of checks by its file, in the order in which they look."""

Family = Callable[[Checked], Sequence[Finding]]


def _read(file: str) -> Family:
    found: Family = import_module(f".{file}", __name__).found
    return found


FAMILIES: Sequence[Family] = tuple(map(_read, FILES))


def findings_of(checked: Checked) -> tuple[Finding, ...]:
    """Every finding about a plan, the weightiest first, family by family; none for a plan without passes."""
    if not checked.plan.passes:
        return ()
    found = [finding for family in FAMILIES for finding in family(checked)]
    return tuple(sorted(found, key=lambda finding: -finding.weight))


__all__ = ["Change", "Checked", "Finding", "Weight", "findings_of"]
