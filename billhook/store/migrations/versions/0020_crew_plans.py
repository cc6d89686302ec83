"""Days off, own pace, fixed work and kept plans of the crew's weeks"""

import sqlalchemy as sa
from alembic import op

revision = "0020"
down_revision = "0019"


def upgrade() -> None:
    op.add_column("person", sa.Column("pace", sa.Float(), nullable=True))
    op.create_table(
        "away",
        sa.Column("id", sa.String(), primary_key=True),
        sa.Column("person_id", sa.String(), sa.ForeignKey("person.id"), nullable=True),
        sa.Column("first", sa.Date(), nullable=False),
        sa.Column("last", sa.Date(), nullable=False),
        sa.Column("why", sa.String(), nullable=False),
    )
    op.create_index("ix_away_person_id", "away", ["person_id"])
    op.create_table(
        "crewfix",
        sa.Column("job", sa.String(), primary_key=True),
        sa.Column("person_id", sa.String(), sa.ForeignKey("person.id"), nullable=False),
        sa.Column("day", sa.Date(), nullable=False),
    )
    op.create_index("ix_crewfix_person_id", "crewfix", ["person_id"])
    op.create_table(
        "crewkept",
        sa.Column("act", sa.Integer(), sa.ForeignKey("act.seq"), nullable=False),
        sa.Column("id", sa.String(), primary_key=True),
        sa.Column("made_on", sa.Date(), nullable=False),
        sa.Column("work", sa.JSON(), nullable=False),
        sa.Column("hours", sa.JSON(), nullable=False),
        sa.Column("jobs", sa.JSON(), nullable=False),
    )
