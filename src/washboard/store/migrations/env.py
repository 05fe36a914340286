"""Alembic's entry: runs on the connection that the application opened."""

from alembic import context

from washboard.store.rows import Row

connection = context.config.attributes["connection"]
context.configure(connection=connection, target_metadata=Row.metadata, render_as_batch=True)
with context.begin_transaction():
    context.run_migrations()
