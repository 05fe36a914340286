"""Photos of paintings as they were read, and answers to the trainer"""

import sqlalchemy as sa
from alembic import op

revision = "0007"
down_revision = "0006"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "observation",
        sa.Column("id", sa.String(length=32), nullable=False),
        sa.Column("piece_id", sa.String(length=32), nullable=False),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("plan", sa.String(length=64), nullable=False),
        sa.Column("photo", sa.String(length=64), nullable=False),
        sa.Column("pictures", sa.JSON(), nullable=False),
        sa.Column("fields", sa.JSON(), nullable=False),
        sa.Column("replaces", sa.String(length=32), nullable=False),
        sa.Column("happened", sa.String(length=32), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.ForeignKeyConstraint(["piece_id"], ["piece.id"], ondelete="CASCADE"),
        sa.PrimaryKeyConstraint("id"),
        sa.UniqueConstraint("piece_id", "number"),
    )
    op.create_table(
        "drill_answer",
        sa.Column("id", sa.String(length=36), nullable=False),
        sa.Column("item", sa.String(length=120), nullable=False),
        sa.Column("kind", sa.String(length=20), nullable=False),
        sa.Column("right", sa.Boolean(), nullable=False),
        sa.Column("fields", sa.JSON(), nullable=False),
        sa.Column("answered", sa.String(length=32), nullable=False),
        sa.PrimaryKeyConstraint("id"),
    )
    op.create_index(op.f("ix_drill_answer_item"), "drill_answer", ["item"])


def downgrade() -> None:
    op.drop_index(op.f("ix_drill_answer_item"), table_name="drill_answer")
    op.drop_table("drill_answer")
    op.drop_table("observation")
