"""What weakens an arrangement: one file a family, listed here."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from . import balance, border, corner, focus, halves, horizon, kissing, sizes, spacing, values
from .finding import Composed, Finding

FAMILIES: Sequence[Callable[[Composed], Sequence[Finding]]] = (
    horizon.found,
    focus.found,
    halves.found,
    border.found,
    sizes.found,
    spacing.found,
    kissing.found,
    balance.found,
    corner.found,
    values.found,
)


def findings_of(composed: Composed) -> tuple[Finding, ...]:
    """Every finding of a composition, family by family."""
    return tuple(finding for family in FAMILIES for finding in family(composed))
