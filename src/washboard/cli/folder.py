"""The data folder on the command line: into one file, back from it, and looked over."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from ..core.sentence import Amount, Sentence, sentence
from ..words import speaker
from .options import Data
from .out import place

Archive = Annotated[Path, typer.Argument(help="The archive, a ZIP file.")]
Instead = Annotated[
    bool, typer.Option("--instead", help="Put it in the place of what is there, which is kept beside it.")
]


def backup(file: Archive, data: Data = None) -> None:
    """Write everything that is kept into one file, and verify it. A running Washboard may go on."""
    from ..studio.folder import back_up, data_folder

    place(file)
    found = back_up(data_folder(data), file)
    size = Amount(found.size / 2**20, 1)
    _say(sentence("backup-written", pieces=found.pieces, files=found.files, megabytes=size))
    if found.missing:
        _say(sentence("backup-missing", count=found.missing))


def restore(file: Archive, data: Data = None, instead: Instead = False) -> None:
    """Restore everything from such a file: all of it or nothing."""
    from ..studio.folder import data_folder
    from ..studio.folder import restore as restored

    folder = data_folder(data)
    found, before = restored(file, folder, instead)
    size = Amount(found.size / 2**20, 1)
    _say(
        sentence(
            "backup-restored", pieces=found.pieces, created=found.created, folder=str(folder), megabytes=size
        )
    )
    if before:
        print(f"What was there lies in {before}.")


def doctor(data: Data = None) -> None:
    """Look the data folder over: what is wrong, and how to mend it. Exit 0 when nothing is, 1 otherwise."""
    from ..studio.folder import data_folder, looked_over

    found = looked_over(data_folder(data))
    for one in found:
        print(f"{'!' if one.wrong else '-'} {speaker().text(one.words)}")
    wrong = sum(one.wrong for one in found)
    print(f"{wrong} to mend." if wrong else "Nothing is wrong.")
    if wrong:
        raise typer.Exit(1)


def _say(told: Sentence) -> None:
    print(speaker().text(told))
