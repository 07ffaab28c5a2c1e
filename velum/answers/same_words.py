"""Whether an answer says the same as the key in other words, as every fair teacher sees.

Words around it that say nothing, a hyphen or a space more or less, "do not" for "don't", ü written ue, numbers in words
or in digits, a list in another order.
"""

import re
from collections import Counter
from collections.abc import Sequence
from functools import lru_cache

from velum.answers.calendar_names import day_named, month_named
from velum.answers.centuries import century_of
from velum.answers.signs import plain_signs
from velum.answers.small_words import ENGLISH_ARTICLES, FILLERS, LEADS
from velum.answers.units import read_unit
from velum.answers.word_tokens import ROMAN, ROMANS, as_number, spelled_out, together, tokens_of, without_fillers

_LIST = re.compile(r"\s*(?:[,;/&\n+]|\b(?:and|und|et|y|e|en|og|och|i)\b)\s*")

_SEPARATED = re.compile(r"[,;/&\n+]|\band\b")

_LETTERS_OF_OPTIONS = re.compile(r"[a-zA-Z](?:\s*(?:[,;/&+]|\band\b)\s*[a-zA-Z])+")

COMPASS = {"n": "north", "s": "south", "e": "east", "w": "west"}

_SHORT = {"true": ("t",), "false": ("f",), "yes": ("y",), "no": ("n",)}

_OF_AN_OPTION = frozenset(("answer", "option", "choice", "letter", "it", "is", "it's", "its", "the"))
_PLACES = frozenset(("in", "at", "to", "from"))
"""Prepositions that a place is named without: where something lies, others say themselves."""
_SIGNS = {
    ">": ("greater than", "bigger than", "more than", "larger than"),
    "<": ("less than", "smaller than", "fewer than"),
    "=": ("equals", "equal", "equal to", "same as", "same"),
    "+": ("plus", "add"),
    "-": ("minus", "subtract", "take away"),
    "×": ("times", "multiply", "multiplied by"),
    "÷": ("divide", "divided by"),
}
_WHOSE = frozenset(("my", "your", "his", "her", "its", "our", "their"))
_TITLES = {"st": "saint", "mr": "mister", "mrs": "missus", "dr": "doctor", "mt": "mount", "prof": "professor"}
_CENTURY = re.compile(r"cent|00'?s|\bc\b", re.IGNORECASE)
_RULERS = frozenset(("queen", "king", "pope", "emperor", "tsar"))

_PRONOUNS = frozenset(("i", "you", "he", "she", "it", "we", "they"))

_AUXILIARIES = frozenset(
    [
        "it",
        "is",
        "isn't",
        "are",
        "aren't",
        "was",
        "wasn't",
        "does",
        "doesn't",
        "do",
        "don't",
        "did",
        "didn't",
        "can",
        "can't",
        "not",
        "i",
        "he",
        "she",
        "they",
    ]
)


def says_the_same(answer: Sequence[str], key: Sequence[str], written: str, meant: str) -> bool:
    wanted = _forms(tuple(key))
    if len(key) == 1 and len(key[0]) == 1 and _LETTERS_OF_OPTIONS.fullmatch(written.strip()):
        return False  # several letters were picked: the A of "A, B" is no article
    if _one_of(answer, wanted) or _is_short_for(answer, key):
        return True
    if len(key) == 1 and len(answer) == 1 and (named := of_calendar(key[0])) is not None:
        return named in (of_calendar(answer[0]), of_calendar(answer[0].removesuffix("s")))
    if len(key) == 1 and len(key[0]) == 1 and [each for each in answer if each not in _OF_AN_OPTION] == list(key):
        return True
    if len(key) > 2 and key[0] in _PLACES and key[1] in ENGLISH_ARTICLES and _is_of_place(answer, key):
        return True
    if _is_numbered_alike(answer, key) or _is_behind_a_pronoun(answer, key) or _are_numbers_alike(answer, key):
        return True
    bare = without_fillers(answer)
    if bare and bare != list(answer) and _one_of(bare, wanted):
        return True
    behind = next((at for at, word in enumerate(answer) if word not in FILLERS), 0)
    if behind and _one_of(answer[behind:], wanted):
        return True
    if _with_titles(tuple(answer)) == _with_titles(tuple(key)) or _is_with_whose(answer, key):
        return True
    if _CENTURY.search(meant) and (century := century_of(meant)) is not None and century == century_of(written):
        return True
    spelled = spelled_out(key)
    counted = len(spelled) > 1 and spelled[0].isdigit() and all(map(str.isalpha, spelled[1:]))
    if counted and spelled[1] != "and" and spelled_out(answer) == spelled[:1]:
        return True  # 3 where 3 boats were asked for
    if spelled_out(answer) == spelled and not is_number_in_words(key):
        return True
    return _is_same_list(written, meant) or _is_same_unit(written, meant)


def is_sign_in_words(answer: Sequence[str], meant: str) -> bool:
    """Whether a key that is one sign is said in words."""
    said = " ".join(each for each in answer if each not in ("is", "it", "are", "the", "a", "sign"))
    return said in _SIGNS.get(meant.strip(), ())


def _is_of_place(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether a place is named without its preposition, or with more small words before it: "attic", "in the attic"."""
    if list(answer) in (list(key[1:]), list(key[2:])):
        return True
    before = answer[: -len(key)]
    return list(answer[-len(key) :]) == list(key) and all(word in FILLERS for word in before)


@lru_cache(maxsize=8_192)
def _with_titles(tokens: tuple[str, ...]) -> list[str]:
    """Words with titles written out."""
    return [word for token in tokens for word in _TITLES.get(token.rstrip("."), token).split("-")]


def _is_with_whose(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether it is said whose it is, where the key leaves that open: "your heart" for "heart"."""
    return bool(key) and answer[0] in _WHOSE and key[0] not in _WHOSE and list(answer[1:]) == list(key)


def _is_same_unit(written: str, meant: str) -> bool:
    """Whether both are a unit alone: cm² and square centimetres."""
    unit = read_unit(meant.strip()) if len(meant) > 1 else None
    return unit is not None and unit == read_unit(plain_signs(written))


def of_calendar(token: str) -> tuple[str, int] | None:
    """The month or the day of the week that a word names."""
    if (month := month_named(token)) is not None:
        return "month", month
    day = day_named(token)
    return None if day is None else ("day", day)


def _is_numbered_alike(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether a name has the same number as the key's Roman one: Henry the Eighth, the Second World War."""
    if len(key) < 2 or not any(ROMAN.fullmatch(token) for token in key):
        return False
    said = [sorted(_without_roman(tokens)) for tokens in (without_fillers(answer) if "i" not in key else answer, key)]
    return said[0] == said[1] or said[0] == [each for each in said[1] if each not in _RULERS]


def _is_behind_a_pronoun(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether a form of a verb is said with whom it is of: "they were" for "were"."""
    return len(answer) == len(key) + 1 and answer[0] in _PRONOUNS and list(answer[1:]) == list(key)


def _are_numbers_alike(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether several numbers are the same in the same order, with nothing but small words between: 1914 to 1918."""
    wanted, said = ([each for each in spelled_out(tokens) if each not in FILLERS] for tokens in (key, answer))
    return len(wanted) > 1 and wanted == said and all(map(str.isdigit, wanted))


def _without_roman(tokens: Sequence[str]) -> list[str]:
    plain = (ROMANS.get(token) or as_number(token).rstrip(".") for token in tokens)
    return [token for token in plain if token not in ENGLISH_ARTICLES]


def _one_of(tokens: Sequence[str], wanted: frozenset[str]) -> bool:
    return bool(_forms(tuple(tokens)) & wanted)


@lru_cache(maxsize=8_192)
def _forms(tokens: tuple[str, ...]) -> frozenset[str]:
    """The ways to write words together, without what may stand in front; never all taken away."""
    forms = {together(tokens)}
    rest = list(tokens)
    while len(rest) > 1 and rest[0] in LEADS:
        rest = rest[1:]
        forms.add(together(rest))
    return frozenset(forms)


def _is_short_for(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether letters stand for the key: T for true, NW for north-west; or the key's letter is picked in words."""
    if len(key) == 1:
        if len(answer) == 1 and answer[0] in _SHORT.get(key[0], ()):
            return True
        if key[0] in ("yes", "no", "true", "false") and answer[0] == key[0]:
            return all(token in _AUXILIARIES for token in answer[1:])
    points = [COMPASS.get(letter, "") for letter in "".join(answer).replace(".", "")]
    return 1 <= len(points) <= 3 and all(points) and "".join(points) == "".join(key)


def is_number_in_words(tokens: Sequence[str]) -> bool:
    """Whether a number in words is all there is: then it may be that it was to be written in words."""
    return all(as_number(token) != token for token in tokens) and not any(token[0].isdigit() for token in tokens)


def _is_same_list(written: str, meant: str) -> bool:
    if not _SEPARATED.search(meant):
        return False
    wanted, given = items_of(meant), items_of(written)
    if len(wanted) < 2:
        return False
    if wanted == given or together(wanted) == together(given):
        return True
    if any(item.isdigit() for item in wanted):
        return False  # numbers may be asked for in an order
    if Counter(wanted) == Counter(given):
        return True
    # Words with nothing but spaces between them, where each is one of the list.
    words = [token for part in _LIST.split(written) for token in without_fillers(tokens_of(part, False))]
    single = all(len(part.split()) == 1 for part in _LIST.split(meant.strip()))
    return single and Counter(wanted) == Counter(words)


def items_of(text: str) -> list[str]:
    """The parts of a list, each without small words and spaces."""
    parts = (without_fillers(tokens_of(part, False)) for part in _LIST.split(text))
    return ["".join(part) for part in parts if part]
