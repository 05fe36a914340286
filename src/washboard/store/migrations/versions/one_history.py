"""One history, media uses, the plan in force, answers beside a plan, the log"""

import json

import sqlalchemy as sa
from alembic import op

from washboard.core.errors import InvalidInput

revision = "0004"
down_revision = "0003"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "new_edit",
        sa.Column("owner", sa.String(length=32), nullable=False),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("words", sa.String(length=200), nullable=False),
        sa.Column("before", sa.JSON(), nullable=False),
        sa.Column("after", sa.JSON(), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.PrimaryKeyConstraint("owner", "number"),
    )
    fields = "number, words, before, after, created"
    op.execute(f"INSERT INTO new_edit (owner, {fields}) SELECT piece_id, {fields} FROM edit")
    op.execute(f"INSERT INTO new_edit (owner, {fields}) SELECT 'shelf', {fields} FROM shelf_edit")
    op.drop_table("edit")
    op.drop_table("shelf_edit")
    op.rename_table("new_edit", "edit")
    op.add_column("piece", sa.Column("plan_key", sa.String(length=64), nullable=True))
    op.execute(
        "UPDATE piece SET plan_key = (SELECT key FROM plan WHERE piece_id = piece.id ORDER BY plan.id DESC)"
    )
    op.create_table(
        "plan_answer",
        sa.Column("plan_id", sa.Integer(), nullable=False),
        sa.Column("question", sa.String(length=80), nullable=False),
        sa.Column("key", sa.String(length=64), nullable=False),
        sa.Column("hash", sa.String(length=64), nullable=False),
        sa.ForeignKeyConstraint(["plan_id"], ["plan.id"], ondelete="CASCADE"),
        sa.PrimaryKeyConstraint("plan_id", "question"),
    )
    op.create_table(
        "media_use",
        sa.Column("owner", sa.String(length=80), nullable=False),
        sa.Column("hash", sa.String(length=64), nullable=False),
        sa.PrimaryKeyConstraint("owner", "hash"),
    )
    op.create_index("ix_media_use_hash", "media_use", ["hash"])
    op.create_table(
        "log",
        sa.Column("id", sa.String(length=36), nullable=False),
        sa.Column("piece_id", sa.String(length=32), nullable=False),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("kind", sa.String(length=40), nullable=False),
        sa.Column("fields", sa.JSON(), nullable=False),
        sa.Column("happened", sa.String(length=32), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.ForeignKeyConstraint(["piece_id"], ["piece.id"], ondelete="CASCADE"),
        sa.PrimaryKeyConstraint("id"),
        sa.UniqueConstraint("piece_id", "number"),
    )
    _enter_uses(op.get_bind())


def _enter_uses(connection: sa.Connection) -> None:
    """Say of everything in the media folder who refers to it, as it was found out by reading until now."""
    uses: set[tuple[str, str]] = set()
    for piece, reference, settings in connection.execute(
        sa.text("SELECT id, reference_hash, settings FROM piece")
    ):
        named = {thing["photo"] for thing in json.loads(settings).get("borrowed") or ()}
        uses |= {(f"piece:{piece}", photo) for photo in named | ({reference} if reference else set())}
    for owner, number, *sides in connection.execute(
        sa.text("SELECT owner, number, before, after FROM edit WHERE owner != 'shelf'")
    ):
        for side in map(json.loads, sides):
            named = {thing["photo"] for thing in side.get("borrowed") or ()}
            named |= {side["reference"]} if side.get("reference") else set()
            uses |= {(f"piece:{owner}:edit:{number}", photo) for photo in named}
    for plan, piece, view in connection.execute(sa.text("SELECT id, piece_id, view FROM plan")):
        kept = json.loads(view).get("media", {}).values()
        uses |= {(f"piece:{piece}:plan:{plan}", content) for content in kept}
    for owner, content in sorted(uses):
        connection.execute(
            sa.text("INSERT INTO media_use (owner, hash) VALUES (:owner, :hash)"),
            {"owner": owner, "hash": content},
        )


def downgrade() -> None:
    raise InvalidInput("One history cannot be divided again without loss: use a copy of the folder.")
