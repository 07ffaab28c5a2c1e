"""Removing what nothing uses any more: uploaded files, pictures, sounds, and what was made from them.

What is used is what stands in worksheets, also on pages set aside, and in editions that were handed out. What is found
unused is noted, and removed when it has been unused for a while: a step that removed it can be taken back until then.
"""

import shutil
from dataclasses import dataclass, field
from datetime import datetime, timedelta

from django.conf import settings
from django.core.files.storage import default_storage
from django.db.models import Q

from server.drawing import queue
from server.files.in_use import in_use
from server.pictures.models import KeptPicture, OwnPicture
from server.sounds.models import OwnSound
from server.worksheets.incoming import forget_halves
from server.worksheets.models import Edition, SourceFile, Upload, Worksheet
from velum.document.media import pictures_in, sounds_in
from velum.document.reading import DocumentUnreadable, read_document

KEPT_FOR = timedelta(days=30)
"""How long what is unused can be used again."""


@dataclass
class Report:
    """What nothing uses, and what of it was removed."""

    unused_files: int = 0
    removed_files: list[str] = field(default_factory=list)
    removed_pictures: list[str] = field(default_factory=list)
    removed_sounds: list[str] = field(default_factory=list)
    removed_folders: int = 0
    """Folders of pictures of pages, and of what was read of them, whose file is gone."""
    removed_halves: int = 0
    unreadable: list[str] = field(default_factory=list)
    """Worksheets and editions that cannot be read. What they use is not known, so nothing is removed."""


def clean(now: datetime, *, dry_run: bool = False, kept_for: timedelta = KEPT_FOR) -> Report:
    """Note what is unused, and remove what has been so for a while; a dry run only reports."""
    report = Report()
    if not dry_run:
        report.removed_halves = forget_halves()
        Upload.objects.filter(at__lt=now - kept_for).delete()
    used = _used(report)
    files = used.files
    if report.unreadable:
        return report
    unused = SourceFile.objects.exclude(pk__in=files)
    report.unused_files = unused.count()
    if dry_run:
        report.removed_files = list(unused.filter(unused_since__lte=now - kept_for).values_list("pk", flat=True))
        return report
    SourceFile.objects.filter(pk__in=files).update(unused_since=None)
    unused.filter(unused_since=None).update(unused_since=now)
    for sha256 in list(unused.filter(unused_since__lte=now - kept_for).values_list("pk", flat=True)):
        if _remove(sha256, now - kept_for):
            report.removed_files.append(sha256)
    report.removed_folders = _remove_folders()
    report.removed_pictures = _remove_pictures(used.pictures, now - kept_for)
    report.removed_sounds = _remove_sounds(used.sounds, now, now - kept_for)
    return report


@dataclass
class _Used:
    """What any document uses, by the SHA-256."""

    files: set[str] = field(default_factory=set)
    pictures: set[str] = field(default_factory=set)
    sounds: set[str] = field(default_factory=set)


def _used(report: Report) -> _Used:
    used = _Used()
    for model in (Worksheet, Edition):
        for pk, data in model.objects.values_list("pk", "document").iterator(chunk_size=50):
            try:
                document = read_document(data)
            except DocumentUnreadable:
                report.unreadable.append(f"{model.__name__} {pk}")
                continue
            used.files |= {page.source for page in (*document.pages, *document.aside)}
            used.pictures |= pictures_in(document)
            used.sounds |= sounds_in(document)
    return used


def _remove(sha256: str, unused_since: datetime) -> bool:
    """Remove a file that is still unused. Nobody keeps one meanwhile, so none is removed that has just come again."""
    with in_use(alone=True):
        source = SourceFile.objects.filter(pk=sha256, unused_since__lte=unused_since).first()
        if source is None:
            return False
        source.delete()
        default_storage.delete(SourceFile(sha256=sha256).name)
    return True


def _remove_folders() -> int:
    """Remove what was made from files that are gone."""
    gone = 0
    known = set(SourceFile.objects.values_list("pk", flat=True))
    for folder in settings.PICTURES_ROOT.glob("*/*"):
        if folder.name not in known:
            queue.drop(folder)
            shutil.rmtree(folder, ignore_errors=True)
            gone += 1
    return gone


def _remove_pictures(used: set[str], unused_since: datetime) -> list[str]:
    """Remove pictures that no document shows and no teacher is offered any more."""
    no_longer_offered = Q(put_away=True) | Q(uploaded=False)
    OwnPicture.objects.filter(no_longer_offered, used_at__lte=unused_since).exclude(picture__in=used).delete()
    removed = []
    with in_use(alone=True):
        for picture in KeptPicture.objects.filter(owners=None).exclude(pk__in=used):
            picture.delete()
            default_storage.delete(KeptPicture(sha256=picture.sha256).name)
            removed.append(picture.sha256)
    return removed


def _remove_sounds(used: set[str], now: datetime, unused_since: datetime) -> list[str]:
    """Note the sounds that no document uses, and remove those of which that is so for a while."""
    OwnSound.objects.filter(sha256__in=used).update(unused_since=None)
    unused = OwnSound.objects.exclude(sha256__in=used)
    unused.filter(unused_since=None).update(unused_since=now)
    removed = []
    with in_use(alone=True):
        for sound in list(unused.filter(unused_since__lte=unused_since)):
            sound.delete()
            if not OwnSound.objects.filter(sha256=sound.sha256).exists():
                default_storage.delete(sound.name)
                removed.append(sound.sha256)
    return removed
