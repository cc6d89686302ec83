"""Walks that meet, answers that cross, and photos"""

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

revision = '0004'
down_revision = '0003'


def upgrade() -> None:
    with op.batch_alter_table('walk') as batch:
        batch.add_column(sa.Column('into', sa.String(), nullable=True))
        batch.add_column(sa.Column('quick', sa.Boolean(), nullable=False, server_default=sa.false()))
        batch.create_foreign_key('fk_walk_into', 'walk', ['into'], ['id'])
    with op.batch_alter_table('walkanswer') as batch:
        batch.add_column(sa.Column('seen', sa.String(), nullable=True))
    op.create_table('photo',
    sa.Column('id', sa.String(), nullable=False),
    sa.Column('tree_id', sa.String(), nullable=False),
    sa.Column('moment', sa.String(), nullable=False),
    sa.Column('day', sa.Date(), nullable=False),
    sa.Column('digest', sa.String(), nullable=False),
    sa.Column('width', sa.Integer(), nullable=False),
    sa.Column('height', sa.Integer(), nullable=False),
    sa.Column('made_at', sqlmodel.sql.sqltypes.UTCDateTime(), nullable=False),
    sa.ForeignKeyConstraint(['tree_id'], ['tree.id'], ),
    sa.PrimaryKeyConstraint('id')
    )
    op.create_index('ix_photo_tree_id', 'photo', ['tree_id'])
