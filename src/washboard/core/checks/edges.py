"""Edges: crisp all round, everything looks cut from paper."""

from __future__ import annotations

from ..plan.stretch import Edge
from ..sentence import whole
from .finding import Checked, Finding, Weight

FIRM, ALL = 0.6, 0.95
"""Hardness of a firm edge, and the share of all edges from which nothing is soft."""
WORTH_CM = 30.0


def found(c: Checked) -> list[Finding]:
    """Hardly a soft edge between shapes."""
    if c.plan.edges:
        total = sum(stretch.length_cm for stretch in c.plan.edges)
        firm = sum(stretch.length_cm for stretch in c.plan.edges if stretch.how is Edge.FIRM)
    else:
        lengths = [(b.hardness >= FIRM, b.length_cm) for m in c.shapes for b in m.borders]
        total = sum(cm for _, cm in lengths) / 2
        firm = sum(cm for hard, cm in lengths if hard) / 2
    if total < WORTH_CM or firm < ALL * total:
        return []
    longest = max(c.shapes, key=lambda m: (m.outline_cm, m.id))
    return [
        Finding(
            "edges-all-firm",
            Weight.NOTE,
            {"firm": whole(firm), "all": whole(total)},
            {"firm": firm, "all": total},
            longest.inside,
            (longest.id,),
        )
    ]
