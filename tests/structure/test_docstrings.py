"""What a public function of the core says of itself, counted by its signature: shapes, errors, sources."""

from __future__ import annotations

import ast
import re
from collections.abc import Iterator
from pathlib import Path

import pytest

CORE = Path(__file__).parents[2] / "src" / "washboard" / "core"
ARRAYS = re.compile(r"\b(Floats|Ints|Mask|Singles|Labels|NDArray|ArrayLike|Bytes)\b")
SHAPE = re.compile(r"\((?:[a-z0-9…^×* ]+,? ?)+\)|any shape|\(…")
SOURCED = ("colour/value", "colour/lab", "colour/spectra", "optics/kubelka")
"""Modules of published formulas: each names where its formulas come from."""


def public() -> Iterator[tuple[str, ast.FunctionDef]]:
    """Every public function, and every public method of a public class, with its module."""
    for path in sorted(CORE.rglob("*.py")):
        for node in ast.parse(path.read_text()).body:
            if isinstance(node, ast.FunctionDef):
                inner: list[ast.stmt] = [node]
            elif isinstance(node, ast.ClassDef) and not node.name.startswith("_"):
                inner = node.body
            else:
                continue
            for function in inner:
                if isinstance(function, ast.FunctionDef) and not function.name.startswith("_"):
                    yield f"{path.relative_to(CORE)}:{function.name}", function


FUNCTIONS = list(public())


def signature(function: ast.FunctionDef) -> str:
    returns = ast.unparse(function.returns) if function.returns else ""
    return f"{ast.unparse(function.args)} -> {returns}"


def test_every_public_function_says_what_it_is() -> None:
    assert len(FUNCTIONS) > 450
    assert [name for name, function in FUNCTIONS if not ast.get_docstring(function)] == []


def test_whatever_takes_or_gives_arrays_says_their_shapes() -> None:
    arrays = [(name, f) for name, f in FUNCTIONS if ARRAYS.search(signature(f))]
    assert len(arrays) > 150
    assert [name for name, f in arrays if not SHAPE.search(ast.get_docstring(f) or "")] == []


def test_whatever_raises_says_what() -> None:
    raising = [
        (name, f)
        for name, f in FUNCTIONS
        if any(isinstance(node, ast.Raise) and node.exc is not None for node in ast.walk(f))
    ]
    assert len(raising) > 30
    told = re.compile(r"[Rr]aise|InvalidInput|InvalidSize|UnknownName")
    assert [name for name, f in raising if not told.search(ast.get_docstring(f) or "")] == []


@pytest.mark.parametrize("module", SOURCED)
def test_published_formulas_name_their_source(module: str) -> None:
    text = (CORE / f"{module}.py").read_text()
    assert re.search(r"Source|\(\d{4}\)|\b(19|20)\d\d\b|CIE|ASTM|IEC", text)
