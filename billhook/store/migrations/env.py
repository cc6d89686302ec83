"""Runs migrations on the engine that the store hands over."""

from alembic import context
from sqlmodel import SQLModel

from billhook.store import (
    crew_tables,
    frost_tables,
    people_tables,
    picture_tables,
    tables,
    walk_tables,
    work_tables,
)

# reading a module registers its tables with SQLModel's metadata
TABLES = (
    crew_tables,
    frost_tables,
    people_tables,
    picture_tables,
    tables,
    walk_tables,
    work_tables,
)

engine = context.config.attributes["engine"]
with engine.connect() as connection:
    context.configure(
        connection=connection, target_metadata=SQLModel.metadata, render_as_batch=True
    )
    with context.begin_transaction():
        context.run_migrations()
    connection.commit()
