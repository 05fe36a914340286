"""Which passes must find dry what others laid."""

from __future__ import annotations

from collections.abc import Iterable, Mapping

from ..reference.mass import Mass
from .plan import WHILE_WET, Kind, Operation, Pass, Role


def needs_dry(o: Operation) -> bool:
    """Whether an operation finds what lies there dry: all that lays or takes, but what is taken while wet,
    and masking. A loose overlap is worked into what is wet."""
    works = (o.kind.reaches or o.kind is Kind.MASK) and o.kind not in WHILE_WET
    return works and o.role is not Role.OVERLAP


def needing_dry(done: Pass) -> set[str]:
    """The masses that a pass must find dry."""
    return {o.mass for o in done.operations if needs_dry(o)}


def laid_by(done: Pass) -> set[str]:
    """The masses on which a pass lays paint."""
    return {o.mass for o in done.operations if o.kind.lays and o.role is not Role.OVERLAP}


def neighbours(names: Iterable[str], masses: Mapping[str, Mass]) -> set[str]:
    """The masses that border on some."""
    return {border.mass for name in names for border in masses[name].borders}


def touches(earlier: Pass, later: Pass, masses: Mapping[str, Mass], transparent: bool) -> bool:
    """Whether the later pass must find dry what the earlier laid: it goes over it, or meets it in a
    `transparent` medium, where wet washes run into each other."""
    laid, over = laid_by(earlier), needing_dry(later)
    return bool(laid & over) or (transparent and bool(laid & neighbours(over, masses)))
