"""The predicted pictures as PNG files, and the masses as a 16-bit label map."""

from __future__ import annotations

from pathlib import Path

import numpy as np
from PIL import Image

from ..core.order.prediction import PatchMap, Table, painted
from ..core.reference.picture import Labels


def write_preview(folder: Path, table: Table, maps: PatchMap, labels: Labels) -> None:
    """Write pass-00.png (bare surface) to pass-NN.png, values-NN.png and masses.png into a folder."""
    folder.mkdir(parents=True, exist_ok=True)
    for row in range(len(table.colours)):
        Image.fromarray(painted(table, maps, row)).save(folder / f"pass-{row:02d}.png")
        Image.fromarray(painted(table, maps, row, True)[..., 0]).save(folder / f"values-{row:02d}.png")
    Image.fromarray(labels.astype(np.uint16)).save(folder / "masses.png")
