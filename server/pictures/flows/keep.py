"""Keeping pictures: a teacher's uploads, and those taken from the library."""

import hashlib
import re
from pathlib import Path

from django.conf import settings
from django.core.files.base import ContentFile
from django.core.files.storage import default_storage

from server.accounts.models import User
from server.drawing import pool
from server.entrance.errors import Missing, TooLarge
from server.files.upload import Readable, read_at_most
from server.pictures.models import KeptPicture, OwnPicture
from velum.pictures.prepare import MOST_BYTES
from velum.pictures.prepared import Prepared
from velum.pictures.svg import prepare_svg

LIBRARY = Path(settings.STATIC_ROOT) / "library"
_NAME = re.compile(r"[a-z0-9-]{1,100}")


def keep_upload(owner: User, file: Readable, alternative: str) -> OwnPicture:
    """Keep a teacher's file as a picture. Raises PictureRefused and TooLarge."""
    data = read_at_most(file, MOST_BYTES)
    if data is None:
        raise TooLarge(
            "picture.too_large", "This picture is too large: {most} MB is the most.", {"most": MOST_BYTES // 1_000_000}
        )
    return keep(owner, pool.prepare_picture(data), alternative, uploaded=True)


def keep_from_library(owner: User, name: str, alternative: str) -> OwnPicture:
    """Keep a picture of the library. Raises Missing."""
    place = LIBRARY / f"{name}.svg"
    if not _NAME.fullmatch(name) or not place.is_file():
        raise Missing("picture.not_in_library", "There is no such picture in the library.")
    return keep(owner, prepare_svg(place.read_bytes()), alternative, uploaded=False)


def keep(owner: User, prepared: Prepared, alternative: str, *, uploaded: bool) -> OwnPicture:
    """Keep a picture among a teacher's own; the same content is kept once."""
    sha256 = hashlib.sha256(prepared.data).hexdigest()
    picture = KeptPicture(sha256=sha256, media_type=prepared.media_type, width=prepared.width, height=prepared.height)
    if not default_storage.exists(picture.name):
        default_storage.save(picture.name, ContentFile(prepared.data))
    KeptPicture.objects.get_or_create(
        sha256=sha256,
        defaults={"media_type": picture.media_type, "width": picture.width, "height": picture.height},
    )
    own, _ = OwnPicture.objects.update_or_create(
        owner=owner,
        picture_id=sha256,
        defaults={"alternative": alternative, "put_away": False},
        create_defaults={"alternative": alternative, "uploaded": uploaded},
    )
    return own


def own_picture(owner: User, sha256: str) -> KeptPicture:
    """A picture of a teacher's, also one put away. Raises Missing."""
    own = OwnPicture.objects.filter(owner=owner, picture=sha256).select_related("picture").first()
    if own is None:
        raise Missing("picture.missing", "There is no such picture of yours.")
    return own.picture


def put_away(owner: User, sha256: str) -> None:
    """No longer offer a picture. Raises Missing."""
    own_picture(owner, sha256)
    OwnPicture.objects.filter(owner=owner, picture=sha256).update(put_away=True)
