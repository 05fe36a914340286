"""The data folder as a whole: where it is, and what is done with it without opening it."""

from __future__ import annotations

from pathlib import Path

from platformdirs import user_data_path

from ..store.backup import back_up, restore
from ..store.doctor import looked_over

__all__ = ["back_up", "data_folder", "looked_over", "restore"]


def data_folder(said: Path | None) -> Path:
    """The data folder: as it is said, or the platform's own."""
    return (said or user_data_path("washboard")).absolute()
