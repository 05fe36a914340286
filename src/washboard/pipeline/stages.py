"""The stages from bytes to plan, each remembered by content and the settings that matter to it.

decoded → picture → accents → squinted → ladder → division → measures → parts → plan → maps.
A change of bands leaves the first four as they are, a change of school all but the last two.
"""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from typing import TypeVar

import numpy as np

from ..core.areas.area import Areas, area_map, areas_of
from ..core.areas.cells import cells_of
from ..core.areas.chips import chips_of
from ..core.areas.tree import Tree, tree_of
from ..core.materials.media import medium_named
from ..core.materials.surfaces import sheet_of, surface_of
from ..core.order.parts import Cut, divided
from ..core.order.planner import plan_of, reordered
from ..core.order.prediction import PatchMap, Table, patch_map, table_of
from ..core.order.worked import Worked
from ..core.reference import ladder
from ..core.reference.accents import Accents, find_accents
from ..core.reference.drawn import Shape, drawn
from ..core.reference.identity import inherited
from ..core.reference.mass import Kind, Mass
from ..core.reference.masses import Division, Progress, divide, no_progress
from ..core.reference.measures import Measured, measure
from ..core.reference.picture import Labels, Picture, picture_of
from ..core.reference.place import Anchor
from ..core.reference.squint import Squinted, squint
from ..core.reference.worth import refuse_if_empty
from ..formats.image import Decoded, decoded
from .settings import Settings

T = TypeVar("T")
REMEMBERED = 48
"""Results of stages kept in memory: a few pieces with several squints each."""


@dataclass(frozen=True)
class Seen:
    """What *See* shows: the picture divided, with measures and the ladder."""

    picture: Picture
    squinted: Squinted
    thresholds: tuple[float, ...]
    division: Division
    measured: Measured
    areas: Areas


@dataclass(frozen=True)
class Before:
    """Masses as they were before a re-analysis, so that they keep their ids."""

    labels: Labels
    ids: Mapping[int, str]
    next_number: int


@dataclass(frozen=True)
class Result:
    """A whole piece worked out. `next_number` is the first mass number never used."""

    seen: Seen
    worked: Worked
    table: Table
    maps: PatchMap
    next_number: int


class Stages:
    """Runs the stages and remembers their results, the least used forgotten first."""

    def __init__(self) -> None:
        self._memory: OrderedDict[tuple[object, ...], object] = OrderedDict()

    def _once(self, key: tuple[object, ...], make: Callable[[], T]) -> T:
        if key in self._memory:
            self._memory.move_to_end(key)
            return self._memory[key]  # type: ignore[return-value]
        made = make()
        self._memory[key] = made
        while len(self._memory) > REMEMBERED:
            self._memory.popitem(last=False)
        return made

    def decoded(self, content: str, data: Callable[[], bytes]) -> Decoded:
        """The decoded reference of that content hash; `data` is called only when it is not known."""
        return self._once(("decoded", content), lambda: decoded(data()))

    def picture(self, content: str, data: Callable[[], bytes]) -> Picture:
        def make() -> Picture:
            picture = picture_of(self.decoded(content, data).rgb)
            refuse_if_empty(picture)
            return picture

        return self._once(("picture", content), make)

    def squinted(self, content: str, data: Callable[[], bytes], strength: float) -> Squinted:
        picture = self.picture(content, data)
        accents = self._accents(content, picture)
        return self._once(("squinted", content, strength), lambda: squint(picture, accents, strength))

    def _accents(self, content: str, picture: Picture) -> Accents:
        return self._once(("accents", content), lambda: find_accents(picture))

    def drawn(self, shapes: Sequence[Shape], settings: Settings) -> Seen:
        """A piece without a photo: polygons with values on the bare surface."""
        surface = surface_of(settings.surface)
        sheet = sheet_of(settings.width_cm, settings.height_cm, settings.width_cm / settings.height_cm)
        picture, division = drawn(shapes, surface.value, settings.width_cm / settings.height_cm)
        squinted = Squinted(picture.value, picture.lab[..., 1:], np.zeros(picture.shape, np.int32))
        thresholds = settings.thresholds or ladder.even(settings.bands)
        flat = [Kind.FLAT] * division.count
        measured = measure(picture, division, thresholds, sheet.picture_width_cm, flat)
        areas = areas_of(picture, np.ones(picture.shape, np.int32), settings.areas)
        return Seen(picture, squinted, thresholds, division, measured, areas)

    def seen(
        self,
        content: str,
        data: Callable[[], bytes],
        settings: Settings,
        progress: Progress = no_progress,
    ) -> Seen:
        """The reference divided into masses, with measures on the surface."""
        progress("reading the picture", 0.0)
        picture = self.picture(content, data)
        progress("looking for accents", 0.15)
        accents = self._accents(content, picture)
        progress("squinting", 0.3)
        squinted = self.squinted(content, data, settings.squint)
        thresholds = self._thresholds(content, squinted, settings)
        height, width = picture.shape
        sheet = sheet_of(settings.width_cm, settings.height_cm, width / height)
        progress("finding the things", 0.4)
        areas = self._areas(content, picture, settings)
        key = (content, settings.squint, thresholds, settings.areas.strokes)
        division = self._once(
            ("division", *key),
            lambda: divide(picture, accents, squinted, thresholds, _part(progress, 0.5, 0.3), areas.told),
        )
        progress("measuring", 0.8)
        measured = self._once(
            ("measured", *key, sheet.picture_width_cm),
            lambda: measure(picture, division, thresholds, sheet.picture_width_cm),
        )
        progress("finding the things", 0.9)
        return Seen(
            picture, squinted, thresholds, division, measured, self._areas(content, picture, settings)
        )

    def _areas(self, content: str, picture: Picture, settings: Settings) -> Areas:
        strokes = settings.areas.strokes
        tree: Tree = self._once(("tree", content), lambda: tree_of(chips_of(picture)))
        cells = None
        if any(stroke.against for stroke in strokes):
            cells = self._once(("cells", content), lambda: cells_of(tree.chips))
        labels = self._once(
            ("area map", content, strokes), lambda: area_map(tree, strokes, picture.shape, cells)
        )
        return self._once(
            ("areas", content, settings.areas), lambda: areas_of(picture, labels, settings.areas)
        )

    def _thresholds(self, content: str, squinted: Squinted, settings: Settings) -> tuple[float, ...]:
        if settings.thresholds is not None:
            return ladder.checked(settings.thresholds)
        if settings.even:
            return ladder.even(settings.bands)
        return self._once(
            ("thresholds", content, settings.squint, settings.bands),
            lambda: ladder.found(squinted.value, settings.bands),
        )

    def result(
        self,
        content: str,
        data: Callable[[], bytes],
        settings: Settings,
        progress: Progress = no_progress,
        before: Before | None = None,
    ) -> Result:
        """The whole way from bytes to plan and maps."""
        seen = self.seen(content, data, settings, progress)
        return self._planned(seen, content, settings, self.decoded(content, data).notes, progress, before)

    def result_drawn(
        self, shapes: Sequence[Shape], settings: Settings, before: Before | None = None
    ) -> Result:
        """The same for a piece without a photo."""
        seen = self.drawn(shapes, settings)
        return self._planned(seen, repr(shapes), settings, (), no_progress, before)

    def _planned(
        self,
        seen: Seen,
        content: str,
        settings: Settings,
        notes: Sequence[str],
        progress: Progress,
        before: Before | None,
    ) -> Result:
        height, width = seen.picture.shape
        sheet = sheet_of(settings.width_cm, settings.height_cm, width / height)
        measured, next_number = _identified(seen.measured, before)
        measured = replace(measured, masses=_named(measured, settings.names))
        measured = replace(measured, masses=_in_areas(measured, seen.areas))
        progress("dividing for the passes", 0.93)
        cut = self._once(
            (
                "parts",
                content,
                settings.squint,
                seen.thresholds,
                settings.areas.strokes,
                sheet.picture_width_cm,
            ),
            lambda: divided(measured.masses, measured.labels, sheet.picture_width_cm),
        )
        progress("ordering", 0.96)
        worked = plan_of(
            measured.masses, cut.parts, medium_named(settings.medium), surface_of(settings.surface),
            sheet, settings.school, settings.passes, notes,
        )  # fmt: skip
        if settings.order is not None:
            worked = reordered(worked, settings.order)
        table, maps = _mapped(worked, measured, cut, sheet.picture_width_cm)
        progress("done", 1.0)
        return Result(replace(seen, measured=measured), worked, table, maps, next_number)


def _part(progress: Progress, start: float, span: float) -> Progress:
    return lambda stage, done: progress(stage, start + span * done)


def _mapped(worked: Worked, measured: Measured, cut: Cut, width_cm: float) -> tuple[Table, PatchMap]:
    table = table_of(worked)
    return table, patch_map(worked, table, cut.labels, measured.along, width_cm)


def _identified(measured: Measured, before: Before | None) -> tuple[Measured, int]:
    """Masses under ids inherited from before, else numbered from 1."""
    ids, next_number = inherited(
        measured.labels,
        before.labels if before else None,
        dict(before.ids) if before else {},
        before.next_number if before else 1,
    )
    identity = {mass.id: ids[mass.label] for mass in measured.masses}
    masses = tuple(mass.with_id(identity) for mass in measured.masses)
    return replace(measured, masses=masses), next_number


def _named(measured: Measured, names: tuple[Anchor, ...]) -> tuple[Mass, ...]:
    """Masses with the painter's names: each anchor names the mass it stands in, later ones win."""
    height, width = measured.labels.shape
    by_label = {}
    for anchor in names:
        row, column = min(int(anchor.y * height), height - 1), min(int(anchor.x * width), width - 1)
        by_label[int(measured.labels[row, column])] = anchor.name.strip()
    return tuple(replace(mass, name=by_label.get(mass.label)) for mass in measured.masses)


def _in_areas(measured: Measured, areas: Areas) -> tuple[Mass, ...]:
    """Masses with the area that holds most of each."""
    most = int(areas.labels.max()) + 1
    together = measured.labels.astype(np.int64) * most + areas.labels
    held = np.bincount(together.ravel(), minlength=(int(measured.labels.max()) + 1) * most).reshape(-1, most)
    return tuple(replace(m, area=f"a{int(held[m.label].argmax())}") for m in measured.masses)


def packed(maps: PatchMap) -> bytes:
    """The patch map as the page reads it: first and second as uint16, then three planes of bytes."""
    planes = (maps.first.astype("<u2"), maps.second.astype("<u2"), maps.weight, maps.along, maps.beyond)
    return b"".join(np.ascontiguousarray(plane).tobytes() for plane in planes)
