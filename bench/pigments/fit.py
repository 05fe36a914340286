"""Fit the pigments' curves to the ranges and write their table: `python -m bench.pigments.fit`.

Each pigment keeps the shape of its class (`shapes`); the fit moves its few figures no farther than the
ranges ask. What is made small (least squares, trust region): how far each mixture lies outside its range,
narrowed by a margin; how far opacity, the class of scatter and the order of strengths are off; and how far
each figure moved, in what is usual for it. The same files give the same table.
"""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from collections import defaultdict
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from itertools import pairwise

import numpy as np
from scipy.optimize import least_squares

from washboard.core.colour.spectra import Floats, xyz_of_spectrum
from washboard.core.materials.paints import CARD
from washboard.core.materials.pigments import Pigment
from washboard.core.optics.kubelka import film, over

from .ranges import Films, Range, ranges
from .shapes import SHAPES
from .table import TABLE, written

STRENGTH, EDGE, WIDTH, HEIGHT, CENTRE, BASE, SCATTER = 0.5, 6.0, 0.12, 0.3, 5.0, 0.8, 0.25
"""What is usual for a figure to be off by: nm of an edge and of a band's centre, else in its logarithm."""
WHITE_SCATTER = 0.12
"""The same for titanium white, which all tints are made with."""
HELD = 0.35
"""Weight of a figure moved by what is usual, in Lab units outside a range."""
MARGIN = (1.0, 1.2, 1.5)
"""L*, C* and degrees by which ranges are narrowed: what lies inside by a hair is not known to be right."""
CLASSES = ((0.0, 0.298), (0.302, 1.19), (1.21, 99.0))
"""Mean scatter of transparent, half opaque and opaque pigments."""
AT_CLASS = 100.0
"""Weight of a scatter beyond its class, in its logarithm."""
HELD_BY = 4
"""Conditions that a pigment is held by, see `Fit.held`."""
SHALLOW, AT_VALLEY = 0.88, 40.0
"""Share of the lower of two near bands that a valley between them keeps, and the weight of a deeper one."""
CLEAR, MAY_HIDE = 0.6, 0.07
"""Contrast ratio below which a pigment is clear, and how much that may change."""
ORDER = (
    (
        (
            "phthalo-blue-green", "phthalo-blue-red", "phthalo-green-blue", "phthalo-green-yellow",
            "phthalo-turquoise",
        ),
        ("quinacridone-rose", "quinacridone-magenta", "dioxazine"),
        1.6,
    ),
    (
        ("quinacridone-rose", "quinacridone-magenta", "dioxazine"),
        ("cadmium-red", "cadmium-orange", "ultramarine"),
        1.3,
    ),
    (
        ("cadmium-red", "cadmium-orange", "ultramarine"),
        (
            "cobalt-blue", "cerulean", "burnt-sienna", "raw-sienna", "burnt-umber", "raw-umber",
            "green-earth", "ochre",
        ),
        1.25,
    ),
)  # fmt: skip
"""Which pigments tint so many times as strongly as which others."""
AT_ORDER = 12.0
"""Weight of a pair nearer to each other than that, in the logarithm of their ratio."""
FIXED = ("zinc",)
STEP, ROUNDS = 1e-3, 60
FARTHEST = 6.0
"""How far a figure may move, in what is usual for it."""


@dataclass(frozen=True)
class Figures:
    """The figures of one pigment that the fit moves: their names, and what is usual for each."""

    key: str
    names: tuple[str, ...]
    usual: Floats

    def moved(self, by: Floats) -> Pigment:
        """The pigment with its figures moved by so many times what is usual."""
        shape = SHAPES[self.key]
        d = defaultdict(float, zip(self.names, (by * self.usual).tolist(), strict=True))
        strength = np.exp(d["strength"])
        edge = shape.edge and (
            shape.edge[0] + d["edge"],
            shape.edge[1] * np.exp(d["edge width"]),
            shape.edge[2] * strength * np.exp(d["edge height"]),
        )
        bands = tuple(
            (
                centre + d[f"centre {k}"],
                width * np.exp(d[f"width {k}"]),
                height * strength * np.exp(d[f"height {k}"]),
            )
            for k, (centre, width, height) in enumerate(shape.bands)
        )
        # A black is all base: it is as strong as that is high.
        base = shape.base * np.exp(d["base"]) * (1 if edge or bands else strength)
        return replace(shape, edge=edge, bands=bands, base=base, scatter=shape.scatter * np.exp(d["scatter"]))


def figures_of(key: str) -> Figures:
    """What the fit may move of a pigment: all of a colour, of titanium white only how it scatters."""
    if key == "titanium":
        return Figures(key, ("scatter",), np.array([WHITE_SCATTER]))
    shape, usual = SHAPES[key], {"strength": STRENGTH, "base": BASE, "scatter": SCATTER}
    if shape.edge:
        usual |= {"edge": EDGE, "edge width": WIDTH}
        if shape.bands:
            usual["edge height"] = HEIGHT
    for k in range(len(shape.bands)):
        usual |= {f"centre {k}": CENTRE, f"width {k}": WIDTH, f"height {k}": HEIGHT}
    return Figures(key, tuple(usual), np.array(list(usual.values())))


class Fit:
    """The residuals of all ranges and conditions, and their slopes; only what a figure touches is worked out
    again for it."""

    def __init__(self, known: Sequence[Range]) -> None:
        self.known = known
        self.figures = [figures_of(key) for key in SHAPES if key not in FIXED]
        ends = np.cumsum([0, *(len(own.names) for own in self.figures)])
        self.places = [slice(a, b) for a, b in zip(ends[:-1].tolist(), ends[1:].tolist(), strict=True)]
        self.count = int(ends[-1])
        self.users = {
            own.key: [k for k, one in enumerate(known) if own.key in dict(one.parts)] for own in self.figures
        }
        self.before = {key: hides(shape) for key, shape in SHAPES.items()}

    def pigments(self, by: Floats) -> dict[str, Pigment]:
        """All pigments with their figures moved by so many times what is usual for each."""
        moved = {own.key: own.moved(by[at]) for own, at in zip(self.figures, self.places, strict=True)}
        return {key: moved.get(key, shape) for key, shape in SHAPES.items()}

    def residuals(self, by: Floats) -> Floats:
        """What the fit makes small."""
        pigments = self.pigments(by)
        films = films_of(pigments)
        return np.concatenate(
            [
                *(one.outside(one.looks(films), MARGIN) for one in self.known),
                *(self.held(pigments[own.key], own.key) for own in self.figures),
                order_missed(pigments),
                HELD * by,
            ]
        )

    def slopes(self, by: Floats) -> Floats:
        """Its derivatives, one column a figure, by forward differences."""
        pigments, here = self.pigments(by), self.residuals(by)
        films = dict(films_of(pigments))
        found = np.zeros((len(here), self.count))
        first = 3 * len(self.known)
        second = first + HELD_BY * len(self.figures)
        for n, (own, at) in enumerate(zip(self.figures, self.places, strict=True)):
            known = films[own.key]
            for column in range(at.start, at.stop):
                beside = by[at].copy()
                beside[column - at.start] += STEP
                pigment = own.moved(beside)
                films[own.key] = pigment.absorption, pigment.scattering
                there = here.copy()
                for k in self.users[own.key]:
                    there[3 * k : 3 * k + 3] = self.known[k].outside(self.known[k].looks(films), MARGIN)
                there[first + HELD_BY * n : first + HELD_BY * (n + 1)] = self.held(pigment, own.key)
                missed = order_missed({**pigments, own.key: pigment})
                there[second : second + len(missed)] = missed
                there[second + len(missed) + column] += HELD * STEP
                found[:, column] = (there - here) / STEP
            films[own.key] = known
        return found

    def held(self, pigment: Pigment, key: str) -> Floats:
        """How far (4,) a pigment left its class of scatter, below and above, and how clear it was, and how
        much its bands fall apart."""
        low, high = CLASSES[opacity_class(SHAPES[key])]
        scatters = float(pigment.scattering.mean())
        more = hides(pigment) - self.before[key]
        clear = 40 * max(0.0, abs(more) - MAY_HIDE) if self.before[key] < CLEAR else 0.0
        if key == "titanium":
            clear = 100 * max(0.0, -more - MAY_HIDE / 2)
        return np.array(
            [
                AT_CLASS * max(0.0, np.log(low / scatters) if low else 0.0),
                AT_CLASS * max(0.0, np.log(scatters / high)),
                clear,
                AT_VALLEY * valley(pigment),
            ]
        )

    def pigments_fitted(self) -> dict[str, Pigment]:
        """The pigments as the ranges ask."""
        found = least_squares(
            self.residuals, np.zeros(self.count), self.slopes, bounds=(-FARTHEST, FARTHEST), max_nfev=ROUNDS
        )
        return {key: _rounded(pigment) for key, pigment in self.pigments(found.x).items()}


def films_of(pigments: Mapping[str, Pigment]) -> Films:
    """K and S of unit films."""
    return {key: (pigment.absorption, pigment.scattering) for key, pigment in pigments.items()}


def hides(pigment: Pigment) -> float:
    """Contrast ratio 0–1 of a unit film on a drawdown card."""
    r, t = film(pigment.absorption, pigment.scattering)
    white, black = (float(xyz_of_spectrum(over(r, t, backing))[1]) for backing in CARD)
    return black / white


def opacity_class(pigment: Pigment) -> int:
    """0 transparent, 1 half opaque, 2 opaque."""
    scatters = float(pigment.scattering.mean())
    return 0 if scatters < 0.3 else 2 if scatters > 1.2 else 1


def valley(pigment: Pigment) -> float:
    """By what share of itself the lower of two near bands (80 nm) stands too much alone, 0 where none."""
    k = pigment.absorption
    tops = [n for n in range(1, len(k) - 1) if k[n] > k[n - 1] and k[n] >= k[n + 1] and k[n] > 0.25 * k.max()]
    near = [(one, other) for one, other in pairwise(tops) if other - one <= 8]
    return max([0.0, *(SHALLOW - k[a:b].min() / min(k[a], k[b]) for a, b in near)])


def strength(pigment: Pigment) -> float:
    """How strongly a pigment tints: what it absorbs where it absorbs most (60 nm)."""
    return float(np.sort(pigment.absorption)[-6:].mean())


def order_missed(pigments: Mapping[str, Pigment]) -> Floats:
    """How far each pair of ORDER is from its ratio."""
    strengths = {key: strength(pigment) for key, pigment in pigments.items()}
    return np.array(
        [
            AT_ORDER * max(0.0, np.log(times * strengths[weak] / strengths[strong]))
            for strongest, weaker, times in ORDER
            for strong in strongest
            for weak in weaker
        ]
    )


def _rounded(pigment: Pigment) -> Pigment:
    return replace(
        pigment,
        edge=pigment.edge and _three(pigment.edge),
        bands=tuple(_three(band) for band in pigment.bands),
        base=_digits(pigment.base),
        scatter=_digits(pigment.scatter),
    )


def _digits(of: float) -> float:
    return float(f"{of:.3g}")


def _three(of: tuple[float, float, float]) -> tuple[float, float, float]:
    one, two, three = of
    return _digits(one), _digits(two), _digits(three)


def main() -> None:
    """Fit, write the table, and say what lies outside."""
    known = ranges()
    fitted = Fit(known).pigments_fitted()
    TABLE.write_text(written(fitted), encoding="utf-8")
    films = films_of(fitted)
    missed = {one: float(np.linalg.norm(one.outside(one.looks(films)))) for one in known}
    out = {one: by for one, by in missed.items() if by > 0}
    print(f"{len(known) - len(out)} of {len(known)} ranges hold")
    for one, by in sorted(out.items(), key=lambda item: -item[1]):
        print(f"  {one.medium}, {one.words}: outside by {by:.2f}")


if __name__ == "__main__":
    main()
