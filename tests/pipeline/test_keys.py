"""Keys follow from what stages declare to read: no setting makes a stale answer, or a needless one."""

from __future__ import annotations

import json
from collections.abc import Callable
from dataclasses import replace
from typing import Any

import numpy as np
import pytest

from tests.conftest import encoded
from tests.long import SOAK, tried
from tests.pieces import photographs
from washboard.core.areas.corrections import AreaFamily, Corrections, Family, Stroke
from washboard.core.composition.arrangement import Arrangement
from washboard.core.composition.borrowed import Borrowed
from washboard.core.composition.relit import LitBy, Relight
from washboard.core.composition.sources import Said
from washboard.core.edges.made import EdgeWish
from washboard.core.key.mood import Mood
from washboard.core.key.relations import Holds
from washboard.core.key.wishes import Tone
from washboard.core.marks.own import OwnMark
from washboard.core.marks.wishes import Wish
from washboard.core.materials.habit import BandBias, Habit
from washboard.core.order.options import Kept
from washboard.core.order.unders import NoUnder, Over
from washboard.core.plan.marks import HowMany, MarkKind
from washboard.core.plan.own import Own
from washboard.core.plan.plan import Kind
from washboard.core.plan.stretch import Edge
from washboard.core.plan.tools import Handled
from washboard.core.reference.place import Anchor
from washboard.core.reference.tone_curve import Opening
from washboard.core.schools.aims import Aim
from washboard.formats import planfile
from washboard.pipeline.memo import Memo, bytes_of
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject, stages_up_to
from washboard.settings import Settings, Stage, declared
from washboard.settings.groups import Ordering
from washboard.settings.intent import Intent
from washboard.settings.mixed import Mixed
from washboard.settings.variant import Variant

BASE = Settings("acrylic", "value:7", 40, 30)
CHANGES: dict[str, Any] = {
    "medium": "oil",
    "surface": "white",
    "width_cm": 60.0,
    "height_cm": 45.0,
    "stock": "panel",
    "side": "back",
    "opening": Opening(0.6, 0.2),
    "borrowed": (Borrowed("other", ((0.3, 0.3), (0.7, 0.3), (0.7, 0.7), (0.3, 0.7)), 0.3, 0.4, 0.3),),
    "arrangement": Arrangement((0.1, 0.0, 0.9, 1.0)),
    "relight": Relight(0.7, 0.2, LitBy.LAMP),
    "spread": True,
    "margin_cm": 3.0,
    "habit": Habit(1.3, 0.8, 1.2, (BandBias(5.0, 0.4),)),
    "bands": 4,
    "even": True,
    "thresholds": (2.5, 5.0, 7.5),
    "squint": 1.7,
    "names": (Anchor(0.5, 0.5, "the cup"),),
    "areas": Corrections((Stroke(((0.4, 0.4), (0.6, 0.4))),), (Anchor(0.5, 0.4, "rim"),)),
    "focus": (0.2, 0.3),
    "light": 120.0,
    "sources": (Said(0.4, 0.4, True),),
    "ground": "pale-warm-grey",
    "palette": ("white", "ultramarine", "burnt-umber", "ochre"),
    "pairs": (("ultramarine", "burnt-umber"),),
    "intent": Intent("one cup", (0.5, 0.5), Mood.DARKER, 5.0, "spring"),
    "school": "both-ends",
    "passes": 2,
    "marks": 20,
    "families": (Wish(0.4, 0.4, MarkKind.LINE, HowMany.NONE),),
    "straight": ((0.5, 0.1),),
    "edges": (EdgeWish(0.5, 0.5, Edge.LOST),),
    "tones": (Tone("m1", -0.5, 0.6, 4.0),),
    "unders": (NoUnder(Over.THING, 0.5, 0.5),),
    "stages": 4,
    "around_cm": 2.0,
    "own_marks": (OwnMark(((0.2, 0.2), (0.6, 0.5))),),
    "order": ("p2", "p1"),
    "pins": ("p1",),
    "ways": (Kept("m1", Kind.MASK),),
    "whites": False,
    "holds": (Holds.EDGES,),
    "aim": Aim.MIXTURES,
    "groups": (("m1", "m2"), ("m3",)),
    "mixed": (Mixed(0.5, 0.05, "both-ends"),),
    "own_passes": (Own("own1", Kind.GLAZE, ("m1",)),),
    "dropped": ("p2",),
    "tools": (Handled("p1", "knife"),),
    "effects_off": ("edges:m1",),
    "effects_taken": ("lamp:m2",),
    "variants": (Variant("kept", Ordering(school="both-ends")),),
}
"""Another value of each setting."""
PARTS: dict[str, Any] = {
    "intent.sentence": Intent(sentence="one cup"),
    "intent.deadline": Intent(deadline="spring"),
    "intent.about": Intent(about=(0.5, 0.5)),
    "intent.minutes": Intent(minutes=5.0),
    "intent.mood": Intent(mood=Mood.LIGHTER),
    "areas.names": Corrections(names=(Anchor(0.5, 0.4, "rim"),)),
    "areas.families": Corrections(families=(AreaFamily(0.5, 0.4, Family.SHADOW),)),
    "areas.depths": Corrections(depths=((0.5, 0.4), (0.1, 0.9))),
    "areas.strokes": Corrections(strokes=(Stroke(((0.4, 0.4), (0.6, 0.4))),)),
}
"""Another value of one part of a setting."""
CASES = {name: {name: value} for name, value in CHANGES.items()} | {
    part: {part.split(".")[0]: value} for part, value in PARTS.items()
}


class Counting(Memo):
    """A memory that notes which stages were worked out."""

    def __init__(self) -> None:
        # Large enough to forget nothing: what is worked out again here is so for its key.
        super().__init__(2**32)
        self.made: list[Any] = []

    def once(self, key: Any, make: Callable[[], Any]) -> Any:
        def noted() -> Any:
            self.made.append(key[0])
            return make()

        return super().once(key, noted)


@pytest.fixture(scope="module")
def files() -> dict[str, bytes]:
    pictures = photographs()
    # Small ones: every case is worked out from nothing.
    return {
        "main": encoded(pictures["cup"][::2, ::2], quality=92),
        "other": encoded(pictures["cat"][::2, ::2], quality=92),
    }


def subject(files: dict[str, bytes], **changes: Any) -> Subject:
    photos = {name: (lambda name=name: files[name]) for name in files}
    return Subject(replace(BASE, **changes).checked(), "main", photos)


def told(stages: Stages, about: Subject) -> str:
    """All that a plan says, as text."""
    result = stages.result(about)
    source = planfile.DocumentSource("P", "0" * 64, 1, 1, "0" * 64, result.seen.whole.areas)
    document = json.loads(planfile.written(planfile.document_of(result.worked.plan, source)))
    return json.dumps([document, result.table.greys.tolist(), result.maps.first.sum().item()])


@pytest.fixture(scope="module")
def warm(files: dict[str, bytes]) -> tuple[Stages, str]:
    stages = Stages(Counting())
    return stages, told(stages, subject(files))


def test_every_setting_is_changed_in_a_case() -> None:
    assert CHANGES.keys() == declared().keys()


@pytest.mark.parametrize("case", CASES)
def test_a_key_changes_just_where_the_setting_is_read(files: dict[str, bytes], case: str) -> None:
    before, after = subject(files), subject(files, **CASES[case])
    (name,) = CASES[case]
    one = declared()[name]
    part = case.partition(".")[2]
    given = {other for other in CASES[case] if CASES[case][other] != declared()[other].default}

    def reads(stage: Stage) -> bool:
        found = one.parts_read(stage, lambda other: other in given)
        return "" in found or (part in found if part else bool(found))

    for stage in Stage:
        wanted = any(reads(each) for each in stages_up_to(stage, drawn=False))
        assert (before.key(stage) != after.key(stage)) is wanted, stage


def first_of_each() -> list[str]:
    """A case for every set of stages that some setting reaches; all cases in the long run."""
    before = subject({})
    found: dict[object, str] = {}
    for case, changes in CASES.items():
        after = subject({}, **changes)
        reached = tuple(stage for stage in Stage if before.key(stage) != after.key(stage))
        found.setdefault(case if SOAK else reached, case)
    return list(found.values())


@pytest.mark.soak
@pytest.mark.parametrize("case", tried(first_of_each(), 9))
def test_an_answer_from_memory_is_the_one_that_is_worked_out_from_nothing(
    files: dict[str, bytes], warm: tuple[Stages, str], case: str
) -> None:
    stages, _ = warm
    about = subject(files, **CASES[case])
    memo = stages.memo
    assert isinstance(memo, Counting)
    memo.made.clear()
    fresh = Stages()
    assert told(stages, about) == told(fresh, about)
    # Nothing was worked out again that the setting does not change.
    base = subject(files)
    again = {made for made in memo.made if isinstance(made, Stage)}
    assert all(base.key(stage) != about.key(stage) for stage in again), again


def test_the_same_subject_is_worked_out_once(files: dict[str, bytes], warm: tuple[Stages, str]) -> None:
    stages, first = warm
    memo = stages.memo
    assert isinstance(memo, Counting)
    told(stages, subject(files))
    memo.made.clear()
    assert told(stages, subject(files)) == first
    assert memo.made == []


def test_another_engine_has_other_keys(files: dict[str, bytes], monkeypatch: pytest.MonkeyPatch) -> None:
    before = subject(files).key(Stage.RESULT)
    monkeypatch.setattr("washboard.pipeline.subject.ENGINE", "other")
    assert subject(files).key(Stage.RESULT) != before


def test_the_memory_holds_its_bound_and_forgets_the_least_used() -> None:
    memo = Memo(10_000_000)
    for k in range(40):
        memo.once(("array", k), lambda: np.zeros(125_000))
        memo.once(("array", 0), lambda: np.ones(1))
        assert memo.size <= 10_000_000
    made: list[int] = []
    memo.once(("array", 0), lambda: made.append(0))
    memo.once(("array", 39), lambda: made.append(39))
    memo.once(("array", 5), lambda: made.append(5))
    assert made == [5]


def test_bytes_are_counted_once_through_views_and_containers() -> None:
    array = np.zeros((1000, 1000))
    alone = bytes_of(array)
    assert 8_000_000 <= alone <= 8_001_000
    assert bytes_of((array, array[:500], {"a": [array.T]})) <= alone + 2000
