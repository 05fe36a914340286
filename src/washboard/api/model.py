"""The base of all models of the web interface."""

from __future__ import annotations

from typing import Any

from pydantic import BaseModel, ConfigDict


def _camel(name: str) -> str:
    head, *rest = name.split("_")
    return head + "".join(word.title() for word in rest)


class Model(BaseModel):
    model_config = ConfigDict(
        alias_generator=_camel, populate_by_name=True, allow_inf_nan=False, extra="forbid"
    )


def plain(model: Model) -> dict[str, Any]:
    """A model's fields under their own names, as JSON holds them."""
    return model.model_dump(mode="json")
