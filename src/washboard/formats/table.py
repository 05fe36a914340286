"""A plan as a table of text."""

from __future__ import annotations

import textwrap

from ..core.materials.surfaces import described
from ..core.plan.plan import Pass, Plan
from ..core.schools import school_named
from ..words import About, speaker

WIDTH = 100


def table(plan: Plan) -> str:
    """The plan's passes as lines of at most 100 characters."""
    sheet = plan.sheet
    told = About.of(plan)
    head = [
        f"{plan.medium.words} on {speaker().text(described(plan.surface)).lower()}, {sheet.width_cm:g} × "
        f"{sheet.height_cm:g} cm: {school_named(plan.school).words.lower()}. "
        f"{speaker().text(plan.school_why, told)}",
        f"{len(plan.masses)} masses, {len(plan.passes)} passes, {minutes(plan.work)} of work, "
        f"{minutes(plan.waiting)} of waiting.",
        *(speaker().text(note, told) for note in plan.notes),
        f"Caution: {plan.medium.caution}",
    ]
    lines = [line for text in head for line in textwrap.wrap(text, WIDTH)]
    for number, done in enumerate(plan.passes, 1):
        lines += ["", *_lines(number, done, told)]
    return "\n".join(lines)


def _lines(number: int, done: Pass, told: About) -> list[str]:
    low, high = done.values
    values = f"{low:.1f}" if high - low < 0.05 else f"{low:.1f}–{high:.1f}"
    wait = f", then {minutes(done.wait)} to dry" if done.wait else ""
    if done.between:
        wait = f", {minutes(done.between)} between coats{wait}"
    edges, needs = (speaker().text(words, told).lower() for words in (done.edge, done.needs))
    facts = f"value {values} · {minutes(done.minutes)}{wait} · edges: {edges} · before: {needs}"
    indent = "    "
    lines = textwrap.wrap(f"{number:>2}  {speaker().text(done.title, told)}", WIDTH, subsequent_indent=indent)
    for line in (facts, " ".join(speaker().text(step, told) for step in done.what)):
        lines += textwrap.wrap(line, WIDTH, initial_indent=indent, subsequent_indent=indent)
    for mark, texts in (("–", [r.sentence for r in done.reasons]), ("◇", done.findings)):
        for text in texts:
            lines += textwrap.wrap(
                f"{mark} {speaker().text(text, told)}",
                WIDTH,
                initial_indent=indent,
                subsequent_indent=indent + "  ",
            )
    return lines


def minutes(count: float) -> str:
    """Minutes in words: `18 min`, `2 h 05`, `3 days`."""
    whole = round(count)
    if whole < 100:
        return speaker().pattern("duration-minutes", minutes=whole)
    if whole < 1440:
        return speaker().pattern("duration-hours", hours=whole // 60, minutes=f"{whole % 60:02d}")
    days = round(count / 1440, 1)
    return speaker().pattern("duration-days", days=int(days) if days == int(days) else days)
