"""Tools a pass can be given to, and what they change: how fast it covers and how fast it cuts edges."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from ..errors import InvalidInput, UnknownName
from ..materials.media import Medium


@dataclass(frozen=True)
class Tool:
    """A tool by its `key`: `cover` and `cut` are times the medium's own rates. All are guesses from practice
    until a log corrects them."""

    key: str
    words: str
    media: frozenset[str]
    cover: float
    cut: float


WATER, PASTE, GRAIN = frozenset({"watercolour"}), frozenset({"acrylic", "oil"}), frozenset({"pastel"})

TOOLS: dict[str, Tool] = {
    tool.key: tool
    for tool in (
        Tool("wide-brush", "a wide soft brush", WATER | PASTE, 1.6, 0.5),
        Tool("flat-brush", "a flat brush", WATER | PASTE, 1.2, 0.8),
        Tool("fine-brush", "a fine brush", WATER | PASTE, 0.3, 1.2),
        Tool("knife", "a painting knife", PASTE, 1.4, 0.4),
        Tool("stick-side", "the side of the stick", GRAIN, 1.8, 0.4),
        Tool("stick-edge", "the edge of the stick", GRAIN, 0.4, 1.2),
        Tool("pastel-pencil", "a pastel pencil", GRAIN, 0.2, 1.4),
    )
}
"""Every tool, in the order in which they are listed."""


@dataclass(frozen=True)
class Handled:
    """A pass, by its id, that is done with another tool than usual."""

    pass_id: str
    tool: str

    def checked(self, medium: Medium) -> None:
        """Raises UnknownName and InvalidInput saying what cannot be."""
        if self.tool not in TOOLS:
            raise UnknownName("tool", self.tool, TOOLS)
        if medium.key not in TOOLS[self.tool].media:
            raise InvalidInput(
                "refused-tool-not-for-medium", medium=medium.words, tool=TOOLS[self.tool].words
            )


def tool_of(pass_id: str, handled: Sequence[Handled]) -> Tool | None:
    """The tool that a pass was given to, None for the usual one; the last word counts."""
    return next((TOOLS[h.tool] for h in reversed(handled) if h.pass_id == pass_id), None)


def in_hand(medium: Medium, tool: Tool | None) -> Medium:
    """The medium with its rates of covering and cutting as they are with a tool."""
    if tool is None:
        return medium
    slow, fast = medium.cover_cm2
    return replace(
        medium,
        cover_gain=medium.cover_gain * tool.cover,
        cover_cm2=(slow * tool.cover, fast * tool.cover),
        cut_cm=medium.cut_cm * tool.cut,
    )
