"""What is worked on: a photo, or a scene drawn in its place, with the settings that arrange it."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field

from ..core.reference.drawn import Shape
from .settings import Settings

Bytes = Callable[[], bytes]


@dataclass(frozen=True)
class Subject:
    """`content` names the main photo in `photos`, which also holds those that things are borrowed from.

    Without a photo (`content` None) there are `shapes`.
    """

    settings: Settings
    content: str | None = None
    photos: Mapping[str, Bytes] = field(default_factory=dict)
    shapes: tuple[Shape, ...] = ()

    @classmethod
    def photo(cls, content: str, data: Bytes, settings: Settings) -> Subject:
        """One photo under a name of its own."""
        return cls(settings, content, {content: data})
