"""What sort of sound a file is, told by its content alone."""

from velum.errors import VelumError

MOST_BYTES = 20_000_000
"""Some forty minutes of speech as browsers record it."""

_STARTS = (
    (0, b"\x1a\x45\xdf\xa3", "audio/webm"),  # EBML, RFC 8794, 8
    (0, b"OggS", "audio/ogg"),  # RFC 3533, 6
    (4, b"ftyp", "audio/mp4"),  # ISO/IEC 14496-12, 4.3
    (8, b"WAVE", "audio/wav"),  # RIFF
    (0, b"ID3", "audio/mpeg"),  # id3v2.4.0, 3.1
    (0, b"\xff\xfb", "audio/mpeg"),  # ISO/IEC 11172-3, 2.4.2.3: layer III
    (0, b"fLaC", "audio/flac"),  # RFC 9639, 6
)


class SoundRefused(VelumError):
    """A file that is no sound."""


def media_type_of(data: bytes) -> str:
    """The media type of a sound. Raises SoundRefused.

    >>> media_type_of(b"OggS" + bytes(24))
    'audio/ogg'
    """
    if not data:
        raise SoundRefused("sound.empty", "This recording is empty. Record it again.")
    for at, start, media_type in _STARTS:
        if data[at : at + len(start)] == start:
            return media_type
    raise SoundRefused("sound.unknown", "This file is no sound that Velum knows: WebM, Ogg, MP4, MP3, WAV, FLAC.")
