"""A pass in words: title, what, where, edge, needs, and its reasons."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..colour.spectra import lab_of_spectrum
from ..name import Name
from ..order.result import PassType, PlanningResult, Step
from ..order.timing import coats_of
from ..plan.names import NEARLY_ALL, mixture_of, row, said, tones_of, weightiest
from ..plan.own import own_how, own_title
from ..plan.plan import Kind, Pass, Role
from ..reference.mass import Mass, MassKind
from ..sentence import Masses, Sentence, count_of, sentence, tone, whole
from .gradation import gradation_of
from .reasons import reasons_for
from .tight import findings_for

HARDLY = 0.3
"""Units of CIELAB under which a change is none that is seen."""


def worded(worked: PlanningResult) -> tuple[Pass, ...]:
    """The plan's passes with every text filled in."""
    return tuple(_worded(worked, k) for k in range(len(worked.steps)))


def _worded(worked: PlanningResult, k: int) -> Pass:
    done, step = worked.plan.passes[k], worked.steps[k]
    masses = [worked.scene.masses[m] for m in step.group]
    under = _under(worked, k)
    what = _what(worked, k, masses, under)
    graded, coats = _marked(what)
    return replace(
        done,
        title=_title(worked, k, masses, under),
        what=what,
        graded=graded,
        coats=coats,
        where=sentence("only-masses", masses=row(masses, 4)) if masses else sentence("everywhere"),
        values=_values(masses, done),
        edge=_edge(worked, step),
        needs=_needs(worked, k),
        reasons=reasons_for(worked, k),
        findings=findings_for(worked, k),
    )


def _marked(what: Sequence[Sentence]) -> tuple[str, tuple[tuple[str, int], ...]]:
    """The mass whose gradation is told, "" for none, and how many coats those take that take several."""
    graded, coats = "", list[tuple[str, int]]()
    for step in what:
        match step.values:
            case {"mass": Masses((mass, *_))} if step.key.startswith("how-grade"):
                graded = graded or mass
            case {"count": int(count), "masses": Masses(ids)} if step.key == "how-coats":
                coats += [(mass, count) for mass in ids]
    return graded, tuple(coats)


def _values(masses: Sequence[Mass], done: Pass) -> tuple[float, float]:
    values = [m.target for m in masses] or [o.to_value for o in done.operations] or [0.0]
    return min(values), max(values)


def _under(worked: PlanningResult, k: int) -> list[Mass]:
    roles = {o.mass for o in worked.plan.passes[k].operations if o.role is Role.UNDER and o.cover > 0.5}
    return [m for m in worked.scene.masses if m.id in roles]


TITLES = {
    PassType.MASKS: "title-mask",
    PassType.TONES: "title-tone",
    PassType.WIPES: "title-wipe",
    PassType.RECOVERS: "title-recover",
    PassType.RESTATES: "title-restate",
}


def _title(worked: PlanningResult, k: int, masses: Sequence[Mass], under: Sequence[Mass]) -> Sentence:
    """What is done in painters' words, and to which masses."""
    scene, step = worked.scene, worked.steps[k]
    if step.own is not None:
        return own_title(step.own.kind, masses)
    if step.pass_type is PassType.TONES:
        return sentence("title-patches" if scene.patches > 1 else "title-tone")
    if step.pass_type is not PassType.LAYS:
        recovers = step.pass_type is PassType.RECOVERS
        unmasks = recovers and {scene.how[m] for m in step.group} == {Kind.UNMASK}
        key = "title-unmask" if unmasks else TITLES[step.pass_type]
        return sentence(key, masses=row(masses))
    if masses and all(m.kind is MassKind.ACCENT for m in masses):
        return _of_accents(masses)
    if step.called:
        if _is_alone(step.called, masses):
            return sentence("title-strand-alone", strand=step.called, tones=tones_of(masses))
        return sentence("title-strand", strand=step.called, tones=tones_of(masses), masses=row(masses))
    last, first = k == len(worked.steps) - 1, _is_first(worked, k)
    if scene.medium.transparent:
        return _of_wash(worked, masses, under, first, last)
    if first and _lies_between(worked, masses):
        return sentence("title-block-in-darkest", masses=row(masses))
    key = "title-block-in" if first else "title-last-tones" if last else "title-tones"
    return sentence(key, tones=tones_of(masses), masses=row(masses), medium=scene.medium.key)


def _is_first(worked: PlanningResult, k: int) -> bool:
    return all(step.pass_type is not PassType.LAYS for step in worked.steps[:k])


def _is_alone(called: Sentence, masses: Sequence[Mass]) -> bool:
    """Whether the thing's name says all: its only mass goes by it too, or none has a name of its own."""
    thing = called.values.get("thing")
    if not isinstance(thing, Name) or not thing.own:
        return False
    return (len(masses) == 1 and masses[0].called == thing) or all(
        mass.called.within == thing.own for mass in masses
    )


def _of_wash(
    worked: PlanningResult, masses: Sequence[Mass], under: Sequence[Mass], first: bool, last: bool
) -> Sentence:
    if sum(m.share for m in [*masses, *under]) >= NEARLY_ALL:
        left = _left_out(worked, masses, under)
        which = "first" if first else "more"
        if not left:
            return sentence(f"title-{which}-wash", mixture=mixture_of(masses))
        whites = {m.id for m, turn in zip(worked.scene.masses, worked.turn, strict=True) if turn < 0}
        many = len(left) > 2 and {m.id for m in left} <= whites
        named = count_of(weightiest(left), "whites") if many else row(left, 2)
        return sentence(f"title-{which}-wash-except", masses=named)
    if last:
        return sentence("title-last-wash", masses=row(masses))
    key = "title-joined-wash" if len(masses) > 1 and _joined(masses) else "title-wash"
    return sentence(key, masses=row(masses), mixture=mixture_of(masses))


def _left_out(worked: PlanningResult, masses: Sequence[Mass], under: Sequence[Mass]) -> list[Mass]:
    """What a wash over nearly everything leaves: not the darks that come over it anyway."""
    kept = {m.id for m in [*masses, *under]}
    return [m for m in worked.scene.masses if m.id not in kept and (m.kind is not MassKind.ACCENT or m.light)]


def _lies_between(worked: PlanningResult, masses: Sequence[Mass]) -> bool:
    """Whether the ground is lighter than all of the pass and darker than something still to come."""
    ground = worked.scene.surface.value
    return max(m.target for m in masses) < ground < max(m.target for m in worked.scene.masses) - 0.5


def _joined(masses: Sequence[Mass]) -> bool:
    """Whether most of a pass's area hangs together as one shape."""
    ids = {m.id: m for m in masses}
    total = sum(m.share for m in masses)
    seen: set[str] = set()
    largest = 0.0
    for start in masses:
        if start.id in seen:
            continue
        stack, share = [start.id], 0.0
        while stack:
            name = stack.pop()
            if name in seen:
                continue
            seen.add(name)
            share += ids[name].share
            stack += [b.mass for b in ids[name].borders if b.mass in ids and b.length_cm > 0.5]
        largest = max(largest, share)
    return largest >= 0.8 * total


def _of_accents(masses: Sequence[Mass]) -> Sentence:
    lights = {m.light for m in masses}
    key = "both" if len(lights) > 1 else "lights" if True in lights else "darks"
    return sentence(f"title-accents-{key}", masses=row(masses))


def _stays(worked: PlanningResult, k: int) -> bool:
    """Whether a pass of one's own that lays or takes off paint changes nothing that is seen: what lies there
    is as light, or as dark, as it would bring it."""
    own, step = worked.steps[k].own, worked.steps[k]
    if own is None or not own.kind.reaches:
        return False
    if own.drawn:
        moved = [lab for spot in worked.spots if spot.row == k + 1 for lab in spot.by.values()]
        return all(max(map(abs, lab)) < HARDLY for lab in moved)
    before, after = (lab_of_spectrum(looks) for looks in (step.before, step.after))
    return bool(np.abs(after - before).max(initial=0.0) < HARDLY)


def _what(
    worked: PlanningResult, k: int, masses: Sequence[Mass], under: Sequence[Mass]
) -> tuple[Sentence, ...]:
    """How it is done, a sentence a step."""
    done, step, scene = worked.plan.passes[k], worked.steps[k], worked.scene
    if step.own is not None:
        how = own_how(step.own.kind)
        return (*how, sentence("own-how-stays")) if _stays(worked, k) else how
    if step.pass_type is PassType.TONES and scene.patches > 1:
        return (sentence("how-patches", colours=scene.patches),)
    found = [*_acts(worked, k, masses)]
    if done.between:
        found += _coats(worked, k)
    if under and masses and done.targets:
        found.append(sentence("how-across", masses=said(under)))
    graded = [m for m in masses if m.kind is MassKind.GRADED]
    if graded and step.pass_type is PassType.LAYS:
        found.append(gradation_of(max(graded, key=lambda m: m.share)))
    if step.tool:
        found.append(sentence("how-tool", tool=step.tool.words))
    return tuple(found)


def _acts(worked: PlanningResult, k: int, masses: Sequence[Mass]) -> list[Sentence]:
    """A sentence for what is laid, with its colours, and one for every other act."""
    done, medium = worked.plan.passes[k], worked.scene.medium
    own: dict[Kind, list[Mass]] = {}
    for o in done.operations:
        if o.role is Role.TARGET and o.kind.reaches:
            own.setdefault(o.kind, []).append(worked.plan.mass(o.mass))
    found = []
    laid = [mass for kind, held in own.items() if kind.lays and kind not in SAID for mass in held]
    if laid:
        low, high = (tone(f(m.target for m in laid)) for f in (min, max))
        joined = len(laid) > 1 and medium.transparent and own.keys() & {Kind.WASH, Kind.GRADED_WASH}
        key = "how-one" if f"{low.number:.1f}" == f"{high.number:.1f}" else "how-spread"
        mixture = mixture_of(laid)
        found.append(sentence("how-joined" if joined else key, mixture=mixture, low=low, high=high))
    for kind, held in own.items():
        if kind in SAID or not kind.lays:
            found.append(sentence(f"how-{kind.value}", masses=said(held)))
    steps = max((o.steps for o in done.operations), default=1)
    if steps > 1:
        stepped = [worked.plan.mass(o.mass) for o in done.operations if o.steps > 1]
        found.append(sentence("how-steps", masses=said(stepped), steps=steps))
    if not found and not masses:
        found.append(sentence("how-everywhere"))
    elif not found:
        guards = [o for o in done.operations if o.kind in (Kind.MASK, Kind.UNMASK)]
        kind = guards[0].kind if guards else Kind.LAYER
        found.append(sentence(f"how-{kind.value}" if guards else "how-under", masses=said(masses)))
    return found


SAID = (Kind.WHITE, Kind.RESTATE, Kind.NEGATIVE, Kind.PLACEHOLDER, Kind.TONE)
"""What is laid in a way that needs a sentence of its own."""


def _coats(worked: PlanningResult, k: int) -> list[Sentence]:
    """Which masses take how many coats, each dry before the next."""
    by_count: dict[int, list[Mass]] = {}
    for m, coats in coats_of(worked.scene, worked.steps[k]).items():
        by_count.setdefault(coats, []).append(worked.plan.masses[m])
    medium = worked.scene.medium.key
    counts = [count for count in sorted(by_count, reverse=True) if count > 1]
    if len(by_count.get(counts[0], ())) == len(worked.steps[k].group):
        return [sentence("how-coats-all", count=counts[0], medium=medium)]
    return [
        sentence("how-coats", count=count, masses=said(by_count[count]), medium=medium) for count in counts
    ]


def _edge(worked: PlanningResult, step: Step) -> Sentence:
    """How the edges of this pass are, by length: firm and soft."""
    parts = worked.scene.parts
    ends = (step.covered[parts.first] != step.covered[parts.second]) & ~parts.inner
    firm = float(parts.length[ends & (parts.hardness > 0.5)].sum())
    soft = float(parts.length[ends & (parts.hardness <= 0.5)].sum())
    if firm + soft < 0.5:
        return sentence("edges-none")
    if soft < 0.1 * firm:
        return sentence("edges-firm", firm=whole(firm))
    if firm < 0.1 * soft:
        return sentence("edges-soft", soft=whole(soft))
    return sentence("edges-both", firm=whole(firm), soft=whole(soft))


def _needs(worked: PlanningResult, k: int) -> Sentence:
    """The state of the surface that a pass asks for."""
    scene, step = worked.scene, worked.steps[k]
    if step.pass_type is PassType.WIPES:
        return sentence("needs-wet")
    if scene.medium.dry_minutes == 0:
        return sentence("needs-nothing")
    if all(s.pass_type in (PassType.MASKS,) for s in worked.steps[:k]):
        return sentence("needs-dry-surface")
    before = worked.plan.passes[k - 1]
    over = not np.allclose(step.before[step.covered], scene.bare[step.covered])
    return sentence("needs-dry" if before.wait > 0 or over else "needs-wet-beside")
