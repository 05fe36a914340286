"""Every error of the core, as one tree.

WashboardError                  anything a person can read and act on
├── InvalidInput                what was given cannot be used
│   ├── InvalidImage            the picture's pixels cannot be used
│   ├── InvalidSize             a length in cm is not a usable number
│   ├── UnknownName             a name that is on no list (medium, school, surface)
│   └── InvalidPlan             an open plan file that cannot be read
│       └── NewerPlan           a plan file of a newer version
└── Stopped                     the caller's progress function asked to stop
"""

from __future__ import annotations

from collections.abc import Iterable


class WashboardError(Exception):
    """Base of all errors: `code` is stable, the message says what was wrong and what to do."""

    code = "error"


class InvalidInput(WashboardError):
    code = "invalid-input"


class InvalidImage(InvalidInput):
    code = "invalid-image"


class InvalidSize(InvalidInput):
    code = "invalid-size"


class UnknownName(InvalidInput):
    code = "unknown-name"

    def __init__(self, what: str, given: str, known: Iterable[str]) -> None:
        choices = ", ".join(known)
        super().__init__(f"There is no {what} called {given[:60]!r}. Choose one of: {choices}.")


class InvalidPlan(InvalidInput):
    code = "invalid-plan"


class NewerPlan(InvalidPlan):
    code = "newer-plan"


class Stopped(WashboardError):
    code = "stopped"
