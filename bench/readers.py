"""What comes from outside, kind by kind: sound files to begin with, and what reads them."""

from __future__ import annotations

import io
import json
import tempfile
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from datetime import UTC, datetime
from functools import cache
from pathlib import Path

import numpy as np
from PIL import Image

from tests.logs import log_of
from tests.pieces import Made, patchwork, photographs
from tests.shelves import SHELF
from washboard.api.models.piece import PieceUpdate
from washboard.core.checks import Checked, findings_of
from washboard.core.plan.plan import Plan
from washboard.core.surface.replay import refusals_of
from washboard.formats import calendar, cxf, hours, labelmap, logfile, planfile, shelfcsv
from washboard.formats.image import decoded
from washboard.settings import Settings
from washboard.settings.fields import changed_by, fields_of, settings_of
from washboard.store.backup import back_up, restore
from washboard.studio import Studio

Read = Callable[[bytes], object]
CORPUS = Path(__file__).parents[1] / "tests" / "formats" / "corpus"
"""Where the fuzzer keeps the fewest files of each kind that reach all that it has reached."""


def kept_for(name: str) -> Path:
    """The folder of what is kept of a kind."""
    return CORPUS / name.replace(" ", "-")


@dataclass(frozen=True)
class Kind:
    """A kind of file: sound ones to begin with, what reads it, and whether it is changed as a tree."""

    sound: Sequence[bytes]
    read: Read
    tree: bool = False


@cache
def kinds() -> dict[str, Kind]:
    """Every kind of file that comes from outside, by name."""
    return {
        "pictures": Kind(_pictures(), decoded),
        "plans": Kind(_plans(), _check, tree=True),
        "paints as CSV": Kind([shelfcsv.written(SHELF)], shelfcsv.read),
        "paints as CxF": Kind([cxf.written(SHELF)], cxf.read),
        "calendars": Kind(
            [_calendar()], lambda data: calendar.free_from(data, datetime(2026, 1, 1, tzinfo=UTC))
        ),
        "free hours": Kind([b"Tuesdays 19-21, Saturdays 9:30-13"], _hours),
        "logs": Kind([_log()], logfile.read),
        "backups": Kind([_backup()], _restore),
        "settings": Kind([_settings()], _settle, tree=True),
    }


def _check(data: bytes) -> None:
    """What `washboard check` does."""
    document = planfile.read(data)
    plan = planfile.plan_from(document, judged=True)
    refusals_of(plan)
    findings_of(Checked(plan, planfile.things_of(document)))
    if document.map is not None:
        labelmap.expected_in(document)


def _hours(data: bytes) -> None:
    hours.free_in(data.decode("utf-8", "replace"), datetime(2026, 1, 1, tzinfo=UTC))


def _settle(data: bytes) -> None:
    """What a change of a piece does to its settings before anything is written."""
    given = PieceUpdate.model_validate_json(data).model_dump(mode="json", exclude_unset=True)
    now = fields_of(Settings("watercolour", "white", 40, 30))
    settings_of({**now, **changed_by({name: given[name] for name in given if name in now}, now)})


def _restore(data: bytes) -> None:
    with tempfile.TemporaryDirectory() as folder:
        file = Path(folder, "backup.zip")
        file.write_bytes(data)
        restore(file, Path(folder, "studio"))


def _pictures() -> list[bytes]:
    small = Image.fromarray(np.ascontiguousarray(photographs()["cup"][::12, ::12]))
    found = []
    for kind, more in (
        ("JPEG", {"exif": _exif()}),
        ("PNG", {}),
        ("WEBP", {}),
        ("TIFF", {}),
        ("BMP", {}),
        ("GIF", {}),
    ):
        out = io.BytesIO()
        small.save(out, kind, **more)
        found.append(out.getvalue())
    deep = io.BytesIO()
    Image.fromarray(np.asarray(small.convert("L"), np.uint16) * 257).save(deep, "PNG")
    return [*found, deep.getvalue()]


def _exif() -> bytes:
    exif = Image.Exif()
    exif[0x0112] = 6
    return exif.tobytes()


def _plan(medium: str) -> Plan:
    measured, parts = patchwork(4, 9, 2)
    return Made(measured, parts, medium, "white", "light-to-dark", (30, 20), None).worked().plan


def _plans() -> list[bytes]:
    found = []
    for medium in ("watercolour", "oil"):
        document = planfile.document_of(_plan(medium), planfile.DocumentSource("Patchwork"))
        found.append(planfile.written(document).encode())
    return found


def _calendar() -> bytes:
    begin = datetime(2026, 1, 3, 9, tzinfo=UTC)
    entry = calendar.Entry("x@washboard", begin, begin.replace(hour=11), "Wash", "Sky")
    return calendar.written([entry], begin)


def _log() -> bytes:
    events = log_of(_plan("watercolour"), 3)
    return "".join(
        f'{{"id": "{e.id}", "at": "2026-01-03T09:00:00+00:00", "kind": "{e.kind}"}}\n' for e in events
    ).encode()


def _backup() -> bytes:
    with tempfile.TemporaryDirectory() as folder:
        Studio(Path(folder, "studio")).close()
        back_up(Path(folder, "studio"), Path(folder, "backup.zip"))
        return Path(folder, "backup.zip").read_bytes()


def _settings() -> bytes:
    return json.dumps({"revision": 1, **fields_of(Settings("watercolour", "white", 40, 30))}).encode()
