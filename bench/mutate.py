"""Whether the tests of the judge notice a fault in it: faults put in one at a time; `make mutate`.

Each fault is tried in a forked process that has loaded everything but the project's own code, so that a try
costs a second. Sentences are left alone: what they say is read, not computed.
"""

from __future__ import annotations

import ast
import copy
import importlib.abc
import importlib.util
import json
import os
import sys
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from functools import partial
from importlib.machinery import ModuleSpec
from pathlib import Path
from types import ModuleType

import pytest

from washboard.core.surface.rules import Rule
from washboard.core.surface.transitions import SurfaceState

ROOM = "washboard.core.surface"
TESTS = ["tests/core/test_transitions.py", "tests/core/test_replay.py"]
OTHER: dict[type, type] = {
    ast.Lt: ast.LtE,
    ast.LtE: ast.Lt,
    ast.Gt: ast.GtE,
    ast.GtE: ast.Gt,
    ast.Eq: ast.NotEq,
    ast.NotEq: ast.Eq,
    ast.In: ast.NotIn,
    ast.NotIn: ast.In,
    ast.Is: ast.IsNot,
    ast.IsNot: ast.Is,
    ast.And: ast.Or,
    ast.Or: ast.And,
    ast.Add: ast.Sub,
    ast.Sub: ast.Add,
    ast.Mult: ast.Div,
    ast.Div: ast.Mult,
}
NEXT = {
    group.__name__: dict(zip(names, [*names[1:], names[0]], strict=True))
    for group in (SurfaceState, Rule)
    for names in [[member.name for member in group]]
}


def faults_of(node: ast.AST) -> Iterator[ast.AST]:
    """What could stand in a node's place, wrongly."""
    match node:
        case ast.Compare(ops=[op]) if type(op) in OTHER:
            yield ast.Compare(node.left, [OTHER[type(op)]()], node.comparators)
        case ast.BoolOp(op, values):
            yield ast.BoolOp(OTHER[type(op)](), values)
        case ast.BinOp(left, op, right) if type(op) in OTHER:
            yield ast.BinOp(left, OTHER[type(op)](), right)
        case ast.UnaryOp(ast.Not(), inner):
            yield inner
        case ast.Constant(bool() as value):
            yield ast.Constant(not value)
        case ast.Constant(int() | float() as value):
            yield ast.Constant(value * 1.5 + 1)
        case ast.Attribute(ast.Name(group), name) if name in NEXT.get(group, {}):
            yield ast.Attribute(ast.Name(group, ast.Load()), NEXT[group][name], ast.Load())
        case ast.If(_, body, orelse):
            yield ast.If(ast.Constant(True), body, orelse)
            yield ast.If(ast.Constant(False), body, orelse)
        case ast.Assign() | ast.AugAssign() | ast.Continue():
            yield ast.Pass()
        case ast.Return(ast.expr()):
            yield ast.Return(ast.Constant(None))


def places(tree: ast.Module) -> Iterator[tuple[ast.AST, str, int | None]]:
    """Every node outside words and types, as its parent with the field and index where it hangs."""
    left: list[ast.AST] = [tree]
    while left:
        parent = left.pop()
        for name, value in ast.iter_fields(parent):
            if name in ("annotation", "returns", "decorator_list") or isinstance(parent, ast.JoinedStr):
                continue
            for index, node in enumerate(value) if isinstance(value, list) else [(None, value)]:
                if isinstance(node, ast.AST):
                    left.append(node)
                    yield parent, name, index


def mutants(source: str) -> Iterator[tuple[str, str]]:
    """Line with the fault in words, and the faulty source."""
    tree = ast.parse(source)
    for place, (parent, name, index) in enumerate(places(tree)):
        node = getattr(parent, name) if index is None else getattr(parent, name)[index]
        for fault in faults_of(node):
            faulty = copy.deepcopy(tree)
            at, own, n = list(places(faulty))[place]
            if n is None:
                setattr(at, own, fault)
            else:
                getattr(at, own)[n] = fault
            told = f"{getattr(node, 'lineno', 0)}: {ast.unparse(node)[:60]!r} > {ast.unparse(fault)[:60]!r}"
            yield told, ast.unparse(ast.fix_missing_locations(faulty))


class Faulty(importlib.abc.MetaPathFinder, importlib.abc.Loader):
    """Loads one module from a faulty source."""

    def __init__(self, name: str, source: str) -> None:
        self.name, self.source = name, source

    def find_spec(self, name: str, _: object, __: ModuleType | None = None) -> ModuleSpec | None:
        """The spec of the faulty module, None for all others."""
        return importlib.util.spec_from_loader(name, self) if name == self.name else None

    def exec_module(self, module: ModuleType) -> None:
        """Run the faulty source."""
        exec(compile(self.source, self.name, "exec"), module.__dict__)


def noticed(name: str, source: str) -> bool:
    """Whether a test fails with the module so; one that hangs or does not load counts as noticed."""
    child = os.fork()
    if child == 0:
        quiet = os.open(os.devnull, os.O_WRONLY)
        for shown in (1, 2):
            os.dup2(quiet, shown)
        for known in [n for n in sys.modules if n.split(".")[0] in ("washboard", "tests")]:
            del sys.modules[known]
        sys.meta_path.insert(0, Faulty(name, source))
        os._exit(int(pytest.main(["-x", "-q", "-p", "no:cacheprovider", *TESTS])))
    return os.waitstatus_to_exitcode(os.waitpid(child, 0)[1]) != 0


def main(out: Path) -> int:
    """Tell the share that is noticed, and every fault that is not; 1 below nine in ten."""
    pytest.main(["-q", "-p", "no:cacheprovider", *TESTS])
    told: dict[str, object] = {}
    counts: list[int] = []
    for module in ("transitions", "replay"):
        source = Path(f"src/{ROOM.replace('.', '/')}/{module}.py").read_text()
        made = list(mutants(source))
        with ThreadPoolExecutor(os.cpu_count()) as hands:
            found = list(hands.map(partial(noticed, f"{ROOM}.{module}"), [faulty for _, faulty in made]))
        missed = [words for (words, _), seen in zip(made, found, strict=True) if not seen]
        counts += [len(made), len(missed)]
        told[module] = {"faults": len(made), "not noticed": missed}
        print(f"{module}: {len(made)} faults, {len(missed)} not noticed", *missed, sep="\n  ")
    share = 1 - (counts[1] + counts[3]) / (counts[0] + counts[2])
    told["noticed"] = round(share, 3)
    out.write_text(json.dumps(told, indent=1) + "\n")
    print(f"{100 * share:.1f} % noticed")
    return 0 if share >= 0.9 else 1


if __name__ == "__main__":
    sys.exit(main(Path(sys.argv[1])))
