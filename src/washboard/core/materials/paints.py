"""Generic paints and sticks by pigment: how they look strong and thinned. Modelled, not measured."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from ..errors import InvalidInput, UnknownName

Lab = tuple[float, float, float]

FEWEST, MOST = 2, 16
"""Paints in a palette; painters take 6 to 12."""


@dataclass(frozen=True)
class Paint:
    """A paint. `strong`: Lab of a thick film; `thin`: of a thin film over white. `opaque` 0–1.

    `caution`: what its label usually warns of, empty where nothing special.
    """

    key: str
    words: str
    index: str
    strong: Lab
    thin: Lab
    opaque: float
    caution: str = ""


_METAL = "no sanding, no spraying, no dust; wash hands"

PAINTS = {
    paint.key: paint
    for paint in (
        Paint("white", "titanium white", "PW6", (96.0, -0.6, 1.6), (97.0, -0.5, 1.0), 0.95),
        Paint("black", "carbon black", "PBk7", (16.0, 0.3, -0.5), (62.0, 0.2, 0.5), 0.9),
        Paint("lemon", "lemon yellow", "PY3", (87.0, -12.0, 88.0), (95.0, -9.0, 42.0), 0.3),
        Paint("warm-yellow", "warm yellow", "PY65", (78.0, 20.0, 90.0), (91.0, 5.0, 48.0), 0.5),
        Paint("cadmium-yellow", "cadmium yellow", "PY35", (82.0, 8.0, 92.0), (93.0, 0.0, 46.0), 0.9, _METAL),
        Paint("ochre", "yellow ochre", "PY43", (58.0, 14.0, 48.0), (86.0, 4.0, 26.0), 0.7),
        Paint("raw-sienna", "raw sienna", "PBr7", (50.0, 16.0, 42.0), (84.0, 6.0, 27.0), 0.4),
        Paint("orange", "warm orange", "PO62", (65.0, 48.0, 68.0), (86.0, 20.0, 38.0), 0.6),
        Paint("warm-red", "pyrrole red", "PR254", (46.0, 64.0, 42.0), (74.0, 34.0, 18.0), 0.6),
        Paint("cadmium-red", "cadmium red", "PR108", (44.0, 60.0, 40.0), (74.0, 33.0, 18.0), 0.95, _METAL),
        Paint("rose", "quinacridone rose", "PV19", (38.0, 58.0, 10.0), (74.0, 38.0, -4.0), 0.2),
        Paint("crimson", "deep crimson", "PR264", (26.0, 40.0, 14.0), (66.0, 38.0, 4.0), 0.2),
        Paint("burnt-sienna", "burnt sienna", "PBr7", (33.0, 26.0, 26.0), (74.0, 18.0, 26.0), 0.4),
        Paint("burnt-umber", "burnt umber", "PBr7", (23.0, 9.0, 12.0), (68.0, 8.0, 16.0), 0.6),
        Paint("raw-umber", "raw umber", "PBr7", (27.0, 4.0, 13.0), (70.0, 3.0, 16.0), 0.5),
        Paint("violet", "dioxazine violet", "PV23", (17.0, 20.0, -20.0), (56.0, 24.0, -30.0), 0.2),
        Paint("ultramarine", "ultramarine blue", "PB29", (22.0, 28.0, -56.0), (66.0, 4.0, -34.0), 0.2),
        Paint("cobalt", "cobalt blue", "PB28", (36.0, 12.0, -54.0), (73.0, -3.0, -28.0), 0.4, _METAL),
        Paint("cerulean", "cerulean blue", "PB35", (46.0, -14.0, -38.0), (77.0, -13.0, -20.0), 0.6, _METAL),
        Paint("phthalo-blue", "phthalo blue", "PB15", (22.0, 2.0, -38.0), (62.0, -20.0, -36.0), 0.2),
        Paint("turquoise", "phthalo turquoise", "PB16", (26.0, -16.0, -20.0), (66.0, -30.0, -16.0), 0.2),
        Paint("phthalo-green", "phthalo green", "PG7", (24.0, -34.0, 4.0), (66.0, -44.0, 4.0), 0.2),
        Paint("viridian", "viridian", "PG18", (30.0, -32.0, 4.0), (70.0, -30.0, 4.0), 0.2, _METAL),
        Paint("green-earth", "green earth", "PG23", (46.0, -10.0, 12.0), (80.0, -8.0, 8.0), 0.2),
    )
}
"""By key."""

USUAL = {
    "watercolour": (
        "lemon", "warm-yellow", "ochre", "warm-red", "rose", "burnt-sienna", "burnt-umber", "ultramarine",
        "cerulean", "phthalo-green",
    ),
    "pastel": (
        "white", "black", "warm-yellow", "ochre", "orange", "warm-red", "rose", "burnt-sienna", "burnt-umber",
        "ultramarine", "cobalt", "viridian",
    ),
    "acrylic": (
        "white", "black", "lemon", "warm-yellow", "ochre", "warm-red", "rose", "burnt-sienna", "burnt-umber",
        "ultramarine", "phthalo-blue", "phthalo-green",
    ),
    "oil": (
        "white", "cadmium-yellow", "ochre", "cadmium-red", "rose", "burnt-sienna", "raw-umber", "ultramarine",
        "cobalt", "viridian",
    ),
}  # fmt: skip
"""What comes along where the painter has not chosen."""


def palette_of(medium: str, keys: Sequence[str]) -> tuple[Paint, ...]:
    """The paints of those keys in the list's order, the medium's usual ones for none.

    Raises UnknownName for one that is not listed, InvalidInput for fewer than 2 or more than 16.
    """
    for key in keys:
        if key not in PAINTS:
            raise UnknownName("paint", key, PAINTS)
    if keys and not FEWEST <= len(set(keys)) <= MOST:
        raise InvalidInput(f"A palette has {FEWEST} to {MOST} paints; it was kept as it was.")
    chosen = set(keys or USUAL[medium])
    return tuple(paint for paint in PAINTS.values() if paint.key in chosen)
