"""The server's entrance. Plain views run as WSGI in threads: ten times less work a request than under ASGI."""

import os
from typing import cast

from a2wsgi.wsgi_typing import WSGIApp
from django.core.wsgi import get_wsgi_application

os.environ.setdefault("DJANGO_SETTINGS_MODULE", "server.config.settings")
views = get_wsgi_application()

# Django must be set up first.
from server.config.bridge import Bridge  # noqa: E402
from server.drawing import pool  # noqa: E402
from server.streams.happenings import hub  # noqa: E402
from velum.answers.dictionary import is_word  # noqa: E402

# A drawing process takes a second to start; the first teacher of the day need not wait for it.
pool.start()
# Nor need the first student whose answer is misspelt for the word list.
is_word("sea")

# More threads would only wait for each other.

application = Bridge(cast(WSGIApp, views), threads=4, make_hub=hub)
