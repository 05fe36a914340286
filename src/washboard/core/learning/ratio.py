"""Times as much as planned: of minutes, of paint."""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence

import numpy as np

from ..estimate import Estimate, Floats, on_grid

PRIOR = 0.3
"""Standard deviation of the logarithm from painter to painter, before anything is known."""
OWN = 0.18
"""The same from one tool of a painter to the next."""
NOISE = 0.35
"""The same from one time to the next. All three are guesses."""
STRAYS = 0.12
"""Share of times that tell of something else, an interruption that nobody logged."""
WIDE = 4.0
"""Width of the logarithms over which strays lie."""


def ratios_of(found: Mapping[str, Sequence[float]]) -> dict[str, Estimate]:
    """The logarithm of times as much as planned, by what it was done with; `found` are real over planned.

    Each is learnt from what is common to all, and from its own (a normal hierarchy: Gelman and others 2013,
    chapter 5). A time counts as one of the painter's or as a stray, whichever is likelier, so that an
    interruption moves nothing (contaminated normal: Tukey 1960).
    """
    own = {name: np.log([ratio for ratio in ratios if ratio > 0]) for name, ratios in found.items()}
    own = {name: logs for name, logs in own.items() if len(logs)}
    every = np.concatenate([np.zeros(0), *own.values()])
    return {
        name: _from(logs, _common(np.concatenate([np.zeros(0), *(own[o] for o in own if o != name)])))
        for name, logs in own.items()
        if len(every)
    }


def ratio_of(ratios: Sequence[float]) -> Estimate:
    """The logarithm of times as much as planned, of one kind of thing."""
    return _from(np.log([ratio for ratio in ratios if ratio > 0]), Estimate(0.0, math.hypot(PRIOR, OWN), 0))


def _common(others: Floats) -> Estimate:
    """What is expected of one tool from all others."""
    spread = math.hypot(NOISE, OWN)
    known = on_grid(Estimate(0.0, PRIOR, 0), lambda at: _likely(others, at, spread), len(others))
    return Estimate(known.mean, math.hypot(known.sd, OWN), 0)


def _from(logs: Floats, prior: Estimate) -> Estimate:
    return on_grid(prior, lambda at: _likely(logs, at, NOISE), len(logs))


def _likely(logs: Floats, at: Floats, spread: float) -> Floats:
    """The logarithm of the likelihood (n,) of logarithms (k,) at each of some means (n,)."""
    apart = (logs[:, None] - at[None]) / spread
    usual = (1 - STRAYS) * np.exp(-0.5 * apart**2) / (spread * math.sqrt(2 * math.pi))
    return np.asarray(np.log(usual + STRAYS / WIDE).sum(axis=0))
