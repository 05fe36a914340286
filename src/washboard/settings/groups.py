"""The settings of a piece, grouped by what they are about. A new setting is one entry here."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from dataclasses import dataclass
from typing import Annotated, Any

from pydantic import Field

from ..core.areas.corrections import NONE, Corrections
from ..core.composition.sources import Said
from ..core.edges.made import MOST_EDGES, EdgeWish
from ..core.key.relations import Holds
from ..core.key.wishes import MOST_WISHES, Tone
from ..core.marks.own import MOST_OWN as MOST_OWN_MARKS
from ..core.marks.own import OwnMark
from ..core.marks.wishes import Wish
from ..core.materials.habit import USUAL, Habit
from ..core.materials.shelf import OWN
from ..core.order.options import Kept
from ..core.order.unders import MOST_UNDERS, NoUnder
from ..core.plan.marks import MOST_MARKS, SOME_MARKS
from ..core.plan.own import MOST_OWN, Own
from ..core.plan.tools import Handled
from ..core.reference.place import Anchor
from ..core.schools.aims import Aim
from ..core.schools.by_object import FEWEST_STAGES, MOST_STAGES, WIDEST_MARGIN
from .declare import NEW_PLAN, setting
from .framing import FORMAT
from .habit import HabitModel
from .intent import NO_INTENT, Intent
from .markwire import EdgeWishModel, NoUnderModel, OwnMarkModel, ToneModel, WishModel
from .mixed import Mixed
from .stage import Stage
from .wire import (
    AnchorModel,
    AreasModel,
    HandledModel,
    Id,
    Ids,
    IntentModel,
    Keys,
    MixedModel,
    OwnPassModel,
    Pair,
    PlaceModel,
    SaidModel,
    WayModel,
)

MOST_PASSES = 9
EffectId = Annotated[str, Field(pattern=r"^[a-z-]{1,20}:m[0-9]{1,6}$")]
"""What kind of effect on which mass first."""


def _listed(palette: Any) -> Any:
    """A palette without the painter's own paints, which belong to one medium."""
    return [key for key in palette or () if not key.startswith(OWN)]


@dataclass(frozen=True)
class Seeing:
    """How the picture is divided: `thresholds` None: found, or even where `even`; what is said of areas.

    `straight`: places in masses whose modelling runs straight from end to end instead of along the form.
    """

    bands: int = setting(
        5, words="bands", wire=Annotated[int, Field(ge=2, le=9)], read_by=(Stage.THRESHOLDS,)
    )
    even: bool = setting(False, words="even bands", read_by=(Stage.THRESHOLDS,))
    thresholds: tuple[float, ...] | None = setting(
        None, words="thresholds", wire=Annotated[list[float], Field(min_length=1, max_length=8)],
        read_by=(Stage.THRESHOLDS,), falls_with=("bands", "even", "reference"),
    )  # fmt: skip
    squint: float = setting(
        1.0, words="squint", wire=Annotated[float, Field(ge=0, le=3)], read_by=(Stage.SQUINT,)
    )
    names: tuple[Anchor, ...] = setting(
        (), words="names of masses", wire=Annotated[list[AnchorModel], Field(max_length=200)],
        read_by=(Stage.PLAN,), falls_with=(FORMAT,),
    )  # fmt: skip
    straight: tuple[tuple[float, float], ...] = setting(
        (), words="straightened modelling", wire=Annotated[list[PlaceModel], Field(max_length=200)],
        read_by=(Stage.PLAN,), falls_with=(FORMAT,), keeps_order=True,
    )  # fmt: skip
    areas: Corrections = setting(
        NONE, words="areas", wire=AreasModel, falls_with=(FORMAT,),
        read_by={
            "strokes": (Stage.AREA_MAP, Stage.FRAME.when("arrangement"), Stage.DIVISION),
            "names": (Stage.AREAS,), "families": (Stage.AREAS,),
            "depths": (Stage.AREAS, Stage.FRAME.when("arrangement")),
        },
    )  # fmt: skip


@dataclass(frozen=True)
class Preparing:
    """Everything settled before the first mark.

    `light`: degrees it comes from, where the painter has said so. `ground`: a listed ground laid before the
    first pass. `palette`: keys of the paints or sticks that come along, empty for the usual ones; `pairs` of
    them that the painter likes to mix. `sources`: where a light shines, or does not, as the painter says.
    `tones`: how single masses are moved from what the key plans.
    `marks`: how many small marks at most; `families`: what the painter wants of some of them. `habit`: what
    was learnt of the painter and taken."""

    focus: tuple[float, float] | None = setting(
        None, words="focus", wire=PlaceModel, nullable=True,
        read_by=(Stage.EFFECTS, Stage.LACK, Stage.PREPARE),
        falls_with=(FORMAT,), keeps_order=True,
    )  # fmt: skip
    light: float | None = setting(
        None, words="light", wire=Annotated[float, Field(ge=0, lt=360)],
        read_by=(Stage.EFFECTS, Stage.PREPARE), keeps_order=True,
    )  # fmt: skip
    sources: tuple[Said, ...] = setting(
        (), words="lamps", wire=Annotated[list[SaidModel], Field(max_length=40)],
        read_by=(Stage.EFFECTS, Stage.PREPARE), keeps_order=True,
    )  # fmt: skip
    ground: str | None = setting(
        None, words="ground", wire=Annotated[str, Field(max_length=40)], read_by=(Stage.PLAN,),
        falls_with=("medium",),
    )  # fmt: skip
    palette: tuple[str, ...] = setting(
        (), words="palette", wire=Keys, read_by=(Stage.PLAN,), falls_with=("medium",), falls_to=_listed,
        keeps_order=True,
    )  # fmt: skip
    pairs: tuple[tuple[str, ...], ...] = setting(
        (), words="favourite pairs", wire=Annotated[list[Pair], Field(max_length=12)], read_by=(Stage.MIX,),
        keeps_order=True,
    )  # fmt: skip
    tones: tuple[Tone, ...] = setting(
        (), words="values and colours of masses",
        wire=Annotated[list[ToneModel], Field(max_length=MOST_WISHES)], read_by=(Stage.PLAN,),
        keeps_order=True,
    )  # fmt: skip
    intent: Intent = setting(
        NO_INTENT, words="what it is about", wire=IntentModel, nullable=True,
        read_by={
            "mood": (Stage.PLAN,), "minutes": (Stage.PLAN,),
            "about": (Stage.EFFECTS, Stage.LACK, Stage.PREPARE),
        },
    )  # fmt: skip
    marks: int = setting(
        SOME_MARKS, words="small marks", wire=Annotated[int, Field(ge=0, le=MOST_MARKS)],
        read_by=(Stage.MARKS,), keeps_order=True,
    )  # fmt: skip
    families: tuple[Wish, ...] = setting(
        (), words="groups of small marks", wire=Annotated[list[WishModel], Field(max_length=60)],
        read_by=(Stage.MARKS,), falls_with=(FORMAT,), keeps_order=True,
    )  # fmt: skip
    own_marks: tuple[OwnMark, ...] = setting(
        (), words="lines drawn by hand", wire=Annotated[list[OwnMarkModel], Field(max_length=MOST_OWN_MARKS)],
        read_by=(Stage.MARKS,), falls_with=(FORMAT,), keeps_order=True,
    )  # fmt: skip
    habit: Habit = setting(
        USUAL, words="your own pace and bias", wire=HabitModel,
        read_by={
            "pace": (Stage.PLAN,), "drying": (Stage.PLAN,), "waste": (Stage.MIX,), "bias": (Stage.MIX,),
        },
        falls_with=("medium",), keeps_order=True,
    )  # fmt: skip


@dataclass(frozen=True)
class Ordering:
    """All that is settled about the order.

    `school` None: by medium and ground. `passes` over shapes, None: as many as it takes. `order` names
    passes in the painter's order, `pins` those that stay where they are. `ways`: how lights are kept where
    the painter overrules; `whites`: whether opaque white is allowed. `holds`: relations of values that the
    key must hold. `aim`: what the order is to be besides. `groups`: which masses share a pass, as the
    painter says. `mixed`: areas with a school of their own. `unders`: what nothing runs under, or what runs
    under nothing. `stages` for a thing that is painted by itself, and how wide a margin of background
    comes round it. `own_passes` stand where `order` names them, and it leaves out the passes that are
    `dropped`. `tools`: what passes are done with instead of the usual. `effects_off` are not woven in,
    `effects_taken` are although the picture does not tell them surely. `edges` are to be as the painter
    wants them.
    """

    school: str | None = setting(
        None, words="approach", wire=Annotated[str, Field(max_length=160)], read_by=(Stage.PLAN,)
    )
    passes: int | None = setting(
        None, words="number of passes", wire=Annotated[int, Field(ge=1, le=MOST_PASSES)],
        read_by=(Stage.PLAN,),
    )  # fmt: skip
    order: tuple[str, ...] | None = setting(
        None, words="order of passes", wire=Annotated[list[Id], Field(max_length=20)],
        read_by=(Stage.ORDER,), falls_with=(NEW_PLAN,), keeps_order=True,
    )  # fmt: skip
    pins: tuple[str, ...] = setting(
        (), words="pinned passes", wire=Annotated[list[Id], Field(max_length=40)], keeps_order=True
    )
    ways: tuple[Kept, ...] = setting(
        (), words="how whites are kept", wire=Annotated[list[WayModel], Field(max_length=200)],
        read_by=(Stage.PLAN,),
    )  # fmt: skip
    whites: bool = setting(True, words="opaque white", read_by=(Stage.PLAN,))
    holds: tuple[Holds, ...] = setting(
        (), words="what the key holds", wire=Annotated[list[Holds], Field(max_length=6)],
        read_by=(Stage.PLAN,),
    )  # fmt: skip
    aim: Aim | None = setting(None, words="what the order is to be", read_by=(Stage.PLAN,))
    groups: tuple[tuple[str, ...], ...] | None = setting(
        None, words="which masses share a pass", wire=Annotated[list[Ids], Field(max_length=20)],
        read_by=(Stage.PLAN,), falls_with=(NEW_PLAN,),
    )  # fmt: skip
    mixed: tuple[Mixed, ...] = setting(
        (), words="areas with an approach of their own",
        wire=Annotated[list[MixedModel], Field(max_length=12)], read_by=(Stage.PLAN,), falls_with=("medium",),
    )  # fmt: skip
    unders: tuple[NoUnder, ...] = setting(
        (), words="what is never painted across",
        wire=Annotated[list[NoUnderModel], Field(max_length=MOST_UNDERS)], read_by=(Stage.PLAN,),
    )  # fmt: skip
    stages: int | None = setting(
        None, words="stages of a thing", read_by=(Stage.PLAN,),
        wire=Annotated[int, Field(ge=FEWEST_STAGES, le=MOST_STAGES)],
    )  # fmt: skip
    around_cm: float | None = setting(
        None, words="background round things", wire=Annotated[float, Field(ge=0, le=WIDEST_MARGIN)],
        read_by=(Stage.EFFECTS,), keeps_order=True,
    )  # fmt: skip
    own_passes: tuple[Own, ...] = setting(
        (), words="passes of your own", wire=Annotated[list[OwnPassModel], Field(max_length=MOST_OWN)],
        read_by=(Stage.ORDER,), falls_with=(NEW_PLAN,), keeps_order=True,
    )  # fmt: skip
    dropped: tuple[str, ...] = setting(
        (), words="passes left out", wire=Annotated[list[Id], Field(max_length=20)],
        read_by=(Stage.ORDER,), falls_with=(NEW_PLAN,), keeps_order=True,
    )  # fmt: skip
    tools: tuple[Handled, ...] = setting(
        (), words="tools of passes", wire=Annotated[list[HandledModel], Field(max_length=40)],
        read_by=(Stage.ORDER,), falls_with=(NEW_PLAN,), keeps_order=True,
    )  # fmt: skip
    effects_off: tuple[str, ...] = setting(
        (), words="effects left out", wire=Annotated[list[EffectId], Field(max_length=100)],
        read_by=(Stage.EFFECTS,), keeps_order=True,
    )  # fmt: skip
    effects_taken: tuple[str, ...] = setting(
        (), words="effects taken", wire=Annotated[list[EffectId], Field(max_length=100)],
        read_by=(Stage.EFFECTS,), keeps_order=True,
    )  # fmt: skip
    edges: tuple[EdgeWish, ...] = setting(
        (), words="edges", wire=Annotated[list[EdgeWishModel], Field(max_length=MOST_EDGES)],
        read_by=(Stage.EFFECTS,), falls_with=(FORMAT,), keeps_order=True,
    )  # fmt: skip
