"""The sample world, made once and then put back before each journey."""

import sqlite3

from django.core.management import call_command
from django.db import connection

from demo import world
from server.worksheets import sources
from server.worksheets.models import SourceFile

_made: sqlite3.Connection | None = None
"""The database with the sample world in it, in memory."""


def begin() -> None:
    """Have the sample world in the database and nothing else, with its papers as they were kept and drawn."""
    connection.ensure_connection()
    if _made is not None:
        _made.backup(connection.connection)
        if all(sources.is_whole(file) for file in SourceFile.objects.all()):
            return
    _make()


def _make() -> None:
    global _made
    call_command("flush", verbosity=0, interactive=False)
    world.load(everything=False)
    _made = sqlite3.connect(":memory:", check_same_thread=False)
    connection.connection.backup(_made)
