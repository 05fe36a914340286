"""Sound plans drafted by hand, to be broken in exactly one way."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
# ruff: noqa: E501
from __future__ import annotations

from collections import Counter
from dataclasses import dataclass, replace
from typing import Any

import numpy as np

from washboard.core.checks import Checked, findings_of
from washboard.core.colour.lab import lab_of_linear
from washboard.core.colour.value import luminance_of
from washboard.core.key.key import Key
from washboard.core.key.relations import Thing
from washboard.core.materials.media import medium_named
from washboard.core.materials.surfaces import sheet_of, surface_of
from washboard.core.plan.plan import Kind, Operation, Pass, Plan, Role
from washboard.core.reference.mass import Border, Mass, MassKind
from washboard.core.sentence import as_given

CASES = 22


DICE = np.random.default_rng(5)


def lab_at(value: float, a: float = 0.0, b: float = 0.0) -> tuple[float, float, float]:
    y = float(luminance_of(value)) / 100
    return (float(lab_of_linear([y, y, y])[0]), a, b)


@dataclass
class Draft:
    """A plan in the making: what a case breaks."""

    masses: dict[str, Mass]
    ends: dict[str, float]
    passes: list[Pass]
    things: dict[str, Thing]
    medium: str = "watercolour"
    school: str = "light-to-dark"

    def checked(self) -> Checked:
        masses = tuple(self.masses.values())
        surface = surface_of("white" if self.medium == "watercolour" else "value:3")
        rows = (
            tuple(surface.value for _ in masses),
            *(tuple(self.ends[m.id] for m in masses) for _ in self.passes),
        )
        key = Key((0.0, 10.0), (0.0, 10.0), 2.0, 9.5)
        plan = Plan(
            "test", medium_named(self.medium), self.school, as_given(""), surface, sheet_of(30, 20, 1.5), key, masses,
            tuple(self.passes), rows,
        )  # fmt: skip
        return Checked(plan, self.things)

    def kinds(self) -> Counter[str]:
        return Counter(finding.kind for finding in findings_of(self.checked()))

    def put(self, name: str, **changes: Any) -> None:
        self.masses[name] = replace(self.masses[name], **changes)

    def end(self, name: str, value: float) -> None:
        self.ends[name] = value


def mass(
    name: str, value: float, share: float, area: str, borders: dict[str, tuple[float, float]], **given: Any
) -> Mass:
    """A mass with borders {name: (cm, hardness)}."""
    own = lab_at(value, *given.pop("ab", (0.0, 0.0)))
    sides = tuple(Border(n, cm, 1.0 if hard > 0.5 else 8.0, hard) for n, (cm, hard) in borders.items())
    kind = given.pop("kind", MassKind.FLAT)
    plain = Mass(
        name, 1 + len(name), kind, value, 0.1, own, share, 600 * share, 2, (0.0, 10.0), (value, value), 8.0, 30.0, 1,
        sum(b.length_cm for b in sides), (0.5, 0.5), (0.0, 0.0, 1.0, 1.0), (0.5, 0.5), (own, own), target=value,
        target_ends=(own, own), area=area, borders=sides, depth=0,
    )  # fmt: skip
    return replace(plain, **given)


def done(name: str, minutes: float, *operations: Operation, wait: float = 20.0) -> Pass:
    none = as_given("")
    return Pass(name, as_given(name), (), none, (0, 10), none, minutes, wait, none, None, operations, ())


def op(name: str, kind: Kind = Kind.WASH, role: Role = Role.TARGET, **given: Any) -> Operation:
    return Operation(name, kind, role, 1.0, 9.5, 5.0, **given)


def sound() -> Draft:
    """A landscape in which nothing is wrong: jittered, so that no case sits at one number."""
    values = {"sky": 7.9, "hill": 5.6, "wall": 6.4, "shade": 4.6, "tree": 2.6, "heap": 9.4}
    values = {
        name: value + float(DICE.uniform(-0.15, 0.15)) * (name != "heap") for name, value in values.items()
    }
    shares = {"sky": 0.30, "hill": 0.24, "wall": 0.14, "shade": 0.12, "tree": 0.16, "heap": 0.04}
    hues = {
        "sky": (-4, -14),
        "hill": (-8, 20),
        "wall": (14, 30),
        "shade": (12, 26),
        "tree": (-6, 10),
        "heap": (0, 0),
    }
    areas = {"sky": "a1", "hill": "a2", "wall": "a3", "shade": "a4", "tree": "a5", "heap": "a6"}
    sides: dict[str, dict[str, tuple[float, float]]] = {name: {} for name in values}
    for one, other, cm, hard in (
        ("sky", "hill", 25, 0.3), ("hill", "wall", 14, 0.9), ("wall", "shade", 12, 0.8), ("hill", "tree", 20, 0.4),
        ("shade", "tree", 8, 0.7), ("hill", "heap", 6, 0.9), ("sky", "tree", 6, 0.9),
    ):  # fmt: skip
        sides[one][other] = sides[other][one] = (cm, hard)
    masses = {n: mass(n, values[n], shares[n], areas[n], sides[n], ab=hues[n]) for n in values}
    # The hill lies far off, under the sky; all else stands in front.
    masses["hill"] = replace(masses["hill"], box=(0.0, 0.35, 1.0, 0.7))
    things = {
        "a1": Thing("a1", None, True), "a2": Thing("a2"), "a3": Thing("a3", "light"), "a4": Thing("a4", "shadow"),
        "a5": Thing("a5"), "a6": Thing("a6"),
    }  # fmt: skip
    first = done("p1", 14, op("heap", Kind.RESERVE), op("sky"), op("wall"), op("tree", role=Role.UNDER))
    passes = [
        first,
        done("p2", 12, op("hill"), op("tree", role=Role.UNDER)),
        done("p3", 9, op("shade"), op("tree")),
    ]
    return Draft(masses, dict(values), passes, things)


def dark_hall() -> Draft:
    """A hall with one lamp, in pastel, in which nothing is wrong either."""
    draft = sound()
    draft.medium, draft.school = "pastel", "dark-to-light"
    values = {"sky": 3.4, "hill": 4.2, "wall": 5.2, "shade": 3.6, "tree": 2.1}
    for name, value in values.items():
        draft.put(name, value=value, target=value)
        draft.end(name, value + float(DICE.uniform(-0.1, 0.1)))
    del draft.masses["heap"], draft.ends["heap"]
    for name in list(draft.masses):
        draft.put(name, borders=tuple(b for b in draft.masses[name].borders if b.mass != "heap"))
    draft.masses["lamp"] = mass("lamp", 9.0, 0.01, "a6", {"wall": (3, 0.8)}, kind=MassKind.ACCENT, light=True)
    draft.end("lamp", 9.0)
    draft.things["a1"] = Thing("a1")
    draft.passes = [
        done("p1", 9, op("tree", Kind.BLOCK_IN), op("sky", Kind.BLOCK_IN), wait=0),
        done(
            "p2", 9, op("hill", Kind.BLOCK_IN), op("shade", Kind.BLOCK_IN), op("wall", Kind.BLOCK_IN), wait=0
        ),
        done("p3", 2, op("lamp", Kind.GLOW, steps=4), wait=0),
    ]
    return draft
