"""The commands mix and paints, run as another program would run them."""

from __future__ import annotations

import json
from pathlib import Path

import pytest

from tests.forked import command as run

PALETTE = "ultramarine,burnt sienna,lemon yellow,quinacridone rose"


def test_mix_writes_recipes_best_first(tmp_path: Path) -> None:
    out = tmp_path / "mix.json"
    done = run("mix", "--medium", "watercolour", "--paints", PALETTE, "--target", "52,4,-14", "--out", out)
    assert done.returncode == 0, done.stderr
    recipes = json.loads(out.read_text())["recipes"]
    assert len(recipes) >= 3
    assert recipes[0]["deltaE"] <= max(1.5, min(r["deltaE"] for r in recipes))
    assert "nearest" in min(recipes, key=lambda r: r["deltaE"])["says"]
    best = recipes[0]
    assert {"parts", "dilution", "layers", "lab", "labWet", "value", "deltaE", "valueError"} <= best.keys()
    assert best["deltaE"] < 2
    assert best["labWet"][0] < best["lab"][0]
    assert {part["paint"] for part in best["parts"]} <= {"ultramarine", "burnt-sienna", "lemon", "rose"}
    few = run(
        "mix", "--medium", "watercolour", "--paints", PALETTE, "--target", "52,4,-14", "--max-paints", "1"
    )
    assert few.returncode == 0
    assert "+" not in few.stdout


def test_a_recipe_told_back_as_parts_gives_its_colour(tmp_path: Path) -> None:
    out = tmp_path / "mix.json"
    run("mix", "--medium", "oil", "--paints", "white,ultramarine,ochre", "--target", "60,0,2", "--out", out)
    best = json.loads(out.read_text())["recipes"][0]
    parts = ",".join(f"{p['paint']}={p['parts']}" for p in best["parts"])
    film = best["load"]
    again = run("mix", "--medium", "oil", "--parts", parts, "--film", str(film), "--out", out)
    assert again.returncode == 0, again.stderr
    assert json.loads(out.read_text())["lab"] == pytest.approx(best["lab"], abs=0.1)


def test_layers_are_laid_one_over_the_other(tmp_path: Path) -> None:
    out = tmp_path / "layers.json"
    done = run("mix", "--medium", "watercolour", "--layers", "lemon@0.3;phthalo blue@0.05", "--out", out)
    assert done.returncode == 0, done.stderr
    found = json.loads(out.read_text())
    yellow, green = (layer["lab"] for layer in found["layers"])
    assert yellow[2] > 50
    assert green[1] < yellow[1] - 15
    assert green[0] < yellow[0]
    assert found["lab"] == green


def test_paints_are_listed_with_what_to_know() -> None:
    listed = json.loads(run("paints", "--json").stdout)["paints"]
    assert len(listed) >= 45
    assert all(paint["provenance"] == "modelled, not measured" for paint in listed)
    oil = run("paints", "--medium", "oil").stdout
    assert "cobalt blue" in oil
    assert "toxic metal" in oil


@pytest.mark.parametrize(
    ("words", "says"),
    [
        (["--medium", "gouache", "--paints", "lemon", "--target", "50,0,0"], "medium"),
        (["--medium", "oil", "--paints", "", "--target", "50,0,0"], "no paint on the palette"),
        (["--medium", "oil", "--paints", "mud", "--target", "50,0,0"], "no paint called"),
        (["--medium", "oil", "--paints", "lemon", "--target", "50,0"], "A target is L,a,b"),
        (["--medium", "oil", "--paints", "lemon", "--target", "nan,0,0"], "A target is L,a,b"),
        (
            ["--medium", "oil", "--paints", "lemon", "--target", "50,0,0", "--max-paints", "9"],
            "1 to 3 paints",
        ),
        (["--medium", "oil", "--parts", "lemon=-1"], "number over 0"),
        (["--medium", "oil", "--parts", "lemon=1,lemon=2"], "named twice"),
        (["--medium", "oil", "--parts", "lemon=1", "--film", "0"], "unit films thick"),
        (["--medium", "oil", "--layers", ";"], "Layers are mixtures"),
        (["--medium", "oil", "--paints", "lemon"], "Give one of"),
        (["--medium", "oil", "--parts", "lemon", "--over", "mauve"], "not understood"),
    ],
)
def test_what_cannot_be_mixed_is_refused_in_a_sentence(words: list[str], says: str) -> None:
    done = run("mix", *words)
    assert done.returncode == 1
    assert says in done.stderr
    assert "Traceback" not in done.stderr
