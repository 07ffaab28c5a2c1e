"""Notes and keys of music, in signs or in words.

>>> read_note("B♭ major") == read_note("Bb maj") == read_note("b flat major")
True
>>> read_note("F#") == read_note("F"), read_note("fog") is None
(False, True)
"""

import re
from dataclasses import dataclass

from velum.answers import reasons
from velum.mark import Mark, right, wrong

_NOTE = re.compile(
    r"([a-g])(?:[ -]?(♯|#|sharp|♭|flat|♮|natural)|(b)(?![a-z]))?(?: ?(major|maj\.?|minor|min\.?))?", re.IGNORECASE
)
_BY = {"♯": 1, "#": 1, "sharp": 1, "♭": -1, "flat": -1, "b": -1}


@dataclass(frozen=True, slots=True)
class Note:
    """``raised`` is in semitones; ``mode`` is "maj", "min" or nothing."""

    letter: str
    raised: int
    mode: str


def read_note(written: str) -> Note | None:
    """The note or key that is named, or None."""
    found = _NOTE.fullmatch(" ".join(written.split()).rstrip("."))
    if found is None:
        return None
    return Note(found[1].upper(), _BY.get((found[2] or found[3] or "").casefold(), 0), (found[4] or "")[:3].casefold())


def compare_notes(written: str, meant: str) -> Mark | None:
    """Mark one answer against a note that is raised or lowered, or a key; None: one of both is none.

    A letter alone is no note: options have letters too.
    """
    key = read_note(meant) if 1 < len(meant.strip()) <= 20 else None
    if key is None or not (key.raised or key.mode):
        return None
    answer = read_note(written)
    if answer is None:
        return None
    return right(reasons.SAME_WORDS) if answer == key else wrong(reasons.OTHER_WORDS)
