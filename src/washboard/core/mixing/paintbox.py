"""What a piece is painted with: amounts that bring what lies there to a colour, and how it looks then.

The one place where plan, preview, grounds and checks ask what paint does. Wet paint is mixed anew for what
lies below, as on the recipe board, but only the nearest few sets of paints are followed; sticks are laid over
each other. Looks are reflectances (…, 36), amounts (…, q) of the q paints or sticks that come along: unit
films, or shares of the grain that are seen.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, field, replace
from functools import cached_property
from typing import Protocol

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.lab import difference
from ..colour.spectra import BANDS, lab_of_spectrum, spectrum_of_lab, value_of_spectrum
from ..materials.media import Medium
from ..materials.paints import Paint, palette_of
from ..materials.sticks import STICKS, Colour, Stick
from ..materials.surfaces import Surface
from ..optics.grain import PRESSURES, mixing, seen
from ..optics.vehicle import Vehicle, vehicle_of
from .grid import TARGETS_AT_ONCE, all_thicknesses, grid_for, nearest_on
from .mixture import MixingModel, mixing_model_of
from .refine import rank_within, refined
from .stick_layers import MOST_COATS, NEAREST, StickLayers, grains_of, stick_layers_of, stick_layers_over

Floats = NDArray[np.float64]
Ints = NDArray[np.int64]

COAT = 0.7
"""Share of the strongest film that a coat of a covering medium has at least: thinner would be a glaze."""
TRIED, FOLLOWED = 12, 4
"""Sets of paints tried for a colour, and those followed to the end. The recipe board follows more: a plan has
to answer at once."""
GLANCE, ROUNDS, AGAIN = 2, 4, 3
"""Steps of refinement of all that are tried, of those followed over the bare surface, and from there over
what else lies below."""
SAME = 6
"""Digits of a reflectance to which two looks are one."""
NEEDLESS = 0.2
"""ΔE₀₀ that a transparent wash must bring a colour nearer to be laid at all."""
TRACE = 0.02
"""Share of a stick below which it is none."""


class Paintbox(Protocol):
    """How a palette's paints or sticks change what is there; `count` is how many there are."""

    @property
    def count(self) -> int:
        """How many paints or sticks come along."""

    def mixed(self, targets: ArrayLike, below: ArrayLike) -> Floats:
        """Amounts (n, q) that bring looks `below` (n, 36) as near as they can to Lab `targets` (n, 3)."""

    def reflectances(self, amounts: ArrayLike, below: ArrayLike) -> Floats:
        """Looks (…, 36), dry, of amounts (…, q) laid over looks `below` (…, 36)."""

    def coats(self, amounts: ArrayLike) -> Ints:
        """Coats (…) that amounts (…, q) are laid in, at least 1."""

    def staining(self, amounts: ArrayLike) -> Floats:
        """Share (…,) 0–1 of the paint in amounts (…, q) that no brush lifts."""

    def toxic(self, amounts: ArrayLike) -> NDArray[np.bool_]:
        """Whether amounts (…, q) hold what its label warns of as dust, (…,)."""

    def hidden(self, targets: ArrayLike, below: ArrayLike, near: float) -> Ints:
        """Coats (n,) for Lab targets (n, 3) until what lies below, (n, 36), shows by less than `near`."""


@dataclass
class Wet:
    """Paint that is mixed. Answers are kept: a plan asks for the same mixtures over and over."""

    vehicle: Vehicle
    paints: tuple[Paint, ...]
    surface: Floats
    darkens_only: bool
    _starts: dict[bytes, tuple[Floats, Floats]] = field(default_factory=dict)
    _mixed: dict[bytes, Floats] = field(default_factory=dict)

    @property
    def count(self) -> int:
        """How many paints come along."""
        return len(self.paints)

    @cached_property
    def model(self) -> MixingModel:
        """The paints over the bare surface."""
        return mixing_model_of(self.paints, self.vehicle, self.surface)

    def mixed(self, targets: ArrayLike, below: ArrayLike) -> Floats:
        """Amounts (n, q) for Lab targets (n, 3) over reflectances (n, 36)."""
        return _remembered(self._mixed, *_rows(targets, below), self._found, self.count)

    def reflectances(self, amounts: ArrayLike, below: ArrayLike) -> Floats:
        """Reflectances (…, 36), dry, of amounts (…, q) laid over those below (…, 36)."""
        ground = np.asarray(below, dtype=np.float64)
        after = replace(self.model, ground=ground).spectra(amounts)
        if not self.darkens_only:
            return after
        # Transparent paint must not lighten: where its pigment would, keep what lies there.
        lightened = value_of_spectrum(after) > value_of_spectrum(ground)
        return np.where(lightened[..., None], ground, after)

    def coats(self, amounts: ArrayLike) -> Ints:
        """Coats (…,) that amounts (…, q) are laid in, at least 1."""
        thickness = np.asarray(amounts).sum(axis=-1)
        return np.maximum(1, np.ceil(thickness / self.vehicle.strongest - 0.02)).astype(np.int64)

    def staining(self, amounts: ArrayLike) -> Floats:
        """Share (…,) 0–1 of the paint in amounts (…, q) that no brush lifts."""
        return _share(amounts, [paint.staining for paint in self.paints])

    def toxic(self, amounts: ArrayLike) -> NDArray[np.bool_]:
        """Whether amounts (…, q) hold what its label warns of as dust, (…,)."""
        return _share(amounts, [float(bool(paint.caution)) for paint in self.paints]) > TRACE

    def hidden(self, targets: ArrayLike, below: ArrayLike, near: float) -> Ints:
        """Coats (n,) for Lab targets (n, 3) until what lies below, (n, 36), shows by less than `near`."""
        wanted, reflectances = _rows(targets, below)
        amounts = self._thick.mixed(wanted, self.surface)
        thickness = np.maximum(amounts.sum(axis=1, keepdims=True), 1e-9)
        return _until_hidden(self, amounts / thickness * self.vehicle.brushed, reflectances, near)

    @cached_property
    def _thick(self) -> Wet:
        """The same paints so thick that nothing shows through: thin ones would be mixed to make up for it."""
        vehicle = replace(self.vehicle, weakest=self.vehicle.most, strongest=self.vehicle.most)
        return replace(self, vehicle=vehicle, _starts={}, _mixed={})

    def _found(self, wanted: Floats, below: Floats) -> Floats:
        """Amounts (n, p) for colours (n, 3) over looks (n, 36), none of them known yet."""
        self._start(wanted)
        starts = [self._starts[each.tobytes()] for each in wanted]
        sets = np.concatenate([own for own, _ in starts]).astype(np.intp)
        thicknesses = np.concatenate([own for _, own in starts])
        owner = np.repeat(np.arange(len(wanted)), [len(own) for own, _ in starts])
        model = self.model.over(below[owner])
        if (np.abs(below - self.surface) > 10.0**-SAME).any():
            thicknesses = refined(model, sets, thicknesses, wanted[owner], AGAIN)
        full = all_thicknesses(model, sets, thicknesses)
        delta_e = difference(model.labs(full), wanted[owner])
        # Break ties below a visible difference by the grid's order, not by the last digit.
        first = np.searchsorted(owner, np.arange(len(wanted)))
        best = np.lexsort((np.round(delta_e / NEEDLESS), owner))[first]
        amounts = full[best]
        if self.darkens_only:
            amounts[difference(lab_of_spectrum(below), wanted) <= delta_e[best] + NEEDLESS] = 0.0
        return amounts

    def _start(self, wanted: Floats) -> None:
        """The sets that come nearest to colours (n, 3) over the bare surface, each refined there."""
        fresh = np.unique([w for w in wanted if w.tobytes() not in self._starts], axis=0)
        if not len(fresh):
            return
        which, sets, thicknesses = nearest_on(
            grid_for(self.vehicle, self.paints, self.surface.tobytes()), fresh, TRIED
        )
        # Many sets are alike on a grid: a glance along each tells which lead to the colour.
        thicknesses = refined(self.model, sets, thicknesses, fresh[which], GLANCE)
        off = difference(self.model.labs(all_thicknesses(self.model, sets, thicknesses)), fresh[which])
        kept = np.flatnonzero(rank_within(which, off) < FOLLOWED)
        which, sets = which[kept], sets[kept]
        thicknesses = refined(self.model, sets, thicknesses[kept], fresh[which], ROUNDS)
        for k, each in enumerate(fresh):
            self._starts[each.tobytes()] = sets[which == k].astype(np.float64), thicknesses[which == k]


@dataclass
class Dry:
    """Sticks laid over each other."""

    sticks: tuple[Stick, ...]
    surface: Floats
    _mixed: dict[bytes, Floats] = field(default_factory=dict)

    @property
    def count(self) -> int:
        """How many sticks come along."""
        return len(self.sticks)

    def mixed(self, targets: ArrayLike, below: ArrayLike) -> Floats:
        """Amounts (n, q) for Lab targets (n, 3) over reflectances (n, 36)."""
        return _remembered(self._mixed, *_rows(targets, below), self._found, self.count)

    @cached_property
    def grains(self) -> Floats:
        """Colours (s, 36) of the sticks as they mix by area."""
        return grains_of(self.sticks)

    @cached_property
    def tried(self) -> tuple[StickLayers, Floats]:
        """The ways of laying sticks, and their Lab (w, 3) over the bare surface."""
        return stick_layers_of(self.sticks), stick_layers_over(self.sticks, self.surface.tobytes())

    def _found(self, wanted: Floats, below: Floats) -> Floats:
        """Amounts (n, s) for colours (n, 3) over looks (n, 36), none of them known yet."""
        ways, labs = self.tried
        square, found = np.square(labs).sum(axis=1), []
        for k in range(0, len(wanted), TARGETS_AT_ONCE):
            target, reflectance = wanted[k : k + TARGETS_AT_ONCE], below[k : k + TARGETS_AT_ONCE]
            # Squared distance without |target|², which is the same for all candidates.
            away = square - 2 * target @ labs.T
            near = np.argpartition(away, min(NEAREST, len(labs) - 1), axis=1)[:, :NEAREST]
            amounts = ways.amounts(near.ravel()).reshape(*near.shape, -1)
            over = lab_of_spectrum(self.reflectances(amounts, reflectance[:, None]))
            best = difference(over, target[:, None]).argmin(axis=1)
            found.append(amounts[np.arange(len(target)), best])
        return np.concatenate(found)

    def reflectances(self, amounts: ArrayLike, below: ArrayLike) -> Floats:
        """Reflectances (…, 36), dry, of amounts (…, q) laid over those below (…, 36)."""
        shares = np.asarray(amounts, dtype=np.float64)
        left = 1 - shares.sum(axis=-1, keepdims=True)
        return seen(shares @ self.grains + left * mixing(below))

    def coats(self, amounts: ArrayLike) -> Ints:
        """Coats (…,) that amounts (…, q) are laid in, at least 1."""
        return np.maximum(1, (np.asarray(amounts) > TRACE).sum(axis=-1)).astype(np.int64)

    def staining(self, amounts: ArrayLike) -> Floats:
        """Share (…,) 0–1 of the paint in amounts (…, q) that no brush lifts."""
        return np.zeros(np.shape(amounts)[:-1])

    def toxic(self, amounts: ArrayLike) -> NDArray[np.bool_]:
        """Whether amounts (…, q) hold what its label warns of as dust, (…,)."""
        return _share(amounts, [float(bool(stick.caution)) for stick in self.sticks]) > TRACE

    def hidden(self, targets: ArrayLike, below: ArrayLike, near: float) -> Ints:
        """Coats (n,) for Lab targets (n, 3) until what lies below, (n, 36), shows by less than `near`."""
        wanted, reflectances = _rows(targets, below)
        labs = lab_of_spectrum(np.array([stick.reflectance for stick in self.sticks]))
        nearest = difference(wanted[:, None], labs[None]).argmin(axis=1)
        return _until_hidden(
            self, max(PRESSURES.values()) * np.eye(len(self.sticks))[nearest], reflectances, near
        )


def _share(amounts: ArrayLike, of: Sequence[float]) -> Floats:
    """The mean (…,) of a property of paints (q,) in amounts (…, q), 0 where there is no paint."""
    given = np.asarray(amounts, dtype=np.float64)
    return np.asarray(given @ np.asarray(of) / np.maximum(given.sum(axis=-1), 1e-12))


def paintbox_of(medium: Medium, surface: Surface, colours: Sequence[Colour] = ()) -> Paintbox:
    """Paints in a medium on a surface, or sticks in pastel: those that come along, the medium's usual ones
    for none."""
    ground = spectrum_of_lab(surface.lab)
    if medium.key == "pastel":
        sticks = tuple(colour for colour in colours if isinstance(colour, Stick))
        return Dry(sticks or tuple(STICKS.values()), ground)
    paints = tuple(colour for colour in colours if isinstance(colour, Paint))
    vehicle = coated(vehicle_of(medium.key))
    return Wet(vehicle, paints or palette_of(medium.key, ()), ground, medium.transparent)


def coated(vehicle: Vehicle) -> Vehicle:
    """A vehicle as plans lay it: a covering one in coats, since a glaze would not be what they mean."""
    return replace(vehicle, weakest=COAT * vehicle.strongest) if vehicle.covers else vehicle


def _rows(targets: ArrayLike, below: ArrayLike) -> tuple[Floats, Floats]:
    wanted = np.asarray(targets, dtype=np.float64).reshape(-1, 3)
    reflectances = np.round(np.asarray(below, dtype=np.float64).reshape(-1, BANDS), SAME)
    # `+ 0.0` turns -0.0 into 0.0, so that equal values give equal byte keys.
    return np.round(wanted, SAME) + 0.0, np.broadcast_to(reflectances, (len(wanted), reflectances.shape[1]))


def _remembered(
    known: dict[bytes, Floats],
    wanted: Floats,
    reflectances: Floats,
    work: Callable[[Floats, Floats], Floats],
    count: int,
) -> Floats:
    """Amounts (n, `count`) for colours (n, 3) over looks (n, 36): `known` ones, the others from `work`."""
    names = [t.tobytes() + b.tobytes() for t, b in zip(wanted, reflectances, strict=True)]
    fresh = list({name: k for k, name in enumerate(names) if name not in known}.values())
    if fresh:
        for k, amounts in zip(fresh, work(wanted[fresh], reflectances[fresh]), strict=True):
            known[names[k]] = amounts
    return np.array([known[name] for name in names]).reshape(len(names), count)


def _until_hidden(box: Paintbox, coat: Floats, below: Floats, near: float) -> Ints:
    """Coats (n,) of `coat` (n, q), at most MOST_COATS, until more would change the look less than `near`."""
    reflectance, labs = below, []
    for _ in range(MOST_COATS + 1):
        reflectance = box.reflectances(coat, reflectance)
        labs.append(lab_of_spectrum(reflectance))
    off = difference(np.array(labs[:-1]), labs[-1]) >= near
    return 1 + off[:-1].sum(axis=0)
