"""The stages of the computation that read settings, and what each builds on."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from enum import StrEnum


class Stage(StrEnum):
    """A step from the photo, or a drawn scene, to the answers about a plan."""

    PHOTO = "photo"
    SCENE = "scene"
    TONES = "tones"
    REFERENCE = "reference"
    AREA_MAP = "area map"
    AREAS = "areas"
    FRAME = "frame"
    RELIT = "new light"
    FRAME_AREAS = "areas in the frame"
    ACCENTS = "accents"
    SQUINT = "squint"
    THRESHOLDS = "thresholds"
    DIVISION = "division"
    MEASURES = "measures"
    PARTS = "parts"
    PLAN = "plan"
    ORDER = "order"
    EFFECTS = "effects"
    LACK = "lack"
    MARKS = "marks"
    RESULT = "result"
    PREPARE = "prepare"
    MIX = "mix"
    SCHOOLS = "schools"

    def when(self, setting: str) -> When:
        """This stage, reading only while another setting is not at its default."""
        return When(self, setting)


@dataclass(frozen=True)
class When:
    """A stage that reads a setting only while another one, `given`, is not at its default."""

    stage: Stage
    given: str


Reader = Stage | When

AFTER: Mapping[Stage, tuple[Stage, ...]] = {
    Stage.PHOTO: (),
    Stage.SCENE: (),
    Stage.TONES: (Stage.PHOTO,),
    Stage.REFERENCE: (Stage.TONES,),
    Stage.AREA_MAP: (Stage.REFERENCE,),
    Stage.AREAS: (Stage.AREA_MAP,),
    Stage.FRAME: (Stage.REFERENCE,),
    Stage.RELIT: (Stage.FRAME, Stage.AREAS),
    Stage.FRAME_AREAS: (Stage.RELIT,),
    Stage.ACCENTS: (Stage.RELIT,),
    Stage.SQUINT: (Stage.ACCENTS,),
    Stage.THRESHOLDS: (Stage.RELIT,),
    Stage.DIVISION: (Stage.SQUINT, Stage.THRESHOLDS),
    Stage.MEASURES: (Stage.DIVISION,),
    Stage.PARTS: (Stage.MEASURES,),
    Stage.PLAN: (Stage.PARTS, Stage.FRAME_AREAS),
    Stage.ORDER: (Stage.PLAN,),
    Stage.EFFECTS: (Stage.ORDER,),
    Stage.LACK: (Stage.EFFECTS,),
    Stage.MARKS: (Stage.LACK,),
    Stage.RESULT: (Stage.MARKS,),
    Stage.PREPARE: (Stage.RESULT,),
    Stage.MIX: (Stage.RESULT,),
    Stage.SCHOOLS: (Stage.RESULT,),
}
"""What each stage builds on. Of a drawn scene, REFERENCE builds on SCENE instead of on a photo."""


def after(stage: Stage, drawn: bool) -> tuple[Stage, ...]:
    """What a stage builds on, for a photo or for a drawn scene."""
    return (Stage.SCENE,) if drawn and stage is Stage.REFERENCE else AFTER[stage]
