"""Schools side by side as JSON, and a plan's report."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import asdict
from typing import Any

from ..core.checks import Finding
from ..core.checks.fix import Change, Hold, KeepLight, TakeAim, TakeMood, TakePasses, TakeSchool, TakeTones
from ..core.plan.plan import Plan
from ..core.planning.compare import Compared
from ..core.schools import SCHOOLS, mixable
from ..core.surface.refusal import Refusal
from ..words import About, speaker


def comparison_document(found: Sequence[Compared], medium: str) -> dict[str, Any]:
    """The comparison: one entry a school, those that cannot be with `whyNot`."""
    return {"washboard": 1, "medium": medium, "schools": [school_entry(one) for one in found]}


def school_entry(one: Compared) -> dict[str, Any]:
    """One school: its words and, where it can be, the account of its order."""
    entry: dict[str, Any] = {
        "school": one.school.key,
        "words": one.school.words,
        "why": one.school.fits,
        "feasible": one.metrics is not None,
        "whyNot": one.why_not or None,
        "mixable": mixable(one.school),
        "own": one.school.key not in SCHOOLS,
    }
    metrics = one.metrics
    if metrics is None or one.worked is None:
        return entry
    return entry | {
        "passes": metrics.passes,
        "activeMinutes": round(metrics.active, 1),
        "waitMinutes": round(metrics.waiting, 1),
        "sittings": metrics.sittings,
        "irreversible": metrics.irreversible,
        "layers": metrics.layers,
        "mixtures": metrics.mixtures,
        "worstDeltaE": round(metrics.worst, 2),
        "meanDeltaE": round(metrics.mean, 2),
        "worstValueError": round(metrics.worst_value, 2),
        "meanValueError": round(metrics.mean_value, 2),
        "judgedFromPass": metrics.judged,
        "findings": metrics.findings,
        "titles": titles(one.worked.plan),
    }


def titles(plan: Plan) -> list[str]:
    """The passes by their titles."""
    told = About.of(plan)
    return [speaker().text(done.title, told) for done in plan.passes]


def report_document(plan: Plan, refusals: Sequence[Refusal], findings: Sequence[Finding]) -> dict[str, Any]:
    """What the judge refuses in a plan and what weakens it."""
    return {
        "washboard": 1,
        "medium": plan.medium.key,
        "school": plan.school,
        "refused": len(refusals),
        "refusals": [refusal_entry(plan, refusal) for refusal in refusals],
        "findings": [finding_entry(plan, finding) for finding in findings],
    }


def refusal_entry(plan: Plan, refusal: Refusal) -> dict[str, Any]:
    """One refusal: pass, operation, mass, state, rule and reason."""
    return {
        "pass": refusal.done,
        "operation": refusal.kind and refusal.kind.value,
        "mass": refusal.mass,
        "state": refusal.state and refusal.state.value,
        "rule": refusal.rule.name.lower(),
        "reason": speaker().text(refusal.sentence, About.of(plan)),
    }


def finding_entry(plan: Plan, finding: Finding) -> dict[str, Any]:
    """One finding with its figures, place and what can be tried."""
    fix, told = finding.fix, About.of(plan)
    return {
        "kind": finding.kind,
        "weight": finding.weight.name.lower(),
        "sentence": speaker().text(finding.sentence, told),
        "why": speaker().text(finding.why, told),
        "figures": {k: round(v, 3) for k, v in finding.figures.items()},
        "place": list(finding.place),
        "masses": list(finding.masses),
        "passes": list(finding.passes),
        "fix": fix and {"words": speaker().text(finding.trying, told), **_change_entry(fix)},
    }


def _change_entry(change: Change) -> dict[str, Any]:
    """What a fix proposes: the setting it is about, and what is added to it or set."""
    match change:
        case TakeTones(tones):
            return {"field": "tones", "value": [asdict(tone) for tone in tones]}
        case Hold(relation):
            return {"field": "holds", "value": relation.value}
        case KeepLight(mass, way):
            return {"field": "ways", "value": {"mass": mass, "way": way.value}}
        case TakePasses(count):
            return {"field": "passes", "value": count}
        case TakeSchool(school):
            return {"field": "school", "value": school}
        case TakeAim(aim):
            return {"field": "aim", "value": aim.value}
        case TakeMood(mood):
            return {"field": "mood", "value": mood.value}


def refusal_line(plan: Plan, refusal: Refusal) -> str:
    """One refusal on a line: pass, operation, mass, state, reason."""
    operation = refusal.kind.value if refusal.kind else "–"
    state = refusal.state.value if refusal.state else "–"
    reason = speaker().text(refusal.sentence, About.of(plan))
    return f"{refusal.done}\t{operation}\t{refusal.mass}\t{state}\t{reason}"
