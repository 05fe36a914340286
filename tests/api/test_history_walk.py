"""Whatever is changed, undo and redo find the same piece and the same plan again."""

from __future__ import annotations

import zlib
from typing import Any

import httpx
import numpy as np
import pytest
from PIL import Image

from tests.conftest import edited, encoded, new_piece, worked_out
from tests.long import rounds
from tests.pieces import photographs


def changes() -> list[dict[str, Any]]:
    """Mixed edits, each a field that a painter would change."""
    dice = np.random.default_rng(11)

    def place() -> dict[str, float]:
        return {"x": round(float(dice.uniform(0.1, 0.9)), 3), "y": round(float(dice.uniform(0.1, 0.9)), 3)}

    made: list[dict[str, Any]] = []
    strokes: list[dict[str, Any]] = []
    kinds = ("stroke", "name", "bands", "crop", "ground", "palette", "intent", "squint", "focus", "move")
    for k in range(rounds(20, 50)):
        kind = kinds[k % len(kinds)]
        strokes = [*strokes, {"points": [place(), place()]}] if kind == "stroke" else strokes
        offered: dict[str, dict[str, Any]] = {
            "stroke": {"areas": {"strokes": strokes}},
            "name": {"areas": {"strokes": strokes, "names": [place() | {"name": f"thing {k}"}]}},
            "bands": {"bands": int(dice.integers(2, 8))},
            "crop": {"arrangement": {"crop": {"left": float(dice.uniform(0, 0.3)), "bottom": 0.9}}},
            "ground": {"ground": str(dice.choice(["cream", "rose-wash", "buff"]))},
            "palette": {"palette": ["ochre", "rose", str(dice.choice(["ultramarine", "cobalt"]))]},
            "intent": {"intent": {"sentence": f"about {k}", "mood": str(dice.choice(["lighter", "closer"]))}},
            "squint": {"squint": float(dice.integers(0, 6)) / 2},
            "focus": {"focus": place()},
            "move": {"arrangement": {"moves": [place() | {"dx": 0.1}]}},
        }
        made.append(offered[kind])
    return made


@pytest.mark.soak
def test_a_walk_through_the_history_finds_the_same_export_at_each_position(client: httpx.Client) -> None:
    tiny = encoded(np.asarray(Image.fromarray(photographs()["landscape"]).resize((150, 100))))
    piece = new_piece(client, tiny)["id"]
    url = f"/api/pieces/{piece}"

    def export() -> tuple[Any, int]:
        worked_out(client, piece)
        return client.get(url).json()["settings"], zlib.crc32(client.get(f"{url}/export").content)

    states = [export()]
    for change in changes():
        before = client.get(url).json()["revision"]
        if edited(client, piece, **change)["revision"] > before:  # what changes nothing is no edit
            states.append(export())
    assert len(states) > rounds(15, 40)
    dice = np.random.default_rng(3)
    at = len(states) - 1
    for _ in range(rounds(9, 120)):
        back = at == len(states) - 1 or (at > 0 and dice.random() < 0.5)
        revision = client.get(url).json()["revision"]
        done = client.post(f"{url}/{'undo' if back else 'redo'}", json={"revision": revision})
        assert done.status_code == 200, done.text
        at += -1 if back else 1
        if dice.random() < rounds(25, 40) / 100:
            assert export() == states[at], at
    assert client.get(url).json()["settings"] == states[at][0]
