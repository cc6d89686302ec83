"""Acts: a rising number for everything that was written, in place of the clock"""

import uuid

import sqlalchemy as sa
from alembic import op

revision = "0010"
down_revision = "0009"

ACTED = (
    "observation",
    "plan",
    "cutdone",
    "logentry",
    "rotation",
    "putoff",
    "walk",
    "walkanswer",
    "photo",
    "harvest",
    "scratch",
)


def upgrade() -> None:
    # a table that 0.1.0 made and nothing ever used
    op.execute("DROP TABLE IF EXISTS stance")
    op.create_table(
        "act",
        sa.Column("seq", sa.Integer(), nullable=False),
        sa.Column("id", sa.String(), nullable=False),
        sa.Column("kind", sa.String(), nullable=False),
        sa.Column("device", sa.String(), nullable=False),
        sa.Column("person", sa.String(), nullable=False),
        sa.Column("day", sa.Date(), nullable=False),
        sa.Column("undoes", sa.String(), nullable=True),
        sa.Column("made_at", sa.DateTime(), nullable=False),
        sa.PrimaryKeyConstraint("seq"),
        sa.UniqueConstraint("id"),
        sqlite_autoincrement=True,
    )
    for table in ACTED:
        with op.batch_alter_table(table) as batch:
            batch.add_column(sa.Column("act", sa.Integer(), nullable=False, server_default="0"))
            batch.create_foreign_key(f"fk_{table}_act", "act", ["act"], ["seq"])
    with op.batch_alter_table("cutdone") as batch:
        batch.add_column(sa.Column("seen", sa.String(), nullable=True))
    _number()


def _number() -> None:
    """Number what is there by the order in which it was written.

    Within a table the file's own order holds: where a clock was set back, a later row counts as made at the latest time before it.
    """
    connection = op.get_bind()
    found = []
    for nth, table in enumerate(ACTED):
        latest = ""
        for rowid, made_at in connection.exec_driver_sql(f"SELECT rowid, made_at FROM {table} ORDER BY rowid").fetchall():
            latest = max(latest, made_at)
            found.append((latest, nth, rowid))
    seq, last = 0, None
    for made_at, nth, rowid in sorted(found):
        if made_at != last:
            seq, last = seq + 1, made_at
            connection.exec_driver_sql(
                "INSERT INTO act (seq, id, kind, device, person, day, made_at) VALUES (?, ?, 'before acts', '', '', ?, ?)",
                (seq, str(uuid.uuid4()), made_at[:10], made_at),
            )
        connection.exec_driver_sql(f"UPDATE {ACTED[nth]} SET act = ? WHERE rowid = ?", (seq, rowid))
