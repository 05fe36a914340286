"""One way to break a sound plan for each kind of weak point."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import numpy as np

from tests.drafts import DICE, Draft, dark_hall, done, mass, op, sound
from washboard.core.plan.plan import Kind, Role
from washboard.core.reference.mass import MassKind


def _families(d: Draft) -> None:
    d.end("shade", d.ends["wall"] + float(DICE.uniform(0.35, 0.9)))


def glows_less(d: Draft) -> None:
    d.end("lamp", d.ends["wall"] + float(DICE.uniform(0.3, 1.3)))


def _silhouette(d: Draft) -> None:
    d.end("wall", d.ends["hill"] + float(DICE.uniform(-0.2, 0.2)))
    d.end("shade", d.ends["wall"] - 1.2)
    d.put("wall", value=7.2)
    for name in ("wall", "hill"):
        colour = d.masses[name].target_ends
        d.put(name, target_ends=tuple((end[0], 5.0, 12.0) for end in colour))
    d.put("shade", target_ends=tuple((end[0], 5.0, 12.0) for end in d.masses["shade"].target_ends))


def _darkest(d: Draft) -> None:
    for name, value in (("tree", 4.4), ("shade", 4.9), ("hill", 5.6), ("wall", 6.2), ("heap", 7.3)):
        d.end(name, value + float(DICE.uniform(-0.1, 0.1)))


def _whites(d: Draft) -> None:
    d.put("heap", share=float(DICE.uniform(0.2, 0.35)), area="a1")


def _equal(d: Draft) -> None:
    shares = {"sky": 0.3, "heap": 0.035, "hill": 0.2, "wall": 0.07, "shade": 0.065, "tree": 0.335}
    for name, share in shares.items():
        d.put(name, share=share)


def _column(d: Draft) -> None:
    d.put("sky", share=0.01)
    d.put("tree", share=0.03)
    d.put("heap", share=0.02)
    d.put("hill", share=0.5)
    d.put("wall", share=0.3)
    for name, value in (("sky", 6.9), ("tree", 4.1), ("heap", 6.8)):
        d.end(name, value + float(DICE.uniform(-0.05, 0.05)))


def _land(d: Draft) -> None:
    d.end("wall", d.ends["sky"] + float(DICE.uniform(-0.35, 0.6)))


def _edges(d: Draft) -> None:
    for name in d.masses:
        d.put(
            name,
            borders=tuple(replace(b, hardness=float(DICE.uniform(0.7, 1))) for b in d.masses[name].borders),
        )


def _sameness(d: Draft) -> None:
    for k in range(int(DICE.integers(5, 9))):
        size = 0.2 * float(DICE.uniform(0.97, 1.03))
        d.masses[f"s{k}"] = mass(
            f"s{k}", 9.4, 0.0004, "a2", {}, kind=MassKind.ACCENT, light=True, area_cm2=size
        )
        d.end(f"s{k}", 9.4)


def _open_time(d: Draft) -> None:
    d.passes[1] = replace(d.passes[1], minutes=float(DICE.uniform(19.5, 60)))


def _tooth(d: Draft) -> None:
    layers = [op("tree", Kind.LAYER, Role.UNDER) for _ in range(int(DICE.integers(3, 6)))]
    d.passes[0] = replace(d.passes[0], operations=(*layers, *d.passes[0].operations))


def _lift(d: Draft) -> None:
    stained = replace(op("wall", role=Role.UNDER), staining=float(DICE.uniform(0.45, 1)))
    d.passes[0] = replace(
        d.passes[0], operations=(*d.passes[0].operations[:2], stained, op("tree", role=Role.UNDER))
    )
    d.passes.append(done("p4", 4, op("wall", Kind.LIFT_DRY)))


def _mask(d: Draft) -> None:
    mask = done("p0", 4, op("heap", Kind.MASK, Role.UNDER), wait=float(DICE.uniform(13, 40)) * 60)
    d.passes = [mask, *d.passes, done("p9", 2, op("heap", Kind.UNMASK))]


def _irreversible(d: Draft) -> None:
    kinds = (Kind.SCRATCH, Kind.SAND)
    many = [
        op(name, kinds[int(DICE.integers(2))], Role.UNDER)
        for name in ("sky", "hill", "wall", "shade", "tree")
    ]
    d.passes = [replace(d.passes[0], operations=(*d.passes[0].operations, *many)), *d.passes[1:]]
    d.passes.append(done("p4", 3, op("shade", Kind.ACCENT, Role.UNDER)))


def _judged(d: Draft) -> None:
    # In paint that only darkens the darks come last whatever is done: that is no weak point.
    d.medium = "oil"
    late = replace(d.passes[0], id="p8", operations=(op("heap", Kind.PLACEHOLDER), op("sky")))
    only = [done(f"q{k}", 14, op(name)) for k, name in enumerate(("wall", "hill", "shade"))]
    operations = (
        replace(op("heap", Kind.UNMASK), to_value=9.4),
        replace(op("tree"), to_value=d.ends["tree"]),
    )
    d.passes = [*only, replace(late, operations=operations)]


def _depth(d: Draft) -> None:
    d.end("hill", d.ends["tree"] - float(DICE.uniform(0.15, 0.5)))


def falls_off(d: Draft) -> None:
    d.put("lamp", inside=(0.1, 0.1))
    d.put("sky", inside=(0.9, 0.9))
    d.end("sky", d.ends["wall"] + float(DICE.uniform(0.3, 0.9)))


def _colours(d: Draft) -> None:
    for k in range(int(DICE.integers(9, 13))):
        hue = 2 * np.pi * k / 12
        d.masses[f"c{k}"] = mass(
            f"c{k}", 5.5, 0.012, "a2", {}, ab=(46 * float(np.cos(hue)), 46 * float(np.sin(hue)))
        )
        d.end(f"c{k}", 5.5)
    d.passes[1] = replace(
        d.passes[1], operations=(*d.passes[1].operations, *(op(n) for n in d.masses if n[0] == "c"))
    )


def _drying(d: Draft) -> None:
    d.passes[1] = replace(d.passes[1], wait=float(DICE.uniform(75, 170)))


def _coloured(d: Draft, name: str, a: float, b: float) -> None:
    ends = d.masses[name].target_ends
    d.put(name, target_ends=tuple((end[0], a, b) for end in ends))


def _loud_away(d: Draft) -> None:
    d.put("lamp", inside=(0.1, 0.1))
    d.put("tree", inside=(0.9, 0.9))
    _coloured(d, "tree", 30.0, float(DICE.uniform(48, 60)))


def _far_loud(d: Draft) -> None:
    _coloured(d, "hill", 20.0, float(DICE.uniform(50, 60)))


def _one_sided(d: Draft) -> None:
    d.put("heap", target_ends=((95.0, 0.0, 0.0), (95.0, 0.0, 0.0)))
    for name in ("sky", "hill", "wall", "tree"):
        _coloured(d, name, 8.0, float(DICE.uniform(14, 26)))
    _coloured(d, "shade", 5.0, 10.0)


def _no_rest(d: Draft) -> None:
    for name, a, b in (
        ("sky", -8.0, -34.0),
        ("hill", -20.0, 34.0),
        ("shade", 24.0, 26.0),
        ("tree", -14.0, 26.0),
    ):
        _coloured(d, name, a, b)
    _coloured(d, "wall", 20.0, 38.0)
    _coloured(d, "heap", 6.0, 30.0)


Break = Callable[[Draft], None]
LABELLED: dict[str, tuple[Callable[[], Draft], Break]] = {
    "families": (sound, _families),
    "glow": (dark_hall, glows_less),
    "silhouette": (sound, _silhouette),
    "darkest-dark": (sound, _darkest),
    "paper-white": (sound, _whites),
    "equal-values": (sound, _equal),
    "one-column": (sound, _column),
    "land-against-sky": (sound, _land),
    "edges-all-firm": (sound, _edges),
    "all-alike": (sound, _sameness),
    "open-time": (sound, _open_time),
    "tooth": (dark_hall, _tooth),
    "stains-under-lift": (sound, _lift),
    "mask-too-long": (sound, _mask),
    "irreversible-early": (sound, _irreversible),
    "judged-late": (sound, _judged),
    "far-too-dark": (sound, _depth),
    "falls-off": (dark_hall, falls_off),
    "many-colours": (sound, _colours),
    "long-drying": (sound, _drying),
    "louder-than-glow": (dark_hall, _loud_away),
    "far-too-loud": (sound, _far_loud),
    "no-counterpart": (sound, _one_sided),
    "no-neutral": (sound, _no_rest),
}
