"""What each act changed, and which act took which back"""

import sqlalchemy as sa
from alembic import op

revision = "0015"
down_revision = "0014"


def upgrade() -> None:
    op.create_table(
        "change",
        sa.Column("n", sa.Integer(), nullable=False),
        sa.Column("act", sa.Integer(), nullable=False),
        sa.Column("of", sa.String(), nullable=False),
        sa.Column("key", sa.String(), nullable=False),
        sa.Column("op", sa.String(), nullable=False),
        sa.Column("was", sa.String(), nullable=True),
        sa.Column("became", sa.String(), nullable=True),
        sa.PrimaryKeyConstraint("n"),
        sa.ForeignKeyConstraint(["act"], ["act.seq"]),
    )
    op.create_index("ix_change_act", "change", ["act"])
    op.create_index("ix_change_key", "change", ["key"])
    op.create_table(
        "takenback",
        sa.Column("by", sa.Integer(), nullable=False),
        sa.Column("act", sa.Integer(), nullable=False),
        sa.PrimaryKeyConstraint("by", "act"),
        sa.ForeignKeyConstraint(["by"], ["act.seq"]),
        sa.ForeignKeyConstraint(["act"], ["act.seq"]),
    )
