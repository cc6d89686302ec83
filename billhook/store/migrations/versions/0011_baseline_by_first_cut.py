"""A baseline is kept by the day of its first cut, and found by the growing year that holds it"""

import sqlalchemy as sa
from alembic import op

revision = "0011"
down_revision = "0010"


def upgrade() -> None:
    """The first cut is the log entry that began from the baseline's frame; a baseline without one keeps the day it stood for."""
    op.create_table(
        "baseline_by_cut",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("tree_id", sa.String(), nullable=False),
        sa.Column("first_cut", sa.Date(), nullable=False),
        sa.Column("frame_id", sa.String(), nullable=False),
        sa.PrimaryKeyConstraint("id"),
        sa.ForeignKeyConstraint(["tree_id"], ["tree.id"]),
        sa.ForeignKeyConstraint(["frame_id"], ["frame.id"]),
        sa.UniqueConstraint("tree_id", "first_cut"),
    )
    op.execute(
        "INSERT OR IGNORE INTO baseline_by_cut (id, tree_id, first_cut, frame_id) SELECT b.id, b.tree_id, "
        "COALESCE((SELECT MIN(l.date) FROM logentry l WHERE l.tree_id = b.tree_id AND l.frame_before = b.frame_id), b.growing_year), b.frame_id "
        "FROM baseline b ORDER BY b.growing_year"
    )
    op.drop_table("baseline")
    op.rename_table("baseline_by_cut", "baseline")
    op.create_index("ix_baseline_tree_id", "baseline", ["tree_id"])
