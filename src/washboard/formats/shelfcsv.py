"""The shelf as CSV: one line a thing, to be edited in any spreadsheet.

Measured paints carry the reflectance of their film over the white and over the black of a drawdown card, and
of a thin one over white: 36 numbers from 380 to 730 nm, in one cell each.
"""

from __future__ import annotations

import csv
import io
import math
from collections.abc import Iterator, Sequence

import numpy as np

from ..core.colour.spectra import BANDS, Floats
from ..core.errors import InvalidInput
from ..core.materials.paints import PAINTS, THIN, Films
from ..core.materials.shelf import Item, ItemKind, measured
from ..core.sentence import Listed

ENDING, MEDIA_TYPE = "csv", "text/csv"
COLUMNS = (
    "kind",
    "name",
    "like",
    "colour index",
    "medium",
    "set",
    "left",
    "note",
    "over white",
    "over black",
    "thin over white",
)
MOST_ROWS = 5000
MOST_CELL = 2000
FORMULA = ("=", "+", "-", "@", "\t")
"""How a cell begins that a spreadsheet would run: an apostrophe goes before it, and comes off again."""
ENCODINGS = {b"\xef\xbb\xbf": "utf-8-sig", b"\xff\xfe": "utf-16", b"\xfe\xff": "utf-16"}


def written(items: Sequence[Item]) -> bytes:
    """Things as CSV in UTF-8, commas between, a mark at the start so that spreadsheets know the encoding."""
    out = io.StringIO(newline="")
    writer = csv.writer(out)
    writer.writerow(COLUMNS)
    for item in items:
        reflectances = ["", "", ""]
        if item.films is not None:
            spectra = (*item.paint.reflectances(), item.paint.reflectances(THIN)[0])
            reflectances = [" ".join(f"{v:.8f}" for v in reflectance) for reflectance in spectra]
        index = item.paint.index if item.kind is ItemKind.PAINT else ""
        left = "" if item.left is None else f"{item.left:g}"
        texts = (item.name, item.like, index, item.medium, item.collection)
        writer.writerow([item.kind.value, *map(_safe, texts), left, _safe(item.note), *reflectances])
    return out.getvalue().encode("utf-8-sig")


def read(data: bytes) -> tuple[list[Item], list[str]]:
    """Things from CSV in any usual encoding, with commas, semicolons or tabs, points or decimal commas.

    Also what was passed over. Raises InvalidInput naming the line for anything that cannot be used.
    """
    rows = _rows(_text(data))
    head = [cell.strip().lower() for cell in next(rows, [])]
    missing = [name for name in ("kind", "name", "like") if name not in head]
    if missing:
        raise InvalidInput(
            "refused-csv-columns-missing", missing=Listed(tuple(missing)), columns=Listed(tuple(COLUMNS))
        )
    if len(set(head)) < len(head):
        raise InvalidInput("refused-csv-column-twice")
    notes = [
        f"The column {name[:40]!r} is not known and was passed over." for name in head if name not in COLUMNS
    ]
    items: list[Item] = []
    for number, row in enumerate(rows, 2):
        if not any(cell.strip() for cell in row):
            continue
        if len(items) >= MOST_ROWS:
            raise InvalidInput("refused-csv-too-many", most_rows=MOST_ROWS)
        try:
            items.append(_item(dict(zip(head, row, strict=False))))
        except InvalidInput as error:
            raise InvalidInput("refused-csv-at", number=number, error=error.sentence) from None
    return items, notes


def _item(cells: dict[str, str]) -> Item:
    text = {name: _plain(cell.strip()) for name, cell in cells.items()}
    if max(map(len, text.values()), default=0) > MOST_CELL:
        raise InvalidInput("refused-csv-cell-length")
    kind = text.get("kind", "").lower()
    if kind not in {k.value for k in ItemKind}:
        raise InvalidInput(
            "refused-csv-kind", kind=kind[:20], kinds=Listed(tuple(k.value for k in ItemKind), either=True)
        )
    films = None
    if text.get("over white") or text.get("over black"):
        films = _measured(text)
    return Item(
        "",
        ItemKind(kind),
        text.get("name", ""),
        text.get("like", "").lower(),
        text.get("medium", "").lower(),
        text.get("set", ""),
        _number(text.get("left", "")),
        text.get("note", ""),
        films,
    ).checked()


def _measured(text: dict[str, str]) -> Films:
    base = PAINTS.get(text.get("like", "").lower())
    if base is None:
        raise InvalidInput("refused-csv-measured")
    thin = _spectrum(text["thin over white"]) if text.get("thin over white") else None
    return measured(_spectrum(text.get("over white", "")), _spectrum(text.get("over black", "")), base, thin)


def _number(text: str) -> float | None:
    if not text:
        return None
    try:
        number = float(text.replace(",", ".") if text.count(",") == 1 and "." not in text else text)
    except ValueError:
        number = math.nan
    if not math.isfinite(number):
        raise InvalidInput("refused-csv-left-no-number", text=text[:20])
    return number


def _spectrum(text: str) -> Floats:
    try:
        values = np.array([float(part.replace(",", ".")) for part in text.split()])
    except ValueError:
        values = np.array([])
    if len(values) != BANDS:
        raise InvalidInput("refused-csv-film", bands=BANDS)
    return values


def _text(data: bytes) -> str:
    if b"\x00" in data[:400] and data[:2] not in ENCODINGS:
        raise InvalidInput("refused-csv-no-text")
    for mark, encoding in ENCODINGS.items():
        if data.startswith(mark):
            try:
                return data.decode(encoding)
            except UnicodeDecodeError:
                raise InvalidInput("refused-csv-encoding") from None
    try:
        return data.decode("utf-8")
    except UnicodeDecodeError:
        # Every byte means something there: the encoding of most old spreadsheets.
        return data.decode("cp1252", errors="replace")


def _rows(text: str) -> Iterator[list[str]]:
    first = text.partition("\n")[0]
    between = max(",;\t", key=first.count)
    try:
        yield from csv.reader(io.StringIO(text, newline=""), delimiter=between, strict=True)
    except csv.Error as error:
        raise InvalidInput("refused-csv-broken", error=str(error)[:80]) from None


def _safe(text: str) -> str:
    return f"'{text}" if text.startswith((*FORMULA, "'")) else text


def _plain(text: str) -> str:
    return text[1:] if text.startswith("'") and text[1:2] in (*FORMULA, "'") else text
