"""Masses that hang together by their borders."""

from __future__ import annotations

from collections.abc import Sequence

from .mass import Mass


def adjoining(masses: Sequence[Mass]) -> list[list[Mass]]:
    """Masses parted into those that hang together by their borders, the largest first in each."""
    left, found = {mass.id: mass for mass in masses}, []
    for mass in sorted(masses, key=lambda m: (-m.share, m.id)):
        if mass.id not in left:
            continue
        own, ahead = [], [left.pop(mass.id)]
        while ahead:
            one = ahead.pop()
            own.append(one)
            ahead += [left.pop(b.mass) for b in one.borders if b.mass in left]
        found.append(sorted(own, key=lambda m: (-m.share, m.id)))
    return found
