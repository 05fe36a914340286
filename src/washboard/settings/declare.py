"""How a setting is declared: everything about it in one place, beside its type."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from dataclasses import MISSING, dataclass, field, fields
from types import UnionType
from typing import Any, Union, get_args, get_origin, get_type_hints

from pydantic import Field, TypeAdapter

from .stage import Reader, Stage, When
from .wire import core_of

NEW_PLAN = "*"
"""What a setting falls back with that belongs to one plan: any change that makes another plan."""


@dataclass(frozen=True)
class Declaration:
    """All that is said about a setting called `name`.

    `words` name it in the history. `wire` is its type as JSON holds it, None being allowed where `nullable`;
    None then stands for the default. `readers`: the stages that read it, by the name of the part they
    read, "" for all of it. It falls back together with the settings `falls_with`, to what `falls_to` makes of
    its value in JSON. `keeps_order`: another value makes no other plan, so that the painter's order of passes
    stays.
    """

    name: str
    words: str
    wire: Any
    nullable: bool
    default: Any
    readers: Mapping[str, tuple[Reader, ...]]
    falls_with: tuple[str, ...]
    falls_to: Callable[[Any], Any] | None
    keeps_order: bool

    def core(self, value: Any) -> Any:
        """The core's value from what JSON holds; None is the default. Raises what the type raises."""
        return self.default if value is None else core_of(self._adapter.validate_python(value))

    def wired(self, value: Any) -> Any:
        """The model of the core's value."""
        return None if value is None else self._adapter.validate_python(value, from_attributes=True)

    def plain(self, value: Any) -> Any:
        """What JSON holds from the core's value, by the fields' own names."""
        return None if value is None else self._adapter.dump_python(self.wired(value), mode="json")

    @property
    def plain_default(self) -> Any:
        """What JSON holds for the default."""
        return self.plain(self.default)

    @property
    def required(self) -> bool:
        """Whether there is no default: the decisions."""
        return self.default is None and not self.nullable

    @property
    def given(self) -> Any:
        """The type of the setting where it is changed."""
        return self.wire | None if self.nullable else self.wire

    @property
    def _adapter(self) -> TypeAdapter[Any]:
        if self.name not in _ADAPTERS:
            _ADAPTERS[self.name] = TypeAdapter(self.wire)
        return _ADAPTERS[self.name]

    def parts_read(self, stage: Stage, others: Callable[[str], bool]) -> tuple[str, ...]:
        """The parts that a stage reads, ("",) for all of it; `others` says whether another one is given."""

        def reads(reader: Reader) -> bool:
            if isinstance(reader, When):
                return reader.stage is stage and others(reader.given)
            return reader is stage

        return tuple(part for part, readers in self.readers.items() if any(map(reads, readers)))


def fields_for(declared: Mapping[str, Declaration]) -> dict[str, Any]:
    """Fields of a model that shows these settings, for Pydantic's `create_model`."""
    return {name: (one.given, _shown_default(one)) for name, one in declared.items()}


def _shown_default(one: Declaration) -> Any:
    if one.required:
        return ...
    if one.default is None or isinstance(one.default, (bool, int, float, str)):
        return one.default
    return Field(default_factory=lambda: one.wired(one.default))


_ADAPTERS: dict[str, TypeAdapter[Any]] = {}
# Pydantic's adapters take a millisecond each to build: once a process is enough.


def setting(
    default: Any = MISSING,
    *,
    words: str,
    read_by: Iterable[Reader] | Mapping[str, Iterable[Reader]] = (),
    wire: Any = None,
    nullable: bool | None = None,
    falls_with: Iterable[str] = (),
    falls_to: Callable[[Any], Any] | None = None,
    keeps_order: bool = False,
) -> Any:
    """A field of a group of settings; see Declaration. `wire` is left out where JSON holds the type."""
    parts = read_by if isinstance(read_by, Mapping) else {"": read_by}
    metadata = {
        "words": words,
        "wire": wire,
        "nullable": nullable,
        "readers": {part: tuple(readers) for part, readers in parts.items()},
        "falls_with": tuple(falls_with),
        "falls_to": falls_to,
        "keeps_order": keeps_order,
    }
    return field(default=default, metadata={"setting": metadata})


def declarations_of(settings: type[Any]) -> dict[str, Declaration]:
    """Every setting of a class made of groups, by name, in the order of its fields."""
    hints = get_type_hints(settings, include_extras=True)
    found = {}
    for one in fields(settings):
        if "setting" not in one.metadata:
            continue
        metadata = dict(one.metadata["setting"])
        plain, optional = _without_none(hints[one.name])
        metadata["wire"] = plain if metadata["wire"] is None else metadata["wire"]
        metadata["nullable"] = optional if metadata["nullable"] is None else metadata["nullable"]
        default = None if one.default is MISSING else one.default
        found[one.name] = Declaration(name=one.name, default=default, **metadata)
    return found


def _without_none(hint: Any) -> tuple[Any, bool]:
    """A type without None, and whether None was allowed."""
    if get_origin(hint) in (Union, UnionType):
        rest = tuple(arg for arg in get_args(hint) if arg is not type(None))
        if len(rest) < len(get_args(hint)):
            return Union[rest], True  # noqa: UP007 - made of a tuple, which `|` cannot take
    return hint, False
