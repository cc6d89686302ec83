"""Traces on pictures; bloom and flush of limbs; notes and photos of rows and blocks; leaf marks"""

import sqlalchemy as sa
from alembic import op

revision = "0014"
down_revision = "0013"


def upgrade() -> None:
    with op.batch_alter_table("limb") as batch:
        batch.add_column(sa.Column("bloom", sa.Float(), nullable=True))
        batch.add_column(sa.Column("flush", sa.String(), nullable=True))
    with op.batch_alter_table("graft") as batch:
        batch.add_column(sa.Column("mark", sa.String(), nullable=False, server_default=""))
    for table in ("row", "block"):
        with op.batch_alter_table(table) as batch:
            batch.add_column(sa.Column("note", sa.String(), nullable=False, server_default=""))
    with op.batch_alter_table("photo") as batch:
        batch.add_column(sa.Column("row_id", sa.String(), nullable=True))
        batch.add_column(sa.Column("block_id", sa.String(), nullable=True))
        batch.alter_column("tree_id", existing_type=sa.String(), nullable=True)
    op.create_table(
        "trace",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("act", sa.Integer(), nullable=False, server_default="0"),
        sa.Column("tree_id", sa.String(), nullable=False),
        sa.Column("frame_id", sa.String(), nullable=False),
        sa.Column("photo_id", sa.String(), nullable=False),
        sa.Column("touched", sa.JSON(), nullable=False),
        sa.Column("made_at", sa.DateTime(), nullable=False),
        sa.PrimaryKeyConstraint("id"),
        sa.ForeignKeyConstraint(["tree_id"], ["tree.id"]),
        sa.ForeignKeyConstraint(["frame_id"], ["frame.id"]),
        sa.ForeignKeyConstraint(["photo_id"], ["photo.id"]),
        sa.ForeignKeyConstraint(["act"], ["act.seq"]),
    )
    op.create_index("ix_trace_tree_id", "trace", ["tree_id"])
