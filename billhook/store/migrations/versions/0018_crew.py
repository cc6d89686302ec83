"""Hours a week and skills of people"""

import sqlalchemy as sa
from alembic import op

revision = "0018"
down_revision = "0017"


def upgrade() -> None:
    op.add_column("person", sa.Column("hours_week", sa.Float(), nullable=True))
    op.add_column("person", sa.Column("skills", sa.String(), nullable=True))
