"""Words are stored as they are meant: a class of frost damage as F3, kinds of task as one word"""

from alembic import op

revision = "0012"
down_revision = "0011"


def upgrade() -> None:
    op.execute(
        "UPDATE observation SET value = 'F' || value "
        "WHERE kind = 'freeze_class' AND length(value) = 1 AND value BETWEEN '0' AND '6'"
    )
    op.execute("UPDATE rotation SET school = replace(school, '_', '-')")
    op.execute("UPDATE task SET kind = replace(kind, 'frost-night ', 'frost-night-')")
    for moment in ("on", "off"):
        op.execute(
            f"UPDATE task SET kind = 'frost-protect-{moment}' "
            f"WHERE kind LIKE 'frost-%-{moment}' AND rule LIKE 'frost-protect/%'"
        )
