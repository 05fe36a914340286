"""What a review says."""

from __future__ import annotations

from ..plan.acts import ACTS
from ..sentence import Sentence, of_masses, percent, sentence, tone, whole
from .advice import Correction
from .judged import MassJudged, Relation
from .observed import Observation
from .review import Review
from .tone import PLAIN

WARM = 4.0
"""Units of b* from which a mass is told to be too warm or too cool beside its value."""
SAID = 0.05
"""Values under which a mass came out as planned."""
SHINES = 0.01
"""Share of the picture from which shine is said."""


def headed(review: Review) -> Sentence:
    """The one thing to do: what to correct first, or to stop."""
    advice, seen = review.advice, review.observation
    if seen.relative:
        return sentence("review-relations-only", count=len(review.relations))
    if seen.state.row < len(seen.state.blocks.planned) - 1 and not advice.corrections:
        return sentence("review-go-on", after=seen.state.row)
    if advice.unsure and not advice.corrections:
        return sentence("review-unsure", count=advice.unsure)
    if advice.stop:
        return sentence("review-stop", off=tone(advice.off), within=advice.within)
    first = [name for one in advice.corrections[:2] for name in one.masses]
    return sentence("review-first", masses=of_masses(first), more=len(advice.corrections) - len(first))


def light_words(seen: Observation) -> Sentence:
    """From what the light is known, how good that is, what is hidden and what was taken off."""
    return sentence(
        "review-light",
        source="relative" if seen.relative and seen.by_plan else seen.source.value,
        sd=tone(2 * seen.sd),
        hidden=percent(seen.shines),
        shines="yes" if seen.shines >= SHINES else "no",
        sheen="no" if seen.sheen is None else "yes",
        phone=_phone(seen),
    )


def _phone(seen: Observation) -> str:
    """What is known of what a phone did to a photo."""
    if seen.by_plan:
        return "known" if seen.relative else "plan"
    return "off" if seen.tone != PLAIN else "known" if seen.card else "unknown"


def judged_words(one: MassJudged) -> Sentence:
    """One mass: how far it is off, or why it is not judged."""
    own = of_masses((one.mass,))
    if one.unjudged is not None or one.difference is None or one.value is None:
        return sentence(
            f"review-not-{one.unjudged or 'small'}", masses=own, off=tone(abs(one.difference or 0.0))
        )
    if abs(one.difference) < SAID:
        return sentence("review-as-planned", masses=own, value=tone(one.value))
    return sentence(
        "review-off",
        masses=own,
        off=tone(abs(one.difference)),
        way="light" if one.difference > 0 else "dark",
        hue=_hue(one),
    )


def _hue(one: MassJudged) -> str:
    if one.lab is None:
        return "none"
    off = one.lab[2] - one.planned_lab[2]
    return "none" if abs(off) < WARM else "warm" if off > 0 else "cool"


def corrected(one: Correction, left: bool = False) -> Sentence:
    """What to do about masses that are off, or why they are `left` as they are."""
    own = of_masses(one.masses)
    off = tone(abs(one.now - one.wanted))
    way = "light" if one.now > one.wanted else "dark"
    if one.leaves or one.gain <= 0:
        return sentence("review-leave", masses=own, off=off, way=way)
    if left:
        return sentence("review-small", masses=own, off=off, way=way, minutes=whole(one.minutes))
    return sentence(
        "review-correct",
        masses=own,
        off=off,
        way=way,
        act=ACTS[one.operation].words,
        now=tone(one.now),
        to=tone(one.reaches),
        minutes=whole(one.minutes),
    )


def related(one: Relation) -> Sentence:
    """How two neighbours stand to each other."""
    lighter, darker = (of_masses((name,)) for name in one.masses)
    return sentence(
        "review-turned" if one.turned else "review-gap",
        lighter=lighter,
        darker=darker,
        apart=tone(abs(one.apart)),
        planned=tone(one.planned),
        length=whole(one.length_cm),
    )
