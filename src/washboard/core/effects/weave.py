"""Effects woven into the passes: each act set where it belongs, and kept only where the judge agrees."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import replace

from ..plan.effect import Effect
from ..plan.plan import Operation, Pass, Plan, Role
from ..sentence import Masses, Sentence, sentence
from ..surface.replay import refusals_of
from .touch import Moment, Proposal, Touch


def woven(
    plan: Plan, proposals: Sequence[Proposal], off: Collection[str] = (), taken: Collection[str] = ()
) -> Plan:
    """The plan with the effects that the evidence is sure of, and those that the painter has `taken` by
    their ids; those taken `off` rest, and so does what the judge refuses. Deterministic."""
    found: list[Effect] = []
    for proposal in proposals:
        effect = proposal.effect
        if effect.id in off:
            found.append(replace(effect, rests=sentence("effect-off")))
        elif effect.asks and effect.id not in taken:
            found.append(replace(effect, rests=sentence("effect-asks")))
        else:
            plan, own = _set_in(plan, proposal)
            found.append(own)
    return replace(plan, effects=tuple(found))


def _set_in(plan: Plan, proposal: Proposal) -> tuple[Plan, Effect]:
    """The plan with an effect, or as it was where the judge refuses it."""
    effect, longer, row = proposal.effect, plan, proposal.row
    for touch in proposal.touches:
        longer = _in_pass(longer, touch)
    passes = list(longer.passes)
    told = tuple(words for words in passes[row].what if not _replaced(words, proposal))
    passes[row] = replace(passes[row], what=(*told, effect.told))
    # Waits stay: what an act takes is time in which the rest dries.
    longer = replace(longer, passes=tuple(passes))
    refused = refusals_of(longer)
    if refused:
        return plan, replace(effect, rests=refused[0].sentence)
    return longer, replace(effect, pass_id=longer.passes[row].id)


def _replaced(words: Sentence, proposal: Proposal) -> bool:
    """Whether a sentence of a pass says less of the same mass than the effect does."""
    own = words.values.get("mass")
    same = isinstance(own, Masses) and own.ids == proposal.effect.masses
    return bool(proposal.replaces) and words.key.startswith(proposal.replaces) and same


def _in_pass(plan: Plan, touch: Touch) -> Plan:
    """The plan with an act before, after or instead of what its mass is laid with in a pass."""
    done = plan.passes[touch.row]
    at = next(k for k, o in enumerate(done.operations) if o.mass == touch.mass and o.kind.lays)
    laid = done.operations[at]
    operations = list(done.operations)
    if touch.moment is Moment.INSTEAD:
        operations[at] = replace(laid, kind=touch.kind, steps=touch.steps)
    else:
        ready = touch.moment is Moment.READY
        own = _beside(laid, touch, plan.medium.transparent)
        operations.insert(at if ready else _behind(done, touch.mass), own)
    longer = replace(done, operations=tuple(operations), minutes=done.minutes + touch.minutes)
    return replace(plan, passes=(*plan.passes[: touch.row], longer, *plan.passes[touch.row + 1 :]))


def _beside(laid: Operation, touch: Touch, transparent: bool) -> Operation:
    """An act as an operation beside the one that lays its mass; a wash that is charged is told by its mean
    value, so that what is charged first counts as that."""
    ready = touch.moment is Moment.READY
    now = laid.from_value if ready else laid.to_value
    after = min(touch.to_value, now) if transparent and touch.kind.lays else touch.to_value
    own = Operation(
        touch.mass,
        touch.kind,
        Role.UNDER if ready else Role.OVER,
        touch.cover,
        now,
        after if touch.kind.reaches else now,
        touch.steps,
    )
    return replace(own, staining=laid.staining, oil=laid.oil, toxic=laid.toxic) if touch.kind.lays else own


def _behind(done: Pass, mass: str) -> int:
    """The place behind all that is done to a mass in a pass so far."""
    return max(k for k, o in enumerate(done.operations) if o.mass == mass) + 1
