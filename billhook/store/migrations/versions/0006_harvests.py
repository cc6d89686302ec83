"""Fruit that was picked"""

import sqlalchemy as sa
from alembic import op

revision = '0006'
down_revision = '0005'


def upgrade() -> None:
    op.create_table(
        'harvest',
        sa.Column('id', sa.String(), nullable=False),
        sa.Column('scope', sa.String(), nullable=False),
        sa.Column('scope_id', sa.String(), nullable=False),
        sa.Column('day', sa.Date(), nullable=False),
        sa.Column('kg', sa.Float(), nullable=False),
        sa.Column('who', sa.String(), nullable=False),
        sa.Column('made_at', sa.DateTime(), nullable=False),
        sa.PrimaryKeyConstraint('id'),
    )
    op.create_index('ix_harvest_scope_id', 'harvest', ['scope_id'])
