"""Options as people name them: by their letters, by their words, by the beginning of a word."""

import re
from collections.abc import Sequence

from velum.answers.text import normalise

_LETTERS = re.compile(r"(?:and|or|&|[\s,;+])+")


def picked_in(text: str, options: Sequence[str], *, several: bool) -> tuple[int, ...]:
    """The places of the options that a text names, from 0; empty when it names none, or more than may be picked.

    >>> picked_in("C", ["", "", ""], several=False), picked_in("T", ["true", "false"], several=False)
    ((2,), (0,))
    >>> picked_in("A and C", ["", "", ""], several=True)
    (0, 2)
    """
    one = _named(text, options)
    if one is not None:
        return (one,)
    parts = [part for part in _LETTERS.split(text.strip().rstrip(".")) if part]
    if len(parts) == 1 and parts[0].isupper():
        parts = list(parts[0])
    places = [_named(part, options) for part in parts]
    found = tuple(sorted({place for place in places if place is not None}))
    return found if several and found and None not in places else ()


def _named(text: str, options: Sequence[str]) -> int | None:
    said = normalise(text.strip().strip("()"))
    names = [normalise(option) for option in options]
    if not said:
        return None
    if said in names:
        return names.index(said)
    if len(said) == 1 and 0 <= (place := ord(said) - ord("a")) < len(options):
        return place
    beginning = [place for place, name in enumerate(names) if name.startswith(said)]
    return beginning[0] if len(beginning) == 1 else None
