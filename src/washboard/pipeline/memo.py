"""What was worked out, remembered under its key up to a number of bytes, the least used forgotten first."""

from __future__ import annotations

import sys
import threading
from collections.abc import Callable
from dataclasses import fields, is_dataclass
from typing import Any, TypeVar, cast

import numpy as np
from cachetools import LRUCache

T = TypeVar("T")
MOST_BYTES = 320 * 2**20
"""Bytes remembered by one process: a few pieces with several squints each."""
LEAST_BYTES = 200
"""What a small object takes, about."""


class Memo:
    """A memory that several threads share: what one is working out, another that asks for it waits for."""

    def __init__(self, most: int = MOST_BYTES) -> None:
        self._kept: LRUCache[Any, Any] = LRUCache(most, getsizeof=lambda entry: entry[1])
        self._lock = threading.RLock()
        self._working: dict[Any, threading.Lock] = {}

    def once(self, key: Any, make: Callable[[], T]) -> T:
        """What is remembered under a key, made now where nothing is."""
        with self._lock:
            if key in self._kept:
                return cast(T, self._kept[key][0])
            turn = self._working.setdefault(key, threading.Lock())
        with turn:
            with self._lock:
                if key in self._kept:
                    return cast(T, self._kept[key][0])
            try:
                made = make()
            finally:
                with self._lock:
                    self._working.pop(key, None)
            with self._lock:
                size = min(bytes_of(made), self._kept.maxsize)
                self._kept[key] = (made, size)
            return made

    @property
    def size(self) -> float:
        """Bytes remembered now."""
        with self._lock:
            return self._kept.currsize


def bytes_of(value: object) -> int:
    """About how many bytes a value takes: its arrays in full, everything else roughly, nothing twice."""
    seen: set[int] = set()
    waiting: list[object] = [value]
    total = 0
    while waiting:
        one = waiting.pop()
        if id(one) in seen or one is None or isinstance(one, (bool, int, float)):
            continue
        seen.add(id(one))
        if isinstance(one, np.ndarray):
            # A view keeps all of what it looks at.
            whole = one
            while isinstance(whole.base, np.ndarray):
                whole = whole.base
            if id(whole) != id(one) and id(whole) in seen:
                continue
            seen.add(id(whole))
            total += int(whole.nbytes)
        elif isinstance(one, (str, bytes)):
            total += sys.getsizeof(one)
        elif isinstance(one, dict):
            waiting += [*one.keys(), *one.values()]
            total += LEAST_BYTES
        elif isinstance(one, (list, tuple, set, frozenset)):
            waiting += list(one)
            total += LEAST_BYTES
        elif is_dataclass(one) and not isinstance(one, type):
            waiting += [getattr(one, part.name) for part in fields(one)]
            total += LEAST_BYTES
        else:
            waiting += list(getattr(one, "__dict__", {}).values())
            total += LEAST_BYTES
    return total
