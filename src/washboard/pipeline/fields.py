"""Settings and shapes as plain fields, for rows and answers, and back."""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import asdict, replace
from typing import Any

from ..core.areas.corrections import AreaFamily, Corrections, Family, Place, Stroke
from ..core.composition.arrangement import Accent, Arrangement, Move
from ..core.composition.borrowed import Borrowed
from ..core.composition.sources import Said
from ..core.errors import InvalidInput
from ..core.key.mood import Mood
from ..core.key.relations import Holds
from ..core.materials.paints import Paint
from ..core.order.aims import Aim
from ..core.order.own import Own
from ..core.order.plan import Kind
from ..core.order.reserve import KEEPING
from ..core.order.tools import Handled
from ..core.order.wishes import Kept
from ..core.reference.drawn import Shape
from ..core.reference.opening import Opening
from ..core.reference.place import Anchor
from .intent import Intent
from .mixed import Mixed
from .settings import Settings

ANALYSED = (
    "medium", "surface", "width_cm", "height_cm", "school", "passes", "bands", "even", "thresholds",
    "squint", "names", "order", "areas", "arrangement", "spread", "margin_cm", "focus", "light", "ground",
    "palette", "intent", "opening", "borrowed", "sources", "stock",
    "side", "ways", "whites", "holds",
    "pins", "aim", "groups", "mixed", "own_passes", "dropped", "tools",
)  # fmt: skip
"""Fields of a row that make up the settings."""


def settings_of(fields: Mapping[str, Any], own: Iterable[Paint] = ()) -> Settings:
    """Settings from a row's fields with the painter's `own` paints, checked; raises what that raises."""
    known = {key: fields[key] for key in ANALYSED if key in fields}
    known["names"] = tuple(Anchor(**anchor) for anchor in known.get("names") or ())
    known["areas"] = _corrections(known.get("areas") or {})
    known["arrangement"] = _arrangement(known.get("arrangement") or {})
    known["focus"] = _place(known.get("focus"))
    known["intent"] = _intent(known.get("intent") or {})
    known["palette"] = tuple(known.get("palette") or ())
    known["sources"] = tuple(Said(**word) for word in known.get("sources") or ())
    known["opening"] = Opening(**(known.get("opening") or {}))
    known["borrowed"] = tuple(
        Borrowed(**{**thing, "outline": _places(thing["outline"])}) for thing in known.get("borrowed") or ()
    )
    known["ways"] = tuple(Kept(word["mass"], _way(word["way"])) for word in known.get("ways") or ())
    known["holds"] = tuple(_held(word) for word in known.get("holds") or ())
    known["pins"] = tuple(known.get("pins") or ())
    known["aim"] = _aimed(known.get("aim"))
    known["mixed"] = tuple(Mixed(**own) for own in known.get("mixed") or ())
    known["own_passes"] = tuple(_own(one) for one in known.get("own_passes") or ())
    known["tools"] = tuple(Handled(**one) for one in known.get("tools") or ())
    known["dropped"] = tuple(known.get("dropped") or ())
    known["whites"] = known.get("whites", True) is not False
    for key in ("thresholds", "order"):
        if known.get(key) is not None:
            known[key] = tuple(known[key])
    if known.get("groups") is not None:
        known["groups"] = tuple(map(tuple, known["groups"]))
    try:
        paints = tuple(paint for paint in own if known.get("medium") in paint.media)
        return Settings(**known, own=paints).checked()
    except TypeError as error:
        raise InvalidInput(f"These settings cannot be read ({error}).") from None


def _way(word: str) -> Kind:
    if word not in KEEPING:
        raise InvalidInput(f"There is no way {word[:20]!r} to keep a light; it was kept as it was.")
    return Kind(word)


def _own(fields: Mapping[str, Any]) -> Own:
    if (word := fields["kind"]) not in set(Kind):
        raise InvalidInput(f"There is no operation {word[:20]!r}; the passes were kept as they were.")
    return Own(fields["id"], Kind(word), tuple(fields["masses"]))


def _held(word: str) -> Holds:
    if word not in set(Holds):
        raise InvalidInput(f"A key holds {', '.join(Holds)}, not {word[:20]!r}; it was kept as it was.")
    return Holds(word)


def _aimed(word: str | None) -> Aim | None:
    if word is not None and word not in set(Aim):
        raise InvalidInput(f"An order can be {', '.join(Aim)}, not {word[:20]!r}; it was kept as it was.")
    return None if word is None else Aim(word)


def _corrections(fields: Mapping[str, Any]) -> Corrections:
    return Corrections(
        tuple(
            Stroke(
                _places(stroke["points"]),
                _places(stroke["against"] or ()),
                stroke.get("closed", False),
                stroke.get("joins", False),
                stroke.get("by_light", False),
            )
            for stroke in fields.get("strokes", ())
        ),
        tuple(Anchor(**name) for name in fields.get("names", ())),
        tuple(AreaFamily(**{**f, "family": Family(f["family"])}) for f in fields.get("families", ())),
        _places(fields.get("depths", ())),
    )


def _arrangement(fields: Mapping[str, Any]) -> Arrangement:
    crop = fields.get("crop") or {}
    return Arrangement(
        (crop.get("left", 0.0), crop.get("top", 0.0), crop.get("right", 1.0), crop.get("bottom", 1.0)),
        fields.get("level", 0.0),
        tuple(Move(**move) for move in fields.get("moves", ())),
        tuple(Accent(**accent) for accent in fields.get("accents", ())),
    )


def _intent(fields: Mapping[str, Any]) -> Intent:
    known = {**fields, "about": _place(fields.get("about")), "mood": Mood(fields.get("mood", "as-seen"))}
    return Intent(**known)


def _place(given: Mapping[str, float] | None) -> Place | None:
    return None if given is None else (given["x"], given["y"])


def _places(given: Sequence[Mapping[str, float]]) -> tuple[Place, ...]:
    return tuple((place["x"], place["y"]) for place in given)


def _objects(places: Sequence[Place]) -> list[dict[str, float]]:
    return [{"x": x, "y": y} for x, y in places]


def fields_of(settings: Settings) -> dict[str, Any]:
    """A row's fields from settings, as JSON holds them."""
    fields = asdict(replace(settings, own=()))
    del fields["own"]
    areas = settings.areas
    fields["areas"]["strokes"] = [
        {
            "points": _objects(s.points),
            "against": _objects(s.against) or None,
            "closed": s.closed,
            "joins": s.joins,
            "by_light": s.by_light,
        }
        for s in areas.strokes
    ]
    fields["areas"]["depths"] = _objects(areas.depths)
    fields["arrangement"] = arrangement_fields(settings.arrangement)
    fields["focus"] = None if settings.focus is None else _objects([settings.focus])[0]
    about = settings.intent.about
    fields["intent"]["about"] = None if about is None else _objects([about])[0]
    for thing, kept in zip(fields["borrowed"], settings.borrowed, strict=True):
        thing["outline"] = _objects(kept.outline)
    return dict(json.loads(json.dumps(fields)))


def shapes_of(given: Sequence[Mapping[str, Any]] | None) -> tuple[Shape, ...]:
    """Drawn shapes from a row's fields."""
    return tuple(
        Shape(tuple((p[0], p[1]) for p in s["points"]), s["value"], s["a"], s["b"]) for s in given or ()
    )


def arrangement_fields(arrangement: Arrangement) -> dict[str, Any]:
    """An arrangement as plain fields."""
    left, top, right, bottom = arrangement.crop
    return {
        "crop": {"left": left, "top": top, "right": right, "bottom": bottom}, "level": arrangement.level,
        "moves": [asdict(move) for move in arrangement.moves],
        "accents": [asdict(accent) for accent in arrangement.accents],
    }  # fmt: skip
