"""Speed as ratios and against limits, all in one run: `python -m bench.run build/bench.json`."""

from __future__ import annotations

import io
import json
import sys
import tempfile
import time
from collections.abc import Callable
from dataclasses import replace
from functools import partial
from pathlib import Path
from statistics import median
from typing import Any

import numpy as np
from PIL import Image
from playwright.sync_api import sync_playwright

from tests.conftest import CHROMIUM, started, worked_out
from tests.pieces import Made, patchwork, photographs
from washboard.core.areas.area_map import area_map
from washboard.core.areas.corrections import Stroke
from washboard.core.areas.snap import snapped
from washboard.core.areas.superpixels import superpixels_of
from washboard.core.areas.tree import tree_of
from washboard.core.colour.spectra import grey_of_value
from washboard.core.materials.media import medium_named
from washboard.core.materials.paints import PAINTS
from washboard.core.materials.surfaces import surface_of
from washboard.core.mixing.grid import grid_of
from washboard.core.mixing.mixture import mixing_model_of
from washboard.core.mixing.search import recipes_for
from washboard.core.optics.vehicle import vehicle_of
from washboard.core.order.options import NO_OPTIONS
from washboard.core.order.prediction import table_of
from washboard.core.planning.compare import compared
from washboard.demo.pieces import SALT_PANS, reference_bytes
from washboard.pipeline.answers.mix import board_entries as board
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

from .felt import of_going_about, of_starting

Figures = dict[str, float]


def milliseconds(work: Callable[[], object], rounds: int = 9) -> float:
    """Least time of some rounds, after one to warm up: what is above it is other work on the machine."""
    work()
    taken = []
    for _ in range(rounds):
        start = time.perf_counter()
        work()
        taken.append(1000 * (time.perf_counter() - start))
    return min(taken)


def over(work: Callable[[], object], base: Callable[[], object], rounds: int = 9) -> tuple[float, float]:
    """Least milliseconds of some work and of what it is compared with, taken in turns: a machine that
    slows down for a while slows both."""
    pairs = [(milliseconds(work, 1), milliseconds(base, 1)) for _ in range(rounds)]
    return min(w for w, _ in pairs), min(b for _, b in pairs)


def twelve_megapixels() -> bytes:
    """A photograph enlarged to 4000 × 3000, as a camera's JPEG."""
    out = io.BytesIO()
    picture = Image.fromarray(photographs()["landscape"]).resize((4000, 3000), Image.Resampling.BICUBIC)
    picture.save(out, "JPEG", quality=92)
    return out.getvalue()


def of_masses() -> Figures:
    """From a camera's file to masses with measures, over Pillow's full decode of the same file."""
    data = twelve_megapixels()
    settings = Settings("watercolour", "white", 45, 30)
    masses, decode = over(
        lambda: Stages().seen(Subject.photo("x", lambda: data, settings)),
        lambda: Image.open(io.BytesIO(data)).load(),
    )
    stages = Stages()
    stages.seen(Subject.photo("x", lambda: data, settings))
    shifts = iter(np.linspace(0.05, 0.6, 40))

    def photo(**changes: Any) -> Subject:
        return Subject.photo("x", lambda: data, replace(settings, **changes))

    def dragged() -> object:
        thresholds = tuple(t + float(next(shifts)) for t in (2.0, 4.0, 6.0, 8.0))
        return stages.seen(photo(thresholds=thresholds))

    strengths = iter(np.linspace(0.6, 2.4, 40))

    def squinted() -> object:
        return stages.seen(photo(squint=float(next(strengths))))

    return {
        "decode 12 MP, ms": decode,
        "masses 12 MP, ms": masses,
        "masses over decode (at most 5)": masses / decode,
        "threshold to masses, ms (at most 300)": milliseconds(dragged),
        "squint to masses, ms (at most 300)": milliseconds(squinted),
    }


def of_areas() -> Figures:
    """Proposing areas over Pillow's full decode of a camera's file; a line and an outline at 1000 px."""
    data = twelve_megapixels()
    picture = Stages().picture("x", lambda: data)
    proposing, decode = over(
        lambda: area_map(tree_of(superpixels_of(picture)), (), picture.shape),
        lambda: Image.open(io.BytesIO(data)).load(),
    )
    tree = tree_of(superpixels_of(picture))
    line = Stroke(((0.3, 0.2), (0.5, 0.15), (0.7, 0.2)))
    turn = np.linspace(0, 2 * np.pi, 40, endpoint=False)
    ring = Stroke(tuple((0.45 + 0.15 * np.cos(t), 0.5 + 0.2 * np.sin(t)) for t in turn.tolist()), closed=True)

    def outline() -> object:
        mask = snapped(picture.lab, ring.points)
        return area_map(tree, (ring,), picture.shape, None, {ring: mask})

    return {
        "proposing areas over decode (at most 1.5)": proposing / decode,
        "a line over a thing, ms (at most 100)": milliseconds(lambda: area_map(tree, (line,), picture.shape)),
        "an outline, ms (at most 100)": milliseconds(outline),
    }


def of_plans() -> Figures:
    """Plans of 40, 200 and 400 masses and how they grow, all schools compared, the table of 40 × 20."""
    found: Figures = {}
    for count, limit in ((40, 100), (200, 500), (400, 1500)):
        measured, parts = patchwork(1, count, 0, 45.0)
        piece = Made(measured, parts, "watercolour", "white", "light-to-dark", (45, 30), None)
        found[f"plan of {count} masses, ms (at most {limit})"] = milliseconds(piece.worked)
    mid, most = (found[f"plan of {n} masses, ms (at most {limit})"] for n, limit in ((200, 500), (400, 1500)))
    found["plan of 400 masses over one of 200 (2 is linear)"] = most / mid
    measured, parts = patchwork(1, 40, 0, 45.0)
    worked = Made(measured, parts, "watercolour", "white", "light-to-dark", (45, 30), 9).worked()
    plan = worked.plan
    for medium, surface in (("watercolour", "white"), ("oil", "value:5"), ("pastel", "black")):
        asked = medium_named(medium), surface_of(surface), plan.sheet, NO_OPTIONS
        found[f"all schools in {medium}, ms (at most 800)"] = milliseconds(
            partial(compared, measured.masses, parts, *asked), 3
        )
    repeated = worked.steps * 3
    longer = type(worked)(worked.plan, worked.scene, worked.turn, repeated[:20])
    found["table of 40 masses × 20 passes, ms (at most 20)"] = milliseconds(lambda: table_of(longer))
    return found


def of_paint() -> Figures:
    """Mixtures to Lab, recipes of twenty paints, the board of a demo piece."""
    vehicle, white = vehicle_of("watercolour"), grey_of_value(9.5)
    bench = mixing_model_of(list(PAINTS.values())[:20], vehicle, white)
    dice = np.random.default_rng(1)
    thicknesses = dice.random((100_000, 20)) * 0.1
    three = np.zeros((60, 20))
    for row in three:
        row[dice.choice(20, 3, replace=False)] = dice.dirichlet([1, 1, 1]) * dice.uniform(0.05, 1)
    targets = bench.labs(three)
    result = Stages().result(Subject.photo("salt", lambda: reference_bytes(SALT_PANS), SALT_PANS.settings))
    return {
        "100,000 mixtures to Lab, ms (at most 1000)": milliseconds(lambda: bench.labs(thicknesses), 3),
        "60 targets, 20 paints, up to 3, ms (at most 1000)": milliseconds(
            lambda: recipes_for(bench, targets, grid_of(bench)), 3
        ),
        "a whole recipe board, ms (at most 300)": milliseconds(lambda: board(result, SALT_PANS.settings), 3),
    }


def of_the_page() -> Figures:
    """In the page: a step through passes, a threshold dragged, the script's size."""
    built = Path(__file__).parents[1] / "src" / "washboard" / "web" / "assets"
    import gzip

    size = sum(len(gzip.compress(file.read_bytes(), 9)) for file in built.glob("*.js")) / 1000
    with tempfile.TemporaryDirectory() as folder, sync_playwright() as playwright:
        server = started(Path(folder), "demo")
        with server.client() as client:
            piece = client.get("/api/pieces").json()[0]["id"]
            worked_out(client, piece)
        chromium = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=list(CHROMIUM))
        page = chromium.new_context(
            viewport={"width": 1280, "height": 800}, reduced_motion="reduce"
        ).new_page()
        page.goto(f"{server.url}/pieces/{piece}/order?pass=0")
        page.get_by_role("img", name="The picture after").wait_for()
        page.wait_for_load_state("networkidle")

        def walk() -> None:
            for key in ["ArrowRight"] * 6 + ["ArrowLeft"] * 6:
                page.keyboard.press(key)

        # The hatching is drawn over the picture in the same step.
        steps = _measured(page, walk) + _measured(page, walk, "where")
        page.goto(f"{server.url}/pieces/{piece}/see?look=bands")
        page.get_by_role("slider", name="Threshold 2").wait_for()
        page.wait_for_load_state("networkidle")
        box = page.get_by_role("slider", name="Threshold 2").bounding_box()
        assert box is not None

        def drag() -> None:
            page.mouse.move(box["x"] + 12, box["y"] + 11)
            page.mouse.down()
            for k in range(12):
                page.mouse.move(box["x"] + 12, box["y"] + 11 + 2 * k)
            page.mouse.up()

        dragged = _measured(page, drag)
        page.goto(f"{server.url}/pieces/{piece}/mix?pass=2")
        page.get_by_role("button", name="by hand").first.click(timeout=60_000)
        page.get_by_role("slider").first.focus()
        page.wait_for_load_state("networkidle")

        def mix() -> None:
            for _ in range(12):
                page.keyboard.press("ArrowRight")

        mixed = _measured(page, mix, "mixed")
        chromium.close()
        server.stop()
    return {
        "a part moved in Mix until it is drawn, ms (at most 16)": mixed,
        "step through passes in the page, ms (at most 16)": steps,
        "threshold dragged in the page, ms (at most 16)": dragged,
        "script, kB gzip (at most 260)": size,
    }


def _measured(page, act: Callable[[], object], what: str = "picture") -> float:  # type: ignore[no-untyped-def]
    page.evaluate("() => performance.clearMeasures()")
    act()
    page.wait_for_timeout(300)
    times = page.evaluate("(n) => performance.getEntriesByName(n).map(e => e.duration)", what)
    return float(median(times))


def main(out: Path) -> None:
    """Print every figure and write them as JSON."""
    figures = {**of_masses(), **of_areas(), **of_plans(), **of_paint(), **of_the_page()}
    figures |= {**of_starting(), **of_going_about(twelve_megapixels())}
    for name, value in figures.items():
        print(f"{value:9.2f}  {name}")
    out.parent.mkdir(parents=True, exist_ok=True)
    out.write_text(json.dumps(figures, indent=1))


if __name__ == "__main__":
    main(Path(sys.argv[1]))
