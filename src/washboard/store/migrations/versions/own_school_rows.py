"""Schools of the painter's own"""

import sqlalchemy as sa
from alembic import op

revision = "0003"
down_revision = "0002"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "own_school",
        sa.Column("key", sa.String(length=160), nullable=False),
        sa.Column("created", sa.String(length=32), nullable=False),
        sa.PrimaryKeyConstraint("key"),
    )


def downgrade() -> None:
    op.drop_table("own_school")
