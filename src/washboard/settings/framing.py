"""Settings of what is painted on, and of the picture that is painted from."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from dataclasses import dataclass
from typing import Annotated

from pydantic import Field

from ..core.composition.arrangement import AS_SEEN, Arrangement
from ..core.composition.borrowed import MOST as MOST_BORROWED
from ..core.composition.borrowed import Borrowed
from ..core.composition.relit import Relight
from ..core.reference.tone_curve import AS_TAKEN, Opening
from .declare import setting
from .markwire import RelightModel
from .stage import Stage
from .wire import ArrangementModel, BorrowedModel, OpeningModel

FORMAT = "format"
"""What settings fall back with that are places on a photo, when it is exchanged for one of another format."""
SIZE_READ_BY = (Stage.SCENE, Stage.FRAME.when("spread"), Stage.MEASURES)
"""Stages that read the size of the sheet."""


@dataclass(frozen=True)
class Decisions:
    """The three decisions, and what of the surface can be said besides."""

    medium: str = setting(words="medium", wire=Annotated[str, Field(max_length=40)], read_by=(Stage.PLAN,))
    surface: str = setting(
        words="surface", wire=Annotated[str, Field(max_length=40)],
        read_by=(Stage.SCENE, Stage.PLAN, Stage.PREPARE),
    )  # fmt: skip
    width_cm: float = setting(words="size", wire=Annotated[float, Field(gt=0, le=1000)], read_by=SIZE_READ_BY)
    height_cm: float = setting(
        words="size", wire=Annotated[float, Field(gt=0, le=1000)], read_by=SIZE_READ_BY
    )
    # The kind of sheet or panel, and which of its sides.
    stock: str | None = setting(
        None, words="kind of surface", wire=Annotated[str, Field(max_length=40)], read_by=(Stage.PLAN,),
        falls_with=("medium",),
    )  # fmt: skip
    side: str = setting(
        "", words="side", wire=Annotated[str, Field(max_length=40)], read_by=(Stage.RESULT,),
        falls_with=("stock",), keeps_order=True,
    )  # fmt: skip


@dataclass(frozen=True)
class Framing:
    """What is painted from: the photo's ends opened, things of other photos, all of it arranged.

    `relight` is a light that is put in; `spread` stretches the picture to the sheet's format; `margin_cm` is
    left free all round.
    """

    opening: Opening = setting(
        AS_TAKEN, words="opening of the photo", wire=OpeningModel, nullable=True, read_by=(Stage.TONES,)
    )
    borrowed: tuple[Borrowed, ...] = setting(
        (), words="things from other photos",
        wire=Annotated[list[BorrowedModel], Field(max_length=MOST_BORROWED)], read_by=(Stage.REFERENCE,),
        falls_with=(FORMAT,),
    )  # fmt: skip
    arrangement: Arrangement = setting(
        AS_SEEN, words="arrangement", wire=ArrangementModel, nullable=True, read_by=(Stage.FRAME,),
        falls_with=(FORMAT,),
    )  # fmt: skip
    relight: Relight | None = setting(
        None,
        words="new light",
        wire=RelightModel,
        nullable=True,
        read_by=(Stage.RELIT,),
        falls_with=(FORMAT,),
    )
    spread: bool = setting(False, words="spread", read_by=(Stage.FRAME, Stage.MEASURES))
    margin_cm: float = setting(
        0.0, words="margin", wire=Annotated[float, Field(ge=0, le=500)],
        read_by=(Stage.FRAME.when("spread"), Stage.MEASURES),
    )  # fmt: skip
