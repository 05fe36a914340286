"""What a piece is about: one sentence that is only shown, and choices that are used."""

from __future__ import annotations

from dataclasses import dataclass

from ..core.errors import InvalidInput
from ..core.key.mood import Mood

LONGEST = 200
LONGEST_TIME = 60_000


@dataclass(frozen=True)
class Intent:
    """`sentence` is shown and never parsed. `about`: a place in the area the piece is about; there the
    focus is proposed. `mood` moves the planned values. `minutes` in hand are compared with the plan.
    `deadline`: a date as the painter writes it, shown."""

    sentence: str = ""
    about: tuple[float, float] | None = None
    mood: Mood = Mood.AS_SEEN
    minutes: float | None = None
    deadline: str = ""

    def checked(self) -> Intent:
        """This intent, or InvalidInput."""
        if len(self.sentence) > LONGEST or len(self.deadline) > 40:
            raise InvalidInput("refused-about-length", longest=LONGEST)
        if self.about is not None and not all(0 <= share <= 1 for share in self.about):
            raise InvalidInput("refused-focus-of-intent-outside")
        if self.minutes is not None and not 1 <= self.minutes <= LONGEST_TIME:
            raise InvalidInput("refused-time-range", longest_time=LONGEST_TIME)
        return self


NO_INTENT = Intent()
