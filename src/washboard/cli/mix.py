"""Mixing on the command line: recipes for a colour, what a mixture looks like, the listed paints."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from pathlib import Path
from typing import Annotated, Any

import typer

from .out import place, write_json


def mix(
    medium: Annotated[str, typer.Option(help="watercolour, acrylic or oil")],
    paints: Annotated[str, typer.Option(help="Names, separated by commas")] = "",
    target: Annotated[str | None, typer.Option(help="The colour wanted: L,a,b")] = None,
    over: Annotated[str, typer.Option(help="What lies there: white, #rrggbb or value:N")] = "white",
    max_paints: Annotated[int, typer.Option(help="Paints in a mixture, 1 to 3")] = 3,
    parts: Annotated[str | None, typer.Option(help="Predict a mixture: 'ultramarine=2,lemon=1'")] = None,
    film: Annotated[float, typer.Option(help="Thickness in unit films, 1 as it comes")] = 1.0,
    layers: Annotated[str | None, typer.Option(help="Predict layers: 'lemon@0.3;phthalo blue@0.2'")] = None,
    out: Annotated[Path | None, typer.Option(help="Write the answer here, as JSON.")] = None,
) -> None:
    """Find recipes for a colour, best first, or predict what a mixture or layers look like."""
    from ..core.errors import InvalidInput
    from ..pipeline import recipes as mixing

    place(out)
    if sum(given is not None for given in (target, parts, layers)) != 1:
        raise InvalidInput("refused-mix-asks-one")
    if target is not None:
        palette = mixing.palette_named(paints, medium)
        found = mixing.recipes(palette, medium, over, mixing.target_of(target), max_paints)
        _tell(found["recipes"])
    else:
        asked = (
            [(mixing.mixture_of(parts), film)] if parts is not None else mixing.layers_of(layers or "", film)
        )
        found = mixing.predicted(asked, medium, over)
        print(f"value {found['value']:.1f}, Lab {', '.join(f'{c:.1f}' for c in found['lab'])}")
    if out is not None:
        write_json(out, found)


def _tell(recipes: Sequence[Mapping[str, Any]]) -> None:
    """Print a line for each recipe."""
    for recipe in recipes:
        words = recipe["tint"] or " + ".join(f"{part['parts']:g} {part['paint']}" for part in recipe["parts"])
        says = f" ({recipe['says']})" if recipe["says"] else ""
        print(
            f"ΔE {recipe['deltaE']:5.2f}  value {recipe['value']:4.1f}  "
            f"film {recipe['dilution']:5.3f}  {words}{says}"
        )


def paints(
    medium: Annotated[str | None, typer.Option(help="Only those sold in this medium")] = None,
    as_json: Annotated[bool, typer.Option("--json", help="As JSON on standard output")] = False,
) -> None:
    """List the built-in paints with opacity, staining and hazards: modelled, not measured."""
    from ..core.materials.media import medium_named
    from ..core.materials.paints import PAINTS
    from ..pipeline.recipes import paint_entry

    if medium is not None:
        medium_named(medium)
    listed = [paint_entry(p) for p in PAINTS.values() if medium is None or medium in p.media]
    if as_json:
        print(json.dumps({"paints": listed}, ensure_ascii=False, indent=1))
        return
    for entry in listed:
        print(
            f"{entry['name']:28} {entry['index']:8} opacity {entry['opacity']:.2f}  staining "
            f"{entry['staining']:.1f}  lightfast {entry['lightfast']}  {entry['hazard']}".rstrip()
        )
