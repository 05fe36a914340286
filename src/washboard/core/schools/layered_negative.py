"""Back through negative shapes: each layer goes one value darker round the shapes of the layer before."""

from dataclasses import replace

from ..plan.plan import Kind
from .school import TRANSPARENT, School, Strand

DEEPEST = 7
"""Layers that still read as layers."""

SCHOOL = School(
    key="layered-negative",
    words="Layered negatives",
    strands=lambda context: (Strand(context.by(lambda mass: -mass.target), DEEPEST, Kind.NEGATIVE),),
    fits="each layer goes across all that is darker and round what is done: things come out of the dark",
    media=frozenset({"watercolour", "acrylic"}),
    why_not="opaque paint covers the layer before instead of deepening it",
    nearest="dark-to-light",
    fewest=4,
    nested=True,
    # Layers lie over each other on purpose: a wide range inside one is expensive, one more layer is not.
    transparent=replace(TRANSPARENT, another_pass=300, span=1200, span_free=0.9),
)
