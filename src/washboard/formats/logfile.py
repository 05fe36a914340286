"""The log of a piece in an open format: JSON Lines, an event a line."""

from __future__ import annotations

import json
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import UTC, datetime
from typing import Annotated, Any

from pydantic import AwareDatetime, BaseModel, ConfigDict, Field, ValidationError

from ..core.errors import InvalidInput
from ..core.log.event import Event, EventKind

MOST_BYTES, MOST_LINES = 16 * 2**20, 50_000
EPOCH = datetime(2000, 1, 1, tzinfo=UTC)
"""Minutes of events are counted from here."""

Word = Annotated[str, Field(max_length=64)]


class LogLine(BaseModel):
    """An event: `at` in ISO 8601 with offset; `pass` and `masses` by their ids; `what` an accident; `value`
    Munsell 0–10, or ml of a mixture. Unknown fields are kept, and so are unknown kinds: a newer program's."""

    model_config = ConfigDict(extra="allow", populate_by_name=True, allow_inf_nan=False)

    id: Annotated[str, Field(min_length=1, max_length=64)]
    at: AwareDatetime
    kind: Word
    done: Word | None = Field(None, alias="pass")
    masses: Annotated[tuple[Word, ...], Field(max_length=2000)] = ()
    what: Word | None = None
    value: float | None = None
    words: Annotated[str, Field(max_length=4000)] | None = None


@dataclass(frozen=True)
class Log:
    """Events as read, and the ids of those whose kind is not known here."""

    events: tuple[Event, ...]
    unknown: tuple[str, ...] = ()


def read(data: bytes) -> Log:
    """The events of a log. Raises InvalidInput, naming the line and what is wrong with it."""
    if len(data) > MOST_BYTES or data.count(b"\n") > MOST_LINES:
        raise InvalidInput("refused-log-size", most=MOST_BYTES >> 20, lines=MOST_LINES)
    try:
        lines = data.decode("utf-8-sig").splitlines()
    except UnicodeDecodeError:
        raise InvalidInput("refused-log-no-text") from None
    return log_of([_line(number, text) for number, text in enumerate(lines, 1) if text.strip()])


def log_of(lines: Sequence[LogLine]) -> Log:
    """The events of lines; what a newer program wrote is set apart."""
    known = [line.kind in set(EventKind) for line in lines]
    return Log(
        tuple(_event(line) for line, there in zip(lines, known, strict=True) if there),
        tuple(line.id for line, there in zip(lines, known, strict=True) if not there),
    )


def _line(number: int, text: str) -> LogLine:
    try:
        return LogLine.model_validate(json.loads(text))
    except ValidationError as error:
        first = error.errors()[0]
        where = ".".join(str(part) for part in first["loc"]) or "the line"
        raise InvalidInput("refused-log-line", number=number, where=where, fault=first["msg"]) from None
    except (ValueError, RecursionError) as error:
        raise InvalidInput("refused-log-line", number=number, where="JSON", fault=str(error)[:80]) from None


def _event(line: LogLine) -> Event:
    return Event(
        line.id,
        minute_of(line.at),
        EventKind(line.kind),
        line.done or "",
        line.masses,
        line.what or "",
        line.value,
        line.words or "",
    )


def minute_of(when: datetime) -> float:
    """The minute of an instant on the clock of all logs."""
    return (when - EPOCH).total_seconds() / 60


def written(lines: Sequence[LogLine]) -> str:
    """Events as JSON Lines; what is not said is left out."""
    return "".join(json.dumps(_plain(line), ensure_ascii=False, allow_nan=False) + "\n" for line in lines)


def _plain(line: LogLine) -> dict[str, Any]:
    plain = line.model_dump(mode="json", by_alias=True, exclude_none=True)
    return {key: value for key, value in plain.items() if key != "masses" or value}


def schema() -> dict[str, Any]:
    """The published JSON Schema of a line."""
    published = LogLine.model_json_schema(by_alias=True)
    published["$schema"] = "https://json-schema.org/draft/2020-12/schema"
    published["title"] = "Washboard log, a line"
    published["properties"]["kind"]["examples"] = [kind.value for kind in EventKind]
    return published
