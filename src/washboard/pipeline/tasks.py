"""What the workers are asked to do: the question, and the function that answers it.

`answered_by` names the function as `module:function` in `answers/`; it is imported in the worker only, so
that the server starts without the libraries that do the work. `stage` says what the answer depends on.
"""

from __future__ import annotations

import hashlib
from dataclasses import dataclass, fields
from typing import ClassVar

from ..core.reference.windows import Window
from ..core.sentence import USUAL_LANGUAGE
from ..formats.transfer import Choices
from ..settings import Stage
from .subject import Identity, Subject, stages_up_to


@dataclass(frozen=True)
class Task:
    """Anything that a worker can be asked."""

    answered_by: ClassVar[str]


@dataclass(frozen=True)
class TakeIn(Task):
    """Decode a file's bytes and see whether they hold a picture."""

    answered_by = "picture:taken_in"
    content: str
    data: bytes


@dataclass(frozen=True)
class FindSheet(Task):
    """Where a painting lies in a photo of one."""

    answered_by = "sheet:found"
    content: str
    data: bytes


@dataclass(frozen=True)
class Straighten(Task):
    """A painting cut straight out of a photo, its `corners` as the painter sees them."""

    answered_by = "sheet:straightened"
    content: str
    data: bytes
    corners: tuple[tuple[float, float], ...]


@dataclass(frozen=True)
class Question(Task):
    """A question about a piece; its answer depends on what `stage` and all before it read."""

    stage: ClassVar[Stage]
    subject: Subject

    @property
    def about_plan(self) -> bool:
        """Whether the answer is about a plan, not only about the picture."""
        return Stage.RESULT in stages_up_to(self.stage, self.subject.drawn)

    @property
    def question(self) -> str:
        """The question without its subject, at most 80 letters: the same for the same question."""
        asked = repr([getattr(self, part.name) for part in fields(self) if part.name != "subject"])
        return f"{type(self).__name__} {hashlib.sha256(asked.encode()).hexdigest()[:24]}"

    @property
    def key(self) -> str:
        """The name of the answer: of the question, and of all that the answer depends on."""
        own = "" if self.subject.language == USUAL_LANGUAGE else f" {self.subject.language}"
        return hashlib.sha256(f"{self.question} {self.subject.key(self.stage)}{own}".encode()).hexdigest()


@dataclass(frozen=True)
class WorkOut(Question):
    """A whole piece under its name: `before` is the deflated label map, its (h, w) and the masses there."""

    answered_by = "document:worked_out"
    stage = Stage.RESULT
    piece: str
    before: tuple[bytes, tuple[int, int], Identity] | None = None


@dataclass(frozen=True)
class ValuePicture(Question):
    """The value picture at a squint: a strength, or as it looks from so many metres."""

    answered_by = "picture:values"
    stage = Stage.FRAME
    strength: float = 0.0
    metres: float | None = None


@dataclass(frozen=True)
class ArrangedPicture(Question):
    """The picture as it is arranged, or the `whole` reference that it is arranged from, as JPEG."""

    answered_by = "picture:arranged"
    stage = Stage.FRAME
    whole: bool = False


@dataclass(frozen=True)
class LookAhead(Question):
    """Find the masses of a photo before anything is decided about it, as the decisions mostly leave them."""

    answered_by = "picture:looked_ahead"
    stage = Stage.MEASURES


@dataclass(frozen=True)
class MassPicture(Question):
    """The masses of the arranged picture, each in its own colour, as JPEG: there before there is a plan."""

    answered_by = "picture:in_masses"
    stage = Stage.MEASURES


@dataclass(frozen=True)
class FirstOrder(Question):
    """The passes by their titles without effects and small marks: there before there is a plan."""

    answered_by = "document:first_order"
    stage = Stage.ORDER


@dataclass(frozen=True)
class PrepareFigures(Question):
    """Everything that *Prepare* shows."""

    answered_by = "prepare:figures"
    stage = Stage.PREPARE


@dataclass(frozen=True)
class RecipeBoard(Question):
    """The recipe board of a piece."""

    answered_by = "mix:board"
    stage = Stage.MIX


@dataclass(frozen=True)
class MixTable(Question):
    """What up to three paints look like over a colour (Lab), in all amounts."""

    answered_by = "mix:table"
    stage = Stage.MIX
    paints: tuple[str, ...]
    over: tuple[float, float, float]


@dataclass(frozen=True)
class MixVariants(Question):
    """A mixture (paints and parts, `thickness` unit films) over a colour, for a target, both Lab.

    Asked for are its variants of the same value, or, where its test strip was seen to dry at another value
    and temperature, or as another Lab, the recipe corrected.
    """

    answered_by = "mix:variants"
    stage = Stage.MIX
    parts: tuple[tuple[str, float], ...]
    thickness: float
    target: tuple[float, float, float]
    over: tuple[float, float, float]
    seen: tuple[float, float, float] | None = None
    seen_value: float | None = None
    warmer: float = 0.0


@dataclass(frozen=True)
class CompareSchools(Question):
    """Every school for a piece, those of the painter's `own` by their keys, with pictures on the way."""

    answered_by = "schools:compared"
    stage = Stage.SCHOOLS
    own: tuple[str, ...] = ()


@dataclass(frozen=True)
class CompareOrders(Question):
    """The orders kept under a name, and the present one with other aims, with pictures on the way."""

    answered_by = "schools:orders"
    stage = Stage.SCHOOLS


@dataclass(frozen=True)
class MakeCards(Question):
    """The passes of a piece as cards, or the whole plan on one sheet, as PDF."""

    answered_by = "cards:cards"
    stage = Stage.MIX
    name: str
    sheet: bool = False


@dataclass(frozen=True)
class MakeLookBack(Question):
    """The look back of a piece on one page, as PDF: its latest photo straightened, if any, the minutes that
    passes (by id) really took, what is said of it."""

    answered_by = "cards:look_back"
    stage = Stage.MIX
    name: str
    painting: bytes | None
    real: tuple[tuple[str, float], ...]
    told: tuple[str, ...]


@dataclass(frozen=True)
class MakeOutline(Question):
    """The outline to transfer, as SVG or PDF."""

    answered_by = "transfer:outline"
    stage = Stage.RESULT
    name: str
    pdf: bool
    detail_mm: float
    choices: Choices


@dataclass(frozen=True)
class MakeStudy(Question):
    """A study in so many values, as PNG or as PDF in true size."""

    answered_by = "transfer:study"
    stage = Stage.MEASURES
    name: str
    pdf: bool
    bands: int
    choices: Choices


@dataclass(frozen=True)
class LightAnew(Question):
    """The arranged picture in the light that is put in, to be looked at before it is taken."""

    answered_by = "picture:lit_anew"
    stage = Stage.RELIT


@dataclass(frozen=True)
class ReviewPhoto(Question):
    """A photo of the painting beside the plan: its bytes, the `corners` ((x, y), …) in its pixels where the
    painter says them, and the passes that are `logged` as done."""

    answered_by = "review:reviewed_photo"
    stage = Stage.RESULT
    data: bytes
    corners: tuple[tuple[float, float], ...] | None = None
    logged: tuple[str, ...] = ()


@dataclass(frozen=True)
class MadePhoto(Question):
    """A photo that the camera stand-in takes of the painting `after` so many passes, as a made painter laid
    them, as PNG."""

    answered_by = "review:made_photo"
    stage = Stage.RESULT
    after: int
    seed: int = 0


@dataclass(frozen=True)
class DrillQuestions(Question):
    """All questions of the trainer that a piece holds."""

    answered_by = "drills:questions"
    stage = Stage.MIX


@dataclass(frozen=True)
class CompareWindows(Question):
    """Two windows: `one` and `other` (x, y, half width as shares), `other` on the picture or on what is
    predicted, and a line drawn across both, if any."""

    answered_by = "windows:compared"
    stage = Stage.RESULT
    one: Window
    other: Window
    line: tuple[tuple[float, float], tuple[float, float]] | None = None
