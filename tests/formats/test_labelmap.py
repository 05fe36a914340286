"""What a painting should look like, kept in a plan file and read again."""

from __future__ import annotations

import json
from functools import cache
from typing import Any

import numpy as np
import pytest

from tests.conftest import encoded
from tests.pieces import photographs
from tests.said import refuses
from washboard.core.colour.lab import LINEAR_OF_BYTE, difference, lab_of_linear
from washboard.core.errors import InvalidPlan
from washboard.core.order.prediction import painted
from washboard.core.review.expected import Expected, mean_by
from washboard.core.review.state import FINE, Blocks
from washboard.formats import labelmap, planfile
from washboard.pipeline.answers.expected import expected_of
from washboard.pipeline.stages import Stages
from washboard.pipeline.stages.results import Result
from washboard.pipeline.subject import Subject
from washboard.settings import Settings


@cache
def made() -> tuple[Result, Expected, str]:
    """Coins on a cloth that grows lighter upward, planned; what it should look like, and its plan file."""
    data = encoded(photographs()["coins"], quality=90)
    settings = Settings("pastel", "value:4", 40, 30, marks=0).checked()
    result = Stages().result(Subject.photo("coins", lambda: data, settings))
    labels = planfile.label_hash(result.seen.measured.labels)
    source = planfile.DocumentSource("coins", "0" * 64, 1000, 789, labels, ())
    expected = expected_of(result)
    document = planfile.document_of(result.worked.plan, source)
    return result, expected, planfile.written(labelmap.with_map(document, expected))


def read(change: dict[str, Any]) -> Expected:
    """The file with something in it changed."""
    document = json.loads(made()[2])
    for path, value in change.items():
        part, name = path.split(".")
        document[part][name] = value
    return labelmap.expected_in(planfile.read(json.dumps(document).encode()))


def test_parts_of_a_modelled_mass_look_as_they_are_predicted_there() -> None:
    result, expected, _ = made()
    blocks = Blocks(expected)
    last = len(result.table.colours) - 1
    picture = lab_of_linear(LINEAR_OF_BYTE[painted(result.table, result.maps, last)])
    inside = expected.deep > 6
    seen = mean_by(blocks.at, picture, blocks.count, inside.astype(float))
    own = mean_by(blocks.at, inside.astype(float), blocks.count) > 0.5
    assert own.sum() > 50
    # Soft edges reach further in than this.
    assert np.quantile(np.abs(blocks.planned[last] - seen)[own], 0.95) < 1.0
    cloth = int(np.bincount(expected.index.ravel()).argmax())
    lightness = blocks.planned[last][blocks.mass == cloth, 0]
    assert np.ptp(lightness) > 10


def test_a_plan_file_holds_what_each_place_should_look_like() -> None:
    _, expected, text = made()
    there, kept = Blocks(expected, FINE), Blocks(read({}), FINE)
    assert (kept.at == there.at).all()
    apart = difference(kept.planned, there.planned)
    assert (apart.max(axis=0) * there.weight).sum() < 1.0
    assert len(json.loads(text)["map"]["along"]) < 60_000


def test_a_file_without_gradations_is_read_as_masses_of_one_colour() -> None:
    _, expected, _ = made()
    plain = read({"map.along": "", "predicted.ends": []})
    assert (plain.ends[:, :, 0] == plain.ends[:, :, 1]).all()
    assert np.abs(plain.colours - expected.colours).max() < 0.01


@pytest.mark.parametrize(
    ("change", "told"),
    [
        ({"map.along": "bm90IGEgcGljdHVyZQ=="}, "cannot be read"),
        ({"map.along": "*"}, "cannot be read"),
        ({"predicted.ends": [[[[1, 2, 3], [1, 2, 3]]]]}, "rows of colours"),
        ({"predicted.colours": [[[1, 2, 3]], [[1, 2, 3], [1, 2, 3]]]}, "rows of"),
        ({"map.width": 12}, "12 by"),
    ],
)
def test_a_file_whose_gradations_are_none_is_refused(change: dict[str, Any], told: str) -> None:
    with refuses(InvalidPlan, told):
        read(change)
