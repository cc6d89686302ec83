"""What a walk found to be done, and why it was let go; what a walk looked for"""

import sqlalchemy as sa
from alembic import op

revision = "0017"
down_revision = "0016"


def upgrade() -> None:
    with op.batch_alter_table("task") as table:
        table.add_column(sa.Column("work", sa.String(), nullable=True))
        table.add_column(sa.Column("walk_id", sa.String(), nullable=True))
        table.add_column(sa.Column("since", sa.Date(), nullable=True))
        table.add_column(
            sa.Column("why_dropped", sa.String(), nullable=False, server_default="")
        )
        table.create_foreign_key("fk_task_walk_id_walk", "walk", ["walk_id"], ["id"])
    op.add_column("walk", sa.Column("look", sa.String(), nullable=False, server_default="full"))
