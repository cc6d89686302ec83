"""Cuts added under the tree, and why one was not made"""

import sqlalchemy as sa
from alembic import op

revision = '0005'
down_revision = '0004'


def upgrade() -> None:
    with op.batch_alter_table('plancut') as batch:
        batch.add_column(sa.Column('extra', sa.Boolean(), nullable=False, server_default=sa.false()))
    with op.batch_alter_table('cutdone') as batch:
        batch.add_column(sa.Column('why', sa.String(), nullable=False, server_default=''))
