"""Schools: orders that painters follow, each one file, over the one engine."""

from __future__ import annotations

from ...errors import UnknownName
from .dark_to_light import DARK_TO_LIGHT
from .light_to_dark import LIGHT_TO_DARK
from .school import School

SCHOOLS: dict[str, School] = {school.key: school for school in (LIGHT_TO_DARK, DARK_TO_LIGHT)}


def school_named(key: str) -> School:
    """The school of that key; raises UnknownName."""
    if key not in SCHOOLS:
        raise UnknownName("school", key, SCHOOLS)
    return SCHOOLS[key]


__all__ = ["SCHOOLS", "School", "school_named"]
