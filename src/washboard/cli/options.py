"""Options that several commands share."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

Data = Annotated[
    Path | None, typer.Option("--data", help="Folder for pieces; the platform's own by default.")
]
Photo = Annotated[Path, typer.Argument(help="A picture: JPEG, PNG, WebP, TIFF, BMP or GIF.")]
Medium = Annotated[str, typer.Option(help="watercolour, pastel, acrylic or oil")]
Surface = Annotated[str, typer.Option(help="white, black, #rrggbb or value:N")]
Size = Annotated[str, typer.Option(help="Width and height of the sheet: 30x20cm")]
