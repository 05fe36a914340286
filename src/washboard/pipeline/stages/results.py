"""What the stages come to: the reference, the picture as it is arranged, its masses, the plan."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ...core.areas.area import Areas
from ...core.areas.area_map import PROPOSED
from ...core.areas.corrections import MOST_STROKES
from ...core.marks.laying import Marked
from ...core.order.modelled import prediction_of
from ...core.order.parts import Cut
from ...core.order.prediction import PatchMap, Table
from ...core.order.result import PlanningResult
from ...core.reference.masses import Division
from ...core.reference.measures import Measured
from ...core.reference.picture import Labels, Picture, Singles
from ...core.reference.squint import Squinted
from ...core.sentence import Sentence
from ..subject import Identity

BORROWED = PROPOSED + MOST_STROKES
"""Labels of the areas of borrowed things come after all that strokes could make."""


@dataclass(frozen=True)
class Reference:
    """What is painted from: photo or drawing, before anything is moved.

    `bare` is the same without borrowed things: corrections of areas go by it and stay as they are when a
    thing comes or goes. `given` (h, w): things whose border is known, borrowed or
    drawn, 1… in their order, 0 elsewhere; None where there are none. `notes`: what opening its ends
    invents.
    """

    picture: Picture
    bare: Picture
    given: Labels | None = None
    notes: tuple[Sentence, ...] = ()


@dataclass(frozen=True)
class Framed:
    """The picture as it is arranged, with its areas.

    `whole` are the areas of the uncropped `reference`; `invented` (h, w) is what was filled where a moved
    thing stood, None where nothing is moved.
    """

    picture: Picture
    areas: Areas
    reference: Reference
    whole: Areas
    invented: NDArray[np.bool_] | None = None


@dataclass(frozen=True)
class Seen:
    """What *See* shows: the arranged picture divided, with measures and the ladder."""

    frame: Framed
    squinted: Squinted
    thresholds: tuple[float, ...]
    division: Division
    measured: Measured

    @property
    def picture(self) -> Picture:
        return self.frame.picture

    @property
    def areas(self) -> Areas:
        """The areas of the arranged picture."""
        return self.frame.areas

    @property
    def whole(self) -> Areas:
        """The areas of the uncropped reference."""
        return self.frame.whole


@dataclass(frozen=True)
class Before:
    """Masses as they were before a re-analysis, so that they keep their ids and names."""

    labels: Labels
    identity: Identity


@dataclass(frozen=True, eq=False)
class Bordered:
    """How edges are shown: the number of the stretch of border at each pixel (h, w), 0 for none; how many
    pixels the nearest border fades over (h, w); and the parts (h, w) with broken edges in them."""

    where: Labels
    soft: Singles
    parts: Labels


@dataclass(frozen=True)
class Planned:
    """A plan with the masses it is about, measured, and the parts they were divided into.

    The table and the maps that a page shows it by are made when somebody asks for them.
    """

    measured: Measured
    worked: PlanningResult
    cut: Cut
    edges: Bordered
    marked: Marked | None = None

    @property
    def table(self) -> Table:
        """The reflectances of all patches after every pass."""
        return self._shown[0]

    @property
    def maps(self) -> PatchMap:
        """Where the patches lie."""
        return self._shown[1]

    @cached_property
    def _shown(self) -> tuple[Table, PatchMap]:
        """The table and the maps, with modelling and marks in them."""
        if self.marked is not None:
            return self.marked.shown
        return prediction_of(self.worked, self.edges.parts, self.measured.along, self.edges.soft)


@dataclass(frozen=True)
class Result:
    """A whole piece worked out. `next_number` is the first mass number never used."""

    seen: Seen
    planned: Planned
    next_number: int

    @property
    def worked(self) -> PlanningResult:
        """The plan with what it was worked out from."""
        return self.planned.worked

    @property
    def cut(self) -> Cut:
        """The masses divided into parts."""
        return self.planned.cut

    @property
    def table(self) -> Table:
        """The reflectances of all patches after every pass."""
        return self.planned.table

    @property
    def maps(self) -> PatchMap:
        """Where the patches lie."""
        return self.planned.maps
