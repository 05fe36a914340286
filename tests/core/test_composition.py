"""Composition: every constructed defect is found at its place, its untouched control is clean."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field

import cv2
import numpy as np
import pytest

from tests.said import faults, text
from washboard.core.areas.area import areas_of
from washboard.core.composition.arrangement import Arrangement, arranged
from washboard.core.composition.findings import findings_of
from washboard.core.composition.findings.finding import Composed, composed_of
from washboard.core.materials.surfaces import sheet_of
from washboard.core.reference.picture import picture_of

WIDE, HIGH = 900, 600
SKY, GROUND, BARN, TREE, STONE = (196, 206, 214), (150, 136, 96), (92, 42, 34), (88, 104, 70), (176, 166, 140)


@dataclass
class Sheet:
    """A made-up picture under construction: pixels and the areas that are drawn into it."""

    horizon: float = 0.36
    tilt: float = 0.0
    things: list[tuple[str, float, float, float, float, tuple[int, int, int]]] = field(default_factory=list)
    sky: tuple[int, int, int] = SKY
    ground: tuple[int, int, int] = GROUND

    def composed(self) -> Composed:
        rgb = np.full((HIGH, WIDE, 3), self.sky, np.uint8)
        labels = np.ones((HIGH, WIDE), np.int32)
        rise = np.tan(np.radians(self.tilt)) * WIDE / 2
        y = self.horizon * HIGH
        land = np.array([(0, y + rise), (WIDE, y - rise), (WIDE, HIGH), (0, HIGH)], np.int32)
        cv2.fillPoly(rgb, [land], self.ground)
        cv2.fillPoly(labels, [land], 2)
        for number, (shape, x, top, w, h, colour) in enumerate(self.things, 3):
            box = (int(x * WIDE), int(top * HIGH), int((x + w) * WIDE), int((top + h) * HIGH))
            for target, fill in ((rgb, colour), (labels, number)):
                if shape == "block":
                    cv2.rectangle(target, box[:2], box[2:], fill, -1)
                elif shape == "ball":
                    middle = ((box[0] + box[2]) // 2, (box[1] + box[3]) // 2)
                    cv2.ellipse(
                        target, middle, ((box[2] - box[0]) // 2, (box[3] - box[1]) // 2), 0, 0, 360, fill, -1
                    )
                else:
                    corners = np.array([(box[0], box[1]), (box[2], box[3]), (box[0], box[3])], np.int32)
                    cv2.fillPoly(target, [corners], fill)
        grain = np.random.default_rng(4).normal(0, 2.5, (HIGH, WIDE, 1))
        blurred = cv2.GaussianBlur(rgb, (0, 0), 1.0)
        picture = picture_of(np.clip(blurred + grain, 0, 255).astype(np.uint8))
        return composed_of(picture, areas_of(picture, labels), sheet_of(45, 30, WIDE / HIGH))


def control() -> Sheet:
    """Barn near the left upper crossing, a tree and a stone: nothing to say."""
    made = Sheet()
    made.things = [
        ("block", 0.24, 0.24, 0.17, 0.26, BARN),
        ("ball", 0.72, 0.27, 0.1, 0.18, TREE),
        ("ball", 0.6, 0.74, 0.16, 0.1, STONE),
    ]
    return made


def halved(made: Sheet) -> None:
    made.horizon = 0.5
    made.things[0] = ("block", 0.24, 0.38, 0.17, 0.26, BARN)


def tilted(made: Sheet) -> None:
    made.tilt = 2.0


def central(made: Sheet) -> None:
    made.things[0] = ("block", 0.42, 0.4, 0.16, 0.2, BARN)


def at_edge(made: Sheet) -> None:
    made.things[0] = ("block", 0.0, 0.3, 0.06, 0.26, (24, 10, 8))


def loud_border(made: Sheet) -> None:
    made.things.append(("block", 0.95, 0.5, 0.05, 0.16, (40, 16, 12)))


def twins(made: Sheet) -> None:
    made.things[1] = ("block", 0.66, 0.25, 0.17, 0.26, BARN)


def fence(made: Sheet) -> None:
    made.things = [made.things[0]] + [
        ("block", x, 0.62, w, h, TREE)
        for x, w, h in ((0.16, 0.05, 0.1), (0.375, 0.06, 0.13), (0.6, 0.05, 0.1), (0.81, 0.07, 0.14))
    ]


def kisses_horizon(made: Sheet) -> None:
    made.things[1] = ("block", 0.72, 0.36, 0.1, 0.18, TREE)


def kisses_frame(made: Sheet) -> None:
    made.things[1] = ("ball", 0.892, 0.27, 0.1, 0.18, TREE)


def one_sided(made: Sheet) -> None:
    made.things = [
        ("block", 0.08, 0.12, 0.16, 0.5, (24, 12, 10)),
        ("ball", 0.05, 0.74, 0.16, 0.1, (50, 46, 30)),
    ]
    made.ground = (186, 178, 150)


def into_corner(made: Sheet) -> None:
    made.things.append(("wedge", 0.6, 0.8, 0.4, 0.2, (112, 108, 84)))
    made.things[2] = ("ball", 0.5, 0.7, 0.14, 0.09, STONE)


def all_middle(made: Sheet) -> None:
    made.sky, made.ground = (150, 152, 156), (130, 124, 110)
    made.things = [(s, x, y, w, h, (118, 104, 96)) for s, x, y, w, h, _ in made.things]


def split(made: Sheet) -> None:
    made.things = [("block", 0.5, 0.0, 0.51, 1.0, (120, 96, 80)), ("block", 0.24, 0.3, 0.12, 0.2, BARN)]


DEFECTS: list[tuple[Callable[[Sheet], None], str, tuple[float, float]]] = [
    (halved, "horizon-middle", (0.5, 0.5)),
    (tilted, "horizon-tilt", (0.5, 0.36)),
    (central, "focus-centre", (0.5, 0.5)),
    (at_edge, "focus-edge", (0.05, 0.4)),
    (loud_border, "border-contrast", (0.96, 0.57)),
    (twins, "equal-sizes", (0.54, 0.37)),
    (fence, "equal-spacing", (0.4, 0.68)),
    (kisses_horizon, "kissing-horizon", (0.77, 0.36)),
    (kisses_frame, "kissing-frame", (0.99, 0.36)),
    (one_sided, "balance", (0.2, 0.4)),
    (all_middle, "one-value", (0.77, 0.34)),
    (into_corner, "corner", (1.0, 1.0)),
    (split, "halved", (0.5, 0.5)),
]


def test_the_untouched_control_is_clean() -> None:
    assert [f.kind for f in findings_of(control().composed())] == []


def along_the_side(made: Sheet) -> None:
    """A post whose side stands near the frame and runs down past the corner."""
    made.things.append(("block", 0.975, 0.7, 0.025, 0.3, (112, 108, 84)))


def out_of_focus(made: Sheet) -> None:
    """A line into the corner between colours that are hardly different."""
    made.things.append(("wedge", 0.6, 0.8, 0.4, 0.2, (146, 133, 96)))


def ground_begins(made: Sheet) -> None:
    """A dam from side to side whose top is the horizon itself."""
    made.things[1] = ("block", 0.45, 0.36, 0.5, 0.2, TREE)


@pytest.mark.parametrize(
    ("spoil", "kind"),
    [(along_the_side, "corner"), (out_of_focus, "corner"), (ground_begins, "kissing-horizon")],
)
def test_what_only_looks_like_a_defect_in_the_areas_is_not_told(
    spoil: Callable[[Sheet], None], kind: str
) -> None:
    made = control()
    spoil(made)
    assert kind not in {finding.kind for finding in findings_of(made.composed())}


@pytest.mark.parametrize(("spoil", "kind", "place"), DEFECTS, ids=[kind for _, kind, _ in DEFECTS])
def test_a_constructed_defect_is_found_at_its_place(
    spoil: Callable[[Sheet], None], kind: str, place: tuple[float, float]
) -> None:
    made = control()
    spoil(made)
    found = findings_of(made.composed())
    assert kind in [f.kind for f in found]
    finding = next(f for f in found if f.kind == kind)
    assert np.hypot(finding.place[0] - place[0], finding.place[1] - place[1]) < 0.12
    said = [text(finding.sentence), text(finding.why)]
    said += [text(finding.trying) + "."] if finding.trying else []
    for words in said:
        assert faults(words) == [], words
        assert len(words.split()) <= 18, words


@pytest.mark.parametrize(("spoil", "kind"), [(spoil, kind) for spoil, kind, _ in DEFECTS])
def test_the_fix_that_a_finding_offers_takes_it_away(spoil: Callable[[Sheet], None], kind: str) -> None:
    made = control()
    spoil(made)
    composed = made.composed()
    finding = next(f for f in findings_of(composed) if f.kind == kind)
    if finding.fix is None:
        assert finding.trying or kind == "no-big-shape"
        assert kind not in ("balance", "one-value"), "an accent can be tried"
        return
    aspect = WIDE / HIGH
    plan = Arrangement().with_change(finding.fix, aspect).checked()
    done = arranged(composed.picture.rgb, composed.areas, plan)
    picture = picture_of(done.rgb)
    height, width = picture.shape
    after = composed_of(picture, areas_of(picture, done.labels), sheet_of(45, 30, width / height))
    assert kind not in [f.kind for f in findings_of(after)]
