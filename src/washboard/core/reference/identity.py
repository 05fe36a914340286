"""Identity: after every re-analysis a mass inherits its id from the one it overlaps most."""

from __future__ import annotations

import numpy as np

from .picture import Labels

LEAST_OVERLAP = 0.5
"""Intersection over union from which two masses are the same one."""


def inherited(
    labels: Labels, before: Labels | None, ids_before: dict[int, str], next_number: int
) -> tuple[dict[int, str], int]:
    """Id of each label of a map (h, w) and the next unused number.

    `before` is the earlier label map of the same shape or None; `ids_before` its labels' ids. An id
    goes to the new mass with the largest overlap of at least one half; ids are never reused.
    """
    numbers = [int(n) for n in np.unique(labels) if n > 0]
    ids: dict[int, str] = {}
    if before is not None and before.shape == labels.shape:
        rows, columns = int(labels.max()) + 1, int(before.max()) + 1
        shared = np.bincount(
            labels.ravel().astype(np.int64) * columns + before.ravel(), minlength=rows * columns
        ).reshape(rows, columns)
        union = shared.sum(axis=1)[:, None] + shared.sum(axis=0)[None] - shared
        overlap = shared / np.maximum(union, 1)
        for flat in np.argsort(-overlap, axis=None, kind="stable"):
            new, old = divmod(int(flat), columns)
            if overlap[new, old] < LEAST_OVERLAP:
                break
            if new > 0 and new not in ids and old in ids_before and ids_before[old] not in ids.values():
                ids[new] = ids_before[old]
    for number in numbers:
        if number not in ids:
            ids[number] = f"m{next_number}"
            next_number += 1
    return ids, next_number
