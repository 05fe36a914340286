"""Passes given to another tool: the times follow, the picture stays."""

from __future__ import annotations

import pytest

from tests.core.test_own_passes import made, refused
from tests.said import how, refuses
from washboard.core.errors import InvalidInput, UnknownName
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.plan.own import Own
from washboard.core.plan.plan import Kind
from washboard.core.plan.tools import TOOLS, Handled, in_hand, tool_of
from washboard.core.planning.reorder import reordered
from washboard.core.time.pace import covering_minutes, cutting_minutes


@pytest.mark.parametrize("medium", ["watercolour", "oil", "pastel"])
def test_a_pass_with_another_tool_takes_other_minutes_and_paints_the_same(medium: str) -> None:
    worked = made(medium)
    ids = [done.id for done in worked.plan.passes]
    for tool in TOOLS.values():
        if medium not in tool.media:
            continue
        fresh = reordered(worked, ids, handled=(Handled(ids[1], tool.key),))
        assert refused(fresh) == []
        assert fresh.plan.predicted == worked.plan.predicted
        for k, (before, after) in enumerate(zip(worked.plan.passes, fresh.plan.passes, strict=True)):
            if k == 1:
                assert after.minutes != before.minutes
                assert tool.words in how(after, fresh.plan)
            else:
                assert after.minutes == before.minutes
                assert after.what == before.what


def test_a_large_tool_covers_sooner_and_cuts_slower_a_fine_one_the_other_way_round() -> None:
    oil = medium_named("oil")
    wide, fine = (in_hand(oil, TOOLS[key]) for key in ("wide-brush", "fine-brush"))
    assert covering_minutes(wide, 400) < covering_minutes(oil, 400) < covering_minutes(fine, 400)
    assert cutting_minutes(fine, 60) < cutting_minutes(oil, 60) < cutting_minutes(wide, 60)
    assert in_hand(oil, None) is oil


def test_a_pass_of_ones_own_takes_the_tool_it_is_given_too() -> None:
    worked = made("oil")
    names = worked.plan.passes[0].targets
    order = [*(done.id for done in worked.plan.passes), "own1"]
    own = (Own("own1", Kind.RESTATE, names),)
    usual, knife = (reordered(worked, order, own, (), h).plan for h in ((), (Handled("own1", "knife"),)))
    assert knife.passes[-1].minutes < usual.passes[-1].minutes


def test_the_last_word_counts_and_what_cannot_be_is_refused_with_what_can() -> None:
    words = (Handled("p1", "knife"), Handled("p1", "fine-brush"))
    assert tool_of("p1", words) is TOOLS["fine-brush"]
    assert tool_of("p2", words) is None
    with refuses(UnknownName, "knife"):
        Handled("p1", "broom").checked(medium_named("oil"))
    with refuses(InvalidInput, "Watercolour is not laid with a painting knife"):
        Handled("p1", "knife").checked(medium_named("watercolour"))


def test_every_medium_has_a_larger_and_a_finer_tool() -> None:
    for key in MEDIA:
        own = [tool for tool in TOOLS.values() if key in tool.media]
        assert min(tool.cover for tool in own) < 1 < max(tool.cover for tool in own)
        assert all((tool.cover > 1) != (tool.cut > 1) for tool in own)
