"""What is to be scheduled: chains of work with waits between, and the windows of a calendar.

Times are whole minutes from an origin that all share."""

from __future__ import annotations

from dataclasses import dataclass, field
from functools import cached_property

from ..errors import InvalidInput

Waits = tuple[tuple[int, int], ...]
"""What one piece waits for: (place of a segment to come, minute before which it must not begin)."""


@dataclass(frozen=True)
class Segment:
    """Work that is not broken off: a pass, or a part of one between natural edges, `minutes` > 0 long.

    `lags`: (place of an earlier segment of its chain, least minutes after the end of that); `within` the
    same with the most minutes. `name` is the pass it belongs to."""

    name: str
    minutes: int
    lags: tuple[tuple[int, int], ...] = ()
    within: tuple[tuple[int, int], ...] = ()


@dataclass(frozen=True)
class Chain:
    """The segments of one piece in their order, painted in a `medium`."""

    name: str
    medium: str
    segments: tuple[Segment, ...]
    waits: Waits = ()
    """What holds from before the start."""

    @cached_property
    def after(self) -> tuple[tuple[tuple[int, int], ...], ...]:
        """For every segment the later ones that wait for it, with least minutes after its end."""
        found: list[list[tuple[int, int]]] = [[] for _ in self.segments]
        for k, segment in enumerate(self.segments):
            for earlier, least in segment.lags:
                if least > 0:
                    found[earlier].append((k, least))
        return tuple(map(tuple, found))

    @cached_property
    def hurries(self) -> tuple[tuple[tuple[int, int], ...], ...]:
        """For every segment the later ones that must follow it, with the most minutes after its end."""
        found: list[list[tuple[int, int]]] = [[] for _ in self.segments]
        for k, segment in enumerate(self.segments):
            for earlier, most in segment.within:
                found[earlier].append((k, most))
        return tuple(map(tuple, found))

    @cached_property
    def left(self) -> tuple[int, ...]:
        """Minutes of work from every segment to the end; one more entry, 0, after the last."""
        sums = [0]
        for segment in reversed(self.segments):
            sums.append(sums[-1] + segment.minutes)
        return tuple(reversed(sums))


@dataclass(frozen=True)
class Window:
    """Time that the painter has: minutes `start` < `end`."""

    start: int
    end: int


@dataclass(frozen=True)
class Readying:
    """Minutes before the first work in a medium and after the last in a sitting."""

    set_up: int
    clean_up: int

    @property
    def both(self) -> int:
        """Minutes in all."""
        return self.set_up + self.clean_up


@dataclass(frozen=True)
class Problem:
    """Chains, the windows there are, in order and apart, and what each medium takes to set up and clean.

    Raises InvalidInput for windows that overlap or are out of order, for work of no length, for lags to what
    comes later, and for a medium without its readying."""

    chains: tuple[Chain, ...]
    windows: tuple[Window, ...]
    readying: dict[str, Readying] = field(default_factory=dict)

    def __post_init__(self) -> None:
        ends = [w.start for w in self.windows[1:]]
        if any(w.start >= w.end for w in self.windows) or any(
            w.end > start for w, start in zip(self.windows, ends, strict=False)
        ):
            raise InvalidInput("refused-windows-overlap")
        for chain in self.chains:
            for k, segment in enumerate(chain.segments):
                pairs = (*segment.lags, *segment.within)
                if segment.minutes <= 0 or any(not 0 <= i < k or a < 0 for i, a in pairs):
                    raise InvalidInput("refused-work-range", name=segment.name)

    def readies(self, chain: Chain) -> Readying:
        """What the medium of a chain takes."""
        return self.readying.get(chain.medium, Readying(0, 0))

    @property
    def work(self) -> int:
        """Minutes of work in all."""
        return sum(chain.left[0] for chain in self.chains)


@dataclass(frozen=True)
class Block:
    """A segment in its place: chain and segment by their places, from minute `start`, in which window."""

    chain: int
    segment: int
    start: int
    window: int
