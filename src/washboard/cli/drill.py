"""The trainer at the terminal."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated, Any

import typer

# What does the work is imported where it is done: a command that is refused answers at once.

LETTERS = "abcdefgh"


def drill(
    plans: Annotated[
        list[Path] | None,
        typer.Argument(help="Plan files to ask about; a piece of the demo where none is given"),
    ] = None,
    kind: Annotated[
        str | None, typer.Option(help="Ask one kind; one that there is not is told which there are.")
    ] = None,
    seed: Annotated[int, typer.Option(help="The same number asks the same questions.")] = 0,
    count: Annotated[int, typer.Option(help="How many questions.", min=1, max=100)] = 10,
) -> None:
    """Ask questions about plans: what comes next, which is darker, what breaks. An empty answer ends it."""
    import numpy as np

    from ..core.drills import KINDS
    from ..core.errors import InvalidInput, UnknownName

    if kind is not None and kind not in KINDS:
        raise UnknownName("drill", kind, KINDS)
    found = _questions(plans or [], kind, seed)
    if not found:
        raise InvalidInput("refused-nothing-to-ask")
    order = np.random.default_rng(seed).permutation(len(found))[:count]
    answers = [_asked(number, *found[place]) for number, place in enumerate(order.tolist(), 1)]
    given = [one for one in answers if one is not None]
    print(f"\n{sum(given)} of {len(given)} right.")


def _questions(plans: list[Path], kind: str | None, seed: int) -> list[tuple[str, dict[str, Any]]]:
    """Questions with the names of their pieces."""
    from ..demo.pieces import DEMO, reference_bytes
    from ..formats import planfile
    from ..pipeline.answers.drills import asked_of, asked_of_plan
    from ..pipeline.subject import Subject

    if not plans:
        piece = DEMO[seed % len(DEMO)]
        subject = Subject.photo(piece.reference, lambda: reference_bytes(piece), piece.settings)
        return [(piece.name, one) for one in asked_of(subject, kind, seed)]
    found = []
    for path in plans:
        document = planfile.read(path.read_bytes())
        found += [(document.piece, one) for one in asked_of_plan(document, kind, seed)]
    return found


def _asked(number: int, name: str, one: dict[str, Any]) -> bool | None:
    """Ask one question; whether the answer was right, None where none was given."""
    from ..formats import drillfile

    question, *options = drillfile.lines_of(one)
    print(f"\n{number}. {name}, after pass {one['row']}. {question}")
    for letter, words in zip(LETTERS, options, strict=False):
        print(f"   {letter}  {words}")
    try:
        given = typer.prompt("", default="", show_default=False, prompt_suffix="> ").strip().lower()
    except typer.Abort:
        given = ""  # nobody is there to answer
    if not given:
        return None
    right = LETTERS[one["right"]]
    why = one["options"][one["right"]]["why"]
    print(f"   Right. {why}" if given == right else f"   No, {right}. {why}")
    return bool(given == right)
