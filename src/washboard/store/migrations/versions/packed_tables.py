"""The tables of a plan's view are bytes from here on: nothing changes in the rows, but earlier programs could
not read them and must refuse the folder."""

from alembic import op

revision = "0008"
down_revision = "0007"
branch_labels = None
depends_on = None


def upgrade() -> None:
    """Nothing: views of before are lists, which are still read."""


def downgrade() -> None:
    # Plans are worked out again from what the painter said.
    op.execute("DELETE FROM plan")
