"""How a graded mass runs, in words."""

from __future__ import annotations

from collections.abc import Sequence

from ..colour.lab import value_of_lab
from ..colour.words import hue_of, tone_of
from ..plan.names import hue_words
from ..reference.mass import Lab, Mass
from ..sentence import Sentence, Value, of_masses, tone

SIDES = ("right", "top", "left", "bottom")


def gradation_of(mass: Mass) -> Sentence:
    """How a graded mass runs, from the top or the left: colours where they differ, values at both ends."""
    stops = mass.target_stops or mass.target_ends
    (light, high), (dark, low) = ((end, float(value_of_lab(end))) for end in (stops[0], stops[-1]))
    # `direction` is where it grows darker.
    turn = None if mass.direction is None else round((mass.direction % 360) / 90) % 4
    light_first = turn is None or SIDES[turn] in ("bottom", "right")
    (start, from_), (end, to) = ((light, high), (dark, low)) if light_first else ((dark, low), (light, high))
    own = of_masses((mass.id,))
    values: dict[str, Value] = {"mass": own, "from": tone(from_), "to": tone(to)}
    alike = hue_of(light) == hue_of(dark)
    if not alike:
        values |= {
            "first": hue_words(tone_of(from_), hue_of(start)),
            "second": hue_words(tone_of(to), hue_of(end)),
        }
    side = "" if turn is None else "-from-top" if SIDES[turn] in ("top", "bottom") else "-from-left"
    between = _between(stops) if not alike else None
    if between:
        values["between"] = between
    return Sentence(f"how-grade{side}{'' if alike else '-over' if between else '-in-two'}", values)


def _between(stops: Sequence[Lab]) -> Sentence | None:
    """The hue that a gradation turns through on its way, where it is neither of its ends'."""
    ends = {hue_of(stops[0]), hue_of(stops[-1])}
    found = [stop for stop in stops[1:-1] if hue_of(stop) not in ends]
    if not found:
        return None
    middle = found[len(found) // 2]
    return hue_words(tone_of(float(value_of_lab(middle))), hue_of(middle))
