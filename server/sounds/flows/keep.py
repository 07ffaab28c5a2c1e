"""Keeping the sounds that teachers record or bring."""

import hashlib

from django.core.files.base import ContentFile
from django.core.files.storage import default_storage
from django.db.models import Sum

from server.accounts.models import User
from server.entrance.errors import Missing, TooLarge
from server.files.in_use import in_use
from server.files.upload import Readable, read_at_most
from server.sounds.models import OwnSound
from velum import sounds

MOST_OF_A_TEACHER = 2_000_000_000
"""Bytes of all sounds of a teacher: some thirty hours of speech."""


def keep_sound(owner: User, file: Readable) -> OwnSound:
    """Keep a sound; the same content is kept once. Raises SoundRefused and TooLarge."""
    data = read_at_most(file, sounds.MOST_BYTES)
    if data is None:
        raise TooLarge(
            "sound.too_large",
            "This sound is too large: {most} MB is the most.",
            {"most": sounds.MOST_BYTES // 1_000_000},
        )
    sound = OwnSound(
        owner=owner, sha256=hashlib.sha256(data).hexdigest(), media_type=sounds.media_type_of(data), size=len(data)
    )
    others = owner.sounds.exclude(sha256=sound.sha256).aggregate(size=Sum("size"))["size"] or 0
    if others + sound.size > MOST_OF_A_TEACHER:
        raise TooLarge("sound.too_many", "There is no more room for sounds. Those that you kept before are kept.")
    defaults = {"media_type": sound.media_type, "size": sound.size, "unused_since": None}
    with in_use():
        if not default_storage.exists(sound.name) or default_storage.size(sound.name) != sound.size:
            default_storage.save(sound.name, ContentFile(data))
        # The file is there before its row is, so a row always speaks of a whole file.
        return OwnSound.objects.update_or_create(owner=owner, sha256=sound.sha256, defaults=defaults)[0]


def own_sound(owner: User, sha256: str) -> OwnSound:
    """A sound of a teacher's. Raises Missing."""
    try:
        return OwnSound.objects.get(owner=owner, sha256=sha256)
    except OwnSound.DoesNotExist:
        raise Missing("sound.missing", "There is no such sound of yours.") from None
