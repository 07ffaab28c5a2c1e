"""Uploaded files: kept as they came, named by their content."""

import shutil
from pathlib import Path

from django.conf import settings
from django.core.files import File
from django.core.files.storage import default_storage

from server.worksheets.models import SourceFile
from velum.paper.page_size import PageSize


def keep(file: Path, sha256: str, pages: list[PageSize]) -> SourceFile:
    """Keep a file that was read; the same content is kept once."""
    source = SourceFile(sha256=sha256, size=file.stat().st_size, pages=[[page.width, page.height] for page in pages])
    if not default_storage.exists(source.name):
        with file.open("rb") as stream:
            default_storage.save(source.name, File(stream))
    return SourceFile.objects.get_or_create(sha256=sha256, defaults={"size": source.size, "pages": source.pages})[0]


def size_of(sha256: str, number: int) -> PageSize:
    """The size of a page of a kept file."""
    width, height = SourceFile.objects.get(pk=sha256).pages[number]
    return PageSize(width, height)


def path_of(sha256: str) -> Path:
    """A path to the file of that content on this machine."""
    return local_path(SourceFile.objects.get(pk=sha256))


def local_path(source: SourceFile) -> Path:
    """A path to the file on this machine; a remote storage's file is fetched once."""
    try:
        return Path(default_storage.path(source.name))
    except NotImplementedError:
        near = settings.DATA / "near" / source.name
        if not near.exists():
            near.parent.mkdir(parents=True, exist_ok=True)
            half = near.with_suffix(".half")
            with default_storage.open(source.name) as far, half.open("wb") as out:
                shutil.copyfileobj(far, out)
            half.replace(near)
        return near
