"""A client of the server with the demo pieces, and a piece of a photograph on it."""

from __future__ import annotations

from collections.abc import Iterator

import httpx
import pytest

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.pieces import photographs


@pytest.fixture(scope="module")
def client(demo: Server) -> Iterator[httpx.Client]:
    with demo.client() as opened:
        yield opened


@pytest.fixture(scope="module")
def landscape(client: httpx.Client) -> str:
    piece = str(new_piece(client, encoded(photographs()["landscape"]))["id"])
    worked_out(client, piece)
    return piece
