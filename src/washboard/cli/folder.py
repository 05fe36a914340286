"""The data folder on the command line: into one file, back from it, and looked over."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

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
    print(f"{found.pieces} pieces, {found.files} files, {_megabytes(found.size)} MB written and verified.")
    if found.missing:
        print(f"{found.missing} files were missing in the folder already: washboard doctor tells more.")


def restore(file: Archive, data: Data = None, instead: Instead = False) -> None:
    """Restore everything from such a file: all of it or nothing."""
    from ..studio.folder import data_folder
    from ..studio.folder import restore as restored

    folder = data_folder(data)
    found, before = restored(file, folder, instead)
    print(f"{found.pieces} pieces of {found.created} restored to {folder}, {_megabytes(found.size)} MB.")
    if before:
        print(f"What was there lies in {before}.")


def doctor(data: Data = None) -> None:
    """Look the data folder over: what is wrong, and how to mend it. Exit 0 when nothing is, 1 otherwise."""
    from ..studio.folder import data_folder, looked_over
    from ..words import ENGLISH

    found = looked_over(data_folder(data))
    for one in found:
        print(f"{'!' if one.wrong else '-'} {ENGLISH.text(one.words)}")
    wrong = sum(one.wrong for one in found)
    print(f"{wrong} to mend." if wrong else "Nothing is wrong.")
    if wrong:
        raise typer.Exit(1)


def _megabytes(size: int) -> str:
    return f"{size / 2**20:.1f}"
