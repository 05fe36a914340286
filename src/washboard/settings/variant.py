"""Orders that are kept under a name."""

from __future__ import annotations

from dataclasses import dataclass, fields
from typing import TYPE_CHECKING, Annotated, Any

from pydantic import Field, create_model, model_validator

from .declare import declarations_of, fields_for
from .groups import Ordering
from .wire import Wire


@dataclass(frozen=True)
class Variant:
    """An order that was kept under a name, to be taken up again."""

    name: str
    order: Ordering


class _Named(Wire):
    """An order that was kept under a name, to be taken up again."""

    name: Annotated[str, Field(min_length=1, max_length=40, pattern=r"\S")]

    @model_validator(mode="before")
    @classmethod
    def _flat(cls, given: Any) -> Any:
        if not isinstance(given, Variant):
            return given
        own = {one.name: getattr(given.order, one.name) for one in fields(Ordering)}
        return {"name": given.name} | {key: _ORDERING[key].wired(value) for key, value in own.items()}

    def core(self) -> Variant:
        """The order under its name; raises InvalidInput where one of its settings cannot be."""
        order = {key: one.core(getattr(self, key)) for key, one in _ORDERING.items()}
        return Variant(self.name, Ordering(**order))


_ORDERING = declarations_of(Ordering)
if TYPE_CHECKING:
    VariantModel = _Named
else:
    VariantModel = create_model(
        "VariantModel", __base__=_Named, __doc__=_Named.__doc__, **fields_for(_ORDERING)
    )
