"""The open plan format: round trip, unknown fields, versions, refusals, the schema, the command line."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

import json
from collections.abc import Callable
from functools import cache
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from jsonschema import Draft202012Validator
from PIL import Image

from tests.conftest import encoded
from tests.forked import command
from tests.pieces import Made, patchwork, photographs
from tests.said import refuses
from washboard.core.errors import InvalidPlan, NewerPlan
from washboard.formats import planfile, planparts
from washboard.formats.table import table

ROOT = Path(__file__).parents[2]


@cache
def document(medium: str = "watercolour") -> planparts.Document:
    measured, parts = patchwork(4, 9, 2)
    plan = Made(measured, parts, medium, "white", "light-to-dark", (30, 20), None).worked().plan
    return planfile.document_of(plan, planfile.DocumentSource("Patchwork"))


@pytest.mark.parametrize("medium", ["watercolour", "pastel", "acrylic", "oil"])
def test_reading_a_plan_back_gives_the_same_plan(medium: str) -> None:
    text = planfile.written(document(medium))
    read = planfile.read(text)
    again = planfile.document_of(planfile.plan_from(read), planfile.DocumentSource("Patchwork"))
    assert planfile.written(again) == planfile.written(read) == text


def test_a_name_of_words_that_are_not_known_here_stays_as_it_was_written() -> None:
    plain = json.loads(planfile.written(document()))
    plain["masses"][0] |= {"called": "Frosted hedge", "naming": {"noun": "hedge", "hues": ["frosted"]}}
    plan = planfile.plan_from(planfile.read(json.dumps(plain)))
    again = planfile.document_of(plan, planfile.DocumentSource("Patchwork"))
    assert again.masses[0].called == "Frosted hedge"


@pytest.mark.parametrize("spans", [[(5, 2)], [(-1, 2)], [(0, 9999)], [(3, 6), (2, 4)]])
def test_marks_that_do_not_fit_their_text_are_refused(spans: list[tuple[int, int]]) -> None:
    plain = json.loads(planfile.written(document()))
    plain["passes"][0]["titleMarks"] = [{"start": start, "end": end} for start, end in spans]
    with refuses(InvalidPlan, "marks of names do not fit"):
        planfile.plan_from(planfile.read(json.dumps(plain)))


def test_the_published_schema_accepts_what_is_written_and_refuses_what_is_not_a_plan() -> None:
    schema = json.loads((ROOT / "docs" / "plan.schema.json").read_text())
    Draft202012Validator.check_schema(schema)
    validator = Draft202012Validator(schema)
    plain = json.loads(planfile.written(document()))
    assert validator.is_valid(plain)
    plain["masses"][0]["share"] = 3
    assert not validator.is_valid(plain)


def test_unknown_fields_survive_reading_and_writing() -> None:
    plain = json.loads(planfile.written(document()))
    plain["later"] = {"kept": True}
    plain["passes"][0]["sitting"] = 2
    again = json.loads(planfile.written(planfile.read(json.dumps(plain))))
    assert again["later"] == {"kept": True}
    assert again["passes"][0]["sitting"] == 2


def test_the_contract_of_the_format_is_there() -> None:
    plain = json.loads(planfile.written(document()))
    assert {"washboard", "engine", "piece", "medium", "school", "surface", "reference", "key", "labelMap",
            "masses", "passes", "predicted"} <= plain.keys()  # fmt: skip
    assert {"id", "label", "kind", "value", "targetValue", "lab", "share", "areaCm2", "bandRange", "area",
            "depth", "reserved", "neighbours"} <= plain["masses"][0].keys()  # fmt: skip
    assert {"id", "title", "reason", "minutes", "waitMinutes", "needs", "maxLagMinutes",
            "operations"} <= plain["passes"][0].keys()  # fmt: skip
    assert {"mass", "kind", "role", "cover", "fromValue", "toValue"} <= plain["passes"][0]["operations"][
        0
    ].keys()
    rows = plain["predicted"]["values"]
    assert len(rows) == len(plain["passes"]) + 1
    assert {len(row) for row in rows} == {len(plain["masses"])}


REFUSED = {
    "not json": ("{", "not JSON"),
    "a number that is none": ('{"washboard": 1, "engine": NaN}', "not JSON"),
    "no version": ("{}", "no plan"),
    "a list": ("[]", "no plan"),
    "too many levels": ("[" * 100_000, "too many levels|not JSON"),
    "wrong field": ('{"washboard": 1, "engine": 7}', "cannot be read"),
}


@pytest.mark.parametrize("name", REFUSED)
def test_what_is_no_plan_is_refused_in_plain_words(name: str) -> None:
    text, words = REFUSED[name]
    with refuses(InvalidPlan, words):
        planfile.read(text)


@pytest.mark.parametrize("colour", [[50, 1e200, 0], [-20, 0, 0], [400, 0, 0]])
def test_a_colour_that_no_surface_has_is_refused(colour: list[float]) -> None:
    plain = json.loads(planfile.written(document()))
    plain["masses"][0]["targetEnds"][0] = colour
    with refuses(InvalidPlan, "targetEnds"):
        planfile.read(json.dumps(plain))


def test_a_newer_version_is_refused_as_such() -> None:
    with refuses(NewerPlan, "format version 2"):
        planfile.read('{"washboard": 2}')


@cache
def written() -> str:
    return planfile.written(document())


@settings(max_examples=60, deadline=None)
@given(
    st.recursive(
        st.none() | st.booleans() | st.floats() | st.text(), lambda inner: st.dictionaries(st.text(), inner)
    )
)
def test_no_json_at_all_breaks_the_reader(anything: object) -> None:
    plain = json.loads(written())
    plain["surface"] = anything
    try:
        planfile.read(json.dumps(plain))
    except InvalidPlan as error:
        assert str(error)  # noqa: PT017


def test_the_table_is_readable_in_a_terminal() -> None:
    text = table(planfile.plan_from(document()))
    assert max(map(len, text.splitlines())) <= 100
    assert "light to dark" in text


def test_the_command_line_writes_plan_table_and_pictures(tmp_path: Path) -> None:
    photo, out, folder = tmp_path / "cup.jpg", tmp_path / "plan.json", tmp_path / "pictures"
    photo.write_bytes(encoded(photographs()["cup"]))
    done = command("plan", photo, "--medium", "watercolour", "--surface", "white", "--size", "45x30cm",
                   "--out", out, "--preview", folder)  # fmt: skip
    assert done.returncode == 0, done.stderr
    assert done.stderr == ""
    assert "Watercolour on white" in done.stdout
    plan = planfile.read(out.read_text())
    count = len(plan.passes)
    names = {f"{kind}-{k:02d}.png" for kind in ("pass", "values") for k in range(count + 1)} | {"masses.png"}
    assert {file.name for file in folder.iterdir()} == names
    labels = np.asarray(Image.open(folder / "masses.png"))
    assert labels.dtype == np.uint16
    assert set(np.unique(labels)) == {mass.label for mass in plan.masses}
    for mass in plan.masses:
        assert float((labels == mass.label).mean()) == pytest.approx(mass.share, abs=1e-4)


@pytest.mark.parametrize(
    ("words", "said"),
    [
        (("--medium", "tempera", "--surface", "white", "--size", "30x20cm"), "no medium"),
        (("--medium", "oil", "--surface", "plaid", "--size", "30x20cm"), "surface"),
        (("--medium", "oil", "--surface", "white", "--size", "nan x 3"), "size"),
        (("--medium", "oil", "--surface", "white", "--size", "1e9x3cm"), "size"),
        (("--medium", "oil", "--surface", "white", "--size", "30x20cm", "--school", "none"), "no approach"),
        (("--medium", "oil", "--surface", "white", "--size", "30x20cm", "--bands", "40"), "bands"),
    ],
)
def test_the_command_line_refuses_in_one_line(tmp_path: Path, words: tuple[str, ...], said: str) -> None:
    photo = tmp_path / "cup.jpg"
    photo.write_bytes(encoded(photographs()["cup"]))
    done = command("plan", photo, *words)
    assert done.returncode == 1
    assert done.stderr.count("\n") == 1
    assert said in done.stderr


def twice(plain: dict) -> None:
    plain["masses"].append(plain["masses"][0])


def passes_twice(plain: dict) -> None:
    plain["passes"][1]["id"] = plain["passes"][0]["id"]


def short(plain: dict) -> None:
    del plain["predicted"]["values"][1]


def narrow(plain: dict) -> None:
    plain["predicted"]["values"][1].pop()


def stranger(plain: dict) -> None:
    plain["passes"][0]["operations"][0]["mass"] = "nobody"


def stranger_beside(plain: dict) -> None:
    plain["masses"][0]["neighbours"][0]["mass"] = "nobody"


@pytest.mark.parametrize(
    ("damage", "says"),
    [
        (twice, "twice"),
        (passes_twice, "twice"),
        (short, "predicted values"),
        (narrow, "predicted values"),
        (stranger, "none of its masses"),
        (stranger_beside, "none of its masses"),
    ],
)
def test_a_plan_that_does_not_hang_together_is_refused(damage: Callable[[dict], None], says: str) -> None:
    plain = json.loads(planfile.written(document()))
    damage(plain)
    with refuses(InvalidPlan, says):
        planfile.plan_from(planfile.read(json.dumps(plain)))


def test_what_a_newer_program_adds_to_any_part_is_passed_over_and_kept() -> None:
    plain = json.loads(planfile.written(document()))

    def more(branch: object) -> None:
        if isinstance(branch, dict):
            for value in branch.values():
                more(value)
            # A table of numbers by name is all of one kind: what is added to it is one of them.
            if not all(isinstance(value, float) for value in branch.values()):
                branch["brushLoad"] = 0.5
        elif isinstance(branch, list):
            for value in branch:
                more(value)

    for mass in plain["masses"]:
        more(mass)
    for one in plain["passes"]:
        more(one["operations"])
    read = planfile.read(json.dumps(plain))
    assert planfile.plan_from(read) == planfile.plan_from(planfile.read(planfile.written(document())))
    assert json.loads(planfile.written(read))["masses"][0]["look"]["brushLoad"] == 0.5
