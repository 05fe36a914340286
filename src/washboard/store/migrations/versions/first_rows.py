"""First rows: reference, piece, edit, plan"""

import sqlalchemy as sa
from alembic import op

revision = "0001"
down_revision = None
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "reference",
        sa.Column("hash", sa.String(length=64), nullable=False),
        sa.Column("width", sa.Integer(), nullable=False),
        sa.Column("height", sa.Integer(), nullable=False),
        sa.Column("format", sa.String(length=8), nullable=False),
        sa.Column("notes", sa.JSON(), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.PrimaryKeyConstraint("hash"),
    )
    op.create_table(
        "piece",
        sa.Column("id", sa.String(length=32), nullable=False),
        sa.Column("name", sa.String(length=120), nullable=False),
        sa.Column("reference_hash", sa.String(length=64), nullable=True),
        sa.Column("shapes", sa.JSON(), nullable=True),
        sa.Column("settings", sa.JSON(), nullable=False),
        sa.Column("revision", sa.Integer(), nullable=False),
        sa.Column("cursor", sa.Integer(), nullable=False),
        sa.Column("next_mass", sa.Integer(), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.ForeignKeyConstraint(["reference_hash"], ["reference.hash"]),
        sa.PrimaryKeyConstraint("id"),
    )
    op.create_table(
        "edit",
        sa.Column("id", sa.Integer(), nullable=False),
        sa.Column("piece_id", sa.String(length=32), nullable=False),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("words", sa.String(length=200), nullable=False),
        sa.Column("before", sa.JSON(), nullable=False),
        sa.Column("after", sa.JSON(), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.ForeignKeyConstraint(["piece_id"], ["piece.id"], ondelete="CASCADE"),
        sa.PrimaryKeyConstraint("id"),
        sa.UniqueConstraint("piece_id", "number"),
    )
    op.create_table(
        "plan",
        sa.Column("id", sa.Integer(), nullable=False),
        sa.Column("piece_id", sa.String(length=32), nullable=False),
        sa.Column("key", sa.String(length=64), nullable=False),
        sa.Column("engine", sa.String(length=20), nullable=False),
        sa.Column("document", sa.Text(), nullable=False),
        sa.Column("view", sa.JSON(), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.ForeignKeyConstraint(["piece_id"], ["piece.id"], ondelete="CASCADE"),
        sa.PrimaryKeyConstraint("id"),
        sa.UniqueConstraint("piece_id", "key"),
    )


def downgrade() -> None:
    op.drop_table("plan")
    op.drop_table("edit")
    op.drop_table("piece")
    op.drop_table("reference")
