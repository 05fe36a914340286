"""Shelf rows: the shelf, its things, its history"""

import sqlalchemy as sa
from alembic import op

revision = "0002"
down_revision = "0001"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "shelf",
        sa.Column("id", sa.Integer(), nullable=False),
        sa.Column("revision", sa.Integer(), nullable=False),
        sa.Column("cursor", sa.Integer(), nullable=False),
        sa.Column("next_number", sa.Integer(), nullable=False),
        sa.PrimaryKeyConstraint("id"),
    )
    op.create_table(
        "shelf_item",
        sa.Column("key", sa.String(length=32), nullable=False),
        sa.Column("place", sa.Integer(), nullable=False),
        sa.Column("fields", sa.JSON(), nullable=False),
        sa.PrimaryKeyConstraint("key"),
    )
    op.create_table(
        "shelf_edit",
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("words", sa.String(length=200), nullable=False),
        sa.Column("before", sa.JSON(), nullable=False),
        sa.Column("after", sa.JSON(), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.PrimaryKeyConstraint("number"),
    )


def downgrade() -> None:
    for table in ("shelf_edit", "shelf_item", "shelf"):
        op.drop_table(table)
