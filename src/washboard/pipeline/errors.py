"""What befalls a task in a worker."""

from __future__ import annotations

from ..core.errors import WashboardError


class WorkerDied(WashboardError):
    """A worker process ended in the middle of a task."""

    code = "worker-died"


class TaskBroke(WashboardError):
    """A task met a fault of the program; the worker goes on."""

    code = "worker-died"
