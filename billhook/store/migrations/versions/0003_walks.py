"""Walks and their answers"""

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

revision = '0003'
down_revision = '0002'


def upgrade() -> None:
    op.create_table('walk',
    sa.Column('id', sa.String(), nullable=False),
    sa.Column('tree_id', sa.String(), nullable=False),
    sa.Column('day', sa.Date(), nullable=False),
    sa.Column('state', sa.String(), nullable=False),
    sa.Column('made_at', sqlmodel.sql.sqltypes.UTCDateTime(), nullable=False),
    sa.ForeignKeyConstraint(['tree_id'], ['tree.id'], ),
    sa.PrimaryKeyConstraint('id')
    )
    op.create_index('ix_walk_tree_id', 'walk', ['tree_id'])
    op.create_table('walkanswer',
    sa.Column('id', sa.String(), nullable=False),
    sa.Column('walk_id', sa.String(), nullable=False),
    sa.Column('step', sa.String(), nullable=False),
    sa.Column('answer', sa.String(), nullable=False),
    sa.Column('made_at', sqlmodel.sql.sqltypes.UTCDateTime(), nullable=False),
    sa.ForeignKeyConstraint(['walk_id'], ['walk.id'], ),
    sa.PrimaryKeyConstraint('id')
    )
    op.create_index('ix_walkanswer_walk_id', 'walkanswer', ['walk_id'])
