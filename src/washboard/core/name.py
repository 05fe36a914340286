"""What a mass is called: the painter's word for it, else how it looks and where it lies, as data."""

from __future__ import annotations

from dataclasses import dataclass

Noun = str
"""`background`, `foreground`, `corner`, `ring`, `strip`, `spot`, `patch`, `highlight`, `dark-accent`; `area`
is a thing in the picture."""


@dataclass(frozen=True)
class Name:
    """One name, by keys of words.

    `own` is the painter's word, and then all that counts. Else a `noun`, `tone` (`black`, `dark`, `light`,
    `white`, "" for all between), one or two `hues`, and a `place` in the picture or the painter's word for
    the thing `within` which it lies. `size` (`large`, `small`, `lighter`, `darker`) and `letter` tell apart
    what is else alike.
    """

    own: str = ""
    noun: Noun = "patch"
    tone: str = ""
    hues: tuple[str, ...] = ()
    place: str = ""
    within: str = ""
    size: str = ""
    letter: str = ""

    @property
    def look(self) -> tuple[str, str, tuple[str, ...]]:
        """What stays while a mass stays what it is: noun, tone and hues."""
        return self.noun, self.tone, self.hues


NAMELESS = Name()


def letter_of(number: int) -> str:
    """A letter for each number from 0 on, then two.

    >>> letter_of(0), letter_of(25), letter_of(26)
    ('A', 'Z', 'AA')
    """
    letters = ""
    number += 1
    while number:
        number, rest = divmod(number - 1, 26)
        letters = chr(65 + rest) + letters
    return letters
