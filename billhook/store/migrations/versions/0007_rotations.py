"""Rotations of renewal, and the dated work that comes of them"""

import sqlalchemy as sa
from alembic import op

revision = '0007'
down_revision = '0006'


def upgrade() -> None:
    op.create_table(
        'rotation',
        sa.Column('id', sa.String(), nullable=False),
        sa.Column('scope', sa.String(), nullable=False),
        sa.Column('scope_id', sa.String(), nullable=False),
        sa.Column('school', sa.String(), nullable=False),
        sa.Column('first_year', sa.Integer(), nullable=False),
        sa.Column('years', sa.Integer(), nullable=False),
        sa.Column('low_m', sa.Float(), nullable=False),
        sa.Column('tip_m', sa.Float(), nullable=False),
        sa.Column('started_on', sa.Date(), nullable=False),
        sa.Column('ended_on', sa.Date(), nullable=True),
        sa.Column('version', sa.Integer(), nullable=False),
        sa.Column('made_at', sa.DateTime(), nullable=False),
        sa.PrimaryKeyConstraint('id'),
    )
    op.create_index('ix_rotation_scope_id', 'rotation', ['scope_id'])
    with op.batch_alter_table('task') as batch:
        batch.add_column(sa.Column('rotation_id', sa.String(), nullable=True))
        batch.create_foreign_key('fk_task_rotation', 'rotation', ['rotation_id'], ['id'])
