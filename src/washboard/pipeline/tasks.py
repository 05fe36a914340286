"""What the worker process is asked to do."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from ..core.errors import WashboardError
from .settings import Settings


@dataclass(frozen=True)
class TakeIn:
    """Decode a file's bytes and see whether they hold a picture."""

    content: str
    data: bytes


@dataclass(frozen=True)
class Values:
    """The value picture of a reference at a squint."""

    content: str
    path: Path
    strength: float


@dataclass(frozen=True)
class Compute:
    """A whole piece: `before` is the deflated label map, its (h, w), ids by label, next number."""

    piece: str
    content: str | None
    path: Path | None
    shapes: tuple[Mapping[str, Any], ...] | None
    settings: Settings
    before: tuple[bytes, tuple[int, int], Mapping[int, str], int] | None = None


class WorkerDied(WashboardError):
    code = "worker-died"
