"""Effects woven into the passes: each act set where it belongs, and kept only where the judge agrees."""

from __future__ import annotations

from collections.abc import Collection, Iterator, Sequence
from dataclasses import replace

from ..order.operations import oil_over
from ..order.result import PlanningResult, resting
from ..order.timing import last_waited
from ..plan.effect import FINISHING, Effect
from ..plan.plan import Kind, Operation, Pass, Plan, Reason, Role
from ..sentence import Masses, Sentence, row_of, sentence, whole
from ..surface.replay import refusals_of
from ..time.pace import SETTLING
from .touch import Moment, Proposal, Touch

QUICK = 30.0
"""Drying minutes up to which what an effect needs dry is done between the passes, not at last of all."""
WHOLE = 0.95
"""Share of a mass from which what is done over it is what it comes to."""
WASHES = frozenset({Kind.WASH, Kind.GRADED_WASH, Kind.NEGATIVE})
"""What must be done before it dries."""
TRIED = 3
"""Passes in which an act that needs dry paint is tried before it is left for last."""


def woven(
    worked: PlanningResult,
    proposals: Sequence[Proposal],
    off: Collection[str] = (),
    taken: Collection[str] = (),
    spared: Collection[str] = (),
) -> PlanningResult:
    """The plan with the effects that the evidence is sure of, and those that the painter has `taken` by
    their ids; those taken `off` rest, those `spared` for want of time, and so does what the judge refuses.
    Deterministic."""
    found: dict[str, Effect] = {}
    wanted = list[Proposal]()
    for proposal in proposals:
        effect = proposal.effect
        if effect.id in off:
            worked = _without(worked, proposal)
            found[effect.id] = replace(effect, rests=sentence("effect-off"))
        elif effect.id in spared:
            found[effect.id] = replace(effect, rests=sentence("effect-spared"))
        elif effect.asks and effect.id not in taken:
            found[effect.id] = replace(effect, rests=sentence("effect-asks"))
        else:
            wanted.append(proposal)
    worked, effects = _all_in(worked, wanted)
    found |= {effect.id: effect for effect in effects}
    plan = replace(worked.plan, effects=tuple(found[proposal.effect.id] for proposal in proposals))
    return replace(worked, plan=_titled(plan))


def _all_in(worked: PlanningResult, wanted: Sequence[Proposal]) -> tuple[PlanningResult, list[Effect]]:
    """The plan with effects, each in the first pass where it can be.

    All are set in and judged once, since most plans bear them all: judging takes much longer than setting in.
    Where something is refused each half is tried by itself, down to the one that is refused.
    """
    if len(wanted) < 2:
        whole, effects = worked, list[Effect]()
        for proposal in wanted:
            whole, effect = _set_in(whole, proposal)
            effects.append(effect)
        return whole, effects
    longer, effects = worked, []
    for proposal in wanted:
        why = _too_long(longer.plan, proposal)
        if why is not None:
            effects.append(replace(proposal.effect, rests=why))
            continue
        row = next(_rows(longer, proposal))
        longer = _with(longer, proposal, row)
        effects.append(replace(proposal.effect, pass_id=longer.plan.passes[row].id))
    if not refusals_of(longer.plan):
        return longer, effects
    half = len(wanted) // 2
    worked, first = _all_in(worked, wanted[:half])
    worked, second = _all_in(worked, wanted[half:])
    return worked, [*first, *second]


def _set_in(worked: PlanningResult, proposal: Proposal) -> tuple[PlanningResult, Effect]:
    """The plan with an effect in the first pass where it can be, or as it was where the judge refuses it."""
    why = _too_long(worked.plan, proposal)
    for row in _rows(worked, proposal) if why is None else ():
        longer = _with(worked, proposal, row)
        refused = refusals_of(longer.plan)
        if not refused:
            return longer, replace(proposal.effect, pass_id=longer.plan.passes[row].id)
        why = why or refused[0].sentence
    return worked, replace(proposal.effect, rests=why)


def _without(worked: PlanningResult, proposal: Proposal) -> PlanningResult:
    """The plan without an effect that is left out, and without what told of it already."""
    passes = list(worked.plan.passes)
    done = passes[proposal.row]
    passes[proposal.row] = replace(
        done, what=tuple(words for words in done.what if not _replaced(words, proposal))
    )
    plan = replace(worked.plan, passes=tuple(passes)) if proposal.without else worked.plan
    return replace(worked, plan=plan, spots=(*worked.spots, *proposal.without))


def _too_long(plan: Plan, proposal: Proposal) -> Sentence | None:
    """Why a wash is not given more to do: it would be dry before that is done. None where there is time;
    wetting comes before the wash."""
    opens = plan.medium.open_minutes
    if not plan.medium.transparent or not opens:
        return None
    more: dict[int, float] = {}
    for touch in proposal.touches:
        if touch.moment in (Moment.WET, Moment.INSTEAD):
            more[touch.row] = more.get(touch.row, 0.0) + touch.minutes * plan.medium.pace
    for row, minutes in more.items():
        done = plan.passes[row]
        over = done.minutes + minutes - opens
        if done.minutes <= opens and over > 0 and any(o.kind in WASHES for o in done.operations):
            return sentence("effect-no-time", minutes=whole(over), open=whole(opens))
    return None


def _rows(worked: PlanningResult, proposal: Proposal) -> Iterator[int]:
    """The places of passes in which an effect is told, and what it does over dry paint is done."""
    plan, medium, row = worked.plan, worked.plan.medium, proposal.row
    if all(touch.moment is not Moment.OVER for touch in proposal.touches):
        yield row
        return
    last = len(plan.passes) - (plan.passes[-1].id == FINISHING)
    if medium.key == "pastel":
        yield row
    elif not medium.transparent and medium.dry_minutes <= QUICK:
        yield from range(row + 1, min(row + 1 + TRIED, last))
    yield last


def _with(worked: PlanningResult, proposal: Proposal, row: int) -> PlanningResult:
    """The plan with an effect, what it does over dry paint in the pass at a place."""
    longer = worked if row < len(worked.plan.passes) else _with_last(worked)
    plan, spots = longer.plan, list(longer.spots)
    for touch in proposal.touches:
        over = touch.moment is Moment.OVER
        at = row if over else touch.row
        if over:
            plan = _over(worked, plan, touch, row)
        elif touch.moment is Moment.FIRST:
            plan = _ahead(worked, plan, touch)
        else:
            plan = _in_pass(plan, touch)
        spots += [spot.in_row(at + 1) for spot in touch.spots]
    passes = list(plan.passes)
    told = tuple(words for words in passes[row].what if not _replaced(words, proposal))
    passes[row] = replace(passes[row], what=(*told, proposal.effect.told))
    # Waits stay: what an act takes is time in which the rest dries.
    waited = passes[-1].id == FINISHING
    plan = replace(plan, passes=last_waited(longer.scene, longer.steps, passes) if waited else tuple(passes))
    return replace(longer, plan=plan, spots=tuple(spots))


def _with_last(worked: PlanningResult) -> PlanningResult:
    """The plan with a last pass of its own for effects, in which nothing is done yet."""
    plan, medium = worked.plan, worked.plan.medium
    last = Pass(
        FINISHING,
        sentence("title-effects", count=0),
        (),
        sentence("everywhere"),
        (0.0, 0.0),
        sentence("edges-none"),
        SETTLING,
        0.0,
        sentence("needs-dry" if medium.dry_minutes > 0 else "needs-nothing"),
        None,
        (),
        (),
        beside=True,
    )
    plan = replace(plan, passes=(*plan.passes, last), predicted=(*plan.predicted, plan.predicted[-1]))
    return replace(worked, plan=plan, steps=(*worked.steps, resting(worked.steps[-1])))


def _titled(plan: Plan) -> Plan:
    """The plan with what its last pass for effects is about."""
    if not plan.passes or plan.passes[-1].id != FINISHING:
        return plan
    last = plan.passes[-1]
    count = sum(effect.pass_id == FINISHING for effect in plan.effects)
    masses = tuple(dict.fromkeys(o.mass for o in last.operations))
    values = [o.to_value for o in last.operations]
    why = Reason(
        "effects", sentence("reason-effects", count=len(masses)), masses, {"masses": float(len(masses))}
    )
    titled = replace(
        last,
        title=sentence("title-effects", count=count),
        reasons=(why,),
        where=sentence("only-masses", masses=row_of(masses, 4)),
        values=(min(values), max(values)),
    )
    return replace(plan, passes=(*plan.passes[:-1], titled))


def _replaced(words: Sentence, proposal: Proposal) -> bool:
    """Whether a sentence of a pass says less of the same mass than the effect does."""
    own = words.values.get("mass")
    same = isinstance(own, Masses) and set(own.ids) <= set(proposal.effect.masses)
    return bool(proposal.replaces) and words.key.startswith(proposal.replaces) and same


def _over(worked: PlanningResult, plan: Plan, touch: Touch, row: int) -> Plan:
    """The plan with an act over what is finished, at the end of a pass."""
    done, index = plan.passes[row], plan.masses.index(plan.by_id[touch.mass])
    now = plan.predicted[min(row, len(plan.predicted) - 2) + 1][index]
    darkens = plan.medium.transparent and touch.kind.lays and touch.kind is not Kind.WHITE
    oil = oil_over(worked.scene, row) if plan.medium.key == "oil" and touch.kind.lays else 0.0
    after = min(touch.to_value, now) if darkens else touch.to_value if touch.kind.reaches else now
    own = Operation(touch.mass, touch.kind, Role.OVER, touch.cover, now, after, touch.steps, oil=oil)
    minutes = done.minutes + touch.minutes * plan.medium.pace
    longer = replace(done, operations=(*done.operations, own), minutes=minutes)
    predicted = plan.predicted
    if touch.cover >= WHOLE and touch.kind.reaches:
        changed = [(*values[:index], after, *values[index + 1 :]) for values in predicted[row + 1 :]]
        predicted = (*predicted[: row + 1], *changed)
    return replace(plan, passes=(*plan.passes[:row], longer, *plan.passes[row + 1 :]), predicted=predicted)


def _ahead(worked: PlanningResult, plan: Plan, touch: Touch) -> Plan:
    """The plan with a part of a mass laid first in a pass that does not lay it; the pass that does goes on
    from there, so that it is no layer of its own."""
    done, index = plan.passes[touch.row], plan.masses.index(plan.by_id[touch.mass])
    now = plan.predicted[touch.row][index]
    oil = oil_over(worked.scene, touch.row) if plan.medium.key == "oil" else 0.0
    own = Operation(touch.mass, touch.kind, Role.OVERLAP, touch.cover, now, touch.to_value, 1, oil=oil)
    minutes = done.minutes + touch.minutes * plan.medium.pace
    longer = replace(done, operations=(own, *done.operations), minutes=minutes)
    return replace(plan, passes=(*plan.passes[: touch.row], longer, *plan.passes[touch.row + 1 :]))


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
    minutes = done.minutes + touch.minutes * plan.medium.pace
    longer = replace(done, operations=tuple(operations), minutes=minutes)
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
