"""People who work on the holding, and whose rows and blocks are whose"""

import sqlalchemy as sa
from alembic import op

revision = "0016"
down_revision = "0015"


def upgrade() -> None:
    op.create_table(
        "person",
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("name", sa.String(), nullable=False),
        sa.Column("reach_m", sa.Float(), nullable=True),
        sa.Column("pole_m", sa.Float(), nullable=True),
        sa.Column("carries_kg", sa.Float(), nullable=True),
        sa.PrimaryKeyConstraint("id"),
    )
    op.create_table(
        "assignment",
        sa.Column("scope_id", sa.String(), nullable=False),
        sa.Column("scope", sa.String(), nullable=False),
        sa.Column("person_id", sa.String(), nullable=False),
        sa.PrimaryKeyConstraint("scope_id"),
        sa.ForeignKeyConstraint(["person_id"], ["person.id"]),
    )
    op.create_index("ix_assignment_person_id", "assignment", ["person_id"])
