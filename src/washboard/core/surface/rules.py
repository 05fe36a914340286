"""Why something is refused: every rule by its name."""

from __future__ import annotations

from enum import StrEnum


class Rule(StrEnum):
    """A rule of the surface, in the words that a refusal gives."""

    DARKENS = "a transparent layer only darkens"
    STARTS = "paint is laid on what is there"
    DRY_FIRST = "dry before the next layer over it"
    BONE_DRY = "only on a bone-dry sheet"
    STILL_WET = "only while the paint is wet"
    GLISTENS = "only while the sheet is wet, not dry"
    FIRST = "only on the bare surface, before any other paint"
    RUNS = "the sheet is wet with clear water: a firm edge would run"
    RESERVED = "a reserved light is never painted"
    FINISHED = "a finished mass is not painted over"
    UNDER_FIRST = "what runs under comes before what goes over it"
    BACK_FIRST = "the background comes before the firm-edged thing in front of it"
    AROUND_FIRST = "an accent comes after what lies around it"
    LIGHT_ACCENT = "a light accent in a transparent medium is reserved or recovered, never washed"
    LAYERS = "the surface holds a limited number of layers"
    TOOTH = "no tooth is left to hold grain"
    SPRAY_FIRST = "fixative must dry before grain holds on it"
    NOTHING_THERE = "there is no paint to work on"
    MASKED = "masking fluid lies there"
    NOT_MASKED = "no masking fluid lies there"
    UNMASK = "a mask comes off before the plan ends"
    MASK_LONG = "masking fluid stays no longer than two days"
    BROKEN = "the skin of the sheet is broken there: nothing is laid over it"
    STAINS = "staining paint does not lift so far"
    TOXIC_DUST = "toxic paint is never sanded"
    LEAN_FIRST = "a layer holds no less oil than the one below it"
    MEDIUM = "this medium has no such operation"
    COMPLETE = "every mass reaches its target, or is left bare on purpose, exactly once"
    WITHIN = "covers lie between 0 and 1 and times are not negative"
    UNKNOWN = "a plan works on its own masses only"
