"""Imported for what it loads: all that a worker needs, so that processes are forked from one that has it."""

from __future__ import annotations

from importlib import import_module

ANSWERS = ("schools", "prepare", "mix", "picture", "windows", "document", "cards", "transfer", "review")
"""Modules of answers that are asked for soon."""
HEAVY = (
    "scipy.optimize",
    "scipy.sparse.csgraph",
    "scipy.ndimage",
    "skimage.measure",
    "skimage.graph",
    "skimage.morphology",
)
"""Libraries that the core imports where it needs them, since they take a second together."""

for _name in (".child", *(f".answers.{name}" for name in ANSWERS), *HEAVY):
    import_module(_name, __package__)
