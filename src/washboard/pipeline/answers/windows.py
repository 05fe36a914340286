"""Two windows on the picture or on the prediction: what they show and how they differ."""

from __future__ import annotations

from dataclasses import asdict, replace
from typing import Any

from ...core.order.prediction import painted
from ...core.reference.picture import picture_of
from ...core.reference.windows import LARGEST, WindowSource, along, read, standing
from ...core.reference.windows import compared as compared_windows
from ...settings import Stage
from ..stages import Stages
from ..tasks import CompareWindows


def compared(stages: Stages, task: CompareWindows) -> dict[str, Any]:
    """Readings of two windows, their difference, values along a line, and where the first stands."""
    one, other = task.one.checked(), task.other.checked()
    result = stages.result(task.subject)
    pictures = {WindowSource.REFERENCE: result.seen.picture}
    if WindowSource.PREDICTED in (one.source, other.source):
        last = len(result.table.colours) - 1
        pictures[WindowSource.PREDICTED] = picture_of(painted(result.table, result.maps, last))
    first, second = (read(pictures[window.source].lab, window) for window in (one, other))
    found = compared_windows(first, second)
    surface = task.subject.read_up_to(Stage.RESULT).start.lab
    around = read(pictures[one.source].lab, replace(one, half=min(LARGEST, 5 * one.half)))
    stands = standing(first, result.seen.thresholds, surface, around.lab)
    answer: dict[str, Any] = {
        "one": asdict(found.one),
        "other": asdict(found.other),
        "apart": found.apart,
        "words": found.words,
        "standing": asdict(stands),
        "profiles": [],
    }
    if task.line is not None:
        answer["profiles"] = [
            along(pictures[window.source].value, *task.line).round(2).tolist() for window in (one, other)
        ]
    return answer
