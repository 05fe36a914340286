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
            Anchor(0.5, 0.15, "the sky"),
            Anchor(0.5, 0.378, "the hills"),
            Anchor(0.53, 0.428, "the far flats"),
            Anchor(0.21, 0.656, "the near heap's light"),
            Anchor(0.286, 0.65, "the near heap's turn"),
            Anchor(0.343, 0.633, "the near heap's shade"),
            Anchor(0.536, 0.583, "the second heap"),
            Anchor(0.675, 0.508, "the heap by the shed"),
            Anchor(0.225, 0.499, "the far heap"),
            Anchor(0.536, 0.79, "the earth walls"),
            Anchor(0.42, 0.9, "the near water"),
            Anchor(0.57, 0.675, "the middle pan"),
            Anchor(0.88, 0.65, "the right pan"),
            Anchor(0.056, 0.636, "the left pan"),
            Anchor(0.27, 0.868, "the salt crust"),
            Anchor(0.412, 0.727, "the crust at the heap"),
            Anchor(0.454, 0.501, "the farthest heap"),
            Anchor(0.528, 0.678, "the mirrored heap"),
            Anchor(0.7, 0.4, "the roof"),
            Anchor(0.21, 0.49, "the left heap"),
            Anchor(0.731, 0.446, "the shed wall"),
            Anchor(0.087, 0.71, "the near left wall"),
            Anchor(0.962, 0.485, "the far right wall"),
            Anchor(0.172, 0.528, "the far left pan"),
            Anchor(0.801, 0.53, "the far right pan"),
            Anchor(0.06, 0.57, "the left wall"),
            Anchor(0.392, 0.567, "the middle wall"),
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
                Anchor(0.9, 0.13, "the sky"),
                Anchor(0.78, 0.37, "the hills and the shed"),
                Anchor(0.15, 0.44, "the far flats"),
                Anchor(0.85, 0.61, "the pans"),
                Anchor(0.55, 0.61, "the second heap"),
                Anchor(0.228, 0.485, "the left heap"),
                Anchor(0.685, 0.5, "the shed's heap"),
                Anchor(0.27, 0.62, "the near heap"),
                Anchor(0.5, 0.79, "the earth walls"),
                Anchor(0.71, 0.91, "the near water"),
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
            Anchor(0.15, 0.25, "the hall"),
            Anchor(0.456, 0.88, "the floor and front figure"),
            Anchor(0.63, 0.132, "the gantry"),
            Anchor(0.305, 0.386, "the windows"),
            Anchor(0.396, 0.386, "the windows"),
            Anchor(0.49, 0.386, "the windows"),
            Anchor(0.646, 0.733, "the brightest floor"),
            Anchor(0.793, 0.735, "the lit floor"),
            Anchor(0.661, 0.462, "the lit belly of the ladle"),
            Anchor(0.66, 0.37, "the rim of the ladle"),
            Anchor(0.711, 0.36, "the dark side of the ladle"),
            Anchor(0.644, 0.555, "the stream"),
            Anchor(0.62, 0.547, "the glow by the stream"),
            Anchor(0.644, 0.633, "the mould"),
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
                Anchor(0.8, 0.12, "the fog"),
                Anchor(0.5, 0.9, "the water"),
                Anchor(0.32, 0.5, "the ferry"),
                Anchor(0.8, 0.565, "the slip"),
                Anchor(0.7, 0.42, "the lamp's glow"),
                Anchor(0.683, 0.416, "the lamp"),
                Anchor(0.39, 0.6, "the far post"),
                Anchor(0.25, 0.6, "the near post"),
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
            Anchor(0.75, 0.2, "the wall"),
            Anchor(0.5, 0.9, "the table"),
            Anchor(0.25, 0.62, "the kettle"),
            Anchor(0.245, 0.5, "the window in the enamel"),
            Anchor(0.29, 0.17, "the grip"),
            Anchor(0.5, 0.7, "the cast shadow"),
            Anchor(0.605, 0.66, "the standing pear's light"),
            Anchor(0.16, 0.35, "the handle"),
            Anchor(0.3, 0.385, "the rim"),
            Anchor(0.8, 0.59, "the lying pear's light"),
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
                Anchor(0.8, 0.2, "the wall"),
                Anchor(0.5, 0.9, "the table"),
                Anchor(0.3, 0.55, "the kettle"),
                Anchor(0.8, 0.62, "the lying pear"),
                Anchor(0.63, 0.68, "the standing pear"),
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
            Anchor(0.3, 0.1, "the blue of the sky"),
            Anchor(0.3, 0.42, "the gold of the sky"),
            Anchor(0.1, 0.58, "the far table"),
            Anchor(0.69, 0.56, "the near table"),
            Anchor(0.2, 0.9, "the flats"),
            Anchor(0.4, 0.9, "the wet track"),
        ),
        intent=Intent("The sky goes from gold to blue in one wet sheet.", about=(0.35, 0.5)),
    ),
)
DEMO = (SALT_PANS, FOUNDRY, FERRY_SLIP, KETTLE, DRY_FLATS)


def reference_bytes(piece: DemoPiece) -> bytes:
    """The bytes of a demo piece's reference, as shipped."""
    return (files("washboard.demo") / "references" / piece.reference).read_bytes()
