"""Trees as they are said and counted: origin, names, close together; aims; counted cuts"""

import sqlalchemy as sa
from alembic import op

revision = "0013"
down_revision = "0012"


def upgrade() -> None:
    with op.batch_alter_table("tree") as batch:
        batch.add_column(sa.Column("origin", sa.String(), nullable=True))
        batch.add_column(sa.Column("medium", sa.String(), nullable=True))
        batch.add_column(sa.Column("form", sa.String(), nullable=True))
        batch.add_column(sa.Column("name", sa.String(), nullable=False, server_default=""))
    with op.batch_alter_table("row") as batch:
        batch.add_column(sa.Column("name", sa.String(), nullable=True))
    with op.batch_alter_table("place") as batch:
        batch.add_column(sa.Column("together", sa.String(), nullable=True))
    with op.batch_alter_table("plancut") as batch:
        batch.add_column(sa.Column("work", sa.String(), nullable=True))
        batch.add_column(sa.Column("counted", sa.JSON(), nullable=True))
    op.create_table(
        "cutcount",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("act", sa.Integer(), nullable=False, server_default="0"),
        sa.Column("log_id", sa.String(), nullable=False),
        sa.Column("thickness", sa.String(), nullable=True),
        sa.Column("mm", sa.Float(), nullable=False),
        sa.Column("n", sa.Integer(), nullable=False),
        sa.Column("sprout", sa.Boolean(), nullable=False),
        sa.Column("dead", sa.Boolean(), nullable=False),
        sa.PrimaryKeyConstraint("id"),
        sa.ForeignKeyConstraint(["log_id"], ["logentry.id"]),
        sa.ForeignKeyConstraint(["act"], ["act.seq"]),
    )
    op.create_index("ix_cutcount_log_id", "cutcount", ["log_id"])
    op.create_table(
        "aim",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("act", sa.Integer(), nullable=False, server_default="0"),
        sa.Column("scope", sa.String(), nullable=False),
        sa.Column("scope_id", sa.String(), nullable=False),
        sa.Column("height_m", sa.Float(), nullable=True),
        sa.Column("width_m", sa.Float(), nullable=True),
        sa.Column("said_on", sa.Date(), nullable=False),
        sa.Column("made_at", sa.DateTime(), nullable=False),
        sa.PrimaryKeyConstraint("id"),
        sa.ForeignKeyConstraint(["act"], ["act.seq"]),
    )
    op.create_index("ix_aim_scope_id", "aim", ["scope_id"])
