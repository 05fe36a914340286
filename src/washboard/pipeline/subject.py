"""What is worked on: a photo, or a scene drawn in its place, with the settings that arrange it."""

from __future__ import annotations

import hashlib
from collections.abc import Callable, Mapping
from dataclasses import dataclass, field, replace
from functools import cached_property

from .. import ENGINE
from ..core.name import Name
from ..core.reference.drawn import Shape
from ..core.sentence import USUAL_LANGUAGE
from ..settings import Settings, Stage
from ..settings.stage import after

Bytes = Callable[[], bytes]


@dataclass(frozen=True)
class Identity:
    """Which id each mass of a plan has, by its label (both without repeats), the first number never used, and
    the names of the masses by their ids."""

    ids: tuple[tuple[int, str], ...]
    next_number: int
    names: tuple[tuple[str, Name], ...] = ()


@dataclass(frozen=True)
class Subject:
    """`content` names the main photo in `photos`, which also holds those that things are borrowed from.

    Without a photo (`content` None) there are `shapes`. `identity`: the ids of masses as a plan has them that
    was worked out before; None where they are still to be given out. `language`: in which what is
    made of it speaks.
    """

    settings: Settings
    content: str | None = None
    photos: Mapping[str, Bytes] = field(default_factory=dict)
    shapes: tuple[Shape, ...] = ()
    identity: Identity | None = None
    language: str = USUAL_LANGUAGE

    @classmethod
    def photo(cls, content: str, data: Bytes, settings: Settings) -> Subject:
        """One photo under a name of its own."""
        return cls(settings, content, {content: data})

    @property
    def drawn(self) -> bool:
        """Whether shapes stand in the place of a photo."""
        return self.content is None

    def read_by(self, *stages: Stage) -> Settings:
        """What some stages read of the settings; everything else is at its default."""
        return self.settings.read_by(*stages)

    def read_up_to(self, stage: Stage) -> Settings:
        """What a stage and all it builds on read of the settings."""
        return self.settings.read_by(*stages_up_to(stage, self.drawn))

    def key(self, stage: Stage) -> str:
        """The name (64 hexadecimal digits) of what a stage makes of this subject.

        A hash of the engine, of what is painted from, and of the settings that the stage and all it builds on
        declare to read. They are given nothing else, so what is found under a key can be neither stale nor
        worked out again needlessly.
        """
        if stage not in self._keys:
            parts = [ENGINE, stage.value, repr(self.read_by(stage))]
            parts += [self.key(before) for before in after(stage, self.drawn)]
            if stage is Stage.RESULT and self.language != USUAL_LANGUAGE:
                parts.append(self.language)
            if stage is Stage.PHOTO:
                parts.append(str(self.content))
            if stage is Stage.SCENE:
                parts.append(repr(self.shapes))
            if stage is Stage.PLAN:
                parts.append(repr(self.identity and (self.identity.ids, self.identity.names)))
            self._keys[stage] = hashlib.sha256("\0".join(parts).encode()).hexdigest()
        return self._keys[stage]

    @cached_property
    def _keys(self) -> dict[Stage, str]:
        return {}

    def named(self, identity: Identity) -> Subject:
        """The same with the ids of masses settled."""
        return replace(self, identity=identity)

    def set(self, **changes: object) -> Subject:
        """The same with other settings."""
        return replace(self, settings=replace(self.settings, **changes))  # type: ignore[arg-type]


def stages_up_to(stage: Stage, drawn: bool) -> tuple[Stage, ...]:
    """A stage and all it builds on, for a photo or for a drawn scene."""
    found = {stage: None}
    for before in after(stage, drawn):
        found |= dict.fromkeys(stages_up_to(before, drawn))
    return tuple(found)
