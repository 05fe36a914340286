"""Schools: orders that painters follow, each one file, over the one engine."""

from __future__ import annotations

from importlib import import_module

from ..errors import InvalidInput, UnknownName
from ..materials.media import Medium
from ..materials.surfaces import Surface
from .saved import PREFIX, school_from
from .school import School

FILES = (
    "light_to_dark",
    "dark_to_light",
    "both_ends",
    "by_object",
    "light_first",
    "layered_negative",
    "wipe_out",
)
"""Every school by its file, in the order in which they are listed."""


def _read(file: str) -> School:
    school: School = import_module(f".{file}", __name__).SCHOOL
    return school


SCHOOLS: dict[str, School] = {school.key: school for school in map(_read, FILES)}


def school_named(key: str, medium: Medium | None = None, surface: Surface | None = None) -> School:
    """The school of that key, a listed one or one of the painter's own; raises UnknownName, and InvalidInput
    where it cannot be in the medium or on the surface."""
    if key not in SCHOOLS and not key.startswith(PREFIX):
        raise UnknownName("approach", key, SCHOOLS)
    school = SCHOOLS[key] if key in SCHOOLS else school_from(key)
    if medium is not None and (why := refused(school, medium, surface)):
        nearest = SCHOOLS[school.nearest]
        if medium.key not in nearest.media:
            nearest = SCHOOLS[medium.school]
        raise InvalidInput(
            "refused-approach-not-here",
            approach=school.words,
            why=why,
            nearest=nearest.words.lower(),
            key=nearest.key,
        )
    return school


def mixable(school: School) -> bool:
    """Whether a school can paint one area of a picture: not one that works on the whole sheet."""
    return not (school.tones or school.nested)


def refused(school: School, medium: Medium, surface: Surface | None = None) -> str:
    """Why a school cannot be painted in a medium on a surface, or nothing."""
    if medium.key not in school.media:
        return f"in {medium.words.lower()} {school.why_not}"
    if surface is not None and surface.value < school.ground_from:
        return (
            f"the lights are wiped back to the ground, and this one has a value of {surface.value:.1f}, "
            f"not {school.ground_from:.0f} or more"
        )
    return ""


__all__ = ["SCHOOLS", "School", "mixable", "refused", "school_named"]
