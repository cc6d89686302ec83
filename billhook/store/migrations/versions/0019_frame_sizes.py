"""What each frame measures as a whole, worked out once"""

import sqlalchemy as sa
from alembic import op

revision = "0019"
down_revision = "0018"


def upgrade() -> None:
    op.create_table(
        "framesize",
        sa.Column("frame_id", sa.String(), primary_key=True),
        sa.Column("height_m", sa.Float(), nullable=False),
        sa.Column("spread_m", sa.Float(), nullable=False),
        sa.Column("trunk_mm", sa.Float(), nullable=False),
        sa.Column("fruit", sa.Integer(), nullable=False),
        sa.Column("suckers", sa.Integer(), nullable=False),
        sa.Column("dead", sa.Integer(), nullable=False),
        sa.Column("lowest_m", sa.Float(), nullable=True),
    )
