"""Scratches of the bark after a frost"""

import sqlalchemy as sa
from alembic import op

revision = '0008'
down_revision = '0007'


def upgrade() -> None:
    op.create_table(
        'scratch',
        sa.Column('id', sa.String(), nullable=False),
        sa.Column('tree_id', sa.String(), nullable=False),
        sa.Column('limb_key', sa.String(), nullable=False),
        sa.Column('at_m', sa.Float(), nullable=False),
        sa.Column('green', sa.Boolean(), nullable=False),
        sa.Column('day', sa.Date(), nullable=False),
        sa.Column('made_at', sa.DateTime(), nullable=False),
        sa.ForeignKeyConstraint(['tree_id'], ['tree.id']),
        sa.PrimaryKeyConstraint('id'),
    )
    op.create_index('ix_scratch_tree_id', 'scratch', ['tree_id'])
