"""A pass in words: title, what, where, edge, needs, and its reasons."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..colour.lab import value_of_lab
from ..colour.words import hue_of, look_at
from ..order.result import PassType, PlanningResult, Step
from ..order.timing import coats_of
from ..plan.names import NEARLY_ALL, capital, count_word, listed, mixture_words, named, temperature
from ..plan.own import own_sentence, own_title
from ..plan.plan import Kind, Pass, Role
from ..reference.mass import Mass, MassKind
from .reasons import reasons_for
from .tight import findings_for


def worded(worked: PlanningResult) -> tuple[Pass, ...]:
    """The plan's passes with every text filled in."""
    return tuple(_worded(worked, k) for k in range(len(worked.steps)))


def _worded(worked: PlanningResult, k: int) -> Pass:
    done, step = worked.plan.passes[k], worked.steps[k]
    masses = [worked.scene.masses[m] for m in step.group]
    under = _under(worked, k)
    act, over = _title(worked, k, masses, under)
    return replace(
        done,
        act=act,
        over=over,
        what=_what(worked, k, masses, under) + (f" Use {step.tool.words}." if step.tool else ""),
        where=listed([*masses], 4) or "everywhere",
        values=_values(masses, done),
        edge=_edge(worked, step),
        needs=_needs(worked, k),
        max_lag=None,
        reasons=reasons_for(worked, k),
        findings=findings_for(worked, k),
    )


def _values(masses: Sequence[Mass], done: Pass) -> tuple[float, float]:
    values = [m.target for m in masses] or [o.to_value for o in done.operations] or [0.0]
    return min(values), max(values)


def _under(worked: PlanningResult, k: int) -> list[Mass]:
    roles = {o.mass for o in worked.plan.passes[k].operations if o.role is Role.UNDER and o.cover > 0.5}
    return [m for m in worked.scene.masses if m.id in roles]


TITLES = {
    PassType.MASKS: "mask",
    PassType.TONES: "one middle tone over everything",
    PassType.WIPES: "wipe the lights out",
    PassType.RECOVERS: "win the lights back",
    PassType.RESTATES: "restate the darkest darks",
}


def _title(worked: PlanningResult, k: int, masses: Sequence[Mass], under: Sequence[Mass]) -> tuple[str, str]:
    """What is done in painters' words, and to which shapes, "" for everything."""
    scene, step = worked.scene, worked.steps[k]
    if step.own is not None:
        return own_title(step.own.kind, masses)
    if step.pass_type is not PassType.LAYS:
        act = TITLES[step.pass_type]
        if step.pass_type is PassType.TONES and scene.patches > 1:
            return "An underpainting in patches", ""
        if {worked.scene.how[m] for m in step.group} == {Kind.UNMASK} and step.pass_type is PassType.RECOVERS:
            act = "take the mask off"
        return capital(act), listed(masses)
    if masses and all(m.kind is MassKind.ACCENT for m in masses):
        return "Last accents", _accents(masses)
    if step.called:
        alone = len(masses) == 1 and step.called.startswith(f"{masses[0].name},")
        return capital(f"{step.called}, {mixture_words(masses)}"), "" if alone else listed(masses)
    words, first = mixture_words(masses), all(s.pass_type is not PassType.LAYS for s in worked.steps[:k])
    if scene.medium.transparent:
        if sum(m.share for m in [*masses, *under]) >= NEARLY_ALL:
            wash = f"{_palest(first, words, masses)} wash over everything{_leaving(worked, masses, under)}"
            return capital(wash), ""
        if len(masses) > 1 and _joined(masses):
            return capital(f"one {words} shape"), listed(masses)
        kind = "washes" if len(masses) > 1 else "wash"
        return capital(f"{_last(worked, k)}{words} {kind}"), listed(masses)
    if first and _lies_between(worked, masses):
        return "Darker than the ground", listed(masses)
    begun = "first block-in, " if first else _last(worked, k)
    return capital(f"{begun}{_stage(worked, k)}"), listed(masses)


def _lies_between(worked: PlanningResult, masses: Sequence[Mass]) -> bool:
    """Whether the ground is lighter than all of the pass and darker than something still to come."""
    ground = worked.scene.surface.value
    return max(m.target for m in masses) < ground < max(m.target for m in worked.scene.masses) - 0.5


def _stage(worked: PlanningResult, k: int) -> str:
    """Darks, middles or lights, told by where the pass stands on the ladder."""
    masses = [worked.scene.masses[m] for m in worked.steps[k].group]
    values = [m.target for m in masses]
    low, high = min(values), max(values)
    mixture = mixture_words(masses)
    if high - low < 0.05:
        return f"{mixture}, {low:.1f}"
    return f"{mixture}, {low:.1f} to {high:.1f}"


def _palest(first: bool, words: str, masses: Sequence[Mass]) -> str:
    level, hue = words.split(" ", 1)
    tone = hue if hue != "grey" else f"{temperature(masses)} grey"
    return f"{'palest' if first else level} {tone}"


def _leaving(worked: PlanningResult, masses: Sequence[Mass], under: Sequence[Mass]) -> str:
    kept = {m.id for m in [*masses, *under]}
    out = [m for m in worked.scene.masses if m.id not in kept and (m.kind is not MassKind.ACCENT or m.light)]
    return f" but {listed(out, 2)}" if out else ""


def _last(worked: PlanningResult, k: int) -> str:
    return "last, " if k == len(worked.steps) - 1 else ""


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


def _accents(masses: Sequence[Mass]) -> str:
    """The accents by name where all have one, else how many are light and dark."""
    if all(m.name for m in masses):
        return listed(masses)
    counts = ((sum(m.light for m in masses), "light"), (sum(not m.light for m in masses), "dark"))
    return " and ".join(f"{count_word(n)} {w}{'s' if n > 1 else ''}" for n, w in counts if n)


VERBS = {
    **dict.fromkeys(Kind, "Lay"),
    Kind.BLOCK_IN: "Block in",
    Kind.ACCENT: "Set",
    Kind.GLOW: "Set",
    Kind.WHITE: "Set in opaque white",
    Kind.MASK: "Draw masking fluid over",
    Kind.UNMASK: "Take the mask off",
    Kind.LIFT_DRY: "Lift",
    Kind.LIFT_WET: "Lift while wet",
    Kind.STENCIL: "Lift through a stencil",
    Kind.SCRATCH: "Scratch",
    Kind.SAND: "Sand",
    Kind.SCRAPE: "Scrape",
    Kind.WIPE: "Wipe out",
    Kind.RESTATE: "Go once more over",
    Kind.NEGATIVE: "Cut round the lighter shapes and lay",
    Kind.PLACEHOLDER: "Mark with a tint",
    Kind.TONE: "Lay the tone over",
}
"""How the sentence of a pass begins."""


def _what(worked: PlanningResult, k: int, masses: Sequence[Mass], under: Sequence[Mass]) -> str:
    done, own = worked.plan.passes[k], worked.steps[k].own
    if own is not None:
        return own_sentence(own.kind, masses)
    if worked.steps[k].pass_type is PassType.TONES and worked.scene.patches > 1:
        return f"Lay {count_word(worked.scene.patches)} muted colours thinly over everything, one an area."
    kinds = {o.kind for o in done.operations if o.kind.lays}
    verbs = dict.fromkeys(VERBS[o.kind] for o in done.operations if o.role is Role.TARGET and o.kind.reaches)
    if not done.targets:
        verbs = dict.fromkeys(VERBS[o.kind] for o in done.operations if o.role is Role.UNDER)
    words = " and ".join(verb if k == 0 else verb[0].lower() + verb[1:] for k, verb in enumerate(verbs))
    sentence = f"{words} {listed(masses)}" if masses else "Lay it over everything"
    if len(masses) > 1 and worked.scene.medium.transparent and kinds & {Kind.WASH, Kind.GRADED_WASH}:
        sentence += ", each with its own mixture, joined while wet"
    sentence += "."
    steps = max((o.steps for o in done.operations), default=1)
    if steps > 1:
        lit = [worked.plan.mass(o.mass) for o in done.operations if o.steps > 1]
        sentence += f" Build {listed(lit, 2)} in {count_word(steps)} nested steps, outermost darkest."
    if done.between:
        sentence += f" {_coated(worked, k)}"
    if under and masses and done.targets:
        sentence += f" Carry it on under {listed(under)}."
    graded = [m for m in masses if m.kind is MassKind.GRADED]
    if graded and worked.steps[k].pass_type is PassType.LAYS:
        largest = max(graded, key=lambda m: m.share)
        sentence += " " + _gradation(largest)
    return sentence


def _coated(worked: PlanningResult, k: int) -> str:
    """Which masses take how many coats."""
    by_count: dict[int, list[Mass]] = {}
    for m, coats in coats_of(worked.scene, worked.steps[k]).items():
        by_count.setdefault(coats, []).append(worked.plan.masses[m])
    counts = sorted(by_count, reverse=True)
    if len(by_count.get(counts[0], ())) == len(worked.steps[k].group):
        return f"In {count_word(counts[0])} coats, each dry before the next."
    first, *others = (f"{count_word(n)}{{}} over {listed(by_count[n], 2)}" for n in counts)
    phrases = [first.format(" coats"), *(other.format("") for other in others)]
    return capital(f"{', '.join(phrases)}, each dry before the next.")


def _gradation(mass: Mass) -> str:
    """How a graded mass runs: values at both ends, and colours where they differ."""
    (light, high), (dark, low) = ((look_at(end), float(value_of_lab(end))) for end in mass.target_ends)
    start, end = _ends(mass.direction)
    if hue_of(mass.target_ends[0]) == hue_of(mass.target_ends[1]):
        return f"Grade {named(mass)} from {high:.1f} to {low:.1f}{end and f' toward the {end}'}."
    start, end = start and f", at the {start}", end and f", at the {end}"
    return f"Grade {named(mass)} from {light}, {high:.1f}{start} to {dark}, {low:.1f}{end}."


def _ends(direction: float | None) -> tuple[str, str]:
    """Where a gradation starts light and ends dark, in words."""
    if direction is None:
        return "", ""
    sides = ("right", "top", "left", "foot")
    turn = round((direction % 360) / 90) % 4
    return sides[(turn + 2) % 4], sides[turn]


def _edge(worked: PlanningResult, step: Step) -> str:
    """How the edges of this pass are, by length: firm and soft."""
    parts = worked.scene.parts
    ends = (step.covered[parts.first] != step.covered[parts.second]) & ~parts.inner
    firm = float(parts.length[ends & (parts.hardness > 0.5)].sum())
    soft = float(parts.length[ends & (parts.hardness <= 0.5)].sum())
    if firm + soft < 0.5:
        return "no edges to cut"
    if soft < 0.1 * firm:
        return f"firm, {firm:.0f} cm"
    if firm < 0.1 * soft:
        return f"soft, {soft:.0f} cm"
    return f"firm {firm:.0f} cm, soft {soft:.0f} cm"


def _needs(worked: PlanningResult, k: int) -> str:
    scene, step = worked.scene, worked.steps[k]
    if step.pass_type is PassType.WIPES:
        return "wet"
    if all(s.pass_type in (PassType.MASKS,) for s in worked.steps[:k]):
        return "bare, dry"
    if scene.medium.dry_minutes == 0:
        return "as it is"
    before = worked.plan.passes[k - 1]
    over = not np.allclose(step.before[step.covered], scene.bare[step.covered])
    return "dry" if before.wait > 0 or over else f"{scene.medium.wet} beside it is fine"
