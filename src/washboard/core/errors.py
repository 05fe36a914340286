"""Every error of the core, as one tree.

WashboardError                  anything a person can read and act on
├── InvalidInput                what was given cannot be used
│   ├── InvalidImage            the picture's pixels cannot be used
│   ├── InvalidSize             a length in cm is not a usable number
│   ├── TooLarge                a file with more bytes than are taken
│   ├── UnknownName             a name that is on no list (medium, school, surface)
│   └── InvalidPlan             an open plan file that cannot be read
│       └── NewerPlan           a plan file of a newer version
└── Stopped                     the caller's progress function asked to stop
"""

from __future__ import annotations

from collections.abc import Iterable

from .sentence import Listed, Sentence, Value


class WashboardError(Exception):
    """Base of all errors: `code` is stable, the sentence says what was wrong, what was kept and what to do.

    It is a sentence of the catalogue by its key with the values that it names, or one put together already.
    """

    code = "error"

    def __init__(self, words: str | Sentence, /, **values: Value) -> None:
        self.sentence = Sentence(words, values) if isinstance(words, str) else words
        super().__init__(self.sentence)


class InvalidInput(WashboardError):
    code = "invalid-input"


class InvalidImage(InvalidInput):
    code = "invalid-image"


class InvalidSize(InvalidInput):
    code = "invalid-size"


class TooLarge(InvalidInput):
    code = "too-large"


class UnknownName(InvalidInput):
    """`what` is the kind of thing, as the catalogue has it behind `refused-unknown-`."""

    code = "unknown-name"

    def __init__(self, what: str, given: str, known: Iterable[str], /, **values: Value) -> None:
        choices = Listed(tuple(known), either=True)
        super().__init__(f"refused-unknown-{what}", given=given[:60], known=choices, **values)


class InvalidPlan(InvalidInput):
    code = "invalid-plan"


class NewerPlan(InvalidPlan):
    code = "newer-plan"


class Stopped(WashboardError):
    code = "stopped"
