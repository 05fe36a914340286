"""Where the fit of the pigments begins: the shape that each curve has by general knowledge of its class.

An edge below which yellows, oranges and reds absorb, bands where blues, violets and greens do, nearly nothing
else in clear pigments, a grey base in earths and blacks. Heights are those usual for the class: organic
pigments are the strongest, then minerals, blacks, earths and opaque pigments.
"""

from __future__ import annotations

from washboard.core.materials.pigments import Pigment

SHAPES = {
    "titanium": Pigment("PW6", 9.0, (398.0, 5.0, 5.0), (), 0.004, 0.3),
    "zinc": Pigment("PW4", 2.6, (385.0, 6.0, 3.0), (), 0.003, 0.8),
    "arylide-lemon": Pigment("PY3", 0.22, (476.0, 8.0, 19.8), (), 0.02, 0.4),
    "bismuth": Pigment("PY184", 2.6, (468.0, 9.0, 39.0), (), 0.01, 0.4),
    "benzimidazolone": Pigment("PY154", 0.35, (491.0, 9.0, 21.4), (), 0.02, 0.4),
    "arylide-warm": Pigment("PY65", 0.5, (501.0, 9.0, 60.1), (), 0.03, 0.4),
    "cadmium-lemon": Pigment("PY35", 3.0, (475.0, 8.0, 48.0), (), 0.01, 0.4),
    "cadmium-yellow": Pigment("PY37", 3.2, (494.0, 8.0, 54.0), (), 0.012, 0.4),
    "nickel-azo": Pigment("PY150", 0.06, (491.0, 17.0, 29.0), ((540.0, 40.0, 2.64),), 0.08, 0.4),
    "isoindolinone": Pigment("PY110", 0.35, (516.0, 10.0, 55.8), (), 0.04, 0.4),
    "titanate": Pigment("PY53", 3.4, (451.0, 14.0, 10.8), (), 0.03, 0.4),
    "ochre": Pigment("PY43", 1.3, (510.0, 17.0, 21.8), ((640.0, 60.0, 1.02),), 0.425, 0),
    "transparent-yellow-oxide": Pigment(
        "PY42", 0.12, (526.0, 16.0, 10.9), ((650.0, 60.0, 0.326),), 0.17, 0.4
    ),
    "raw-sienna": Pigment("PBr7", 0.45, (525.0, 20.0, 14.1), ((650.0, 70.0, 0.796),), 0.425, 0),
    "benzimidazolone-orange": Pigment("PO62", 0.6, (541.0, 10.0, 55.8), (), 0.01, 0.4),
    "pyrrole-orange": Pigment("PO73", 0.8, (549.0, 9.0, 60.1), (), 0.04, 0.4),
    "cadmium-orange": Pigment("PO20", 3.4, (546.0, 9.0, 54.0), (), 0.015, 0.4),
    "pyrrole-scarlet": Pigment("PR255", 0.7, (562.0, 9.0, 64.3), ((542.0, 24.0, 6.6),), 0.04, 0.4),
    "pyrrole-red": Pigment("PR254", 0.7, (574.0, 9.0, 64.3), ((548.0, 24.0, 8.25),), 0.05, 0.4),
    "cadmium-red": Pigment("PR108", 3.4, (577.0, 9.0, 57.0), (), 0.02, 0.4),
    "quinacridone-rose": Pigment(
        "PV19", 0.07, None, ((480.0, 42.0, 6.6), (528.0, 30.0, 19.8), (562.0, 17.0, 14.5)), 0.03, 0.4
    ),
    "quinacridone-magenta": Pigment(
        "PR122", 0.06, None, ((528.0, 30.0, 18.0), (565.0, 16.0, 22.2), (470.0, 50.0, 4.22)), 0.05, 0.4
    ),
    "pyrrole-crimson": Pigment("PR264", 0.08, (591.0, 12.0, 16.6), ((545.0, 45.0, 13.5),), 0.08, 0.4),
    "quinacridone-maroon": Pigment("PR206", 0.1, (586.0, 18.0, 14.3), ((540.0, 50.0, 8.71),), 0.12, 0.4),
    "transparent-red-oxide": Pigment("PR101", 0.1, (566.0, 17.0, 12.5), ((660.0, 60.0, 0.34),), 0.17, 0.4),
    "light-red": Pigment("PR101", 2.6, (561.0, 11.0, 39.1), ((660.0, 60.0, 2.12),), 0.85, 0.1),
    "indian-red": Pigment("PR101", 2.8, (568.0, 13.0, 35.4), ((680.0, 80.0, 5.44),), 1.7, 0.1),
    "burnt-sienna": Pigment("PBr7", 0.3, (553.0, 22.0, 15.0), ((660.0, 80.0, 0.68),), 0.17, 0),
    "burnt-umber": Pigment("PBr7", 0.4, (536.0, 40.0, 11.5), ((660.0, 90.0, 2.21),), 1.53, 0),
    "raw-umber": Pigment("PBr7", 0.45, (511.0, 45.0, 9.72), ((660.0, 90.0, 1.77),), 1.19, 0),
    "mars-brown": Pigment("PBr6", 1.2, (530.0, 35.0, 20.4), (), 2.38, 0),
    "dioxazine": Pigment(
        "PV23",
        0.06,
        None,
        ((525.0, 40.0, 26.4), (575.0, 28.0, 36.3), (618.0, 22.0, 29.7), (440.0, 40.0, 1.98)),
        0.05,
        0.4,
    ),
    "manganese-violet": Pigment("PV16", 0.3, None, ((530.0, 45.0, 5.72), (580.0, 25.0, 1.76)), 0.05, 0.4),
    "cobalt-violet": Pigment("PV14", 0.4, None, ((520.0, 40.0, 3.74), (580.0, 25.0, 1.76)), 0.05, 0.4),
    "ultramarine": Pigment("PB29", 0.08, None, ((592.0, 52.0, 24.2), (400.0, 22.0, 0.88)), 0.03, 1.0),
    "cobalt-blue": Pigment(
        "PB28", 0.45, None, ((545.0, 20.0, 8.23), (590.0, 22.0, 17.4), (632.0, 24.0, 16.5)), 0.05, 0.4
    ),
    "cerulean": Pigment(
        "PB35", 0.9, None, ((600.0, 48.0, 12.6), (670.0, 40.0, 9.68), (395.0, 25.0, 3.87)), 0.05, 0.4
    ),
    "phthalo-blue-green": Pigment(
        "PB15:3",
        0.07,
        None,
        ((620.0, 36.0, 119.0), (685.0, 44.0, 119.0), (555.0, 30.0, 25.7), (385.0, 25.0, 23.8)),
        0.05,
        0.4,
    ),
    "phthalo-blue-red": Pigment(
        "PB15:1",
        0.07,
        None,
        ((605.0, 42.0, 123.0), (680.0, 46.0, 119.0), (550.0, 30.0, 37.6), (385.0, 25.0, 19.8)),
        0.05,
        0.4,
    ),
    "indanthrone": Pigment(
        "PB60", 0.08, None, ((615.0, 58.0, 30.4), (700.0, 60.0, 22.4), (540.0, 50.0, 13.2)), 0.05, 0.4
    ),
    "prussian": Pigment(
        "PB27", 0.06, None, ((690.0, 92.0, 51.8), (590.0, 50.0, 22.2), (400.0, 20.0, 3.7)), 0.05, 0.4
    ),
    "phthalo-turquoise": Pigment(
        "PB16", 0.07, None, ((630.0, 48.0, 92.7), (700.0, 50.0, 89.1), (400.0, 30.0, 26.7)), 0.05, 0.4
    ),
    "phthalo-green-blue": Pigment(
        "PG7", 0.06, None, ((640.0, 44.0, 111.0), (705.0, 45.0, 95.0), (415.0, 32.0, 51.5)), 0.05, 0.4
    ),
    "phthalo-green-yellow": Pigment(
        "PG36", 0.07, None, ((655.0, 46.0, 89.1), (715.0, 45.0, 74.9), (420.0, 36.0, 67.6)), 0.05, 0.4
    ),
    "viridian": Pigment(
        "PG18", 0.12, None, ((620.0, 46.0, 9.86), (690.0, 40.0, 5.63), (425.0, 32.0, 5.28)), 0.05, 0.4
    ),
    "chromium-oxide": Pigment(
        "PG17",
        2.6,
        None,
        ((610.0, 40.0, 10.8), (670.0, 50.0, 7.2), (455.0, 32.0, 16.8), (390.0, 30.0, 16.8)),
        0.05,
        0.4,
    ),
    "cobalt-green": Pigment(
        "PG50", 0.9, None, ((620.0, 46.0, 11.6), (690.0, 50.0, 7.74), (400.0, 30.0, 6.78)), 0.05, 0.4
    ),
    "green-earth": Pigment("PG23", 0.25, None, ((640.0, 80.0, 1.6), (400.0, 50.0, 2.0)), 0.085, 0.4),
    "perylene-green": Pigment("PBk31", 0.1, None, ((640.0, 80.0, 7.26), (430.0, 45.0, 6.6)), 0.05, 0.4),
    "carbon-black": Pigment("PBk7", 0.1, None, (), 30.4, 0.2),
    "ivory-black": Pigment("PBk9", 0.16, (554.0, 90.0, 0.95), (), 13.3, 0.2),
    "mars-black": Pigment("PBk11", 0.9, None, (), 26.6, 0.2),
    "graphite": Pigment("PBk10", 0.8, None, (), 3.42, 0.2),
    "slate": Pigment("PBk19", 0.7, (494.0, 60.0, 0.38), (), 1.71, 0.2),
    "sepia": Pigment("PBr9", 0.3, (554.0, 70.0, 2.28), (), 5.7, 0.3),
}
"""By the key that paints are made of."""
