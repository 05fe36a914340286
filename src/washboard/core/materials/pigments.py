"""Pigments as spectra: where each absorbs and how much it scatters. Modelled, not measured.

Shapes follow what is generally known of each class: an edge below which yellows, oranges and reds absorb,
bands where blues, violets and greens do, a grey base in earths and blacks. Heights are such that a film one
unit thick (paint as it comes, laid once, not thinned) looks as the pigment usually does over white and over
black.
"""

from __future__ import annotations

from dataclasses import dataclass, field

import numpy as np

from ..colour.spectra import WAVELENGTHS, Floats


@dataclass(frozen=True)
class Pigment:
    """Absorption and scattering of a unit film.

    `edge`: wavelength (nm), width (nm) and height of the absorption below it. `bands`: centre, width
    (standard deviation) and height of each. `base`: the same at all wavelengths. `scatter`: S at 550 nm,
    falling with the power `steep` of the wavelength: small grains scatter blue more.
    """

    index: str
    scatter: float
    edge: tuple[float, float, float] | None = None
    bands: tuple[tuple[float, float, float], ...] = field(default=())
    base: float = 0.0
    steep: float = 0.4

    @property
    def absorption(self) -> Floats:
        """K (36,) of a unit film."""
        total = np.full(WAVELENGTHS.shape, self.base, dtype=np.float64)
        if self.edge:
            at, width, height = self.edge
            total += height / (1 + np.exp((WAVELENGTHS - at) / width))
        for centre, width, height in self.bands:
            total += height * np.exp(-(((WAVELENGTHS - centre) / width) ** 2) / 2)
        return total

    @property
    def scattering(self) -> Floats:
        """S (36,) of a unit film."""
        return self.scatter * (550 / WAVELENGTHS) ** self.steep


P = Pigment
PIGMENTS = {
    "titanium": P("PW6", 9, (398, 5, 5), (), 0.004, 0.3),
    "zinc": P("PW4", 2.6, (385, 6, 3), (), 0.003, 0.8),
    "arylide-lemon": P("PY3", 0.22, (482, 8, 6), (), 0.02),
    "bismuth": P("PY184", 2.6, (474, 9, 32.5), (), 0.01),
    "benzimidazolone": P("PY154", 0.35, (497, 9, 6.5), (), 0.02),
    "arylide-warm": P("PY65", 0.5, (507, 9, 18.2), (), 0.03),
    "cadmium-lemon": P("PY35", 3, (477, 8, 40), (), 0.01),
    "cadmium-yellow": P("PY37", 3.2, (500, 8, 45), (), 0.012),
    "nickel-azo": P("PY150", 0.06, (497, 17, 8.8), ((540, 40, 0.8),), 0.08),
    "isoindolinone": P("PY110", 0.35, (522, 10, 16.9), (), 0.04),
    "titanate": P("PY53", 3.4, (457, 14, 9), (), 0.03),
    "ochre": P("PY43", 1.3, (516, 17, 12.8), ((640, 60, 0.6),), 0.25, 0),
    "transparent-yellow-oxide": P("PY42", 0.12, (532, 16, 6.4), ((650, 60, 0.192),), 0.1),
    "raw-sienna": P("PBr7", 0.45, (531, 20, 8.32), ((650, 70, 0.468),), 0.25, 0),
    "benzimidazolone-orange": P("PO62", 0.6, (547, 10, 16.9), (), 0.01),
    "pyrrole-orange": P("PO73", 0.8, (555, 9, 18.2), (), 0.04),
    "cadmium-orange": P("PO20", 3.4, (552, 9, 45), (), 0.015),
    "pyrrole-scarlet": P("PR255", 0.7, (568, 9, 19.5), ((542, 24, 2),), 0.04),
    "pyrrole-red": P("PR254", 0.7, (580, 9, 19.5), ((548, 24, 2.5),), 0.05),
    "cadmium-red": P("PR108", 3.4, (583, 9, 47.5), (), 0.02),
    "quinacridone-rose": P("PV19", 0.07, (573, 11, 2.72), ((530, 34, 6.72), (562, 15, 3.52)), 0.25),
    "quinacridone-magenta": P("PR122", 0.06, None, ((528, 30, 5.44), (565, 16, 6.72), (470, 50, 1.28)), 0.3),
    "pyrrole-crimson": P("PR264", 0.08, (597, 12, 5.04), ((545, 45, 4.08),), 0.08),
    "quinacridone-maroon": P("PR206", 0.1, (592, 18, 4.32), ((540, 50, 2.64),), 0.12),
    "transparent-red-oxide": P("PR101", 0.1, (572, 17, 7.36), ((660, 60, 0.2),), 0.1),
    "light-red": P("PR101", 2.6, (567, 11, 23), ((660, 60, 1.25),), 0.5, 0.1),
    "indian-red": P("PR101", 2.8, (574, 13, 20.8), ((680, 80, 3.2),), 1, 0.1),
    "burnt-sienna": P("PBr7", 0.3, (559, 22, 8.84), ((660, 80, 0.4),), 0.1, 0),
    "burnt-umber": P("PBr7", 0.4, (542, 40, 6.76), ((660, 90, 1.3),), 0.9, 0),
    "raw-umber": P("PBr7", 0.45, (517, 45, 5.72), ((660, 90, 1.04),), 0.7, 0),
    "mars-brown": P("PBr6", 1.2, (536, 35, 12), (), 1.4, 0),
    "dioxazine": P("PV23", 0.06, None, ((525, 40, 8), (575, 28, 11), (618, 22, 9), (440, 40, 0.6)), 0.5),
    "manganese-violet": P("PV16", 0.3, None, ((530, 45, 2.6), (580, 25, 0.8)), 0.25),
    "cobalt-violet": P("PV14", 0.4, None, ((520, 40, 1.7), (580, 25, 0.8)), 0.2),
    "ultramarine": P("PB29", 0.08, None, ((595, 50, 8.96), (540, 40, 2.56), (400, 22, 0.4)), 0.8),
    "cobalt-blue": P("PB28", 0.45, None, ((545, 20, 3.74), (590, 22, 7.92), (632, 24, 7.48)), 0.35),
    "cerulean": P("PB35", 0.9, None, ((600, 48, 5.72), (670, 40, 4.4), (395, 25, 1.76)), 0.25),
    "phthalo-blue-green": P(
        "PB15:3", 0.07, None, ((620, 36, 36), (685, 44, 36), (555, 30, 7.8), (385, 25, 7.2)), 0.85
    ),
    "phthalo-blue-red": P(
        "PB15:1", 0.07, None, ((605, 42, 37.2), (680, 46, 36), (550, 30, 11.4), (385, 25, 6)), 0.85
    ),
    "indanthrone": P("PB60", 0.08, None, ((615, 58, 9.2), (700, 60, 6.8), (540, 50, 4)), 0.9),
    "prussian": P("PB27", 0.06, None, ((690, 92, 15.7), (590, 50, 6.72), (400, 20, 1.12)), 0.9),
    "phthalo-turquoise": P("PB16", 0.07, None, ((630, 48, 28.1), (700, 50, 27), (400, 30, 8.1)), 0.6),
    "phthalo-green-blue": P("PG7", 0.06, None, ((640, 44, 33.6), (705, 45, 28.8), (415, 32, 15.6)), 0.65),
    "phthalo-green-yellow": P("PG36", 0.07, None, ((655, 46, 27), (715, 45, 22.7), (420, 36, 20.5)), 0.5),
    "viridian": P("PG18", 0.12, None, ((620, 46, 4.48), (690, 40, 2.56), (425, 32, 2.4)), 0.45),
    "chromium-oxide": P("PG17", 2.6, None, ((610, 40, 9), (670, 50, 6), (455, 32, 14), (390, 30, 14)), 2.2),
    "cobalt-green": P("PG50", 0.9, None, ((620, 46, 5.28), (690, 50, 3.52), (400, 30, 3.08)), 0.2),
    "green-earth": P("PG23", 0.25, None, ((640, 80, 1.26), (400, 50, 1.62)), 0.4),
    "perylene-green": P("PBk31", 0.1, None, ((640, 80, 2.2), (430, 45, 2)), 1.6),
    "carbon-black": P("PBk7", 0.1, None, (), 16, 0.2),
    "ivory-black": P("PBk9", 0.16, (560, 90, 0.5), (), 7, 0.2),
    "mars-black": P("PBk11", 0.9, None, (), 14, 0.2),
    "graphite": P("PBk10", 0.8, None, (), 1.8, 0.2),
    "slate": P("PBk19", 0.7, (500, 60, 0.2), (), 0.9, 0.2),
    "sepia": P("PBr9", 0.3, (560, 70, 1.2), (), 3, 0.3),
}
"""By the key that paints are made of."""
