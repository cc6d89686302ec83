"""Cold nights, what was foreseen for each tree, and scratches round the stem"""

import sqlalchemy as sa
from alembic import op

revision = '0009'
down_revision = '0008'


def upgrade() -> None:
    op.create_table(
        'frostnight',
        sa.Column('id', sa.String(), nullable=False),
        sa.Column('site_id', sa.String(), nullable=False),
        sa.Column('day', sa.Date(), nullable=False),
        sa.Column('min_c', sa.Float(), nullable=False),
        sa.Column('hours', sa.Float(), nullable=True),
        sa.Column('source', sa.String(), nullable=False),
        sa.ForeignKeyConstraint(['site_id'], ['site.id']),
        sa.PrimaryKeyConstraint('id'),
        sa.UniqueConstraint('site_id', 'day'),
    )
    op.create_index('ix_frostnight_site_id', 'frostnight', ['site_id'])
    op.create_table(
        'frostassessment',
        sa.Column('id', sa.String(), nullable=False),
        sa.Column('night_id', sa.String(), nullable=False),
        sa.Column('tree_id', sa.String(), nullable=False),
        sa.Column('at_c', sa.Float(), nullable=False),
        sa.Column('frost_class', sa.String(), nullable=False),
        sa.Column('possible', sa.String(), nullable=True),
        sa.ForeignKeyConstraint(['night_id'], ['frostnight.id']),
        sa.ForeignKeyConstraint(['tree_id'], ['tree.id']),
        sa.PrimaryKeyConstraint('id'),
        sa.UniqueConstraint('night_id', 'tree_id'),
    )
    op.create_index('ix_frostassessment_night_id', 'frostassessment', ['night_id'])
    op.create_index('ix_frostassessment_tree_id', 'frostassessment', ['tree_id'])
    op.add_column('scratch', sa.Column('bearing_deg', sa.Float(), nullable=True))
