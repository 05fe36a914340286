"""The stages from bytes to plan in a row, each remembered under its key.

What each step makes is in the files beside this one, as pure functions; what it reads of the settings, and
what it builds on, is declared in `settings`. Here they are joined: a step gets what it declared and nothing
more, and what it makes is kept under the key that follows from that.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from typing import TypeVar

import numpy as np
from numpy.typing import NDArray

from ...core.areas.area import Areas, areas_of, followed
from ...core.areas.area_map import PROPOSED, area_map
from ...core.areas.cells import cells_of
from ...core.areas.snap import snapped
from ...core.areas.superpixels import superpixels_of
from ...core.areas.tree import Tree, tree_of
from ...core.composition.borrowed import Borrowed
from ...core.materials.surfaces import Sheet
from ...core.mixing.paintbox import Paintbox
from ...core.order.parts import Cut, divided
from ...core.order.result import PlanningResult
from ...core.planning.compare import Compared
from ...core.planning.in_time import NOTHING, Saving, total_of
from ...core.reference import ladder
from ...core.reference.accents import Accents, find_accents
from ...core.reference.mass import MassKind
from ...core.reference.masses import Division, Progress, by_areas, divide, no_progress
from ...core.reference.measures import Measured, measure
from ...core.reference.picture import Labels, Picture
from ...core.reference.squint import Squinted, squint
from ...core.reference.tone_curve import AS_TAKEN
from ...core.sentence import Sentence
from ...formats.image import Decoded, decoded
from ...settings import Stage
from ...settings.groups import Ordering
from ..memo import Memo
from ..subject import Identity, Subject
from . import frame, marks, plan, reference
from .focus import told_focus
from .hurry import Marker, hurried
from .masses import identified, named_under
from .results import BORROWED, Before, Framed, Planned, Reference, Result, Seen

T = TypeVar("T")
Mask = NDArray[np.bool_]


class Stages:
    """Runs the stages, in as many threads as ask, and remembers their results."""

    def __init__(self, memo: Memo | None = None) -> None:
        self.memo = memo or Memo()

    def _once(self, stage: Stage, about: Subject, make: Callable[[], T]) -> T:
        return self.memo.once((stage, about.key(stage)), make)

    def decoded(self, content: str, data: Callable[[], bytes]) -> Decoded:
        """The decoded photo of that content hash; `data` is called only when it is not known."""
        return self.memo.once(("decoded", content), lambda: decoded(data()))

    def picture(self, content: str, data: Callable[[], bytes]) -> Picture:
        """A photo as the camera wrote it; raises InvalidImage where there is nothing to paint."""
        return self.memo.once(("photo", content), lambda: reference.photo(self.decoded(content, data).rgb))

    def reference(self, about: Subject) -> Reference:
        """What is painted from: the photo, its ends opened, with things of other photos; or what is drawn."""
        if about.content is None:
            settings = about.read_by(Stage.SCENE)
            scene, shapes = self._once(Stage.SCENE, about, lambda: reference.scene(about.shapes, settings))
            return Reference(scene, scene, shapes)
        photo = self.picture(about.content, about.photos[about.content])
        opening, things = about.read_by(Stage.TONES).opening, about.read_by(Stage.REFERENCE).borrowed
        bare, notes = photo, tuple[Sentence, ...]()
        if opening != AS_TAKEN:
            bare, notes = self._once(Stage.TONES, about, lambda: reference.with_tones(photo, opening))
        if not things:
            return Reference(bare, bare, None, notes)
        photos = {thing.photo: self.picture(thing.photo, about.photos[thing.photo]) for thing in things}
        picture, given = self._once(
            Stage.REFERENCE, about, lambda: reference.with_borrowed(bare, things, photos, self._cut_out)
        )
        return Reference(picture, bare, given, notes)

    def _cut_out(self, other: Picture, thing: Borrowed) -> Mask:
        return self._outlined(thing.photo, other, thing.outline)

    def _outlined(self, content: str, picture: Picture, points: tuple[tuple[float, float], ...]) -> Mask:
        return self.memo.once(("outlined", content, points), lambda: snapped(picture.lab, points))

    def _whole_areas(self, about: Subject, found: Reference) -> Areas:
        """The areas of a reference: of a scene the shapes, of a photo what is proposed, as strokes correct
        them, with borrowed things before all."""
        # Corrections go by the photo without borrowed things.
        bare = about.set(borrowed=())
        labels = self._once(Stage.AREA_MAP, bare, lambda: self._area_map(bare, found))
        if found.given is not None and not about.drawn:
            labels = np.where(found.given > 0, BORROWED + found.given, labels)
        corrections = about.read_by(Stage.AREA_MAP, Stage.AREAS).areas
        return self._once(Stage.AREAS, about, lambda: areas_of(found.picture, labels, corrections, BORROWED))

    def _area_map(self, about: Subject, found: Reference) -> Labels:
        strokes, base = about.read_by(Stage.AREA_MAP).areas.strokes, about.key(Stage.REFERENCE)
        tree: Tree = self.memo.once(("tree", base), lambda: tree_of(superpixels_of(found.bare)))
        cells = None
        if any(stroke.against and not stroke.joins for stroke in strokes):
            cells = self.memo.once(("cells", base), lambda: cells_of(tree.superpixels))
        outlined = {s: self._outlined(base, found.bare, s.points) for s in strokes if s.closed}
        given, proposed = (found.given, 1) if about.drawn else (None, PROPOSED)
        return area_map(tree, strokes, found.bare.shape, cells, outlined, given, proposed, found.bare.value)

    def framed(self, about: Subject) -> Framed:
        """The picture as it will be painted: the reference turned, cropped, with areas moved, or spread."""
        found = self.reference(about)
        whole = self._whole_areas(about, found)
        settings, light = about.read_by(Stage.FRAME), about.read_up_to(Stage.RELIT)
        picture, labels, invented = found.picture, whole.labels, None
        plain = settings.arrangement.plain and not settings.spread
        if not plain:
            picture, done = self._once(Stage.FRAME, about, lambda: frame.framed(picture, whole, settings))
            labels, invented = done.labels, done.invented if done.invented.any() else None
        if light.relight is not None:
            bare = picture
            picture = self._once(Stage.RELIT, about, lambda: frame.lit_anew(bare, labels, whole, light))
        elif plain:
            return Framed(picture, whole, found, whole)
        areas = self._once(Stage.FRAME_AREAS, about, lambda: followed(picture, labels, whole))
        return Framed(picture, areas, found, whole, invented)

    def accents(self, about: Subject) -> Accents:
        """Small lights and darks, found before anything is smoothed."""
        picture = self.framed(about).picture
        return self._once(Stage.ACCENTS, about, lambda: find_accents(picture))

    def squinted(self, about: Subject, strength: float | None = None) -> Squinted:
        """The values of the picture as it is arranged, after squinting as it is set, or by a `strength`."""
        own = about if strength is None else about.set(squint=strength)
        picture, accents = self.framed(own).picture, self.accents(own)
        by = own.read_by(Stage.SQUINT).squint
        return self._once(Stage.SQUINT, own, lambda: squint(picture, accents, by))

    def thresholds(self, about: Subject) -> tuple[float, ...]:
        """The borders between bands: as drawn, even, or found."""
        settings = about.read_by(Stage.THRESHOLDS)
        if settings.thresholds is not None:
            return ladder.checked(settings.thresholds)
        if settings.even or about.drawn:
            return ladder.even(settings.bands)
        value = self.framed(about).picture.value
        return self._once(Stage.THRESHOLDS, about, lambda: ladder.found(value, settings.bands))

    def seen(self, about: Subject, progress: Progress = no_progress) -> Seen:
        """The reference divided into masses, with measures on the surface."""
        progress("reading the picture", 0.0)
        self.reference(about)
        progress("finding the things", 0.1)
        found = self.framed(about)
        progress("looking for accents", 0.2)
        self.accents(about)
        progress("squinting", 0.35)
        squinted, thresholds = self.squinted(about), self.thresholds(about)
        division, kinds = self._division(about, found, squinted, progress)
        progress("measuring", 0.8)
        height, width = found.picture.shape
        width_cm = about.read_by(Stage.MEASURES).sheet(width / height).picture_width_cm
        measured: Measured = self._once(
            Stage.MEASURES, about, lambda: measure(found.picture, division, thresholds, width_cm, kinds)
        )
        return Seen(found, squinted, thresholds, division, measured)

    def _division(
        self, about: Subject, found: Framed, squinted: Squinted, progress: Progress
    ) -> tuple[Division, list[MassKind] | None]:
        if about.drawn:
            # Drawn flat: a shape is a mass.
            division = by_areas(found.areas.labels)
            return division, [MassKind.FLAT] * division.count
        accents, thresholds = self.accents(about), self.thresholds(about)
        part = partial(_part, progress, 0.5, 0.3)
        division = self._once(
            Stage.DIVISION,
            about,
            lambda: divide(found.picture, accents, squinted, thresholds, part, found.areas.drawn_labels),
        )
        return division, None

    def result(
        self, about: Subject, progress: Progress = no_progress, before: Before | None = None
    ) -> Result:
        """The whole way from bytes, or drawn shapes, to a plan.

        Masses have the ids that the subject's identity gives them; where it has none, they inherit those of
        `before`.
        """
        seen = self.seen(about, progress)
        identity = about.identity or identified(seen, about.read_up_to(Stage.RESULT), before)
        own = about.named(identity)
        planned = self._once(Stage.RESULT, own, lambda: self._planned(own, identity, seen, progress))
        return Result(replace(seen, measured=planned.measured), planned, identity.next_number)

    def _planned(self, about: Subject, identity: Identity, seen: Seen, progress: Progress) -> Planned:
        settings = about.read_up_to(Stage.RESULT)
        progress("dividing for the passes", 0.93)
        seen, cut, sheet = self._cut(about, identity, seen)
        progress("ordering", 0.96)

        bare = partial(self._bare, about, seen, cut, sheet)
        full = self._with_effects(about, seen, cut, bare(NOTHING), NOTHING)
        progress("looking for marks", 0.97)
        best = self._with_marks(about, full, seen)
        hand = settings.intent.minutes
        if hand is not None and total_of(best.worked.plan) > hand:
            best = hurried(
                best,
                lambda saving: bare(saving).plan,
                lambda saving: self._with_effects(about, seen, cut, bare(saving), saving),
                self._marker(about, seen),
                about.read_up_to(Stage.MARKS),
            )
        progress("done", 1.0)
        return replace(best, worked=plan.annotated(best.worked, seen.frame, settings))

    def ordered(self, about: Subject, box: Paintbox | None = None) -> PlanningResult:
        """The plan of a subject without effects and small marks, as approaches are compared, or to be shown
        while these are sought; `box` is that of a plan for the same paints."""
        seen = self.seen(about)
        identity = about.identity or identified(seen, about.read_up_to(Stage.RESULT), None)
        own = about.named(identity)
        return self._bare(own, *self._cut(own, identity, seen), NOTHING, box)

    def _cut(self, about: Subject, identity: Identity, seen: Seen) -> tuple[Seen, Cut, Sheet]:
        """What is seen with its masses named, these divided for the passes, and the sheet."""
        settings = about.read_up_to(Stage.RESULT)
        measured = named_under(seen, settings, identity)
        height, width = seen.picture.shape
        sheet = settings.sheet(width / height)
        cut: Cut = self._once(
            Stage.PARTS, about, lambda: divided(measured.masses, measured.labels, sheet.picture_width_cm)
        )
        return replace(seen, measured=measured), cut, sheet

    def _bare(
        self, about: Subject, seen: Seen, cut: Cut, sheet: Sheet, saving: Saving, box: Paintbox | None = None
    ) -> PlanningResult:
        """The plan in the painter's order, without what is given up for want of time."""
        own, notes = about.read_up_to(Stage.PLAN), self._photo_notes(about)
        if saving != NOTHING:
            box = self._bare(about, seen, cut, sheet, NOTHING).scene.box
        key = (Stage.PLAN, about.key(Stage.PLAN), saving)
        worked: PlanningResult = self.memo.once(
            key, lambda: plan.planned(seen, cut.parts, own, sheet, notes, saving, box)
        )
        return plan.rearranged(worked, seen, seen.measured, about.read_up_to(Stage.ORDER), saving)

    def _with_effects(
        self, about: Subject, seen: Seen, cut: Cut, worked: PlanningResult, saving: Saving
    ) -> Planned:
        """The plan with its edges and effects, without small marks."""
        own = about.read_up_to(Stage.EFFECTS)
        worked, edges = plan.with_effects(worked, seen, seen.measured, cut, own, saving, about.drawn)
        return Planned(seen.measured, worked, cut, edges)

    def _with_marks(self, about: Subject, bare: Planned, seen: Seen) -> Planned:
        """The plan with small marks, where any are wanted and there is anything to set them on."""
        own = about.read_up_to(Stage.MARKS)
        if not (own.marks or own.own_marks) or not bare.worked.steps or about.drawn:
            return bare
        focus = told_focus(seen, about.read_up_to(Stage.LACK))
        found: marks.Found = self._once(Stage.LACK, about, lambda: marks.found(seen, bare, focus))
        done = marks.marked(bare, found, marks.wanted_of(own, seen))
        return replace(bare, worked=done.worked, marked=done)

    def _marker(self, about: Subject, seen: Seen) -> Marker | None:
        """What sets a number of marks into a plan that gives something up; None for a drawn scene."""
        if about.drawn:
            return None
        wanted = marks.wanted_of(about.read_up_to(Stage.MARKS), seen)
        return marks.marker(seen, wanted, told_focus(seen, about.read_up_to(Stage.LACK)))

    def _photo_notes(self, about: Subject) -> tuple[Sentence, ...]:
        if about.content is None:
            return ()
        return self.decoded(about.content, about.photos[about.content]).notes

    def compared(self, about: Subject, own: tuple[str, ...] = ()) -> tuple[Compared, ...]:
        """Every school for a piece as it is set now, the painter's `own` by their keys."""
        result, settings = self.result(about), about.read_up_to(Stage.SCHOOLS)
        # Where nothing but its school is said of the order, that of the piece is the school's own.
        plain = settings == settings.with_order(Ordering(school=settings.school))
        return plan.schools(result, settings, own, self.ordered(about) if plain else None)


def _part(progress: Progress, start: float, span: float, stage: str, done: float) -> None:
    progress(stage, start + span * done)
