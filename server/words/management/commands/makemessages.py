"""Django's command, which also gathers the sentences of the core and of the server's errors, by their codes."""

from collections.abc import Iterator
from importlib import import_module
from typing import Any

from django.conf import settings
from django.core.management.commands import makemessages

from velum.errors import VelumError

_NOT_SHIPPED = (
    "tests",
    "testing",
    "migrations",
    "e2e",
    "bench",
    "checks",
    "demo",
    "web",
    "node_modules",
    "var",
    ".venv",
)


class Command(makemessages.Command):
    def handle(self, *args: Any, **options: Any) -> None:
        import_module(settings.ROOT_URLCONF)  # and with it all errors that there are
        said = ("Sentence", VelumError.__name__, *sorted({error.__name__ for error in below(VelumError)}))
        # A code is the context of a sentence, so the same words under another code may be put otherwise.
        self.xgettext_options = [
            *makemessages.Command.xgettext_options,
            *(f"--keyword={name}:1c,2" for name in said),
            "--keyword=counted:1c,2,3",
        ]
        options |= {
            "ignore_patterns": [*options["ignore_patterns"], *_NOT_SHIPPED],
            "no_obsolete": True,
            "add_location": "file",
        }
        super().handle(*args, **options)


def below(sort: type[VelumError]) -> Iterator[type[VelumError]]:
    """All sorts of an error, however far below it."""
    for each in sort.__subclasses__():
        yield each
        yield from below(each)
