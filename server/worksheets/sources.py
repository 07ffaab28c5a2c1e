"""Uploaded files: kept as they came, named by their content."""

import shutil
from collections.abc import Sequence
from pathlib import Path

from django.conf import settings
from django.core.files import File
from django.core.files.storage import default_storage

from server.files.whole import written_whole
from server.worksheets.models import SourceFile
from velum.paper.page_size import PageSize


def keep(file: Path, sha256: str, pages: Sequence[PageSize | None]) -> SourceFile:
    """Keep a file that was read; the same content is kept once. Call it ``in_use``.

    The file is there before its row is, so a row speaks of a whole file; a name alone is never believed.
    """
    size = file.stat().st_size
    known = SourceFile.objects.filter(pk=sha256, size=size).first()
    if known is None or not is_whole(known):
        with file.open("rb") as stream:
            default_storage.save(SourceFile(sha256=sha256).name, File(stream))
    sizes = [page and [page.width, page.height] for page in pages]
    return SourceFile.objects.update_or_create(
        sha256=sha256, defaults={"size": size, "pages": sizes, "unused_since": None}
    )[0]


def is_whole(source: SourceFile) -> bool:
    """Whether the file is there, as large as it was."""
    return default_storage.exists(source.name) and default_storage.size(source.name) == source.size


def size_of(sha256: str, number: int) -> PageSize:
    """The size of a page of a kept file."""
    width, height = SourceFile.objects.get(pk=sha256).pages[number]
    return PageSize(width, height)


def path_of(sha256: str) -> Path:
    """A path to the file of that content on this machine."""
    return local_path(SourceFile.objects.get(pk=sha256))


def local_path(source: SourceFile) -> Path:
    """A path to the file on this machine."""
    return near(source.name)


def near(name: str) -> Path:
    """A path on this machine to a file of the storage; a remote storage's file is fetched once."""
    try:
        return Path(default_storage.path(name))
    except NotImplementedError:
        place: Path = settings.DATA / "near" / name
        if not place.exists():
            with default_storage.open(name) as far, written_whole(place) as out:
                shutil.copyfileobj(far, out)
        return place
