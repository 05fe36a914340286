"""Why something is refused: every rule by its name."""

from __future__ import annotations

from enum import StrEnum


class Rule(StrEnum):
    """A rule of the surface, by its key in the catalogue."""

    DARKENS = "darkens"
    STARTS = "starts"
    DRY_FIRST = "dry-first"
    BONE_DRY = "bone-dry"
    STILL_WET = "still-wet"
    GLISTENS = "glistens"
    FIRST = "first"
    RUNS = "runs"
    RESERVED = "reserved"
    FINISHED = "finished"
    UNDER_FIRST = "under-first"
    BACK_FIRST = "back-first"
    AROUND_FIRST = "around-first"
    LIGHT_ACCENT = "light-accent"
    LAYERS = "layers"
    TOOTH = "tooth"
    SPRAY_FIRST = "spray-first"
    NOTHING_THERE = "nothing-there"
    MASKED = "masked"
    NOT_MASKED = "not-masked"
    UNMASK = "unmask"
    MASK_LONG = "mask-long"
    BROKEN = "broken"
    STAINS = "stains"
    TOXIC_DUST = "toxic-dust"
    LEAN_FIRST = "lean-first"
    MEDIUM = "medium"
    COMPLETE = "complete"
    WITHIN = "within"
    UNKNOWN = "unknown"
