"""Which step of this order cannot be done?"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace

from ..plan.acts import ACTS, Sort
from ..plan.own import MOST_OWN, PREFIX, Own, offered, set_in
from ..plan.plan import Pass, Plan
from ..planning.follow import followed
from ..sentence import Sentence, row_of, sentence, whole
from ..surface.refusal import Refusal
from ..surface.replay import refusals_of
from ..surface.rules import Rule
from .question import Dice, Option, Question, Stuff, large

KIND = "breaks"
KEEPS_ORDER = True
SHOWN = 4
"""Steps that are told."""
TRIES = 90
"""Ways of breaking an order that are tried on a piece."""
SAME = 8
"""Questions about one rule that a piece gives at the most."""
DECOYS, DECOY_TRIES, DECOY = 2, 24, 20
"""Acts that can be done and are set in beside one that cannot, how many are tried, and the number of the
first: an act that only one step has would give the answer away."""
WHOLE = frozenset({Rule.COMPLETE, Rule.UNMASK, Rule.UNKNOWN, Rule.WITHIN, Rule.MEDIUM})
"""Rules of the whole plan, or of how it is written: no step breaks them."""


def asked(stuff: Stuff, dice: Dice) -> Iterator[Question]:
    """Orders that break just one rule in just one step: an act that does not suit what lies there, two passes
    changed about, or one that waits for nothing."""
    count: dict[Rule, int] = {}
    told = set[tuple[Rule, str]]()
    for number in range(TRIES):
        broken = WAYS[number % len(WAYS)](stuff.plan, dice)
        if broken is None:
            continue
        refusals = refusals_of(broken)
        steps, rules = {r.done for r in refusals}, {r.rule for r in refusals}
        if len(steps) != 1 or len(rules) != 1 or rules & WHOLE:
            continue
        (rule,) = rules
        if count.get(rule, 0) < SAME:
            mixed = _with_decoys(broken, refusals[0], dice) if refusals[0].done.startswith(PREFIX) else broken
            question = None if mixed is None else _question(stuff, mixed, refusals[0], number, dice)
            if question is None:
                continue
            # The same step refused for the same reason is asked about once.
            same = (rule, str(question.options[question.right].words))
            if same not in told:
                told.add(same)
                count[rule] = count.get(rule, 0) + 1
                yield question


def _with_decoys(broken: Plan, refusal: Refusal, dice: Dice) -> Plan | None:
    """The same with acts set in near the refused one that can be done, None where none can."""
    masses = large(broken.masses, 0.005)
    # Who only looks can do it at any time: no decoy.
    kinds = [kind for kind in offered(broken.medium) if ACTS[kind].sort is not Sort.LOOKS]
    own = next(done for done in broken.passes if done.id == refusal.done).operations[0].kind
    mixed, found = broken, 0
    for number in range(DECOY_TRIES):
        ids = [done.id for done in mixed.passes]
        if found == DECOYS or sum(name.startswith(PREFIX) for name in ids) >= MOST_OWN:
            break
        at = ids.index(refusal.done)
        after = ids[int(dice.integers(max(0, at - 2), min(len(ids), at + 2)))]
        # The same act elsewhere is the best of all.
        kind = own if number % 2 else kinds[int(dice.integers(len(kinds)))]
        mass = masses[int(dice.integers(len(masses)))]
        longer = set_in(mixed, Own(f"{PREFIX}{DECOY + number}", kind, (mass.id,)), after)
        longer = replace(longer, passes=tuple(followed(longer, longer.passes)))
        if {(one.done, one.rule) for one in refusals_of(longer)} == {(refusal.done, refusal.rule)}:
            mixed, found = longer, found + 1
    return mixed if found else None


def _question(stuff: Stuff, broken: Plan, refusal: Refusal, number: int, dice: Dice) -> Question | None:
    """Four steps in a row, one of which is refused."""
    at = next(k for k, done in enumerate(broken.passes) if done.id == refusal.done)
    shown = min(SHOWN, len(broken.passes))
    first = int(dice.integers(max(0, at - shown + 1), min(at, len(broken.passes) - shown) + 1))
    steps = broken.passes[first : first + shown]
    told = [step_words(done) for done in steps]
    if shown < 3 or len({str(words) for words in told}) < shown:
        return None
    options = tuple(
        Option(refusal.sentence if done.id == refusal.done else sentence("drill-breaks-fine"), words)
        for done, words in zip(steps, told, strict=True)
    )
    known = [done.id for done in stuff.plan.passes]
    done = [known.index(step.id) + 1 for step in broken.passes[:first] if step.id in known]
    item = f"{KIND}:{refusal.rule}:{number}"
    return Question(KIND, item, sentence("drill-breaks"), max(done, default=0), options, at - first)


HOURS = 180.0
"""Minutes from which a wait is told in hours."""


def step_words(done: Pass) -> Sentence:
    """A step as all are told, whoever set it in: its act, where, and how long it dries."""
    kinds = [o.kind for o in done.operations if o.kind.lays] or [o.kind for o in done.operations]
    most = max(dict.fromkeys(kinds), key=kinds.count)
    return sentence(
        "drill-step",
        act=ACTS[most].words,
        masses=row_of([o.mass for o in done.operations if o.kind is most], most=2),
        wait=0 if done.wait < 1 else whole(done.wait if done.wait < HOURS else done.wait / 60),
        unit="min" if done.wait < HOURS else "h",
    )


def _own_act(plan: Plan, dice: Dice) -> Plan | None:
    """An act of the medium set in anywhere."""
    kinds, masses = offered(plan.medium), large(plan.masses, 0.005)
    if not masses or not plan.passes:
        return None
    kind = kinds[int(dice.integers(len(kinds)))]
    mass = masses[int(dice.integers(len(masses)))]
    after = plan.passes[int(dice.integers(len(plan.passes)))]
    longer = set_in(plan, Own(f"{PREFIX}1", kind, (mass.id,)), after.id)
    return replace(longer, passes=tuple(followed(longer, longer.passes)))


def _twice(plan: Plan, dice: Dice) -> Plan | None:
    """The same act again and again on one mass: layers are counted."""
    changed = _own_act(plan, dice)
    if changed is None:
        return None
    at = next((k for k, done in enumerate(changed.passes) if done.id == f"{PREFIX}1"), None)
    if at is None:
        return None
    own = changed.passes[at]
    again = tuple(replace(own, id=f"{PREFIX}{n}") for n in range(2, 2 + int(dice.integers(2, 6))))
    passes: Sequence[Pass] = (*changed.passes[: at + 1], *again, *changed.passes[at + 1 :])
    return replace(changed, passes=tuple(followed(changed, passes)))


def _changed_about(plan: Plan, dice: Dice) -> Plan | None:
    """Two passes change places."""
    if len(plan.passes) < 3:
        return None
    one, other = sorted(dice.choice(len(plan.passes), 2, replace=False).tolist())
    order = list(plan.passes)
    order[one], order[other] = order[other], order[one]
    return replace(plan, passes=tuple(followed(plan, order)))


def _at_once(plan: Plan, dice: Dice) -> Plan | None:
    """The wait after one pass is left out."""
    waits = [k for k, done in enumerate(plan.passes[:-1]) if done.wait >= 1]
    if not waits:
        return None
    at = waits[int(dice.integers(len(waits)))]
    passes = list(plan.passes)
    passes[at] = replace(passes[at], wait=0.0)
    return replace(plan, passes=tuple(passes))


def _left_long(plan: Plan, dice: Dice) -> Plan | None:
    """Three days go by after one pass."""
    if len(plan.passes) < 3:
        return None
    at = int(dice.integers(len(plan.passes) - 1))
    passes = list(plan.passes)
    passes[at] = replace(passes[at], wait=3 * 24 * 60.0)
    return replace(plan, passes=tuple(passes))


WAYS = (_own_act, _changed_about, _own_act, _at_once, _own_act, _twice, _own_act, _left_long)
"""How orders are broken, in turn."""
