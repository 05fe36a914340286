"""The rows of the database."""

from __future__ import annotations

from typing import Any

from sqlalchemy import JSON, Boolean, ForeignKey, Integer, String, Text, UniqueConstraint
from sqlalchemy.orm import DeclarativeBase, Mapped, mapped_column


class Row(DeclarativeBase):
    """Base of all rows."""


class ReferenceRow(Row):
    """A picture that was taken in; its bytes lie in the media folder under the hash."""

    __tablename__ = "reference"

    hash: Mapped[str] = mapped_column(String(64), primary_key=True)
    width: Mapped[int] = mapped_column(Integer)
    height: Mapped[int] = mapped_column(Integer)
    format: Mapped[str] = mapped_column(String(8))
    notes: Mapped[list[str]] = mapped_column(JSON)
    created: Mapped[str] = mapped_column(String(32))


class PieceRow(Row):
    """A piece. `cursor` is the last edit in force; `revision` rises with every change, undo included;
    `plan_key` names its plan in force."""

    __tablename__ = "piece"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    name: Mapped[str] = mapped_column(String(120))
    reference_hash: Mapped[str | None] = mapped_column(ForeignKey("reference.hash"))
    shapes: Mapped[list[Any] | None] = mapped_column(JSON)
    settings: Mapped[dict[str, Any]] = mapped_column(JSON)
    revision: Mapped[int] = mapped_column(Integer, default=0)
    cursor: Mapped[int] = mapped_column(Integer, default=0)
    next_mass: Mapped[int] = mapped_column(Integer, default=1)
    plan_key: Mapped[str | None] = mapped_column(String(64))
    created: Mapped[str] = mapped_column(String(32))


class ShelfRow(Row):
    """The one shelf: `cursor` is the last edit in force; `revision` rises with every change; `next_number`
    numbers the next thing, and none is ever given twice."""

    __tablename__ = "shelf"

    id: Mapped[int] = mapped_column(Integer, primary_key=True)
    revision: Mapped[int] = mapped_column(Integer, default=0)
    cursor: Mapped[int] = mapped_column(Integer, default=0)
    next_number: Mapped[int] = mapped_column(Integer, default=1)


class ShelfItemRow(Row):
    """A thing on the shelf, `place` its number in the order in which things came."""

    __tablename__ = "shelf_item"

    key: Mapped[str] = mapped_column(String(32), primary_key=True)
    place: Mapped[int] = mapped_column(Integer)
    fields: Mapped[dict[str, Any]] = mapped_column(JSON)


class EditRow(Row):
    """One undoable edit of a piece or of the shelf: the fields it changed, before and after.

    `owner` is the id of the piece, or the shelf's name.
    """

    __tablename__ = "edit"

    owner: Mapped[str] = mapped_column(String(32), primary_key=True)
    number: Mapped[int] = mapped_column(Integer, primary_key=True)
    words: Mapped[str] = mapped_column(String(200))
    before: Mapped[dict[str, Any]] = mapped_column(JSON)
    after: Mapped[dict[str, Any]] = mapped_column(JSON)
    created: Mapped[str] = mapped_column(String(32))


class PlanRow(Row):
    """A plan as computed, frozen with its engine's version; `key` names all that it depends on."""

    __tablename__ = "plan"
    __table_args__ = (UniqueConstraint("piece_id", "key"),)

    id: Mapped[int] = mapped_column(Integer, primary_key=True)
    piece_id: Mapped[str] = mapped_column(ForeignKey("piece.id", ondelete="CASCADE"))
    key: Mapped[str] = mapped_column(String(64))
    engine: Mapped[str] = mapped_column(String(20))
    document: Mapped[str] = mapped_column(Text)
    view: Mapped[dict[str, Any]] = mapped_column(JSON)
    created: Mapped[str] = mapped_column(String(32))


class PlanAnswerRow(Row):
    """What was worked out beside a plan, as bytes in the media folder: recipes, cards, schools.

    `key` names what the answer depends on; another answer to the same question takes its place.
    """

    __tablename__ = "plan_answer"

    plan_id: Mapped[int] = mapped_column(ForeignKey("plan.id", ondelete="CASCADE"), primary_key=True)
    question: Mapped[str] = mapped_column(String(80), primary_key=True)
    key: Mapped[str] = mapped_column(String(64))
    hash: Mapped[str] = mapped_column(String(64))


class MediaUseRow(Row):
    """Bytes in the media folder and who refers to them: `owner` as `piece:ID`, `piece:ID:edit:N`,
    `piece:ID:plan:N` or `upload:HASH`. What has no row here is swept."""

    __tablename__ = "media_use"

    owner: Mapped[str] = mapped_column(String(80), primary_key=True)
    hash: Mapped[str] = mapped_column(String(64), primary_key=True, index=True)


class LogRow(Row):
    """One entry of the log of a piece: never changed and never deleted while the piece is there.

    `id` was made by the client, so that an entry that is sent twice is kept once.
    """

    __tablename__ = "log"
    __table_args__ = (UniqueConstraint("piece_id", "number"),)

    id: Mapped[str] = mapped_column(String(36), primary_key=True)
    piece_id: Mapped[str] = mapped_column(ForeignKey("piece.id", ondelete="CASCADE"))
    number: Mapped[int] = mapped_column(Integer)
    kind: Mapped[str] = mapped_column(String(40))
    fields: Mapped[dict[str, Any]] = mapped_column(JSON)
    happened: Mapped[str] = mapped_column(String(32))
    created: Mapped[str] = mapped_column(String(32))


class ObservationRow(Row):
    """A photo of a painting as it was read: never changed while the piece is there. `pictures` are hashes of
    what was made of it, `replaces` the earlier reading of the same photo, "" for none."""

    __tablename__ = "observation"
    __table_args__ = (UniqueConstraint("piece_id", "number"),)

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    piece_id: Mapped[str] = mapped_column(ForeignKey("piece.id", ondelete="CASCADE"))
    number: Mapped[int] = mapped_column(Integer)
    plan: Mapped[str] = mapped_column(String(64))
    photo: Mapped[str] = mapped_column(String(64))
    pictures: Mapped[dict[str, str]] = mapped_column(JSON)
    fields: Mapped[dict[str, Any]] = mapped_column(JSON)
    replaces: Mapped[str] = mapped_column(String(32))
    happened: Mapped[str] = mapped_column(String(32))
    created: Mapped[str] = mapped_column(String(32))


class DrillAnswerRow(Row):
    """An answer to a question of the trainer: never changed. `item` names what was asked, `right` whether the
    answer was."""

    __tablename__ = "drill_answer"

    id: Mapped[str] = mapped_column(String(36), primary_key=True)
    item: Mapped[str] = mapped_column(String(120), index=True)
    kind: Mapped[str] = mapped_column(String(20))
    right: Mapped[bool] = mapped_column(Boolean)
    fields: Mapped[dict[str, Any]] = mapped_column(JSON)
    answered: Mapped[str] = mapped_column(String(32))


class PainterRow(Row):
    """What is true of the one painter whatever the piece: free hours, hand, the climate of the room."""

    __tablename__ = "painter"

    id: Mapped[int] = mapped_column(Integer, primary_key=True)
    fields: Mapped[dict[str, Any]] = mapped_column(JSON)


class OwnSchoolRow(Row):
    """A school of the painter's own: its key tells all of it."""

    __tablename__ = "own_school"

    key: Mapped[str] = mapped_column(String(160), primary_key=True)
    created: Mapped[str] = mapped_column(String(32))


class DeviceRow(Row):
    """A tablet or phone that was paired. `token` is the SHA-256 of what it shows: the token itself is only
    on the device."""

    __tablename__ = "device"

    id: Mapped[str] = mapped_column(String(32), primary_key=True)
    name: Mapped[str] = mapped_column(String(60))
    token: Mapped[str] = mapped_column(String(64), unique=True)
    paired: Mapped[str] = mapped_column(String(32))
    seen: Mapped[str] = mapped_column(String(32))
