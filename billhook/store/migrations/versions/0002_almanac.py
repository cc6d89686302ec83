"""Stances, weather days, work put off, own kinds of tree; dangers of a site, elevation of a block"""

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

revision = '0002'
down_revision = '0001'


def upgrade() -> None:
    op.create_table('stancechoice',
    sa.Column('id', sa.String(), nullable=False),
    sa.Column('scope', sa.String(), nullable=False),
    sa.Column('scope_id', sa.String(), nullable=False),
    sa.Column('topic', sa.String(), nullable=False),
    sa.Column('school', sa.String(), nullable=False),
    sa.PrimaryKeyConstraint('id'),
    sa.UniqueConstraint('scope_id', 'topic')
    )
    op.create_index('ix_stancechoice_scope_id', 'stancechoice', ['scope_id'])
    op.create_table('weatherday',
    sa.Column('id', sa.String(), nullable=False),
    sa.Column('site_id', sa.String(), nullable=False),
    sa.Column('date', sa.Date(), nullable=False),
    sa.Column('tmin_c', sa.Float(), nullable=True),
    sa.Column('tmax_c', sa.Float(), nullable=True),
    sa.Column('rain_mm', sa.Float(), nullable=True),
    sa.Column('source', sa.String(), nullable=False),
    sa.ForeignKeyConstraint(['site_id'], ['site.id'], ),
    sa.PrimaryKeyConstraint('id'),
    sa.UniqueConstraint('site_id', 'date')
    )
    op.create_index('ix_weatherday_site_id', 'weatherday', ['site_id'])
    op.create_table('putoff',
    sa.Column('id', sa.String(), nullable=False),
    sa.Column('tree_id', sa.String(), nullable=False),
    sa.Column('work', sa.String(), nullable=False),
    sa.Column('until', sa.Date(), nullable=False),
    sa.Column('why', sa.String(), nullable=False),
    sa.Column('made_at', sqlmodel.sql.sqltypes.UTCDateTime(), nullable=False),
    sa.ForeignKeyConstraint(['tree_id'], ['tree.id'], ),
    sa.PrimaryKeyConstraint('id')
    )
    op.create_index('ix_putoff_tree_id', 'putoff', ['tree_id'])
    op.create_table('ownspecies',
    sa.Column('id', sa.String(), nullable=False),
    sa.Column('name', sa.String(), nullable=False),
    sa.Column('data', sa.JSON(), nullable=False),
    sa.PrimaryKeyConstraint('id')
    )
    with op.batch_alter_table('holding') as batch:
        batch.add_column(sa.Column('scenario', sa.String(), nullable=False, server_default='ordinary'))
    with op.batch_alter_table('site') as batch:
        batch.add_column(sa.Column('dangers', sa.JSON(), nullable=False, server_default='[]'))
    with op.batch_alter_table('block') as batch:
        batch.add_column(sa.Column('elevation_m', sa.Float(), nullable=True))
    with op.batch_alter_table('task') as batch:
        batch.add_column(sa.Column('why_later', sa.String(), nullable=False, server_default=''))
