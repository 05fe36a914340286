"""The demo pieces: made up, each with a reference from our own renderer."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from dataclasses import dataclass
from importlib.resources import files

from ..core.areas.corrections import Corrections, Stroke
from ..core.reference.place import Anchor
from ..settings import Settings
from ..settings.intent import Intent


@dataclass(frozen=True)
class DemoPiece:
    """One demo piece; `reference` is a file in `references/`."""

    name: str
    reference: str
    settings: Settings


SALT_PANS = DemoPiece(
    "Salt pans, noon",
    "salt-pans.jpg",
    Settings(
        "watercolour",
        "white",
        45.0,
        30.0,
        names=(
            Anchor(0.5, 0.15, "sky"),
            Anchor(0.5, 0.378, "hills"),
            Anchor(0.53, 0.428, "far flats"),
            Anchor(0.21, 0.656, "near heap's light"),
            Anchor(0.286, 0.65, "near heap's turn"),
            Anchor(0.343, 0.633, "near heap's shade"),
            Anchor(0.536, 0.583, "second heap"),
            Anchor(0.675, 0.508, "heap by the shed"),
            Anchor(0.225, 0.499, "far heap"),
            Anchor(0.536, 0.79, "earth walls"),
            Anchor(0.42, 0.9, "near water"),
            Anchor(0.57, 0.675, "middle pan"),
            Anchor(0.88, 0.65, "right pan"),
            Anchor(0.056, 0.636, "left pan"),
            Anchor(0.27, 0.868, "salt crust"),
            Anchor(0.412, 0.727, "crust at the heap"),
            Anchor(0.454, 0.501, "farthest heap"),
            Anchor(0.528, 0.678, "mirrored heap"),
            Anchor(0.7, 0.4, "roof"),
            Anchor(0.21, 0.49, "left heap"),
            Anchor(0.731, 0.446, "shed wall"),
            Anchor(0.087, 0.71, "near left wall"),
            Anchor(0.962, 0.485, "far right wall"),
            Anchor(0.172, 0.528, "far left pan"),
            Anchor(0.801, 0.53, "far right pan"),
            Anchor(0.06, 0.57, "left wall"),
            Anchor(0.392, 0.567, "middle wall"),
        ),
        areas=Corrections(
            strokes=(
                Stroke(((0.05, 0.08), (0.5, 0.08), (0.95, 0.08), (0.95, 0.25), (0.5, 0.3), (0.05, 0.28))),
                Stroke(((0.02, 0.38), (0.5, 0.385), (0.98, 0.375))),
                Stroke(((0.02, 0.43), (0.3, 0.425), (0.55, 0.428), (0.62, 0.428))),
                Stroke(((0.02, 0.9), (0.3, 0.86), (0.6, 0.92), (0.7, 0.93))),
                Stroke(((0.05, 0.79), (0.5, 0.79), (0.8, 0.79), (0.95, 0.93))),
                Stroke(((0.21, 0.5), (0.228, 0.47), (0.245, 0.5)), against=((0.1, 0.43), (0.12, 0.54))),
                Stroke(((0.16, 0.7), (0.27, 0.5), (0.27, 0.7), (0.36, 0.66))),
                Stroke(((0.5, 0.6), (0.53, 0.5), (0.56, 0.6))),
                Stroke(((0.65, 0.52), (0.685, 0.46), (0.72, 0.52)), against=((0.66, 0.6), (0.8, 0.54))),
            ),
            names=(
                Anchor(0.9, 0.13, "sky"),
                Anchor(0.78, 0.37, "hills and the shed"),
                Anchor(0.15, 0.44, "flats"),
                Anchor(0.85, 0.61, "pans"),
                Anchor(0.55, 0.61, "middle ground"),
                Anchor(0.228, 0.485, "heap at the left"),
                Anchor(0.685, 0.5, "shed's heap"),
                Anchor(0.27, 0.62, "near heap"),
                Anchor(0.5, 0.79, "near walls"),
                Anchor(0.71, 0.91, "near water"),
            ),
            depths=(
                (0.9, 0.13),
                (0.78, 0.37),
                (0.15, 0.44),
                (0.85, 0.61),
                (0.228, 0.485),
                (0.685, 0.5),
                (0.55, 0.61),
                (0.27, 0.62),
                (0.5, 0.79),
                (0.71, 0.91),
            ),
        ),
    ),
)
FOUNDRY = DemoPiece(
    "Foundry, second pour",
    "foundry.jpg",
    Settings(
        "pastel",
        "#463d39",
        50.0,
        35.0,
        names=(
            Anchor(0.15, 0.25, "hall"),
            Anchor(0.456, 0.88, "floor and front figure"),
            Anchor(0.63, 0.132, "gantry"),
            Anchor(0.305, 0.386, "left window"),
            Anchor(0.396, 0.386, "middle window"),
            Anchor(0.49, 0.386, "right window"),
            Anchor(0.646, 0.733, "brightest floor"),
            Anchor(0.793, 0.735, "lit floor"),
            Anchor(0.661, 0.462, "lit belly of the ladle"),
            Anchor(0.66, 0.37, "rim of the ladle"),
            Anchor(0.711, 0.36, "dark side of the ladle"),
            Anchor(0.644, 0.555, "stream"),
            Anchor(0.62, 0.547, "glow by the stream"),
            Anchor(0.644, 0.633, "mould"),
        ),
        areas=Corrections(
            names=(
                Anchor(0.19, 0.54, "left of the hall"),
                Anchor(0.87, 0.36, "right of the hall"),
                Anchor(0.35, 0.88, "near floor"),
                Anchor(0.75, 0.6, "lit wall"),
                Anchor(0.63, 0.62, "pour"),
                Anchor(0.57, 0.75, "foot of the mould"),
                Anchor(0.48, 0.4, "windows"),
                Anchor(0.72, 0.8, "warm floor"),
                Anchor(0.95, 0.81, "dim floor"),
            )
        ),
    ),
)
FERRY_SLIP = DemoPiece(
    "Ferry slip in fog",
    "ferry-slip.jpg",
    Settings(
        "acrylic",
        "white",
        40.0,
        27.0,
        school="by-object",
        ground="pale-warm-grey",
        intent=Intent("How far the posts stand from the ferry, and the one warm lamp.", about=(0.25, 0.6)),
        areas=Corrections(
            strokes=(
                Stroke(((0.03, 0.62), (0.3, 0.72), (0.5, 0.7), (0.62, 0.72), (0.9, 0.67), (0.97, 0.72),
                        (0.9, 0.8), (0.6, 0.95), (0.95, 0.97), (0.1, 0.93))),
                Stroke(((0.17, 0.46), (0.21, 0.38), (0.27, 0.33), (0.34, 0.35), (0.37, 0.3), (0.41, 0.35),
                        (0.42, 0.46), (0.49, 0.47), (0.46, 0.55), (0.17, 0.55)), closed=True),
                Stroke(((0.56, 0.5), (0.66, 0.5), (0.665, 0.39), (0.695, 0.39), (0.7, 0.5), (0.999, 0.5),
                        (0.999, 0.6), (0.83, 0.63), (0.57, 0.63)), closed=True),
                Stroke(((0.37, 0.45), (0.39, 0.44), (0.41, 0.47), (0.41, 0.75), (0.38, 0.76)), closed=True),
                Stroke(((0.23, 0.36), (0.26, 0.33), (0.29, 0.36), (0.28, 0.6), (0.275, 0.86), (0.22, 0.86)),
                       closed=True),
                Stroke(((0.671, 0.416), (0.675, 0.403), (0.683, 0.398), (0.691, 0.404), (0.694, 0.417),
                        (0.69, 0.43), (0.682, 0.434), (0.674, 0.429)), closed=True),
            ),
            names=(
                Anchor(0.8, 0.12, "fog"),
                Anchor(0.5, 0.9, "water"),
                Anchor(0.32, 0.5, "ferry"),
                Anchor(0.8, 0.565, "slip"),
                Anchor(0.7, 0.42, "lamp's glow"),
                Anchor(0.683, 0.416, "lamp"),
                Anchor(0.39, 0.6, "far post"),
                Anchor(0.25, 0.6, "near post"),
            ),
            depths=((0.8, 0.12), (0.32, 0.5), (0.5, 0.9), (0.7, 0.42), (0.8, 0.565), (0.683, 0.416),
                    (0.39, 0.6), (0.25, 0.6)),
        ),
    ),
)  # fmt: skip
KETTLE = DemoPiece(
    "Blue kettle, two pears",
    "kettle.jpg",
    Settings(
        "oil",
        "white",
        40.0,
        30.0,
        school="by-object",
        ground="warm-grey",
        names=(
            Anchor(0.75, 0.2, "wall"),
            Anchor(0.5, 0.9, "table"),
            Anchor(0.25, 0.62, "kettle"),
            Anchor(0.245, 0.5, "window in the enamel"),
            Anchor(0.29, 0.17, "grip"),
            Anchor(0.5, 0.7, "cast shadow"),
            Anchor(0.605, 0.66, "standing pear's light"),
            Anchor(0.16, 0.35, "wall behind"),
            Anchor(0.3, 0.385, "rim"),
            Anchor(0.8, 0.59, "lying pear's light"),
        ),
        intent=Intent("The cold blue kettle against the warm pears.", about=(0.62, 0.68)),
        areas=Corrections(
            strokes=(
                Stroke(
                    ((0.004, 0.004), (0.996, 0.004), (0.996, 0.527), (0.5, 0.53), (0.004, 0.532)), closed=True
                ),
                Stroke(
                    ((0.004, 0.536), (0.5, 0.534), (0.996, 0.531), (0.996, 0.996), (0.004, 0.996)),
                    closed=True,
                ),
                Stroke(
                    (
                        (0.15, 0.54),
                        (0.165, 0.44),
                        (0.215, 0.37),
                        (0.285, 0.33),
                        (0.295, 0.29),
                        (0.315, 0.275),
                        (0.335, 0.295),
                        (0.36, 0.33),
                        (0.42, 0.38),
                        (0.47, 0.44),
                        (0.52, 0.4),
                        (0.55, 0.355),
                        (0.585, 0.365),
                        (0.57, 0.43),
                        (0.53, 0.5),
                        (0.485, 0.53),
                        (0.47, 0.6),
                        (0.41, 0.68),
                        (0.33, 0.715),
                        (0.25, 0.7),
                        (0.185, 0.65),
                    ),
                    closed=True,
                ),
                Stroke(
                    (
                        (0.69, 0.61),
                        (0.74, 0.575),
                        (0.83, 0.575),
                        (0.848, 0.6),
                        (0.84, 0.64),
                        (0.79, 0.7),
                        (0.73, 0.725),
                        (0.7, 0.7),
                    ),
                    closed=True,
                ),
                Stroke(
                    (
                        (0.645, 0.53),
                        (0.675, 0.57),
                        (0.702, 0.68),
                        (0.685, 0.76),
                        (0.63, 0.79),
                        (0.575, 0.755),
                        (0.565, 0.67),
                        (0.6, 0.58),
                        (0.62, 0.535),
                    ),
                    closed=True,
                ),
            ),
            names=(
                Anchor(0.8, 0.2, "wall"),
                Anchor(0.5, 0.9, "table top"),
                Anchor(0.3, 0.55, "blue kettle"),
                Anchor(0.8, 0.62, "lying pear"),
                Anchor(0.63, 0.68, "standing pear"),
            ),
            depths=((0.8, 0.2), (0.5, 0.9), (0.3, 0.55), (0.8, 0.62), (0.63, 0.68)),
        ),
    ),
)
DRY_FLATS = DemoPiece(
    "Dry flats, last light",
    "dry-flats.jpg",
    Settings(
        "watercolour",
        "white",
        45.0,
        30.0,
        names=(
            Anchor(0.3, 0.1, "blue of the sky"),
            Anchor(0.3, 0.42, "gold of the sky"),
            Anchor(0.1, 0.58, "far table"),
            Anchor(0.69, 0.56, "near table"),
            Anchor(0.2, 0.9, "flats"),
            Anchor(0.4, 0.9, "wet track"),
        ),
        intent=Intent("The sky goes from gold to blue in one wet sheet.", about=(0.35, 0.5)),
    ),
)
DEMO = (SALT_PANS, FOUNDRY, FERRY_SLIP, KETTLE, DRY_FLATS)


def reference_bytes(piece: DemoPiece) -> bytes:
    """The bytes of a demo piece's reference, as shipped."""
    return (files("washboard.demo") / "references" / piece.reference).read_bytes()
