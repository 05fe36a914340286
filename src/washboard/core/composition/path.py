"""The path that leads the eye from the border to the focus, along contrasts."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np

from .findings.finding import Composed

SIDE = 110
"""Pixels on the long side where the path is sought."""
EASY = 0.05
"""Price of a step along the strongest contrast, against 1 where there is none."""


@dataclass(frozen=True)
class Path:
    """Places (x, y) from the border to the focus; `leads` 0–1: how much of its way runs along contrasts."""

    points: tuple[tuple[float, float], ...]
    leads: float


def path_of(composed: Composed) -> Path:
    """The cheapest way from foot or sides to the focus, contrasts being its roads."""
    pull = composed.pull
    scale = SIDE / max(pull.shape)
    size = (max(8, round(pull.shape[1] * scale)), max(8, round(pull.shape[0] * scale)))
    value = cv2.resize(composed.picture.value, size, interpolation=cv2.INTER_AREA)
    edge = np.hypot(
        cv2.Sobel(value, cv2.CV_32F, 1, 0, scale=0.25), cv2.Sobel(value, cv2.CV_32F, 0, 1, scale=0.25)
    )
    road = np.clip(edge / max(float(np.quantile(edge, 0.95)), 1e-3), 0, 1)
    height, width = road.shape
    end = (min(int(composed.focus.y * height), height - 1), min(int(composed.focus.x * width), width - 1))
    from skimage.graph import MCP_Geometric  # takes long to import: only where it is needed

    ways = MCP_Geometric(EASY + (1 - EASY) * (1 - road) ** 2)
    costs, _ = ways.find_costs([end])
    starts = [(height - 1, c) for c in range(width)]
    starts += [(r, c) for r in range(height // 3, height) for c in (0, width - 1)]
    start = min(starts, key=lambda at: costs[at])
    line = ways.traceback(start)[::-1]
    leads = float(np.mean([road[at] for at in line]))
    step = max(1, len(line) // 24)
    kept = [*line[::step], line[-1]] if len(line) > 1 else line
    return Path(tuple(((c + 0.5) / width, (r + 0.5) / height) for r, c in kept), leads)
