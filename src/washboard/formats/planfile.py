"""The open plan format: JSON, versioned, self-describing, validated on write and read."""

from __future__ import annotations

import hashlib
import json
from typing import Any

from pydantic import ValidationError

from ..core.errors import InvalidPlan, NewerPlan
from ..core.plan.plan import Plan
from ..core.reference.picture import Labels
from .planparts import VERSION, Document
from .planreading import plan_from, things_of
from .planwriting import DocumentSource, document_of, marks_of, pass_part

MOST_BYTES = 16 * 2**20


def written(document: Document) -> str:
    """The document as JSON text, validated once more."""
    plain = document.model_dump(mode="json", by_alias=True)
    Document.model_validate(plain)
    return json.dumps(plain, indent=1, ensure_ascii=False, allow_nan=False)


def read(text: str | bytes) -> Document:
    """A document from JSON text. Raises NewerPlan and InvalidPlan, naming what is wrong and where."""
    if len(text) > MOST_BYTES:
        raise InvalidPlan("refused-planfile-too-large", most=MOST_BYTES >> 20)
    try:
        raw = json.loads(text, parse_constant=_no_constant)
    except RecursionError:
        raise InvalidPlan("refused-planfile-nested") from None
    except ValueError as error:
        raise InvalidPlan("refused-planfile-no-json", error=str(error)[:80]) from None
    version = raw.get("washboard") if isinstance(raw, dict) else None
    if isinstance(version, bool) or not isinstance(version, int):
        raise InvalidPlan("refused-planfile-no-plan")
    if version > VERSION:
        raise NewerPlan("refused-planfile-newer", version=version, known=VERSION)
    try:
        return Document.model_validate(raw)
    except ValidationError as error:
        first = error.errors()[0]
        where = ".".join(str(part) for part in first["loc"])
        raise InvalidPlan("refused-planfile-unreadable", fault=first["msg"], where=where) from None


def continued(before: Document, plan: Plan) -> Document:
    """The document of a plan that goes on from one that was read: of the same piece, reference and areas."""
    source = DocumentSource(before.piece, label_map=before.label_map)
    after = document_of(plan, source)
    return after.model_copy(update={"reference": before.reference, "areas": before.areas})


def _no_constant(name: str) -> float:
    raise ValueError(f"{name} is not a number that JSON knows")


def schema() -> dict[str, Any]:
    """The published JSON Schema of the format."""
    published = Document.model_json_schema(by_alias=True)
    published["$schema"] = "https://json-schema.org/draft/2020-12/schema"
    published["title"] = "Washboard plan"
    return published


def label_hash(labels: Labels) -> str:
    """The hash that names a label map: SHA-256 of its shape and its labels as uint16, row by row."""
    shape = f"{labels.shape[1]}x{labels.shape[0]}:".encode()
    return hashlib.sha256(shape + labels.astype("<u2").tobytes()).hexdigest()


__all__ = [
    "DocumentSource",
    "continued",
    "document_of",
    "label_hash",
    "marks_of",
    "pass_part",
    "plan_from",
    "read",
    "schema",
    "things_of",
    "written",
]
