"""Fixes of findings as changes of settings: what a check proposes is what can be set, by construction."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from ..core.checks.fix import Change, Hold, KeepLight, TakeAim, TakeMood, TakePasses, TakeSchool, TakeTones
from ..core.errors import WashboardError
from ..core.order.options import Kept
from .settings import Settings, declared


def fixed(settings: Settings, change: Change) -> Settings:
    """The settings with a proposed change."""
    match change:
        case TakeTones(tones):
            before = {tone.mass: tone for tone in settings.tones}
            for tone in tones:
                before[tone.mass] = before[tone.mass].and_then(tone) if tone.mass in before else tone
            return replace(settings, tones=tuple(before.values()))
        case Hold(relation):
            held = tuple(one for one in settings.holds if one is not relation)
            return replace(settings, holds=(*held, relation))
        case KeepLight(mass, way):
            others = tuple(kept for kept in settings.ways if kept.mass != mass)
            return replace(settings, ways=(*others, Kept(mass, way)))
        case TakePasses(count):
            return replace(settings, passes=count)
        case TakeSchool(school):
            return replace(settings, school=school)
        case TakeAim(aim):
            return replace(settings, aim=aim)
        case TakeMood(mood):
            return replace(settings, intent=replace(settings.intent, mood=mood))


def fields_changed(settings: Settings, change: Change) -> dict[str, Any] | None:
    """The fields that a proposed change sets, as JSON holds them; None where it changes nothing, or cannot be
    as the piece is set."""
    after = fixed(settings, change)
    try:
        after.checked()
    except WashboardError:
        return None
    differ = {name for name in declared() if getattr(after, name) != getattr(settings, name)}
    return {name: declared()[name].plain(getattr(after, name)) for name in differ} or None
