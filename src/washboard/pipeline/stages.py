"""The stages from bytes to plan, each remembered by content and the settings that matter to it.

decoded → picture → accents → squinted → ladder → division → measures → parts → plan → maps.
A change of bands leaves the first four as they are, a change of school all but the last two.
"""

from __future__ import annotations

from collections import Counter, OrderedDict
from collections.abc import Callable, Mapping
from dataclasses import dataclass, replace
from functools import cached_property, partial
from typing import TypeVar

import cv2
import numpy as np

from ..core.areas.area import PROPOSED, Areas, area_map, areas_of, followed
from ..core.areas.cells import cells_of
from ..core.areas.chips import chips_of
from ..core.areas.snap import snapped
from ..core.areas.tree import Tree, tree_of
from ..core.composition.arrangement import Arranged, arranged
from ..core.composition.borrowed import pasted
from ..core.ground.toning import toning_of
from ..core.materials.media import medium_named
from ..core.materials.surfaces import surface_of
from ..core.order.compare import Compared, compared
from ..core.order.parts import Cut, divided
from ..core.order.prediction import PatchMap, Table, patch_map, table_of
from ..core.order.worked import Worked
from ..core.reference import ladder
from ..core.reference.accents import Accents, find_accents
from ..core.reference.drawn import drawn
from ..core.reference.identity import inherited
from ..core.reference.mass import Kind, Mass
from ..core.reference.masses import Progress, by_areas, divide, no_progress
from ..core.reference.measures import Measured, measure
from ..core.reference.opening import AS_TAKEN, invented, opened
from ..core.reference.picture import LONG_SIDE, Labels, Picture, picture_of
from ..core.reference.place import Anchor
from ..core.reference.squint import Squinted, squint
from ..core.reference.worth import refuse_if_empty
from ..formats.image import Decoded, decoded
from .notes import told
from .planned import planned, rearranged, wishes_for
from .seen import BORROWED, Framed, Reference, Seen
from .settings import Settings
from .subject import Subject

T = TypeVar("T")
REMEMBERED = 48
"""Results of stages kept in memory: a few pieces with several squints each."""


@dataclass(frozen=True)
class Before:
    """Masses as they were before a re-analysis, so that they keep their ids."""

    labels: Labels
    ids: Mapping[int, str]
    next_number: int


@dataclass(frozen=True)
class Result:
    """A whole piece worked out. `next_number` is the first mass number never used.

    The table and the maps that a page shows it by are made when somebody asks for them.
    """

    seen: Seen
    worked: Worked
    next_number: int
    cut: Cut

    @cached_property
    def table(self) -> Table:
        """The looks of all patches after every pass."""
        return table_of(self.worked)

    @cached_property
    def maps(self) -> PatchMap:
        """Where the patches lie."""
        width_cm = self.worked.plan.sheet.picture_width_cm
        return patch_map(self.worked, self.table, self.cut.labels, self.seen.measured.along, width_cm)


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
        """The decoded photo of that content hash; `data` is called only when it is not known."""
        return self._once(("decoded", content), lambda: decoded(data()))

    def picture(self, content: str, data: Callable[[], bytes]) -> Picture:
        """A photo as the camera wrote it; raises InvalidImage where there is nothing to paint."""

        def make() -> Picture:
            picture = picture_of(self.decoded(content, data).rgb)
            refuse_if_empty(picture)
            return picture

        return self._once(("picture", content), make)

    def reference(self, about: Subject) -> Reference:
        """What is painted from: the photo, its ends opened, with things of other photos; or what is drawn."""
        settings = about.settings
        if about.content is None:
            return self._scene(about)
        picture = self.picture(about.content, about.photos[about.content])
        bare = about.content
        notes: tuple[str, ...] = ()
        if settings.opening != AS_TAKEN:
            bare = f"{about.content} {settings.opening}"
            rgb = picture.rgb
            picture = self._once(("opened", bare), lambda: picture_of(opened(rgb, settings.opening)))
            notes = self._once(("invented", bare), lambda: invented(rgb, settings.opening))
        if not settings.borrowed:
            return Reference(bare, picture, bare, picture, None, notes)
        name = f"{bare} {settings.borrowed}"

        def make() -> tuple[Picture, Labels]:
            rgb, given = picture.rgb, np.zeros(picture.shape, np.int32)
            for number, thing in enumerate(settings.borrowed, 1):
                other = self.picture(thing.photo, about.photos[thing.photo])
                cut = ("outlined", thing.photo, thing.outline)
                mask = self._once(cut, partial(snapped, other.lab, thing.outline))
                rgb, there = pasted(rgb, other.rgb, mask, thing)
                given[there] = number
            return picture_of(rgb), given

        made, given = self._once(("borrowed", name), make)
        return Reference(name, made, bare, picture, given, notes)

    def _scene(self, about: Subject) -> Reference:
        settings = about.settings
        ground = surface_of(settings.surface).value
        aspect = settings.width_cm / settings.height_cm
        name = f"{about.shapes} {ground} {aspect}"
        picture, shapes = self._once(("scene", name), lambda: drawn(about.shapes, ground, aspect))
        return Reference(name, picture, name, picture, shapes)

    def framed(self, about: Subject) -> Framed:
        """The picture as it will be painted: the reference turned, cropped, with areas moved, or spread."""
        reference, settings = self.reference(about), about.settings
        content, picture = reference.content, reference.picture
        whole = self._areas(reference, settings, about.content is None)
        if settings.arrangement.plain and not settings.spread:
            return Framed(content, picture, whole, reference, whole)
        key = repr((settings.arrangement, settings.spread, settings.areas.strokes, settings.areas.depths))
        if settings.spread:
            key += repr((settings.width_cm, settings.height_cm, settings.margin_cm))
        name = f"{content} {key}"

        def make() -> tuple[Picture, Arranged]:
            done = _spread(arranged(picture.rgb, whole, settings.arrangement), settings)
            return picture_of(done.rgb), done

        made, done = self._once(("arranged", name), make)
        areas = self._once(("followed", name, settings.areas), lambda: followed(made, done.labels, whole))
        return Framed(name, made, areas, reference, whole, done.invented if done.invented.any() else None)

    def squinted(self, about: Subject, strength: float) -> Squinted:
        """The values of the picture as it is arranged, after squinting."""
        frame = self.framed(about)
        return self._squinted(frame.content, frame.picture, strength)

    def _squinted(self, content: str, picture: Picture, strength: float) -> Squinted:
        accents = self._accents(content, picture)
        return self._once(("squinted", content, strength), lambda: squint(picture, accents, strength))

    def _accents(self, content: str, picture: Picture) -> Accents:
        return self._once(("accents", content), lambda: find_accents(picture))

    def seen(self, about: Subject, progress: Progress = no_progress) -> Seen:
        """The reference divided into masses, with measures on the surface."""
        settings = about.settings
        progress("reading the picture", 0.0)
        self.reference(about)
        progress("finding the things", 0.1)
        frame = self.framed(about)
        content, picture, areas = frame.content, frame.picture, frame.areas
        progress("looking for accents", 0.2)
        accents = self._accents(content, picture)
        progress("squinting", 0.35)
        squinted = self._squinted(content, picture, settings.squint)
        thresholds = self._thresholds(about, content, picture)
        height, width = picture.shape
        sheet = settings.sheet(width / height)
        key = (content, settings.squint, thresholds, settings.areas.strokes)
        if about.content is None:
            # Drawn flat: a shape is a mass.
            division = by_areas(areas.labels)
            kinds = [Kind.FLAT] * division.count
        else:
            division, kinds = (
                self._once(
                    ("division", *key),
                    lambda: divide(
                        picture, accents, squinted, thresholds, _part(progress, 0.5, 0.3), areas.told
                    ),
                ),
                None,
            )
        progress("measuring", 0.8)
        measured = self._once(
            ("measured", *key, sheet.picture_width_cm),
            lambda: measure(picture, division, thresholds, sheet.picture_width_cm, kinds),
        )
        return Seen(frame, squinted, thresholds, division, measured)

    def _areas(self, reference: Reference, settings: Settings, scene: bool) -> Areas:
        """The areas of a reference: of a scene the shapes, of a photo what is proposed, as strokes correct
        them, with borrowed things before all."""
        strokes, content, bare = settings.areas.strokes, reference.bare_content, reference.bare
        tree: Tree = self._once(("tree", content), lambda: tree_of(chips_of(bare)))
        cells = None
        if any(stroke.against and not stroke.joins for stroke in strokes):
            cells = self._once(("cells", content), lambda: cells_of(tree.chips))
        outlined = {
            stroke: self._once(("outlined", content, stroke), partial(snapped, bare.lab, stroke.points))
            for stroke in strokes
            if stroke.closed
        }
        given, proposed = (reference.given, 1) if scene else (None, PROPOSED)
        labels = self._once(
            ("area map", content, strokes),
            lambda: area_map(tree, strokes, bare.shape, cells, outlined, given, proposed, bare.value),
        )
        if reference.given is not None and not scene:
            labels = np.where(reference.given > 0, BORROWED + reference.given, labels)
        return self._once(
            ("areas", reference.content, settings.areas),
            lambda: areas_of(reference.picture, labels, settings.areas, BORROWED),
        )

    def _thresholds(self, about: Subject, content: str, picture: Picture) -> tuple[float, ...]:
        settings = about.settings
        if settings.thresholds is not None:
            return ladder.checked(settings.thresholds)
        if settings.even or about.content is None:
            return ladder.even(settings.bands)
        return self._once(
            ("thresholds", content, settings.bands),
            lambda: ladder.found(picture.value, settings.bands),
        )

    def compared(
        self, about: Subject, progress: Progress = no_progress, own: tuple[str, ...] = ()
    ) -> tuple[Compared, ...]:
        """Every school for a piece as it is set now, the painter's `own` by their keys."""
        result = self.result(about, progress)
        settings, seen = about.settings, result.seen
        height, width = seen.picture.shape
        return compared(
            seen.measured.masses, result.worked.scene.parts, medium_named(settings.medium), settings.start,
            settings.sheet(width / height), wishes_for(settings, seen.areas), settings.intent.mood,
            settings.paints, own,
        )  # fmt: skip

    def result(
        self, about: Subject, progress: Progress = no_progress, before: Before | None = None
    ) -> Result:
        """The whole way from bytes, or drawn shapes, to plan and maps."""
        seen = self.seen(about, progress)
        content, settings = seen.frame.content, about.settings
        notes: tuple[str, ...] = ()
        if about.content is not None:
            notes = self.decoded(about.content, about.photos[about.content]).notes
        height, width = seen.picture.shape
        sheet = settings.sheet(width / height)
        measured, next_number = _identified(seen.measured, before)
        measured = replace(measured, masses=_named(measured, _framed_names(settings, seen.whole)))
        measured = replace(measured, masses=masses_in_areas(measured, seen.areas))
        progress("dividing for the passes", 0.93)
        cut = self._once(
            (
                "parts",
                content,
                settings.squint,
                seen.thresholds,
                settings.areas.strokes,
                repr((settings.arrangement, settings.spread, settings.areas.depths)),
                sheet.picture_width_cm,
            ),
            lambda: divided(measured.masses, measured.labels, sheet.picture_width_cm),
        )
        progress("ordering", 0.96)
        # Mix, Prepare and the windows ask about the plan that was just worked out.
        wishes = wishes_for(settings, seen.areas)
        ids = (*((m.id, m.label, m.name, m.area) for m in measured.masses), wishes)
        worked = self._once(
            ("plan", content, settings, about.shapes, ids),
            lambda: planned(
                measured.masses, cut.parts, settings, sheet, wishes, notes,
                [(f"a{seen.whole.at(own.x, own.y)}", own.school) for own in settings.mixed],
            ),
        )  # fmt: skip
        if settings.laid is not None:
            toning = toning_of(settings.laid, sheet.width_cm * sheet.height_cm)
            worked = replace(worked, plan=replace(worked.plan, toning=toning))
        worked = rearranged(worked, settings)
        notes = (*worked.plan.notes, *told(seen.frame, worked.plan, settings))
        worked = replace(worked, plan=replace(worked.plan, notes=notes))
        progress("done", 1.0)
        return Result(replace(seen, measured=measured), worked, next_number, cut)


def _spread(done: Arranged, settings: Settings) -> Arranged:
    """The arranged picture stretched to the sheet's format, where the painter wants that."""
    if not settings.spread:
        return done
    height, width = done.labels.shape
    sheet = settings.sheet(width / height)
    size = (width, max(4, round(width * sheet.picture_height_cm / sheet.picture_width_cm)))
    if size[1] > LONG_SIDE:
        size = (max(4, round(LONG_SIDE * sheet.picture_width_cm / sheet.picture_height_cm)), LONG_SIDE)
    labels = cv2.resize(done.labels, size, interpolation=cv2.INTER_NEAREST_EXACT)
    invented = cv2.resize(done.invented.astype(np.uint8), size, interpolation=cv2.INTER_NEAREST_EXACT) > 0
    return Arranged(cv2.resize(done.rgb, size, interpolation=cv2.INTER_AREA), labels, invented)


def _framed_names(settings: Settings, whole: Areas) -> tuple[Anchor, ...]:
    """The painter's names where they lie in the arranged picture; those cropped away rest."""
    height, width = whole.labels.shape
    placed = [
        Anchor(*settings.arrangement.forward(name.x, name.y, width / height), name.name)
        for name in settings.names
    ]
    return tuple(name for name in placed if 0 <= name.x <= 1 and 0 <= name.y <= 1)


def _part(progress: Progress, start: float, span: float) -> Progress:
    return lambda stage, done: progress(stage, start + span * done)


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


def masses_in_areas(measured: Measured, areas: Areas) -> tuple[Mass, ...]:
    """Masses with the area that holds most of each; the only shape in a named area goes by that name."""
    most = int(areas.labels.max()) + 1
    together = measured.labels.astype(np.int64) * most + areas.labels
    held = np.bincount(together.ravel(), minlength=(int(measured.labels.max()) + 1) * most).reshape(-1, most)
    placed = [replace(m, area=f"a{int(held[m.label].argmax())}") for m in measured.masses]
    shapes = Counter(m.area for m in placed if m.kind is not Kind.ACCENT)
    names = {f"a{area.label}": area.name for area in areas.areas if shapes[f"a{area.label}"] == 1}
    return tuple(
        m if m.name or m.kind is Kind.ACCENT else replace(m, name=names.get(m.area or "")) for m in placed
    )


def packed(maps: PatchMap) -> bytes:
    """The patch map as the page reads it: first and second as uint16, then three planes of bytes."""
    planes = (maps.first.astype("<u2"), maps.second.astype("<u2"), maps.weight, maps.along, maps.beyond)
    return b"".join(np.ascontiguousarray(plane).tobytes() for plane in planes)
