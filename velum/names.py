"""People's names: which are one, and in what order people look for them."""

import re
import unicodedata
from functools import lru_cache

from pyuca import Collator

_DIGITS = re.compile(r"([0-9]+)")


def folded(name: str) -> str:
    """What names that are one have in common: case, width and spaces don't tell people apart, accents do.

    >>> folded("Émile  Durand") == folded("E\\u0301MILE durand"), folded("Emile") == folded("Émile")
    (True, False)
    """
    return " ".join(unicodedata.normalize("NFKC", unicodedata.normalize("NFKC", name).casefold()).split())


SortKey = tuple[tuple[int, tuple[int, ...]], ...]


def sort_key(name: str) -> SortKey:
    """Where a name stands in a list (Unicode Collation Algorithm, UTS #10); numbers by their value, before letters.

    >>> sorted(["Zoe", "Student 10", "Émile", "Student 9", "Emil", "ángel", "Øyvind", "Ole", "7b"], key=sort_key)
    ['7b', 'ángel', 'Emil', 'Émile', 'Ole', 'Øyvind', 'Student 9', 'Student 10', 'Zoe']
    """
    parts = _DIGITS.split(" ".join(name.split()))
    return tuple(
        (0, (len(part.lstrip("0")), *map(int, part))) if part.isdigit() else (1, _collator().sort_key(part))
        for part in parts
        if part
    )


@lru_cache(maxsize=1)
def _collator() -> Collator:
    return Collator()
