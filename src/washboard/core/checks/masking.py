"""Masking fluid that stays on overnight."""

from __future__ import annotations

from ..plan.plan import Kind
from ..sentence import of_masses, whole
from .finding import Checked, Finding, Weight
from .fix import KeepLight

LONG = 12 * 60.0
"""Minutes from which fluid grips the sheet."""


def found(c: Checked) -> list[Finding]:
    """Masks that stay on too long."""
    clock, on, findings = 0.0, dict[str, float](), []
    for done in c.plan.passes:
        for o in done.operations:
            if o.kind is Kind.MASK:
                on[o.mass] = clock
            elif (
                o.kind is Kind.UNMASK
                and o.mass in on
                and clock - on[o.mass] > LONG
                and o.mass in c.plan.by_id
            ):
                mass, hours = c.plan.by_id[o.mass], (clock - on[o.mass]) / 60
                findings.append(
                    Finding(
                        "mask-too-long",
                        Weight.WEAKENS,
                        {"masses": of_masses((mass.id,)), "hours": whole(hours)},
                        {"hours": hours},
                        mass.inside,
                        (mass.id,),
                        (done.id,),
                        KeepLight(mass.id, Kind.RESERVE),
                    )
                )
        clock += done.lasts + done.wait
    return findings
