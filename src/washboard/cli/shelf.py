"""The shelf on the command line, in and out of files."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from .options import Data
from .out import called, place, write

shelf = typer.Typer(no_args_is_help=True, help="The painter's own paints and tools, in and out of files.")
ShelfFile = Annotated[Path, typer.Argument(help="A file that ends with .csv or .cxf")]


@shelf.command("import")
def import_(file: ShelfFile, data: Data = None) -> None:
    """Put the things of a file to those on the shelf: all of them or none."""
    from ..studio.shelf_files import imported, shelf_in

    content = file.read_bytes()
    with shelf_in(data) as own:
        taken = imported(own, file.name, content)
    for note in taken.notes[:20]:
        print(note)
    found = taken.merged
    print(f"{found.added} added, {found.updated} changed, {found.same} as they were.")


@shelf.command("export")
def export(file: ShelfFile, data: Data = None) -> None:
    """Write the shelf to a file."""
    from ..studio.shelf_files import exported, shelf_in

    place(file)
    with shelf_in(data) as own:
        content = exported(own, file.name)
    write(file, content)
    print(f"Written to {called(file)}{file.suffix}.")
