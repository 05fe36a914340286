"""The judge's table as a page of the documentation, printed from the table itself."""

from __future__ import annotations

from ..core.plan.acts import ACTS
from ..core.plan.plan import Kind
from ..core.surface.rules import Rule
from ..core.surface.transitions import STAGES, STATES_OF, SurfaceState, after
from ..words import speaker

HEAD = """# The surface: states, operations, transitions

Printed from `core/surface/` and `core/plan/acts.py` by `make types`; do not edit.

A spot of the surface is in one state. An operation takes it to another, or is refused by a rule. What
needs numbers besides (values, layers, oil, staining, order) is judged in `core/surface/replay.py`.
"""


def surface_page() -> str:
    """The page: states with how long they last, and for every medium operations × states."""
    parts = [HEAD]
    for medium, states in STATES_OF.items():
        parts.append(f"\n## {medium.capitalize()}\n")
        stages = STAGES[medium]
        if stages:
            times = ", ".join(f"{state.value} until {100 * share:.0f} %" for state, share in stages)
            parts.append(f"A fresh layer is {times} of its drying time, then dry (guesses).\n")
        parts.append(
            "| operation | takes back | tool | uses | " + " | ".join(state.value for state in states) + " |"
        )
        parts.append("|---" * (4 + len(states)) + "|")
        for kind, act in ACTS.items():
            if medium in act.media:
                cells = [_cell(medium, kind, state) for state in states]
                first = [f"{act.words} (`{kind.value}`)", act.back.value, act.tool or "–", act.uses or "–"]
                parts.append(f"| {' | '.join((*first, *cells))} |")
    parts.append("\n## Rules\n")
    parts += [f"- `{rule.name.lower()}`: {speaker().pattern(f'rule-{rule}')}." for rule in Rule]
    return "\n".join(parts) + "\n"


def _cell(medium: str, kind: Kind, state: SurfaceState) -> str:
    outcome = after(medium, kind, state)
    return f"*{outcome.name.lower()}*" if isinstance(outcome, Rule) else f"→ {outcome.value}"
