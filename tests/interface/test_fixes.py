"""What plans offer against their weak points, tried one by one as a painter would."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.interface.test_rooms_of_a_piece import opened, quiet, settings
from tests.pieces import photographs

Room = tuple[Server, str]


@pytest.mark.parametrize(
    ("name", "medium", "surface"), [("cup", "watercolour", "white"), ("cat", "oil", "value:5")]
)
def test_every_fix_of_a_plan_is_tried_by_itself_and_changes_what_it_is_for_and_nothing_to_the_worse(
    page: Page, demo: Server, name: str, medium: str, surface: str
) -> None:
    with demo.client() as client:
        data = encoded(photographs()[name])
        made = new_piece(client, data, medium=medium, surface=surface, widthCm=45, heightCm=30)["id"]
        worked_out(client, made)
    tried = fixes_tried(page, (demo, made))
    assert tried
    assert all(after <= before and changed for _, before, after, changed in tried), tried


def fixes_tried(page: Page, piece: Room) -> list[tuple[str, int, int, bool]]:
    """Every fix that a plan offers, pressed and undone one after the other: what it is for, how heavy all of
    that kind weighs before and after, and whether its figures differ."""
    server, name = piece

    def found() -> list[dict]:
        with server.client() as client:
            return client.get(f"/api/pieces/{name}/findings").json()["findings"]

    opened(page, piece, "order?below=findings")
    before, was, tried = found(), settings(*piece), []
    fixes = page.get_by_role("button", name=re.compile("^Try: "))
    offered = [finding for finding in before if finding["fix"]]
    expect(fixes).to_have_count(len(offered))
    for k, finding in enumerate(offered):
        fixes.nth(k).click()
        expect(page.get_by_role("status")).to_contain_text("Tried:")
        quiet(page)
        assert settings(*piece) != was
        assert page.get_by_role("alert").count() == 0
        after, kind = found(), finding["kind"]
        weights = weight_of(kind, before), weight_of(kind, after)
        tried.append((kind, *weights, figures_of(kind, before) != figures_of(kind, after)))
        page.get_by_role("button", name="Undo", exact=True).click()
        quiet(page)
        assert settings(*piece) == was
        expect(fixes).to_have_count(len(offered))
    return tried


def weight_of(kind: str, found: list[dict]) -> int:
    """How heavy all that is found of a kind weighs: 100 for what spoils a picture, 10, 1 for a note."""
    weights = {"spoils": 100, "weakens": 10, "note": 1}
    return sum(weights[one["weight"]] for one in found if one["kind"] == kind)


def figures_of(kind: str, found: list[dict]) -> list[tuple[dict, list[str]]]:
    """The figures and masses of all that is found of a kind."""
    return [(one["figures"], one["masses"]) for one in found if one["kind"] == kind]
