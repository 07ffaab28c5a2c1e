"""The storage of uploaded files on this machine's disk."""

from pathlib import Path
from typing import Any

from django.core.files import File
from django.core.files.storage import FileSystemStorage

from server.files.whole import written_whole


class WholeFiles(FileSystemStorage):
    """Django's own storage, in which files come whole or not at all.

    A file that is kept again takes the old one's place: names are made of the content.
    """

    def get_available_name(self, name: str, max_length: int | None = None) -> str:
        return name

    def _save(self, name: str, content: "File[Any]") -> str:
        with written_whole(Path(self.path(name))) as out:
            for chunk in content.chunks():
                out.write(chunk)
        return name
