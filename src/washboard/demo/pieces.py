"""The demo pieces: made up, each with a reference from our own renderer."""

from __future__ import annotations

from dataclasses import dataclass
from importlib.resources import files
from typing import TYPE_CHECKING

from ..pipeline.settings import Anchor, Settings

if TYPE_CHECKING:
    from ..api.studio import Studio


@dataclass(frozen=True)
class DemoPiece:
    """One demo piece; `reference` is a file in `references/`."""

    name: str
    reference: str
    settings: Settings


SALT_PANS = DemoPiece(
    "Salt pans, noon",
    "salt-pans.jpg",
    Settings("watercolour", "white", 45.0, 30.0, names=()),
)
FOUNDRY = DemoPiece(
    "Foundry, second pour",
    "foundry.jpg",
    Settings("pastel", "black", 50.0, 35.0, names=()),
)
DEMO = (SALT_PANS, FOUNDRY)


def reference_bytes(piece: DemoPiece) -> bytes:
    """The bytes of a demo piece's reference, as shipped."""
    return (files("washboard.demo") / "references" / piece.reference).read_bytes()


def add_demo(studio: Studio) -> None:
    """Add the demo pieces to a studio that has none of them, and have them worked out."""
    from ..api.studio import fields_of, now

    there = {piece.name for piece in studio.pieces.all()}
    for demo in reversed(DEMO):
        if demo.name in there:
            continue
        reference = studio.take_in(reference_bytes(demo))
        piece = studio.pieces.create(demo.name, fields_of(demo.settings), now(), reference.hash)
        studio.analyse(piece)


__all__ = ["DEMO", "Anchor", "DemoPiece", "add_demo", "reference_bytes"]
