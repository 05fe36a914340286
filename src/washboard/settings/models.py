"""Models of the web interface that show all settings, or change some, made from their declarations."""

from __future__ import annotations

from typing import TYPE_CHECKING, Any

from pydantic import Field, create_model, model_serializer

from .declare import fields_for
from .settings import declared
from .wire import Model


def unsaid() -> Any:
    """The default of a field that may be left out but not emptied: which fields were given is what counts."""
    return Field(default=None, json_schema_extra=_without_default)


def _without_default(schema: dict[str, Any]) -> None:
    schema.pop("default", None)


class _Changes(Model):
    """A change of settings: only those given are changed; null, where it can be: computed."""

    @model_serializer(mode="wrap")
    def _given_only(self, serialise):  # type: ignore[no-untyped-def]
        # Without a type here the description of the interface keeps the fields.
        whole = serialise(self)
        given = self.model_fields_set
        named = {name: field.alias or name for name, field in type(self).model_fields.items()}
        left_out = {key for name in named if name not in given for key in (name, named[name])}
        return {key: value for key, value in whole.items() if key not in left_out}


if TYPE_CHECKING:
    SettingsRead = Model
    SettingsUpdate = _Changes
else:
    SettingsRead = create_model(
        "SettingsRead",
        __base__=Model,
        __doc__="What was decided about a piece; null: computed.",
        **fields_for(declared()),
    )
    SettingsUpdate = create_model(
        "SettingsUpdate",
        __base__=_Changes,
        __doc__=_Changes.__doc__,
        **{name: (one.given, unsaid()) for name, one in declared().items()},
    )


def shown(fields: dict[str, Any]) -> SettingsRead:
    """The settings of a row as they are shown: what is empty and may not be is at its default."""
    known = declared()
    return SettingsRead.model_validate({k: v for k, v in fields.items() if k in known and v is not None})


def changes_of(fields: dict[str, Any]) -> SettingsUpdate:
    """A change of settings from plain fields."""
    return SettingsUpdate.model_validate(fields)
