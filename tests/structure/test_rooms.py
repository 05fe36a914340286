"""The rooms: imports go one way, without cycles; files stay short; docs list what there is."""

from __future__ import annotations

import ast
import json
import re
import subprocess
import sys
from collections.abc import Iterator
from pathlib import Path

import pytest
from alembic.config import Config
from alembic.script import ScriptDirectory

from washboard.api.app import create_app
from washboard.core.materials.media import MEDIA
from washboard.core.schools import SCHOOLS
from washboard.formats.image import FORMATS
from washboard.store.database import NEWEST

ROOT = Path(__file__).parents[2]
SOURCE = ROOT / "src" / "washboard"
MAY_IMPORT = {
    "core": {"core"},
    "words": {"core", "words"},
    "formats": {"core", "words", "formats"},
    "settings": {"core", "settings"},
    "pipeline": {"core", "words", "devices", "formats", "settings", "pipeline"},
    "store": {"core", "store"},
    "devices": {"core", "devices"},
    "studio": {"core", "formats", "settings", "pipeline", "store", "studio"},
    "demo": {"core", "formats", "settings", "store", "studio", "demo"},
    "api": {"core", "words", "devices", "formats", "settings", "pipeline", "store", "studio", "demo", "api"},
    "cli": {"core", "words", "formats", "settings", "pipeline", "studio", "api", "demo", "cli"},
}
PURE = {"numpy", "scipy", "cv2", "skimage"}


def modules() -> dict[str, Path]:
    return {
        ".".join(path.relative_to(SOURCE.parent).with_suffix("").parts).removesuffix(".__init__"): path
        for path in SOURCE.rglob("*.py")
        if "migrations" not in path.parts
    }


def imported(name: str, path: Path, typed_too: bool = False) -> Iterator[str]:
    """Absolute names of what a module imports, not counting what only its types need."""
    tree = ast.parse(path.read_text())
    typing = {
        id(inner)
        for node in ast.walk(tree)
        if isinstance(node, ast.If) and "TYPE_CHECKING" in ast.dump(node.test)
        for inner in ast.walk(node)
    }
    package = name if path.name == "__init__.py" else name.rpartition(".")[0]
    for node in ast.walk(tree):
        if id(node) in typing and not typed_too:
            continue
        if isinstance(node, ast.Import):
            yield from (alias.name for alias in node.names)
        elif isinstance(node, ast.ImportFrom):
            base = package.split(".")[: len(package.split(".")) - node.level + 1] if node.level else []
            stem = ".".join([*base, *([node.module] if node.module else [])])
            yield from (f"{stem}.{alias.name}" for alias in node.names)


@pytest.mark.parametrize("name", sorted(modules()))
def test_imports_go_one_way(name: str) -> None:
    room = name.split(".")[1] if name.count(".") else ""
    for target in imported(name, modules()[name]):
        parts = target.split(".")
        if parts[0] == "washboard" and len(parts) > 1 and room in MAY_IMPORT:
            assert parts[1] in MAY_IMPORT[room] | {"ENGINE"}, f"{name} imports {target}"
        elif room == "core":
            assert parts[0] in PURE or parts[0] in STANDARD, f"the core imports {target}"


STANDARD = {
    "__future__",
    "math",
    "operator",
    "re",
    "bisect",
    "heapq",
    "enum",
    "typing",
    "dataclasses",
    "collections",
    "functools",
    "itertools",
    # Schools and checks are listed by their files.
    "importlib",
}


def test_there_are_no_cycles() -> None:
    known = modules()
    graph = {
        name: {
            found
            for target in imported(name, path)
            for found in (target, target.rpartition(".")[0])
            if found in known
            and found != name
            and not (known[found].name == "__init__.py" and name.startswith(found))
        }
        for name, path in known.items()
    }
    done: set[str] = set()

    def visit(name: str, trail: tuple[str, ...]) -> None:
        assert name not in trail, " → ".join([*trail, name])
        if name not in done:
            for other in graph[name]:
                visit(other, (*trail, name))
            done.add(name)

    for name in graph:
        visit(name, ())


def room_of(name: str) -> str:
    """The room of a module: a folder of the program, and in the core a folder of that."""
    parts = name.split(".")[1:]
    return ".".join(parts[:2] if parts[:1] == ["core"] else parts[:1])


def test_no_two_rooms_import_each_other() -> None:
    known = modules()
    walls: dict[tuple[str, str], str] = {}
    for name, path in known.items():
        for target in imported(name, path):
            found = target if target in known else target.rpartition(".")[0]
            if found in known and room_of(found) != room_of(name):
                walls[room_of(name), room_of(found)] = f"{name} imports {found}"
    both = [
        f"{why}, and {walls[there, here]}" for (here, there), why in walls.items() if (there, here) in walls
    ]
    assert both == []


def test_only_the_command_that_serves_imports_the_interface() -> None:
    for name, path in modules().items():
        if name.split(".")[1:2] != ["api"] and name != "washboard.cli.serve":
            assert not any(target.startswith("washboard.api") for target in imported(name, path)), name


LONG = {
    "cli/plan.py:plan": "one argument for each option of the command",
    "core/areas/area_map.py:area_map": "the strokes' kinds in the order in which they count",
    "core/ground/choice.py:_in_patches": "one entry for each figure of a ground",
    "core/mixing/refine.py:refined": "one descent, its arrays shared from step to step",
    "core/order/running.py:coverage_of": "one pass over the arrays for all strengths at once",
    "core/order/strands.py:ordered_by": "the groups of a plan in their order",
    "core/palette/coverage.py:proposed": "one search, its arrays shared from step to step",
    "core/planning/planner.py:_step": "one entry for each part of a step",
    "core/planning/planner.py:plan_of": "the steps of a plan in a row",
    "core/planning/reorder.py:reordered": "the passes of a plan in a row",
    "core/reference/accents.py:_spot": "the conditions of an accent, each with what it refuses",
    "core/reference/masses.py:divide": "the steps of a division in a row",
    "core/reference/measures.py:_mass": "one entry for each measure of a mass",
    "core/reference/measures.py:measure": "the measures in a row, each used by the next",
    "core/surface/replay.py:_changed": "one case for each sort of act",
    "formats/cxf.py:written": "the parts of a CxF document in their order",
    "formats/lookfile.py:look_document": "one entry for each part of the file",
    "formats/strip.py:pdf_of": "the parts of a printed sheet in their order",
    "pipeline/answers/mix.py:_pile": "one entry for each field of a pile",
    "pipeline/answers/prepare.py:answer": "one entry for each field of the answer",
    "studio/shelf_items.py:entry": "one entry for each field of a thing",
    "studio/shelf_items.py:shown": "one entry for each field of a paint",
}
"""Functions over thirty-five lines, with the reason."""


def test_no_function_is_over_thirty_five_lines_without_a_reason() -> None:
    long = set()
    for path in SOURCE.rglob("*.py"):
        for node in ast.walk(ast.parse(path.read_text())):
            if isinstance(node, ast.FunctionDef) and (node.end_lineno or 0) - node.lineno + 1 > 35:
                long.add(f"{path.relative_to(SOURCE)}:{node.name}")
    long = {name for name in long if "migrations" not in name}
    assert long == LONG.keys()


ROWS = '# Kept by the row with "fmt: skip": the figures of one thing are read side by side.'


def test_only_tables_are_kept_from_the_formatter_and_they_say_so() -> None:
    for folder in (SOURCE, ROOT / "tests", ROOT / "bench"):
        for path in folder.rglob("*.py"):
            text = path.read_text()
            if path != Path(__file__):
                assert ("# fmt: skip\n" in text) == (ROWS in text), path


TABLES = {"illuminants.py"}
"""Files that hold published tables."""


def test_no_file_is_too_long_to_read() -> None:
    folders = (SOURCE, ROOT / "tests", ROOT / "bench", ROOT / "web" / "src")
    for folder in folders:
        for path in folder.rglob("*"):
            if path.suffix in {".py", ".ts", ".tsx", ".css"} and not path.name.endswith(".d.ts"):
                if "assets" in path.parts:
                    continue
                limit = 400 if path.name in TABLES else 300
                assert len(path.read_text().splitlines()) <= limit, path


def test_the_docs_list_every_medium_school_format_key_and_view() -> None:
    text = (ROOT / "README.md").read_text() + (ROOT / "docs" / "architecture.md").read_text()
    for key in [*MEDIA, *SCHOOLS]:
        assert f"`{key}`" in text, key
    for name in {"JPEG", "PNG", "WebP", "TIFF", "BMP", "GIF"}:
        assert name in text
        assert name.upper() in FORMATS
    keys = (ROOT / "web" / "src" / "parts" / "keys.ts").read_text()
    for shown, does in re.findall(r'shown: "([^"]+)", does: "([^"]+)"', keys):
        assert f"| {shown} | {does} |" in text, shown


def test_no_colour_of_the_interface_is_anything_but_a_pure_grey() -> None:
    for path in (ROOT / "web" / "src").rglob("*"):
        if path.suffix not in {".css", ".ts", ".tsx"} or path.name.endswith(".d.ts"):
            continue
        for colour in re.findall(r"#([0-9a-fA-F]{6})\b", path.read_text()):
            red, green, blue = colour[:2], colour[2:4], colour[4:]
            assert red == green == blue or colour == "b9a98e", (path, colour)


def test_the_openapi_description_has_an_example_for_what_is_sent() -> None:
    schema = create_app(Path("/nowhere"), page=Path("-")).openapi()
    assert "examples" in json.dumps(schema["components"]["schemas"]["PieceCreate"])


def test_the_newest_version_of_the_database_is_that_of_the_last_migration() -> None:
    config = Config()
    config.set_main_option("script_location", str(SOURCE / "store" / "migrations"))
    assert ScriptDirectory.from_config(config).get_current_head() == NEWEST


def test_the_core_is_imported_without_what_takes_long() -> None:
    """SciPy and scikit-image are imported where the work is: a command starts at once."""
    code = (
        "import importlib, pathlib, pkgutil, sys, washboard.core as core\n"
        "for m in pkgutil.walk_packages(core.__path__, 'washboard.core.'): importlib.import_module(m.name)\n"
        "assert not {'scipy', 'skimage'} & sys.modules.keys(), sorted(sys.modules)\n"
    )
    subprocess.run([sys.executable, "-c", code], check=True)
