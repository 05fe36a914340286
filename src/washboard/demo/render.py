"""Renders the references anew, some minutes each: `python -m washboard.demo.render`."""

from __future__ import annotations

from pathlib import Path

from PIL import Image

from . import dusk, ferry, foundry, kettle, salt_pans

SCENES = {
    "ferry-slip.jpg": ferry.render,
    "salt-pans.jpg": salt_pans.render,
    "foundry.jpg": foundry.render,
    "kettle.jpg": kettle.render,
    "dry-flats.jpg": dusk.render,
}
FOLDER = Path(__file__).parent / "references"


def main() -> None:
    """Write every reference as a JPEG beside the code."""
    for name, render in SCENES.items():
        Image.fromarray(render()).save(FOLDER / name, quality=90, optimize=True, progressive=True)


if __name__ == "__main__":
    main()
