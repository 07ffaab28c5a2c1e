"""The server's words in the made-up language (web/words_storage.mjs), as gettext reads them."""

import re
from pathlib import Path

import polib

_SEA = " بحر"
_DOT = "\u0307"
_FILLED_IN = re.compile(r"(\{\w+\}|%\(\w+\)s|%%|<[^>]*>)")


def made_up(words: str) -> str:
    """A dot above each letter, and half as long again; what is filled in stays as it is."""
    pieces = _FILLED_IN.split(words)
    pieces[::2] = [re.sub("[A-Za-z]", lambda letter: letter[0] + _DOT, piece) for piece in pieces[::2]]
    return "".join(pieces) + _SEA * -(-len(words) // 8)


def write_made_up_words(catalogue: Path, folder: Path) -> None:
    """Translate a catalogue into the made-up language, below a folder for locales."""
    words = polib.pofile(str(catalogue))
    words.metadata |= {"Language": "ar_XB", "Plural-Forms": "nplurals=2; plural=(n != 1);"}
    words.metadata_is_fuzzy = False
    for entry in words:
        if entry.msgid_plural:
            entry.msgstr_plural = {0: made_up(entry.msgid), 1: made_up(entry.msgid_plural)}
        else:
            entry.msgstr = made_up(entry.msgid)
    place = folder / "ar_XB" / "LC_MESSAGES" / "django.mo"
    place.parent.mkdir(parents=True, exist_ok=True)
    words.save_as_mofile(str(place))
