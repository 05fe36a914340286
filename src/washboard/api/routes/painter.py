"""What is true of the painter whatever the piece: free hours, which hand, the air of the room."""

from __future__ import annotations

from datetime import datetime
from itertools import count
from typing import Annotated

from fastapi import APIRouter, File, UploadFile
from fastapi.concurrency import run_in_threadpool

from ...core.errors import UnknownName
from ...devices.climate import Sensor, SimulatedSensor
from ...studio import easel
from ...words import LANGUAGES
from ..limits import MOST_FILE
from ..models.paint import PainterRead, PainterUpdate
from ..problems import problems
from .access import InStudio

router = APIRouter(prefix="/api", tags=["paint"])
SENSOR: Sensor = SimulatedSensor()
TURNS = count()
"""Numbers the readings."""


@router.get("/painter", responses=problems())
def painter(studio: InStudio) -> PainterRead:
    """What is true of the painter whatever the piece."""
    return PainterRead.model_validate(easel.painter_fields(studio))


@router.patch("/painter", responses=problems())
def say(studio: InStudio, given: PainterUpdate) -> PainterRead:
    """Say some of it anew; what is not understood or cannot be is refused, and what was said before kept."""
    if given.language is not None and given.language not in LANGUAGES:
        raise UnknownName("language", given.language, LANGUAGES)
    said = given.model_dump(by_alias=True, exclude_none=True)
    return PainterRead.model_validate(easel.say(studio, said))


@router.post("/painter/climate", responses=problems())
def read_climate(studio: InStudio) -> PainterRead:
    """Read the climate sensor on the easel, and keep what it says."""
    air = SENSOR.read(next(TURNS))
    said = {"celsius": air.celsius, "humidity": round(100 * air.humidity, 1)}
    return PainterRead.model_validate(easel.say(studio, said))


@router.put("/painter/calendar", responses=problems(), max_body_size=MOST_FILE)
async def read_calendar(studio: InStudio, file: Annotated[UploadFile, File()]) -> PainterRead:
    """Take the free hours from a calendar file: every entry is time to paint. One that cannot be used is
    refused, and what was said before kept."""
    data = await file.read(easel.MOST_CALENDAR + 1)
    begin = datetime.now().astimezone()
    name = file.filename or "calendar"
    said = await run_in_threadpool(easel.take_calendar, studio, name, data, begin)
    return PainterRead.model_validate(said)
