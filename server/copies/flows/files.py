"""Files that students put into answers: kept by their content, before the answer that speaks of them."""

import hashlib
from dataclasses import dataclass
from datetime import datetime

from django.core.files.base import ContentFile
from django.core.files.storage import default_storage
from django.db.models import QuerySet, Sum

from server.copies.flows.answer import open_at
from server.copies.models import AnswerFile, Copy
from server.drawing import pool
from server.entrance.errors import Missing, Refused, TooLarge
from server.files.upload import Readable, read_at_most
from server.handouts.flows.documents import document_of
from server.handouts.models import Handout
from velum import sounds
from velum.kinds import kind_of
from velum.pictures.prepare import MOST_BYTES as LARGEST_PICTURE

MOST_OF_A_COPY = 200_000_000
"""Bytes of all files of a copy."""
MOST_OF_A_HANDOUT = 4_000_000_000
"""Bytes of all files of all copies of a handout: of a class of thirty, two thirds of what each may send."""


@dataclass(frozen=True)
class _Content:
    media_type: str
    data: bytes


def keep_file(copy: Copy, field_id: str, file: Readable, now: datetime) -> AnswerFile:
    """Keep a file for an answer to a field. The same content twice is kept once.

    A picture is turned upright and scaled, and loses what its camera wrote about it. Raises TooLate when the copy can
    no longer be changed; Refused, TooLarge, PictureRefused and SoundRefused.
    """
    open_at(copy, now)
    field = document_of(copy.handout).field(field_id)
    takes = kind_of(field).takes if field else None
    if takes is None:
        raise Refused("answer.takes_no_file", "This question takes no files.")
    most = LARGEST_PICTURE if takes == "picture" else sounds.MOST_BYTES
    data = read_at_most(file, most)
    if data is None:
        raise TooLarge(
            "answer.file_too_large", "This file is too large: {most} MB is the most.", {"most": most // 1_000_000}
        )
    content = _picture(data) if takes == "picture" else _Content(sounds.media_type_of(data), data)
    sha256 = hashlib.sha256(content.data).hexdigest()
    known = copy.files.filter(sha256=sha256).first()
    if known is not None:
        return known
    if _bytes_of(copy.files.all()) + len(content.data) > MOST_OF_A_COPY:
        raise TooLarge("answer.too_many_files", "No more files fit into your copy. Those that came before are kept.")
    if kept_of_handout(copy.handout) + len(content.data) > MOST_OF_A_HANDOUT:
        raise TooLarge(
            "answer.handout_full",
            "Your class has sent as many files as there is room for. What came before is kept; ask your teacher.",
        )
    row = AnswerFile(copy=copy, sha256=sha256, media_type=content.media_type, size=len(content.data))
    if not default_storage.exists(row.name) or default_storage.size(row.name) != row.size:
        default_storage.save(row.name, ContentFile(content.data))
    # The file is there before its row is, so a row always speaks of a whole file.
    return AnswerFile.objects.get_or_create(
        copy=copy, sha256=sha256, defaults={"media_type": row.media_type, "size": row.size}
    )[0]


def kept_of_handout(handout: Handout) -> int:
    """Bytes of all files of a handout."""
    return _bytes_of(AnswerFile.objects.filter(copy__handout=handout))


def _bytes_of(files: QuerySet[AnswerFile]) -> int:
    size: int | None = files.aggregate(size=Sum("size"))["size"]
    return size or 0


def _picture(data: bytes) -> _Content:
    prepared = pool.prepare_picture(data)
    return _Content(prepared.media_type, prepared.data)


def find_file(copy: Copy, sha256: str) -> AnswerFile:
    """A file of a copy. Raises Missing."""
    try:
        return copy.files.get(sha256=sha256)
    except AnswerFile.DoesNotExist:
        raise Missing("answer.no_such_file", "There is no such file in this copy.") from None
