"""How much of a picture a palette reaches, and which one exchange would help most."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, value_of_lab
from ..colour.spectra import spectrum_of_lab
from ..materials.media import Medium
from ..materials.paints import PAINTS, Paint
from ..materials.sticks import STICKS, Colour, Stick
from ..materials.surfaces import Surface
from ..mixing.mixture import mixing_model_of
from ..mixing.stick_layers import stick_layers_over
from ..optics.vehicle import vehicle_of
from ..reference.mass import Mass

REACHED = 6.0
"""ΔE₀₀ within which a mixture counts as the colour."""
PROPOSED, PROPOSED_STICKS = 8, 12
"""Paints and sticks proposed for a piece: painters take 6 to 12 paints."""
HELPS = 0.1
"""ΔE₀₀ by which the mean of all masses must fall for one more paint or stick to be worth a word."""
MOST_SWAPPED = 16
"""Paints or sticks up to which exchanging one is weighed."""
WORST = 0.15
"""Weight of the worst mass beside the mean of all."""
GREY = 4.0
"""Chroma of a thin film under which a paint is a black or a grey."""
RATIOS = (0.04, 0.2, 0.5, 0.8, 0.96)
"""Shares of the first of two paints that are tried."""
STEPS = {
    False: (0.02, 0.045, 0.09, 0.16, 0.27, 0.45, 0.75, 1.2, 2.0),
    True: (0.0, 0.25, 0.5, 0.75, 0.9, 0.96, 0.985),
}
"""Thicknesses of a wash, or of several; shares of white where the medium covers."""

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]


@dataclass(frozen=True)
class Coverage:
    """`share` 0–1 of the picture within REACHED; `missed` (mass id, ΔE₀₀) of those out of reach, worst
    first; `mean` ΔE₀₀ weighted by share. `swap` (out, in) keys that would help most, with the share then;
    `more` the key that would help most besides all that come along, with the share then. `darkest` and
    `lightest`: Munsell values reached."""

    share: float
    mean: float
    missed: tuple[tuple[str, float], ...]
    darkest: float
    lightest: float
    swap: tuple[str, str] | None = None
    swapped: float | None = None
    more: tuple[str, float] | None = None


@dataclass(frozen=True)
class Weighed:
    """The masses of a piece against all `colours`, paints or sticks: `place` of each by key, `delta_e` (m, p,
    p) ΔE₀₀ of the nearest that each two reach, with and `without` white, `bare` (m,) of the surface left as
    it is, `shares` (m,) of the picture; `values` (p, p, 2) Munsell values that each two reach, darkest and
    lightest, over a surface of value `surface`."""

    colours: tuple[Colour, ...]
    place: dict[str, int]
    delta_e: Floats
    without: Floats
    bare: Floats
    shares: Floats
    masses: tuple[str, ...]
    covers: bool
    values: Floats
    surface: float


def weighed(masses: Sequence[Mass], medium: Medium, surface: Surface, own: tuple[Paint, ...] = ()) -> Weighed:
    """Everything that palettes for these masses are compared by, worked out once, `own` paints among them.

    Mixtures of two paints, thinned or with white, by the films of the medium: modelled.
    """
    place, pairs, labs = reach_of(medium.key, surface, own)
    wanted = np.array([mass.target_lab for mass in masses])
    delta_e = _apart(len(place), pairs, labs, wanted)
    covers = not medium.transparent and medium.key != "pastel"
    # Step 0 of each ratio is the mixture without white.
    without = _apart(len(place), pairs, labs[:, :: len(STEPS[True])], wanted) if covers else delta_e
    shares = np.array([mass.share for mass in masses])
    reached = value_of_lab(labs)
    values = np.zeros((len(place), len(place), 2))
    for one, other in (pairs.T, pairs.T[::-1]):
        values[one, other] = np.stack([reached.min(axis=1), reached.max(axis=1)], axis=1)
    return Weighed(
        all_colours(medium.key, own),
        place,
        delta_e,
        without,
        np.asarray(difference(wanted, np.asarray(surface.lab))),
        shares / max(float(shares.sum()), 1e-9),
        tuple(mass.id for mass in masses),
        covers,
        values,
        surface.value,
    )


def all_colours(medium: str, own: tuple[Paint, ...] = ()) -> tuple[Colour, ...]:
    """All that could come along: the listed paints and the painter's own, or the sticks of the set."""
    return tuple(STICKS.values()) if medium == "pastel" else (*PAINTS.values(), *own)


def coverage_of(palette: Sequence[Colour], of: Weighed) -> Coverage:
    """What a palette reaches of the masses' planned colours, with the best exchange of one paint."""
    delta_e = of.delta_e if any(paint.key == "white" for paint in palette) else of.without
    own = [of.place[paint.key] for paint in palette]
    nearest = _nearest(delta_e, own, of.bare)
    share = min(float(of.shares[nearest <= REACHED].sum()), 1.0)
    mean = float((of.shares * nearest).sum())
    order = np.argsort(-nearest * np.sqrt(of.shares))
    missed = tuple((of.masses[m], float(nearest[m])) for m in order if nearest[m] > REACHED)
    values = of.values[np.ix_(own, own)]
    ends = min(float(values.min()), of.surface), max(float(values.max()), of.surface)
    if not missed:
        return Coverage(share, mean, missed, *ends)
    keys = list(of.place)
    helped = _helped(delta_e, own, nearest)
    new = int((of.shares @ helped).argmin())
    gained = mean - float(of.shares @ helped[:, new])
    more = (keys[new], float(of.shares[helped[:, new] <= REACHED].sum())) if gained > HELPS else None
    if not 3 <= len(palette) <= MOST_SWAPPED:
        return Coverage(share, mean, missed, *ends, more=more)
    kept = [of.place[key] for key in ("white", "black") if of.place.get(key) in own]
    swap, then = _best_swap(delta_e, of.bare, own, of.shares, mean, kept)
    exchange = (keys[swap[0]], keys[swap[1]]) if swap else None
    return Coverage(share, mean, missed, *ends, exchange, then, more)


def _helped(delta_e: Floats, own: Sequence[int], nearest: Floats) -> Floats:
    """ΔE₀₀ (m, p) of the nearest with each paint besides those of a palette, `nearest` (m,) without."""
    everything = np.arange(delta_e.shape[1])
    alone = delta_e[:, everything, everything]
    return np.minimum(np.minimum(alone, delta_e[:, :, own].min(axis=2)), nearest[:, None])


def proposed(of: Weighed, count: int | None = None) -> tuple[tuple[str, ...], Coverage]:
    """The `count` paints or sticks that reach the masses best, and what they reach: least mean and worst
    ΔE₀₀.

    Paints are added one by one, then exchanged while that helps; white comes along where a medium covers, and
    one black or grey at most.
    """
    sticks = isinstance(of.colours[0], Stick)
    count = count or (PROPOSED_STICKS if sticks else PROPOSED)
    everything = np.arange(len(of.place))
    alone = of.delta_e[:, everything, everything]
    keys = list(of.place)
    grey = np.array(
        [not sticks and np.hypot(*each.thin[1:]) < GREY and each.key != "white" for each in of.colours]
    )
    own = [of.place["white"]] if of.covers else []
    fixed = len(own)

    def cost(nearest: Floats) -> Floats:
        return np.asarray(nearest.T @ of.shares + WORST * nearest.max(axis=0))

    def best_with(rest: list[int]) -> tuple[int, float]:
        """The paint that helps these most, and what they cost with it."""
        now = _nearest(of.delta_e, rest, of.bare) if rest else of.bare
        with_rest = of.delta_e[:, :, rest].min(axis=2) if rest else alone
        costs = cost(np.minimum(np.minimum(alone, with_rest), now[:, None]))
        costs[rest] = np.inf
        if grey[rest].any():
            costs[grey] = np.inf
        return int(costs.argmin()), float(costs.min())

    while len(own) < count:
        own.append(best_with(own)[0])
    better = True
    while better:
        better = False
        for k in range(fixed, len(own)):
            now = float(cost(_nearest(of.delta_e, own, of.bare)[:, None])[0])
            new, then = best_with(own[:k] + own[k + 1 :])
            if then < now - 1e-9:
                own[k], better = new, True
    chosen = tuple(keys[k] for k in sorted(own))
    return chosen, coverage_of([of.colours[of.place[key]] for key in chosen], of)


@lru_cache(maxsize=6)
def reach_of(
    medium: str, surface: Surface, own: tuple[Paint, ...] = ()
) -> tuple[dict[str, int], Ints, Floats]:
    """What every two paints reach over a surface: their places, the pairs (n, 2), Lab (n, m, 3).

    Thinned over a transparent medium's surface, mixed with white where a medium covers; sticks are laid over
    each other.
    """
    if medium == "pastel":
        return _reach_of_sticks(surface)
    vehicle, paints = vehicle_of(medium), (*PAINTS.values(), *own)
    model = mixing_model_of(paints, vehicle, spectrum_of_lab(surface.lab))
    place = {paint.key: k for k, paint in enumerate(paints)}
    pairs = np.array([(i, j) for i in range(len(paints)) for j in range(i, len(paints))], dtype=np.intp)
    ratio = np.array(RATIOS)
    thicknesses = np.zeros((len(pairs), len(RATIOS), len(STEPS[vehicle.covers]), len(paints)), np.float32)
    rows = np.arange(len(pairs))
    for k, step in enumerate(STEPS[vehicle.covers]):
        full = vehicle.strongest * (1 - step) if vehicle.covers else step
        for place_of, share in ((pairs[:, 0], ratio), (pairs[:, 1], 1 - ratio)):
            for r, part in enumerate(share):
                thicknesses[rows, r, k, place_of] += part * full
        if vehicle.covers:
            thicknesses[:, :, k, place["white"]] += vehicle.strongest * step
    return place, pairs, model.labs(thicknesses.reshape(len(pairs), -1, len(paints)))


def _reach_of_sticks(surface: Surface) -> tuple[dict[str, int], Ints, Floats]:
    """The same of every two sticks, either over the other, the upper one at each pressure."""
    sticks = tuple(STICKS.values())
    count = len(sticks)
    labs = stick_layers_over(sticks, spectrum_of_lab(surface.lab).tobytes()).reshape(-1, count, count, 3)
    upper, lower = np.triu_indices(count)
    both = np.concatenate([labs[:, upper, lower], labs[:, lower, upper]]).transpose(1, 0, 2)
    place = {stick.key: k for k, stick in enumerate(sticks)}
    return place, np.stack([upper, lower], axis=1).astype(np.intp), both


def _apart(count: int, pairs: Ints, labs: Floats, wanted: Floats) -> Floats:
    """ΔE₀₀ (m, p, p) of each colour wanted (m, 3) from the nearest of what each pair reaches (n, k, 3)."""
    flat = labs.reshape(-1, 3)
    away = np.square(flat).sum(axis=1)[:, None] - 2 * flat @ wanted.T
    near = away.reshape(len(pairs), -1, len(wanted)).argmin(axis=1)
    found = difference(wanted, labs[np.arange(len(pairs))[:, None], near])
    delta_e = np.zeros((len(wanted), count, count))
    delta_e[:, pairs[:, 0], pairs[:, 1]] = delta_e[:, pairs[:, 1], pairs[:, 0]] = found.T
    return delta_e


def _nearest(delta_e: Floats, palette: Sequence[int], bare: Floats) -> Floats:
    """ΔE₀₀ (m,) of the nearest mixture of a palette, or of the surface left as it is (m,)."""
    own = np.array(palette)
    return np.asarray(np.minimum(delta_e[:, own[:, None], own].min(axis=(1, 2)), bare))


def _best_swap(
    delta_e: Floats, bare: Floats, palette: Sequence[int], shares: Floats, mean: float, kept: Sequence[int]
) -> tuple[tuple[int, int] | None, float | None]:
    """The exchange (out, in) that would lower the mean most, and the share reached then."""
    best: tuple[float, tuple[int, int] | None, float | None] = (mean - 0.2, None, None)
    for new in set(range(delta_e.shape[1])) - set(palette):
        for old in set(palette) - set(kept):
            then = _nearest(delta_e, [new if k == old else k for k in palette], bare)
            score = float((shares * then).sum())
            if score < best[0] - 1e-12:
                best = (score, (old, new), float(shares[then <= REACHED].sum()))
    return best[1], best[2]
