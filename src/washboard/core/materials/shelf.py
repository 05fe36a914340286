"""What a painter owns: paints, sticks, surfaces and tools, each like a listed one or measured anew."""

from __future__ import annotations

import math
import re
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from enum import StrEnum
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference
from ..colour.spectra import BANDS, Floats, lab_of_spectrum
from ..errors import InvalidInput, UnknownName
from ..optics.kubelka import constants_of, film, over
from ..sentence import Listed
from .grounds import Ground, GroundKind
from .media import MEDIA
from .paints import CARD, PAINTS, THIN, Films, Paint
from .sticks import STICKS
from .stocks import STOCKS
from .surfaces import surface_of
from .tools import TOOLS

LONGEST = 80
LONGEST_NOTE = 400
MOST_LEFT = 100_000.0
MOST_THINGS = 2000
"""Things on a shelf at the most: what is more is no painter's, and every answer would tell all of it."""
SAME_LOOK = 2.0
"""ΔE₀₀, thick and thin, within which two paints do the same work."""
HIDES = 0.004
"""Difference of reflectance over white and over black under which a film hides: readers tell no less."""
UNFIT = re.compile("[\x00-\x1f\x7f-\x9f\u2028\u2029\ud800-\udfff\ufffe\uffff]")
"""Signs that end a line, or that no XML may hold (XML 1.0, 2.2)."""
OWN = "own-"
"""How keys of a painter's own things begin."""


class ItemKind(StrEnum):
    """What stands on the shelf."""

    PAINT = "paint"
    STICK = "stick"
    SURFACE = "surface"
    TOOL = "tool"


LISTED: Mapping[ItemKind, Mapping[str, object]] = {
    ItemKind.PAINT: PAINTS,
    ItemKind.STICK: STICKS,
    ItemKind.SURFACE: STOCKS,
    ItemKind.TOOL: TOOLS,
}
"""What each kind can be like."""


@dataclass(frozen=True)
class Item:
    """A thing on the shelf.

    `like`: the listed thing it is, or is nearest to. `left`: ml of paint, or how many; None where nobody
    counted. `films`: K and S (36,) of a unit film where they were measured, else those of `like` hold.
    """

    key: str
    kind: ItemKind
    name: str
    like: str
    medium: str = ""
    collection: str = ""
    left: float | None = None
    note: str = ""
    films: Films | None = None

    def checked(self) -> Item:
        """This thing, or InvalidInput or UnknownName saying what is wrong with it."""
        if not 0 < len(self.name.strip()) <= LONGEST:
            raise InvalidInput("refused-shelf-name-length", longest=LONGEST)
        if len(self.collection) > LONGEST or len(self.note) > LONGEST_NOTE:
            raise InvalidInput("refused-shelf-note-length", name=self.name[:LONGEST])
        if UNFIT.search(self.name + self.collection):
            raise InvalidInput("refused-shelf-name-lines")
        if UNFIT.search(self.note.replace("\n", " ").replace("\t", " ")):
            raise InvalidInput("refused-shelf-note-signs", name=self.name)
        if self.like not in LISTED[self.kind]:
            raise UnknownName(self.kind.value, self.like[:40], LISTED[self.kind])
        if self.medium and self.medium not in MEDIA:
            raise UnknownName("medium", self.medium[:40], MEDIA)
        if self.kind is ItemKind.PAINT and self.medium not in PAINTS[self.like].media:
            raise InvalidInput(
                "refused-shelf-paint-medium",
                name=self.name,
                media=Listed(tuple(PAINTS[self.like].media), either=True),
            )
        if self.left is not None and not (math.isfinite(self.left) and 0 <= self.left <= MOST_LEFT):
            raise InvalidInput("refused-shelf-left-range", name=self.name, most_left=f"{MOST_LEFT:g}")
        if self.films is not None:
            self._check_films()
        return self

    def _check_films(self) -> None:
        if self.kind is not ItemKind.PAINT:
            raise InvalidInput("refused-shelf-film-of-no-paint", name=self.name)
        films = np.array(self.films, dtype=np.float64)
        if films.shape != (2, BANDS) or not np.isfinite(films).all() or (films < 0).any():
            raise InvalidInput("refused-shelf-film-bands", name=self.name, bands=BANDS)

    @property
    def named(self) -> tuple[ItemKind, str, str]:
        """What tells it from all others on a shelf: kind, name whatever the case, medium."""
        return self.kind, self.name.casefold(), self.medium

    @cached_property
    def paint(self) -> Paint:
        """This as a paint to mix with; raises UnknownName for anything else."""
        if self.kind is not ItemKind.PAINT:
            raise UnknownName("paint", self.name, PAINTS)
        return replace(
            PAINTS[self.like], key=self.key, words=self.name, films=self.films, media=(self.medium,)
        )


def paper_of(item: Item) -> Ground:
    """A surface on the shelf as a ground to begin on; raises UnknownName for anything else."""
    if item.kind is not ItemKind.SURFACE:
        raise UnknownName("surface", item.name, STOCKS)
    stock = STOCKS[item.like]
    surface = surface_of(stock.tone)
    ab = surface.lab[1], surface.lab[2]
    own = Ground(item.key, item.name, GroundKind.PAPER, surface.value, ab, note=stock.note)
    return replace(own, tone=stock.tone, stock=stock.key)


def measured(over_white: Floats, over_black: Floats, base: Paint, thin: Floats | None = None) -> Films:
    """K and S (36,) of the unit film that looks so (36,) over the white and the black of a drawdown card.

    Where it hides, only K : S can be told; their size is then that at which a film of THIN looks like `thin`
    (36,) over white, or else the scattering of the listed paint `base`. Raises InvalidInput for reflectances
    that no film has.
    """
    white, black = np.asarray(over_white, np.float64), np.asarray(over_black, np.float64)
    inside = np.isfinite(white) & np.isfinite(black) & (white <= 1)
    hidden = inside & (np.abs(white - black) < HIDES)
    k, s = constants_of(np.where(hidden, np.minimum(black + HIDES, 1.0), white), black, *CARD)
    if hidden.any():
        # Take off what still shows through, a share of the card, before taking the film for one that hides.
        shows = np.clip((white - black) / (CARD[0] - CARD[1]), 0.0, HIDES)
        reflectance = np.clip((white - shows * CARD[0]) / (1 - shows), 1e-4, 1 - 1e-4)
        ratio = (1 - reflectance) ** 2 / (2 * reflectance)
        size = base.scattering if thin is None else _size(ratio, np.asarray(thin, np.float64))
        k, s = np.where(hidden, ratio * size, k), np.where(hidden, size, s)
    return tuple(k.tolist()), tuple(s.tolist())


def _size(ratio: Floats, thin: Floats) -> Floats:
    """S (36,) of the paint with K : S `ratio` (36,) whose thin film looks like `thin` (36,) over white."""
    return _solved(lambda s: over(*film(ratio * s, s, THIN), CARD[0]), thin)


def _solved(reflectance: Callable[[Floats], Floats], wanted: Floats) -> Floats:
    """The amounts (36,) at which `reflectance`, which darkens with them, is as wanted (36,)."""
    low, high = np.full(BANDS, -14.0), np.full(BANDS, 7.0)
    # Bisect log(thickness) down to the resolution of a float.
    for _ in range(60):
        middle = (low + high) / 2
        lighter = reflectance(np.exp(middle)) > wanted
        low, high = np.where(lighter, middle, low), np.where(lighter, high, middle)
    return np.exp(low)


def seen_over_white(over_white: Floats, base: Paint) -> Films:
    """K and S (36,) of a film that looks so (36,) over a card's white, scattering as a listed paint does.

    How it hides is a guess then. Raises InvalidInput for reflectances outside 0 to 1.
    """
    if not np.isfinite(over_white).all() or (over_white < 0).any() or (over_white > 1).any():
        raise InvalidInput("refused-shelf-reflectance-range")
    s = base.scattering
    k = _solved(lambda amount: over(*film(amount, s), CARD[0]), over_white)
    return tuple(k.tolist()), tuple(s.tolist())


def nearest_paint(over_white: Floats, medium: str) -> str:
    """The key of the listed paint of a medium that looks most like a film (36,) over white."""
    listed = [paint for paint in PAINTS.values() if medium in paint.media]
    labs = np.array([paint.strong for paint in listed])
    return listed[int(difference(labs, lab_of_spectrum(over_white)).argmin())].key


def duplicates(items: Sequence[Item]) -> tuple[tuple[str, ...], ...]:
    """Keys of things that do the same work: of one kind and medium, like the same, or looking alike. Each is
    told with the first thing on the shelf that it is the same as."""
    kept: dict[tuple[ItemKind, str], list[int]] = {}
    for k, item in enumerate(items):
        kept.setdefault((item.kind, item.medium), []).append(k)
    groups: list[list[int]] = []
    for own in kept.values():
        alike = _alike([items[k] for k in own])
        left = np.arange(len(own))
        while len(left):
            same = alike(left)
            groups.append([own[k] for k in left[same]])
            left = left[~same]
    groups.sort()
    return tuple(tuple(items[k].key for k in group) for group in groups if len(group) > 1)


def _alike(items: Sequence[Item]) -> Callable[[NDArray[np.intp]], NDArray[np.bool_]]:
    """Which of some things (k,) of one kind and medium, by their places, do the work of the first of them."""
    like = np.array([item.like for item in items])
    measured = np.array([item.films is not None for item in items])
    looks = None
    if measured.any() and items[0].kind is ItemKind.PAINT:
        looks = np.array([(item.paint.strong, item.paint.thin) for item in items])

    def alike(left: NDArray[np.intp]) -> NDArray[np.bool_]:
        first = left[0]
        near = np.zeros(len(left), bool)
        if looks is not None:
            near = difference(looks[left], looks[first]).max(axis=1) < SAME_LOOK
        same = np.where(measured[left] | measured[first], near, like[left] == like[first])
        same[0] = True
        return same

    return alike
