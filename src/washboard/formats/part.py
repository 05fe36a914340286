"""What every part of the plan format is: a model in camel case, and the kinds of numbers in it."""

from __future__ import annotations

from typing import Annotated, Any

from pydantic import BaseModel, ConfigDict, Field

Value = Annotated[float, Field(ge=0, le=10)]
Share = Annotated[float, Field(ge=0, le=1)]
Length = Annotated[float, Field(ge=0)]
Lightness = Annotated[float, Field(ge=-1, le=101)]
Chromatic = Annotated[float, Field(ge=-250, le=250)]
LabColour = tuple[Lightness, Chromatic, Chromatic]
"""CIELAB (D65, 2°) with room for what rounding does: no light that a surface throws back lies outside."""


def _camel(name: str) -> str:
    head, *rest = name.split("_")
    return head + "".join(word.title() for word in rest)


class Part(BaseModel):
    """Unknown fields are kept: a newer program's additions survive an older one."""

    model_config = ConfigDict(
        extra="allow", alias_generator=_camel, populate_by_name=True, allow_inf_nan=False
    )

    @property
    def known(self) -> dict[str, Any]:
        """The fields that are known here, without a newer program's additions."""
        return {name: getattr(self, name) for name in type(self).model_fields}
