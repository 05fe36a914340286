"""Eighteen written scenes of our own, each posing one hard problem: areas as polygons with values."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
# A scene reads best with a thing a line.
# ruff: noqa: E501
from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, field, replace

from washboard.core.order.result import PlanningResult
from washboard.core.reference.drawn import Shape
from washboard.core.reference.place import Anchor
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

Points = tuple[tuple[float, float], ...]


@dataclass(frozen=True)
class Thing:
    """A drawn thing: its name, outline (shares of the picture), value and colour (a*, b*)."""

    name: str
    points: Points
    value: float
    a: float = 0.0
    b: float = 0.0


@dataclass(frozen=True)
class Scene:
    """A scene with what is settled about it, and the problem it poses."""

    name: str
    problem: str
    settings: Settings
    things: tuple[Thing, ...] = field(default=())

    def worked(self) -> PlanningResult:
        """The plan of the scene."""
        return STAGES.result(self.subject()).worked

    def subject(self) -> Subject:
        """The scene as the pipeline takes it."""
        names = tuple(
            Anchor(*inside(thing, self.things[k + 1 :]), thing.name) for k, thing in enumerate(self.things)
        )
        settings = replace(self.settings, names=names).checked()
        return Subject(settings, None, {}, tuple(Shape(t.points, t.value, t.a, t.b) for t in self.things))


STAGES = Stages()


def inside(thing: Thing, over: Sequence[Thing]) -> tuple[float, float]:
    """A place where a thing is seen: inside it and not under what is drawn over it, far from its outline."""
    grid = [(0.0125 + 0.025 * i, 0.0125 + 0.025 * j) for i in range(40) for j in range(40)]
    middle = (
        sum(x for x, _ in thing.points) / len(thing.points),
        sum(y for _, y in thing.points) / len(thing.points),
    )
    seen = [
        p for p in (middle, *grid) if holds(thing.points, p) and not any(holds(o.points, p) for o in over)
    ]
    return seen[0] if seen else middle


def holds(points: Points, place: tuple[float, float]) -> bool:
    """Whether a polygon holds a place: edges crossed by a line to the left are odd in number."""
    x, y = place
    crossed = False
    for (x1, y1), (x2, y2) in zip(points, (*points[1:], points[0]), strict=True):
        if (y1 > y) != (y2 > y) and x < x1 + (y - y1) / (y2 - y1) * (x2 - x1):
            crossed = not crossed
    return crossed


def box(left: float, top: float, right: float, bottom: float) -> Points:
    return ((left, top), (right, top), (right, bottom), (left, bottom))


def disc(x: float, y: float, r: float, flat: float = 1.0, corners: int = 20) -> Points:
    """A disc, `flat` its height over its width."""
    turns = [2 * math.pi * k / corners for k in range(corners)]
    inner = [(x + r * math.cos(t), y + r * flat * math.sin(t)) for t in turns]
    return tuple((min(max(a, 0.0), 1.0), min(max(b, 0.0), 1.0)) for a, b in inner)


def _set(
    medium: str, surface: str, size: tuple[float, float], school: str | None = None, **given: object
) -> Settings:
    return Settings(medium, surface, *size, school=school, **given)  # type: ignore[arg-type]


def _row(
    name: str, count: int, left: float, right: float, y: float, r: float, value: float, a: float, b: float
) -> list[Thing]:
    """A row of small things of one kind, a little unequal."""
    step = (right - left) / max(count - 1, 1)
    return [
        Thing(
            f"{name} {k + 1}",
            disc(left + k * step, y + 0.01 * (k % 2), r * (1 + 0.12 * (k % 3)), 1.4),
            value,
            a,
            b,
        )
        for k in range(count)
    ]


SCENES: tuple[Scene, ...] = (
    Scene("lamps on wet quay stones before dawn", "nested light on black: nothing may be as light as the lamps",
          _set("pastel", "black", (50, 35)), (
        Thing("sky", box(0, 0, 1, 0.4), 2.9, 2, -12), Thing("warehouses", box(0, 0.22, 0.55, 0.5), 2.0, 0, -3),
        Thing("quay", box(0, 0.5, 1, 1), 2.4, 1, -5), Thing("glow on the stones", disc(0.62, 0.72, 0.14, 0.5), 4.2, 16, 30),
        Thing("second glow", disc(0.3, 0.66, 0.08, 0.5), 3.7, 14, 26), Thing("halo", disc(0.62, 0.3, 0.09), 5.4, 14, 40),
        Thing("second halo", disc(0.3, 0.34, 0.05), 4.8, 14, 36), Thing("lamp", disc(0.62, 0.3, 0.025), 9.0, 2, 22),
        Thing("second lamp", disc(0.3, 0.34, 0.015), 8.6, 3, 24),
    )),
    Scene("a terraced slope mirrored in a canal", "reflections: darks a little lighter, lights a little darker",
          _set("pastel", "value:5.6", (50, 35)), (
        Thing("sky", box(0, 0, 1, 0.2), 8.2, -2, -6), Thing("top terrace", box(0, 0.2, 1, 0.3), 6.6, -6, 22),
        Thing("middle terrace", box(0, 0.3, 1, 0.42), 5.4, -8, 26), Thing("low terrace", box(0, 0.42, 1, 0.55), 4.2, -8, 22),
        Thing("low mirror", box(0, 0.55, 1, 0.68), 4.5, -6, 16), Thing("middle mirror", box(0, 0.68, 1, 0.82), 5.3, -6, 18),
        Thing("sky mirror", box(0, 0.82, 1, 1), 7.6, -2, -5), Thing("barge", box(0.3, 0.52, 0.52, 0.6), 2.6, 6, 6),
    )),
    Scene("a workbench with fifteen tools", "object by object, and keep the place in a row of small things",
          _set("oil", "value:5.6", (40, 30), "by-object"), (
        Thing("wall", box(0, 0, 1, 0.55), 4.6, 2, 8), Thing("bench", box(0, 0.55, 1, 1), 6.0, 8, 22),
        *(Thing(f"tool {k + 1}", box(0.04 + 0.062 * k, 0.2, 0.075 + 0.062 * k, 0.45 - 0.02 * (k % 4)), 2.4 + 0.45 * (k % 8), 4, 6 * (k % 3))
          for k in range(15)),
    )),
    Scene("steam in an engine shed", "lights wiped out of a tone while it is wet, the darks after",
          _set("oil", "white", (40, 30), "wipe-out"), (
        Thing("shed", box(0, 0, 1, 1), 4.2, 3, 8), Thing("engine", box(0.15, 0.45, 0.7, 0.85), 2.2, 1, 2),
        Thing("steam", disc(0.3, 0.3, 0.16), 7.4, 1, 4), Thing("upper steam", disc(0.5, 0.16, 0.12), 6.6, 1, 5),
        Thing("roof light", box(0.75, 0.04, 0.95, 0.14), 8.6, 0, 3), Thing("floor", box(0, 0.85, 1, 1), 3.6, 3, 8),
    )),
    Scene("a dust storm with light shafts", "the ground paints most of it; shafts are laid and knocked back",
          _set("pastel", "#8a6a45", (50, 35)), (
        Thing("dust", box(0, 0, 1, 0.7), 4.8, 9, 26), Thing("upper dust", box(0, 0, 1, 0.25), 4.1, 9, 22),
        Thing("shaft", ((0.55, 0.02), (0.65, 0.02), (0.5, 0.7), (0.32, 0.7)), 6.4, 6, 30),
        Thing("second shaft", ((0.75, 0.02), (0.8, 0.02), (0.72, 0.7), (0.62, 0.7)), 5.9, 7, 30),
        Thing("plain", box(0, 0.7, 1, 1), 3.2, 9, 20), Thing("riders", box(0.42, 0.6, 0.55, 0.76), 1.9, 4, 6),
    )),
    Scene("a heap of pale folded blankets", "three columns in a high key: whites that are not white",
          _set("watercolour", "white", (38, 28)), (
        Thing("wall", box(0, 0, 1, 0.5), 6.8, 1, 5), Thing("table", box(0, 0.5, 1, 1), 5.4, 6, 16),
        Thing("top fold", box(0.2, 0.22, 0.8, 0.32), 9.3, 0, 2), Thing("second fold", box(0.18, 0.32, 0.82, 0.44), 8.5, 0, 5),
        Thing("third fold", box(0.17, 0.44, 0.84, 0.56), 7.9, 1, 7), Thing("low fold", box(0.16, 0.56, 0.85, 0.7), 7.2, 1, 7),
        Thing("shade between", box(0.2, 0.425, 0.8, 0.445), 5.8, 2, 6), Thing("cast shadow", box(0.16, 0.7, 0.95, 0.78), 4.2, 3, 6),
    )),
    Scene("a furnace mouth as the only light", "light first: one gradient, then what it does not reach",
          _set("oil", "value:4.2", (40, 30), "light-first"), (
        Thing("hall", box(0, 0, 1, 1), 2.2, 3, 4), Thing("floor glow", ((0.3, 0.7), (0.7, 0.7), (0.95, 1), (0.05, 1)), 4.2, 20, 34),
        Thing("near glow", ((0.38, 0.7), (0.62, 0.7), (0.75, 0.86), (0.25, 0.86)), 5.8, 24, 48),
        Thing("frame", box(0.34, 0.34, 0.66, 0.7), 5.0, 26, 46), Thing("mouth", box(0.4, 0.42, 0.6, 0.68), 8.8, 4, 40),
        Thing("stoker", box(0.7, 0.4, 0.82, 0.9), 1.7, 3, 2),
    )),
    Scene("a plaster hand whose whites are not white", "a white thing in shade belongs to the middle",
          _set("watercolour", "white", (30, 40)), (
        Thing("backdrop", box(0, 0, 1, 1), 5.2, -2, -8), Thing("hand in shade", box(0.3, 0.3, 0.55, 0.85), 6.4, 0, -3),
        Thing("hand in light", box(0.55, 0.3, 0.72, 0.85), 8.7, 0, 4), Thing("knuckles", box(0.58, 0.28, 0.7, 0.34), 9.4, 0, 2),
        Thing("core shadow", box(0.5, 0.34, 0.56, 0.8), 5.5, 0, -2), Thing("plinth", box(0.2, 0.85, 0.8, 1), 4.0, 2, 4),
        Thing("cast shadow", box(0.08, 0.8, 0.3, 0.9), 3.4, 0, -6),
    )),
    Scene("a signal box in half an hour", "few passes, big shapes, no waiting",
          _set("pastel", "value:5.8", (30, 22), passes=3), (
        Thing("sky", box(0, 0, 1, 0.55), 7.6, -3, -8), Thing("bank", box(0, 0.55, 1, 0.75), 4.4, -8, 20),
        Thing("track", box(0, 0.75, 1, 1), 5.4, 2, 6), Thing("box in light", box(0.4, 0.25, 0.52, 0.68), 6.8, 8, 22),
        Thing("box in shade", box(0.52, 0.25, 0.64, 0.68), 3.4, 6, 8), Thing("roof", box(0.38, 0.18, 0.66, 0.26), 2.6, 4, 4),
    )),
    Scene("reeds against a low sun", "dark thin shapes over a glow: the background first",
          _set("acrylic", "value:6.6", (40, 30)), (
        Thing("sky", box(0, 0, 1, 0.6), 7.4, 6, 34), Thing("low sky", box(0, 0.4, 1, 0.6), 8.2, 4, 40),
        Thing("sun", disc(0.6, 0.5, 0.04, 1.3), 9.3, 0, 20), Thing("water", box(0, 0.6, 1, 1), 6.0, 8, 30),
        Thing("glitter", box(0.54, 0.6, 0.66, 0.98), 8.4, 3, 34), Thing("bank of reeds", box(0, 0.7, 0.35, 1), 2.6, 2, 8),
        *(Thing(f"reed {k + 1}", box(0.06 + 0.07 * k, 0.2 + 0.03 * k, 0.075 + 0.07 * k, 0.72), 2.4, 2, 6) for k in range(5)),
    )),
    Scene("umbrellas rank behind rank", "each layer a value darker round the shapes of the one before",
          _set("watercolour", "white", (38, 28), "layered-negative"), (
        Thing("mist", box(0, 0, 1, 1), 8.6, -1, -4), *_row("far umbrella", 4, 0.15, 0.85, 0.25, 0.09, 7.5, -2, -5),
        *_row("second umbrella", 4, 0.22, 0.8, 0.45, 0.11, 6.2, -2, -6), *_row("third umbrella", 3, 0.2, 0.8, 0.66, 0.13, 4.8, -1, -6),
        *_row("near umbrella", 2, 0.35, 0.7, 0.86, 0.15, 3.2, 0, -5),
    )),
    Scene("a courtyard at four in the afternoon", "one joined shadow shape; light walls kept",
          _set("watercolour", "white", (45, 30)), (
        Thing("sky", box(0, 0, 1, 0.2), 7.9, -6, -16), Thing("lit wall", box(0, 0.2, 0.5, 0.75), 9.2, 1, 8),
        Thing("shaded wall", box(0.5, 0.2, 1, 0.75), 5.6, 3, -4), Thing("cast shadow", ((0.3, 0.75), (1, 0.75), (1, 0.95), (0.1, 0.95)), 5.2, 3, -5),
        Thing("lit floor", box(0, 0.75, 0.3, 1), 8.7, 3, 12), Thing("door", box(0.62, 0.42, 0.74, 0.75), 3.0, 4, 4),
        Thing("window", box(0.15, 0.35, 0.24, 0.5), 3.8, 0, -4), Thing("pot", box(0.42, 0.68, 0.5, 0.82), 4.6, 20, 24),
        Thing("leaves", disc(0.46, 0.62, 0.06), 4.0, -14, 18),
    )),
    Scene("a bicycle half against a dark door, half against a white wall", "counterchange along one silhouette",
          _set("watercolour", "white", (40, 30)), (
        Thing("white wall", box(0, 0, 0.5, 0.85), 8.9, 1, 5), Thing("dark door", box(0.5, 0, 1, 0.85), 3.0, -4, 6),
        Thing("pavement", box(0, 0.85, 1, 1), 6.4, 1, 4), Thing("wheel on the wall", disc(0.32, 0.66, 0.13, 1.3), 4.4, 2, 4),
        Thing("wheel on the door", disc(0.7, 0.66, 0.13, 1.3), 5.6, 2, 4), Thing("frame on the wall", box(0.32, 0.42, 0.5, 0.46), 3.6, 14, 10),
        Thing("frame on the door", box(0.5, 0.42, 0.7, 0.46), 6.2, 18, 14),
    )),
    Scene("a desert dusk in one wet sheet", "few soft passes inside one open time",
          _set("watercolour", "white", (28, 20)), (
        Thing("high sky", box(0, 0, 1, 0.3), 5.6, 4, -18), Thing("middle sky", box(0, 0.3, 1, 0.5), 6.8, 14, -4),
        Thing("low sky", box(0, 0.5, 1, 0.62), 8.2, 10, 26), Thing("far dunes", box(0, 0.62, 1, 0.74), 5.6, 10, 2),
        Thing("near dunes", box(0, 0.74, 1, 1), 3.8, 12, 8), Thing("tent", ((0.62, 0.8), (0.68, 0.68), (0.74, 0.8)), 2.4, 4, 2),
    )),
    Scene("net floats on a rope with their shadows", "a row of small repeated shapes over several sittings",
          _set("oil", "value:6", (40, 27), "by-object"), (
        Thing("wall", box(0, 0, 1, 1), 7.0, 2, 10), Thing("rope", box(0.05, 0.3, 0.95, 0.325), 4.6, 4, 14),
        *_row("shadow", 7, 0.14, 0.9, 0.47, 0.035, 5.0, 2, 4), *_row("float", 7, 0.12, 0.88, 0.38, 0.04, 5.6, 32, 34),
    )),
    Scene("a waterfall whose spray is recovered afterwards", "a soft light lifted from paint that does not stain",
          _set("watercolour", "white", (28, 38)), (
        Thing("cliffs", box(0, 0, 1, 0.8), 4.4, 0, 4), Thing("fall", box(0.42, 0.1, 0.58, 0.68), 9.3, 0, 0),
        Thing("spray", disc(0.5, 0.72, 0.18, 0.6), 7.9, -1, -2), Thing("pool", box(0, 0.8, 1, 1), 5.2, -6, -8),
        Thing("ferns", box(0.02, 0.5, 0.22, 0.78), 3.2, -10, 14),
    )),
    Scene("back-lit glass bottles", "the far ones glow, the near ones are dark; lights kept light",
          _set("watercolour", "white", (30, 38)), (
        Thing("window", box(0, 0, 1, 0.6), 9.0, -1, 4), Thing("sill", box(0, 0.6, 1, 1), 5.6, 4, 12),
        Thing("green bottle", box(0.15, 0.2, 0.3, 0.66), 6.2, -22, 24), Thing("amber bottle", box(0.38, 0.14, 0.54, 0.7), 5.2, 22, 44),
        Thing("blue bottle", box(0.62, 0.26, 0.76, 0.68), 4.4, 4, -30), Thing("near jar", box(0.46, 0.44, 0.66, 0.86), 3.2, -4, 4),
        Thing("glint on the jar", box(0.49, 0.48, 0.5, 0.7), 9.4, 0, 0), Thing("cast colour", box(0.2, 0.72, 0.45, 0.84), 6.6, 10, 30),
    )),
    Scene("a brass door knob thin to thick", "lean to fat, thin shadows, the thick light last",
          _set("oil", "value:4.5", (24, 30)), (
        Thing("door", box(0, 0, 1, 1), 3.2, 8, 10), Thing("plate", box(0.3, 0.1, 0.7, 0.9), 4.2, 8, 28),
        Thing("knob", disc(0.5, 0.5, 0.2, 0.8), 5.4, 10, 40), Thing("knob in shade", disc(0.55, 0.57, 0.13, 0.8), 3.4, 8, 22),
        Thing("reflected light", disc(0.6, 0.63, 0.04, 0.8), 4.6, 12, 34), Thing("light", disc(0.42, 0.42, 0.05, 0.8), 7.6, 4, 42),
        Thing("highlight", disc(0.41, 0.41, 0.014, 0.8), 9.2, 0, 14),
    )),
)  # fmt: skip
