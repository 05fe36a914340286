"""Fills a studio with the demo pieces and a shelf."""

from __future__ import annotations

import hashlib
import io
from functools import partial

from PIL import Image

from ..core.materials.shelf import OWN, Item, ItemKind
from ..settings import fields_of as settings_fields
from ..store.references import Reference
from ..studio import Studio, now
from ..studio.answers import answer_ahead
from ..studio.planning import analyse
from ..studio.shelf_items import fields_of
from .pieces import DEMO, reference_bytes
from .states import STATES, log_state

_SHELF = (
    ("paint", "Lemon, small tube", "lemon", "watercolour", "Field box", 4.0),
    ("paint", "Warm yellow", "warm-yellow", "watercolour", "Field box", 4.5),
    ("paint", "Yellow ochre", "ochre", "watercolour", "Field box", 2.0),
    ("paint", "Warm red", "warm-red", "watercolour", "Field box", 5.0),
    ("paint", "Rose", "rose", "watercolour", "Field box", 3.5),
    ("paint", "Burnt sienna", "burnt-sienna", "watercolour", "Field box", 0.8),
    ("paint", "Ultramarine", "ultramarine", "watercolour", "Field box", 1.5),
    ("paint", "Ultramarine, large tube", "ultramarine", "watercolour", "", 12.0),
    ("paint", "Phthalo green", "phthalo-green", "watercolour", "Field box", 4.0),
    ("paint", "Titanium white", "white", "oil", "Oil drawer", 150.0),
    ("paint", "Cadmium yellow", "cadmium-yellow", "oil", "Oil drawer", 30.0),
    ("paint", "Cadmium red", "cadmium-red", "oil", "Oil drawer", 22.0),
    ("paint", "Cobalt blue", "cobalt", "oil", "Oil drawer", 18.0),
    ("paint", "Raw umber", "raw-umber", "oil", "Oil drawer", 35.0),
    ("stick", "Soft white", "black-pale", "pastel", "Studio box", 2.0),
    ("stick", "Deep blue", "ultramarine-deep", "pastel", "Studio box", 1.0),
    ("surface", "Cotton block, 45 × 30", "cold-pressed", "watercolour", "", 12.0),
    ("surface", "Sanded sheet, 50 × 35", "sanded", "pastel", "", 3.0),
    ("tool", "Big mop", "mop", "", "", 1.0),
    ("tool", "Flat, 25 mm", "flat-25", "", "", 2.0),
    ("tool", "Masking fluid", "masking-fluid", "", "", 1.0),
)
"""What stands on the demo's shelf: kind, name, like, medium, set, what is left."""


def missing(studio: Studio) -> list[str]:
    """The names of the demo pieces that a studio does not have."""
    there = {piece.name for piece in studio.pieces.all()}
    return [demo.name for demo in DEMO if demo.name not in there]


def add_demo(studio: Studio) -> None:
    """Add the demo pieces that a studio does not have, have them worked out one at a time, so that nobody's
    own photo waits for them, and log how far their painting is."""
    _fill_shelf(studio)
    wanted = missing(studio)
    for demo in reversed([demo for demo in DEMO if demo.name in wanted]):
        reference = _kept(studio, reference_bytes(demo))
        piece = studio.pieces.create(demo.name, settings_fields(demo.settings), now(), reference.hash)
        analyse(studio, piece, beside=True)
    pieces = studio.pieces.all()
    for piece in pieces:
        if piece.name in STATES and not studio.log.entries(piece.id):
            studio.jobs.start(f"log {piece.id}", partial(log_state, studio, piece), beside=True)
    for piece in (piece for piece in pieces if piece.name in wanted):
        studio.jobs.start(f"ahead {piece.id}", partial(answer_ahead, studio, piece), beside=True)


def _kept(studio: Studio, data: bytes) -> Reference:
    """A demo picture, kept as if it had been taken in: it is known to be good, so that nobody waits until it
    is decoded."""
    with Image.open(io.BytesIO(data)) as picture:
        width, height = picture.size
    reference = Reference(hashlib.sha256(data).hexdigest(), width, height, "JPEG", ())
    studio.keep(data, reference)
    return reference


def _fill_shelf(studio: Studio) -> None:
    """Put the demo's things on a shelf on which nothing ever stood."""
    state = studio.shelf.state()
    if state.revision:
        return
    items = (
        Item("", ItemKind(kind), name, like, medium, set, left)
        for kind, name, like, medium, set, left in _SHELF
    )
    changes = {f"{OWN}{k}": fields_of(item.checked()) for k, item in enumerate(items, state.next_number)}
    studio.shelf.change(state.revision, changes, f"added: {len(changes)}", now())
