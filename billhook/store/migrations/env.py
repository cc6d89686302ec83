"""Runs migrations on the engine that the store hands over."""

from alembic import context
from sqlmodel import SQLModel

# registers the tables with SQLModel's metadata
from billhook.store import frost_tables, people_tables, picture_tables, tables, walk_tables  # noqa: F401

engine = context.config.attributes["engine"]
with engine.connect() as connection:
    context.configure(
        connection=connection, target_metadata=SQLModel.metadata, render_as_batch=True
    )
    with context.begin_transaction():
        context.run_migrations()
    connection.commit()
