"""Settings as plain fields, as rows and answers hold them, and back; what falls back with a change."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Mapping
from typing import Any

from pydantic import ValidationError

from ..core.errors import InvalidInput
from ..core.materials.paints import Paint
from ..core.sentence import Listed
from .declare import NEW_PLAN, Declaration
from .settings import Settings, declared


def settings_of(fields: Mapping[str, Any], own: Iterable[Paint] = ()) -> Settings:
    """Settings from a row's fields with the painter's `own` paints, checked.

    What is not there, or was left empty by an older version, is at its default. Raises InvalidInput, and what
    `Settings.checked` raises.
    """
    known = {}
    for name, one in declared().items():
        if fields.get(name) is not None:
            known[name] = _read(one, fields[name])
    missing = [name for name, one in declared().items() if one.required and name not in known]
    if missing:
        raise InvalidInput("refused-piece-incomplete", missing=Listed(tuple(missing)))
    paints = tuple(paint for paint in own if known["medium"] in paint.media)
    return Settings(**known, own=paints).checked()


def _read(one: Declaration, value: Any) -> Any:
    try:
        return one.core(value)
    except ValidationError as error:
        found = error.errors()[0]
        where = ".".join(str(part) for part in (one.name, *found["loc"]))
        raise InvalidInput("refused-setting-unreadable", fault=found["msg"], where=where) from None


def fields_of(settings: Settings) -> dict[str, Any]:
    """A row's fields from settings, as JSON holds them."""
    return {name: one.plain(getattr(settings, name)) for name, one in declared().items()}


def changed_by(
    given: Mapping[str, Any], now: Mapping[str, Any], also: Collection[str] = ()
) -> dict[str, Any]:
    """All that changes when the painter changes what is `given`: it, and the settings that fall back with it.

    `now` are the fields as they are; `also` names changes that are no settings, as that of the photo.
    """
    changes = dict(given)
    moved = {name for name, value in given.items() if value != now.get(name)} | set(also)
    # What falls back can take others with it: the side goes with the kind of sheet, that with the medium.
    for _ in range(2):
        for name, one in declared().items():
            if name not in changes and _falls(one, moved):
                value = now.get(name)
                changes[name] = one.falls_to(value) if one.falls_to else one.plain_default
                moved |= {name} if changes[name] != value else set()
    return changes


def _falls(one: Declaration, moved: Collection[str]) -> bool:
    if NEW_PLAN in one.falls_with:
        return any(
            name not in declared() or not declared()[name].keeps_order for name in set(moved) - {"name"}
        )
    return bool(set(one.falls_with) & set(moved))
