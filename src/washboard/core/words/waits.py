"""What is done while a pass dries."""

from __future__ import annotations

from dataclasses import replace

from ..order.grouping import mixture_of
from ..plan.plan import Pass, Plan, Role
from ..sentence import Sentence, sentence, whole

WORTH, DAYS = 2.0, 600.0
"""Minutes of drying from which they are worth filling, and from which they are days."""


def filled(plan: Plan) -> Plan:
    """The plan with what fills each wait: the mixtures of the next pass, or another piece where it dries for
    days. Where nothing is waited for nothing is said."""
    passes = [
        replace(done, what=(*done.what, _filling(plan, k, after))) if done.wait >= WORTH else done
        for k, (done, after) in enumerate(zip(plan.passes, plan.passes[1:], strict=False))
    ]
    return replace(plan, passes=(*passes, *plan.passes[len(passes) :]))


def _filling(plan: Plan, k: int, after: Pass) -> Sentence:
    """What fills the wait after the pass at place `k`."""
    if plan.passes[k].wait >= DAYS:
        return sentence("while-days")
    laid = [plan.by_id[o.mass] for o in after.operations if o.role is Role.TARGET and o.kind.lays]
    colours = len({mixture_of(mass) for mass in laid})
    minutes = min(colours * plan.medium.mix_minutes, plan.passes[k].wait)
    return sentence("while-dries", colours=colours, **{"pass": k + 2}, minutes=whole(minutes))
