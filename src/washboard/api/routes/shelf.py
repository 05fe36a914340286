"""The shelf: what the painter owns, in and out as open files, and paints fitted to their swatches."""

from __future__ import annotations

from dataclasses import replace
from typing import Annotated, Any

from fastapi import APIRouter, File, Form, Path, Query, Response, UploadFile
from starlette.concurrency import run_in_threadpool

from ...core.calibration.strip import FIELDS, read_strip
from ...core.colour.illuminants import TABLES
from ...core.colour.lab import difference
from ...core.colour.spectra import DAYLIGHT, lab_of_spectrum
from ...core.errors import InvalidInput, TooLarge, UnknownName
from ...core.materials.shelf import LISTED, OWN, Item, ItemKind, duplicates
from ...core.sentence import Listed
from ...devices.reader import Reader, SimulatedReader
from ...formats import cxf, shelves, strip
from ...formats.image import decoded
from ...settings.wire import Revision
from ...store.errors import Missing
from ...store.shelf import ShelfState
from ...studio import Studio, now
from ...studio import shelf_items as work
from ...studio.shelf_files import MOST_WORDS, exported, imported, items_of, room_for
from ..limits import MOST_FILE
from ..models.shelf import (
    CalibrationCreate,
    CalibrationRead,
    FittedRead,
    ImportRead,
    ItemGiven,
    ItemRead,
    ItemsCreate,
    ItemUpdate,
    ListedRead,
    PaintDetailRead,
    ReadingCreate,
    ReadingRead,
    ShelfRead,
    ShelfRevision,
    StripFieldRead,
    StripRead,
)
from ..problems import problems
from .access import InStudio

router = APIRouter(prefix="/api/shelf", tags=["shelf"])
Key = Annotated[str, Path(pattern="^own-[0-9]{1,9}$", examples=["own-1"])]
FILE = {"content": {"application/octet-stream": {"schema": {"type": "string", "format": "binary"}}}}
READER: Reader = SimulatedReader()


@router.get("", responses=problems())
def shelf(studio: InStudio) -> ShelfRead:
    """Everything on the shelf."""
    return read(studio.shelf.state())


@router.get("/listed", responses=problems())
def listed() -> list[ListedRead]:
    """What there is to be like: listed paints, sticks, surfaces and tools."""
    found = []
    for kind, entries in LISTED.items():
        for key in entries:
            media = getattr(entries[key], "media", ("pastel",))
            known = work.entry(Item("", kind, "?", key, media[0]))
            words = getattr(entries[key], "words", key)
            found.append(
                ListedRead(
                    kind=kind,
                    key=key,
                    words=words,
                    index=known["index"],
                    media=list(media),
                    strong=known["strong"],
                    says=known["says"],
                )
            )
    return found


@router.post("/items", status_code=201, responses=problems())
def add(studio: InStudio, given: ItemsCreate) -> ShelfRead:
    """Put things on the shelf, all or none."""
    items = [_given(item) for item in given.items]
    return read(_added(studio, given.revision, items))


def _given(given: ItemGiven) -> Item:
    item = Item(
        "",
        given.kind,
        given.name.strip(),
        given.like,
        given.medium,
        given.set.strip(),
        given.left,
        given.note,
    ).checked()
    if given.lab is None:
        return item
    if item.kind is not ItemKind.PAINT:
        raise InvalidInput("refused-colour-of-no-paint")
    return work.coloured(item, given.lab)


def _added(studio: Studio, revision: int, items: list[Item]) -> ShelfState:
    state = studio.shelf.state()
    room_for(state, len(items))
    there = {item.named for item in items_of(state)}
    for item in items:
        if item.named in there:
            raise InvalidInput("refused-shelf-name-taken", name=item.name)
        there.add(item.named)
    changes = {f"{OWN}{state.next_number + k}": work.fields_of(item) for k, item in enumerate(items)}
    words = f"added: {items[0].name if len(items) == 1 else len(items)}"
    return studio.shelf.change(revision, changes, words[:MOST_WORDS], now())


@router.patch("/items/{key}", responses=problems())
def change(studio: InStudio, key: Key, given: ItemUpdate) -> ShelfRead:
    """Change a thing: one undoable edit."""
    state = studio.shelf.state()
    item = _one(state, key)
    changes = {name: getattr(given, name) for name in given.model_fields_set - {"revision"}}
    if "set" in changes:
        changes["collection"] = changes.pop("set")
    for name, value in changes.items():
        if value is None and name != "left":
            raise InvalidInput("refused-field-empty", name=name)
    changed = replace(item, **changes).checked()
    if any(other.key != key and other.named == changed.named for other in items_of(state)):
        raise InvalidInput("refused-shelf-name-taken", name=changed.name)
    fields = work.fields_of(changed)
    return read(studio.shelf.change(given.revision, {key: fields}, f"changed: {item.name}", now()))


@router.delete("/items/{key}", responses=problems())
def remove(studio: InStudio, key: Key, revision: Annotated[Revision, Query()]) -> ShelfRead:
    """Take a thing off the shelf; pieces that name it go on without it."""
    item = _one(studio.shelf.state(), key)
    return read(studio.shelf.change(revision, {key: None}, f"taken off: {item.name}", now()))


@router.post("/undo", responses=problems())
def undo(studio: InStudio, given: ShelfRevision) -> ShelfRead:
    """Take the shelf's last edit back."""
    return read(studio.shelf.undo(given.revision))


@router.post("/redo", responses=problems())
def redo(studio: InStudio, given: ShelfRevision) -> ShelfRead:
    """Do the shelf's next undone edit again."""
    return read(studio.shelf.redo(given.revision))


@router.post("/import", responses=problems(), max_body_size=MOST_FILE)
async def take_in(
    studio: InStudio, file: Annotated[UploadFile, File()], revision: Annotated[Revision, Form()]
) -> ImportRead:
    """Put the things of a CSV or CxF file to those on the shelf; all of them or none."""
    data = await _bytes(file)
    return await run_in_threadpool(_imported, studio, file.filename or "", data, revision)


def _imported(studio: Studio, name: str, data: bytes, revision: int) -> ImportRead:
    taken = imported(studio.shelf, name, data, revision)
    found = taken.merged
    return ImportRead(
        shelf=read(taken.state),
        added=found.added,
        updated=found.updated,
        same=found.same,
        notes=taken.notes[:20],
    )


@router.get("/export/{name}", response_class=Response, responses={200: FILE, **problems()})
def export(studio: InStudio, name: Annotated[str, Path(max_length=80)]) -> Response:
    """The shelf as a file: `shelf.csv` or `shelf.cxf`."""
    data = exported(studio.shelf, name)
    headers = {"Content-Disposition": f'attachment; filename="shelf.{shelves.format_of(name)}"'}
    return Response(data, media_type=shelves.FORMATS[shelves.format_of(name)].MEDIA_TYPE, headers=headers)


@router.get("/items/{key}/look", responses=problems())
def look(
    studio: InStudio, key: Key, lamp: Annotated[str, Query(max_length=20)] = DAYLIGHT
) -> PaintDetailRead:
    """How a paint looks by a lamp: thinned, tinted, over grounds; and in daylight on its strip."""
    item = _paint(studio.shelf.state(), key)
    strip_looks = work.colours_of_strip(item)
    fields = [StripFieldRead(key=f.key, words=f.words, lab=strip_looks[f.key]) for f in FIELDS]
    return PaintDetailRead(**work.shown(item, lamp), strip=fields, reader=READER.words, lamps=list(TABLES))


@router.get("/items/{key}/strip.pdf", response_class=Response, responses={200: FILE, **problems()})
def printed_strip(studio: InStudio, key: Key) -> Response:
    """The swatch strip to print, in true size."""
    item = _paint(studio.shelf.state(), key)
    return Response(strip.pdf_of(item.name), media_type="application/pdf")


@router.post("/items/{key}/strip", responses=problems(), max_body_size=MOST_FILE)
async def read_file(studio: InStudio, key: Key, file: Annotated[UploadFile, File()]) -> StripRead:
    """Read a painted strip off a photo, or its fields off a CxF file."""
    _paint(studio.shelf.state(), key)
    data = await _bytes(file)
    return StripRead(read=await run_in_threadpool(_read_fields, file.filename or "", data))


def _read_fields(name: str, data: bytes) -> dict[str, list[float]]:
    if name.lower().endswith(".cxf"):
        by_name = {each.name.casefold(): each.reflectance for each in cxf.spectra(data)}
        found = {f.key: by_name[f.key] for f in FIELDS if f.key in by_name}
        if not found:
            raise InvalidInput("refused-strip-fields-missing", fields=Listed(tuple(f.key for f in FIELDS)))
        return {key: _lab(lab_of_spectrum(spectrum)) for key, spectrum in found.items()}
    return {key: _lab(lab) for key, lab in read_strip(decoded(data).rgb).items()}


@router.post("/items/{key}/reading", responses=problems())
def reading(studio: InStudio, key: Key, given: ReadingCreate) -> ReadingRead:
    """Hold the colour reader on a field of the strip."""
    item = _paint(studio.shelf.state(), key)
    field = next((f for f in FIELDS if f.key == given.field), None)
    if field is None:
        raise UnknownName("field", given.field[:20], [f.key for f in FIELDS])
    tube = replace(item, films=None).paint
    return ReadingRead(lab=_lab(lab_of_spectrum(READER.read(tube, field, given.turn))), reader=READER.words)


@router.post("/items/{key}/calibration", responses=problems())
def calibrate(studio: InStudio, key: Key, given: CalibrationCreate) -> CalibrationRead:
    """Fit a paint to its swatches; it is kept on the shelf only where that is said."""
    item = _paint(studio.shelf.state(), key)
    fitted, found = work.calibrated(item, given.read)
    before, after = work.colours_of_strip(replace(item, films=None)), work.colours_of_strip(fitted)
    used = [field for field in FIELDS if field.key in given.read]
    fields = [
        FittedRead(
            key=f.key,
            words=f.words,
            read=list(given.read[f.key]),
            before=before[f.key],
            after=after[f.key],
            apart=round(float(difference(after[f.key], given.read[f.key])), 2),
            outlier=k in found.outliers,
        )
        for k, f in enumerate(used)
    ]
    kept = None
    if given.keep:
        changes = {key: work.fields_of(fitted.checked())}
        kept = read(studio.shelf.change(given.revision, changes, f"measured: {item.name}", now()))
    return CalibrationRead(
        before=round(found.before, 2), after=round(found.after, 2), fields=fields, shelf=kept
    )


def read(state: ShelfState) -> ShelfRead:
    """The model of a shelf."""
    items = items_of(state)
    return ShelfRead(
        revision=state.revision,
        undo=state.undo,
        redo=state.redo,
        items=[ItemRead(**work.entry(item)) for item in items],
        duplicates=[list(group) for group in duplicates(items)],
    )


def _one(state: ShelfState, key: str) -> Item:
    if key not in state.items:
        raise Missing("refused-shelf-no-such-thing")
    return work.item_of(key, state.items[key])


def _paint(state: ShelfState, key: str) -> Item:
    item = _one(state, key)
    if item.kind is not ItemKind.PAINT:
        raise InvalidInput("refused-no-paint", name=item.name)
    return item


async def _bytes(file: UploadFile) -> bytes:
    data = await file.read(shelves.MOST_BYTES + 1)
    if len(data) > shelves.MOST_BYTES:
        raise TooLarge("refused-shelf-upload-too-large", most=shelves.MOST_BYTES >> 20)
    return data


def _lab(lab: Any) -> list[float]:
    return [round(float(c), 1) + 0.0 for c in lab]
