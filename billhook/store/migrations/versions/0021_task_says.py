"""What a task is for, as a message with its values"""

import sqlalchemy as sa
from alembic import op

revision = "0021"
down_revision = "0020"


def upgrade() -> None:
    op.add_column("task", sa.Column("says", sa.String(), nullable=True))
