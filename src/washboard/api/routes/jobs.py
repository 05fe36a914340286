"""Jobs: how far a computation is, as a stream of events, and how to stop it."""

from __future__ import annotations

import asyncio
from collections.abc import AsyncIterator
from typing import Annotated, Literal, cast

from fastapi import APIRouter, Path
from fastapi.responses import StreamingResponse

from ...studio.jobs import Job
from ...words import speaker
from ..models.piece import JobRead
from ..problems import problems
from .access import InStudio

router = APIRouter(prefix="/api/jobs", tags=["jobs"])
Id = Annotated[str, Path(pattern="^[0-9a-f]{32}$", examples=["0" * 32])]
EVENTS = {"content": {"text/event-stream": {"schema": {"type": "string"}}}}
LOOK = 0.03
"""Seconds between two looks at a running job."""


@router.get("/{job}", responses=problems())
def one(studio: InStudio, job: Id) -> JobRead:
    """How far a job is."""
    return read(studio.jobs.get(job))


@router.get("/{job}/events", response_class=StreamingResponse, responses={200: EVENTS, **problems()})
async def events(studio: InStudio, job: Id) -> StreamingResponse:
    """The job as server-sent events, one at every change, until it ends."""
    return StreamingResponse(_stream(studio.jobs.get(job)), media_type="text/event-stream")


async def _stream(job: Job) -> AsyncIterator[str]:
    last = ""
    while True:
        # Read once: a job that ends between sending and asking must still be sent as ended.
        now = read(job)
        text = now.model_dump_json(by_alias=True)
        if text != last:
            yield f"data: {text}\n\n"
            last = text
        if now.state != "running":
            return
        await asyncio.sleep(LOOK)


@router.delete("/{job}", responses=problems())
def stop(studio: InStudio, job: Id) -> JobRead:
    """Stop a job; what it had stored stays, which is nothing until it is done."""
    found = studio.jobs.get(job)
    found.cancelled.set()
    return read(found)


def read(job: Job) -> JobRead:
    """The model of a job."""
    state = cast(Literal["running", "done", "failed", "stopped"], job.state)
    return JobRead(
        id=job.id,
        state=state,
        stage=job.stage,
        done=job.done,
        problem=speaker().text(job.problem) if job.problem else None,
    )
