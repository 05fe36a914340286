"""Edges in the room Order: shown on the picture, each stretch with its lever."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, new_piece, worked_out
from tests.interface.test_flow import serious
from tests.interface.test_rooms_of_a_piece import opened, quiet, settings

Room = tuple[Server, str]


@pytest.fixture
def piece(demo: Server, cup: bytes) -> Room:
    with demo.client() as client:
        made = new_piece(client, cup)["id"]
        worked_out(client, made)
    return demo, made


@pytest.mark.parametrize("how", ["soft", "lost", "broken", "firm"])
def test_an_edge_is_made_otherwise_with_its_lever_and_as_proposed_again(
    page: Page, piece: Room, how: str
) -> None:
    server, made = piece
    with server.client() as client:
        plan = client.get(f"/api/pieces/{made}/plan").json()["document"]
    ids = [done["id"] for done in plan["passes"]]
    long = max((edge for edge in plan["edges"] if edge["pass"]), key=lambda edge: edge["lengthCm"])
    opened(page, piece, f"order?pass={ids.index(long['pass']) + 1}&look=edges")
    expect(page.get_by_role("img", name=re.compile("^Edges of the masses"))).to_be_visible()
    edges = page.get_by_role("region", name="Edges of this pass")
    edges.get_by_role("combobox").select_option(index=1)
    lever = edges.get_by_role("button", name=re.compile(f"^{how}"))
    proposed = edges.get_by_role("button", name=re.compile("proposed$"))
    expect(proposed).to_have_attribute("aria-pressed", "true")
    lever.click()
    expect(lever).to_have_attribute("aria-pressed", "true")
    quiet(page)
    wished = settings(*piece)["edges"]
    assert [wish["how"] for wish in wished] in ([how], [])
    assert serious(page) == []
    proposed.click()
    expect(proposed).to_have_attribute("aria-pressed", "true")
    quiet(page)
    assert settings(*piece)["edges"] == []
