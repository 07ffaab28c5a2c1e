"""How near an answer in words comes to the key where it is not the same: near enough to be right, or to be looked at.

What every fair teacher accepts is right: words around it that say nothing, a hyphen or a space more or less, "do not"
for "don't", ü written ue, numbers in words or in digits, a list in another order. What many would want to see goes to
the teacher: slips of spelling, another ending, words left out or put in.
"""

import re
import unicodedata
from collections import Counter
from collections.abc import Sequence
from functools import lru_cache

from rapidfuzz import fuzz

from velum.answers import reasons
from velum.answers.calendar_names import day_named, month_named
from velum.answers.chemistry import names, read_formula
from velum.answers.number_words import read_ordinal, read_words
from velum.answers.signs import plain_signs
from velum.answers.text import normalise
from velum.answers.units import read_unit
from velum.answers.words import distance, without_accents
from velum.answers.wrapping import FILLERS, doubts
from velum.mark import Mark, for_teacher, right
from velum.sentence import Sentence

_MARKS = "".join(chr(code) for code in range(0x300, 0xFFFF) if unicodedata.category(chr(code))[0] == "M")
_LETTER = rf"(?:[^\W_]|[{_MARKS}])"
_TOKEN = re.compile(rf"{_LETTER}+(?:['.]{_LETTER}+)*\+*")
_ARTICLES = frozenset(
    [
        "the",
        "a",
        "an",
        "der",
        "die",
        "das",
        "den",
        "dem",
        "des",
        "ein",
        "eine",
        "einen",
        "einem",
        "einer",
        "le",
        "la",
        "les",
        "l",
        "un",
        "une",
        "des",
        "el",
        "los",
        "las",
        "il",
        "lo",
        "gli",
        "uno",
        "una",
        "de",
        "het",
        "een",
        "ett",
        "uma",
    ]
)
"""Articles; of some languages they say a gender, so that one for another is looked at."""

_ENGLISH_ARTICLES = frozenset(("the", "a", "an"))
_LEADS = _ENGLISH_ARTICLES | {"because", "to"}
"""Words that the key may begin with and the answer need not."""

_SORTS = frozenset(
    "city town village country continent river lake mount mt island planet king queen emperor president saint gas "  # noqa: SIM905
    "element process month day colour color".split()
)
"""Words that say of what sort a thing is whose name stands beside them: the river Nile, oxygen gas."""

_BEFORE, _BEHIND = FILLERS | _ARTICLES | _SORTS, FILLERS | _SORTS
_CONTRACTED = {"can't": "can not", "cannot": "can not", "won't": "will not", "shan't": "shall not"}
_ENDINGS = (("n't", " not"), ("'re", " are"), ("'ve", " have"), ("'ll", " will"), ("'m", " am"))
_IS = frozenset(["it", "he", "she", "that", "there", "what", "who", "where", "here", "how"])
_SPELLED = (("ä", "ae"), ("ö", "oe"), ("ü", "ue"), ("ß", "ss"), ("æ", "ae"), ("œ", "oe"))
_LIST = re.compile(r"\s*(?:[,;/&\n+]|\b(?:and|und|et|y|e|en|og|och|i)\b)\s*")
_SEPARATED = re.compile(r"[,;/&\n+]|\band\b")
_COMPASS = {"n": "north", "s": "south", "e": "east", "w": "west"}
_SHORT = {"true": ("t",), "false": ("f",), "yes": ("y",), "no": ("n",)}
_OPPOSITES = {"true": "yes correct right", "false": "no wrong incorrect untrue", "yes": "true correct", "no": "false"}
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
_NUMERALS = "i ii iii iv v vi vii viii ix x xi xii xiii xiv xv xvi xvii xviii xix xx"
_ROMANS = {numeral: str(number) for number, numeral in enumerate(_NUMERALS.split(), 1)}
_ROMAN = re.compile("x{0,2}(?:ix|iv|v?i{0,3})")
_FORMULA = re.compile(r"(?:[A-Z][a-z]?[\d₀-₉]*){1,8}")
LONGEST = 400
"""Letters: a few sentences. In longer texts nobody looks for slips."""
_MOST_OF = 0.6
"""The share of a key's words that have to be there, where the small ones differ."""

_BEGINNING = 5
"""Letters that two words of one family begin with at least."""

_NOTHING_ALIKE = 50
"""Of 100: two texts whose most alike parts are less alike have no word in common, nor nearly."""

_LOOKED_AT_FROM, _MOST_SLIPS = 3, 3
_DIGIT = re.compile(r"\d")


@lru_cache(maxsize=8_192)
def near_words(written: str, meant: str, *, keep_case: bool = False) -> Mark | None:
    """The mark of an answer that is not the key word by word; None: it is not near it at all."""
    if max(len(written), len(meant)) > LONGEST:
        return None
    key, answer = _tokens(meant, keep_case), _tokens(written, keep_case)
    if not key or not answer:
        return None
    if _says_the_same(answer, key, written, meant):
        return for_teacher(reasons.WORDS_AND_DOUBT) if _doubts_more(written, meant) else right(reasons.SAME_WORDS)
    doubt = _doubt(answer, key, written, meant)
    return for_teacher(doubt) if doubt else None


def _doubts_more(written: str, meant: str) -> bool:
    return doubts(written) and not doubts(meant)


# --- the same, said otherwise


def _says_the_same(answer: Sequence[str], key: Sequence[str], written: str, meant: str) -> bool:
    wanted = _forms(tuple(key))
    if _one_of(answer, wanted) or _is_short_for(answer, key):
        return True
    if len(key) == 1 and len(answer) == 1 and (of_calendar := _of_calendar(key[0])) is not None:
        return of_calendar == _of_calendar(answer[0])
    if _is_numbered_alike(answer, key):
        return True
    bare = _without_fillers(answer)
    if bare and bare != list(answer) and _one_of(bare, wanted):
        return True
    spelled = _spelled_out(key)
    if len(spelled) > 1 and spelled[0].isdigit() and _spelled_out(answer) == spelled[:1] and spelled[1].isalpha():
        return True  # 3 where 3 boats were asked for
    if _spelled_out(answer) == spelled and not _only_number_words(key):
        return True
    return _is_same_list(written, meant) or _is_same_unit(written, meant)


def _is_same_unit(written: str, meant: str) -> bool:
    """Whether both are a unit alone: cm² and square centimetres."""
    unit = read_unit(meant.strip()) if len(meant) > 1 else None
    return unit is not None and unit == read_unit(plain_signs(written))


def _of_calendar(token: str) -> tuple[str, int] | None:
    """The month or the day of the week that a word names."""
    if (month := month_named(token)) is not None:
        return "month", month
    day = day_named(token)
    return None if day is None else ("day", day)


def _is_numbered_alike(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether a name has the same number as the key's Roman one: Henry the Eighth, the Second World War."""
    if len(key) < 2 or not any(_ROMAN.fullmatch(token) for token in key):
        return False
    said = [sorted(_without_roman(tokens)) for tokens in (_without_fillers(answer), key)]
    return said[0] == said[1]


def _without_roman(tokens: Sequence[str]) -> list[str]:
    plain = (_ROMANS.get(token) or _as_number(token).rstrip(".") for token in tokens)
    return [token for token in plain if token not in _ENGLISH_ARTICLES]


def _one_of(tokens: Sequence[str], wanted: frozenset[str]) -> bool:
    return bool(_forms(tuple(tokens)) & wanted)


@lru_cache(maxsize=8_192)
def _forms(tokens: tuple[str, ...]) -> frozenset[str]:
    """The ways to write words together, without what may stand in front; never all taken away."""
    forms = {"".join(tokens)}
    rest = list(tokens)
    while len(rest) > 1 and rest[0] in _LEADS:
        rest = rest[1:]
        forms.add("".join(rest))
    return frozenset(forms)


def _without_fillers(tokens: Sequence[str]) -> list[str]:
    """The words without those at both ends that say nothing; all of them, if they all say nothing."""
    start, end = 0, len(tokens)
    while start < end and tokens[start] in _BEFORE:
        start += 1
    while end > start and tokens[end - 1] in _BEHIND:
        end -= 1
    return list(tokens[start:end])


def _is_short_for(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether letters stand for the key: T for true, NW for north-west; or the key's letter is picked in words."""
    if len(key) == 1:
        if len(answer) == 1 and answer[0] in _SHORT.get(key[0], ()):
            return True
        if key[0] in ("yes", "no", "true", "false") and answer[0] == key[0]:
            return all(token in _AUXILIARIES for token in answer[1:])
    points = [_COMPASS.get(letter, "") for letter in "".join(answer).replace(".", "")]
    return 1 <= len(points) <= 3 and all(points) and "".join(points) == "".join(key)


def _spelled_out(tokens: Sequence[str]) -> list[str]:
    """The words with numbers and ordinals in digits, and two dots on a letter as an e behind it."""
    start = 1 if len(tokens) > 1 and tokens[0] in _ENGLISH_ARTICLES else 0
    return [_as_number(_without_dots(token)) for token in tokens[start:]]


def _without_dots(token: str) -> str:
    if not token.isascii():
        for letter, letters in _SPELLED:
            token = token.replace(letter, letters)
    return token


@lru_cache(maxsize=4_096)
def _as_number(token: str) -> str:
    if (place := read_ordinal(token)) is not None:
        return f"{place}."
    value = read_words(token) if token[:1].isalpha() else None
    return token if value is None else str(value)


def _only_number_words(tokens: Sequence[str]) -> bool:
    """Whether a number in words is all there is: then it may be that it was to be written in words."""
    return all(_as_number(token) != token for token in tokens) and not any(token[0].isdigit() for token in tokens)


def _is_same_list(written: str, meant: str) -> bool:
    if not _SEPARATED.search(meant):
        return False
    wanted, given = _items(meant), _items(written)
    if len(wanted) < 2:
        return False
    if wanted == given or "".join(wanted) == "".join(given):
        return True
    if any(item[:1].isdigit() for item in wanted):
        return False  # numbers may be asked for in an order
    return Counter(wanted) == Counter(given)


def _items(text: str) -> list[str]:
    parts = (_without_fillers(_tokens(part, False)) for part in _LIST.split(text))
    return ["".join(part) for part in parts if part]


def _bare(tokens: Sequence[str]) -> str:
    return "".join(_without_lead(tokens))


def _without_lead(tokens: Sequence[str]) -> Sequence[str]:
    """The words without an article in front."""
    return tokens[1:] if len(tokens) > 1 and tokens[0] in _ARTICLES else tokens


# --- for the teacher


def _doubt(answer: Sequence[str], key: Sequence[str], written: str, meant: str) -> Sentence | None:
    """Why a teacher would want to look."""
    if _only_number_words(key) and _spelled_out(answer) == _spelled_out(key):
        return reasons.NUMBER_IN_DIGITS
    if len(key) == 1 and len(key[0]) == 1:
        return _doubt_of_letter(answer, key[0], written)
    if len(key) == len(answer) == 1 and f"{answer[0]}." == _as_number(key[0]):
        return reasons.NUMBER_IN_DIGITS
    one, other = "".join(answer), "".join(key)
    if without_accents_at_all(_bare(answer)) == without_accents_at_all(_bare(key)):
        return reasons.ACCENTS_LOOK
    if normalise(written).replace("'", "") == normalise(meant).replace("'", ""):
        return reasons.NEARLY
    if answer[0] in _OPPOSITES.get(other, "").split():
        return reasons.OTHER_WORD_FOR_IT
    for name, formula in ((meant, written.strip()), (written, meant.strip())):
        if _FORMULA.fullmatch(formula) and names(name, read_formula(formula)):
            return reasons.OTHER_WORD_FOR_IT
    if fuzz.partial_ratio(one, other) < _NOTHING_ALIKE and not _numbers(answer):
        return None
    given, wanted = _content(answer), _content(key)
    if not wanted or wanted == ["not"]:
        return None  # the key says nothing but small words: another one is another answer
    if _is_compass(wanted):
        others = any(token in _COMPASS.values() and token not in wanted for token in answer)
        slipped = distance(one, other, 2) is not None or one.startswith(other)
        return reasons.NEARLY if slipped and not others else None
    if len(wanted) == 1 and _of_calendar(wanted[0]) and any(_of_calendar(word) for word in given):
        return None  # another day or month
    if _ROMAN.fullmatch(key[-1]) and key[:-1] == answer[:-1] and (answer[-1] in _ROMANS or answer[-1].isdigit()):
        return None  # another one of that name
    if len(answer) == 1 and len(key) > 1 and _is_acronym(answer[0], key):
        return reasons.ABBREVIATION
    counts, said = _numbers(key), _numbers(answer)
    if counts and counts != said and sorted(counts) == sorted(said):
        # A list of numbers in another order, or things with each other's numbers.
        return reasons.OTHER_ORDER if len(counts) == len(wanted) else None
    if counts and not said:
        return None  # what is counted, without how many
    found = [_found(word, given, lenient=len(wanted) > 1) for word in wanted]
    there = sum(_found(word, answer) for word in key)
    lead = 1 if len(key) > 1 and key[0] in _LEADS | _ARTICLES else 0
    if all(found) and there >= _MOST_OF * (len(key) - lead):
        return reasons.NEARLY if len(given) == len(wanted) else reasons.WORDS_MORE
    if len(answer) != len(key) and _nearly(one, other):
        return reasons.NEARLY
    if given and len(_without_lead(answer)) < len(key) and all(_found(word, key) for word in _without_lead(answer)):
        return reasons.WORDS_FEWER
    if len(counts) == 1 and wanted[0].isdigit() and given and _spelled_out(given)[0] == wanted[0]:
        return reasons.WORDS_OTHER
    if len(wanted) >= 3 and sum(found) > 0.6 * len(wanted) and there >= 0.7 * len(key):
        return reasons.WORDS_OTHER
    return None


def _is_acronym(token: str, key: Sequence[str]) -> bool:
    """Whether letters are the first ones of the key's words: UK, WW2."""
    words = [word for word in key if word not in _ENGLISH_ARTICLES]
    firsts = {"".join(word[0] for word in words), "".join(word[0] for word in words if word not in FILLERS)}
    if _ROMAN.fullmatch(words[-1]):
        firsts |= {"".join(word[0] for word in words[:-1]) + end for end in (words[-1], _ROMANS.get(words[-1], ""))}
    return len(token) > 1 and token.replace(".", "") in firsts


def _doubt_of_letter(answer: Sequence[str], letter: str, written: str) -> Sentence | None:
    if letter in answer or (
        len(answer) == 1 and len(answer[0]) <= 5 and written.strip().isupper() and letter in answer[0]
    ):
        return reasons.WORDS_MORE
    return None


def _numbers(tokens: Sequence[str]) -> list[str]:
    return [token for token in _spelled_out(tokens) if token[0].isdigit()]


def _content(tokens: Sequence[str]) -> list[str]:
    """The words that say something; a key's hyphenated words are two of them."""
    return [token for token in tokens if token not in FILLERS and token not in _ARTICLES]


def _is_compass(words: Sequence[str]) -> bool:
    return all(word in _COMPASS.values() for word in words)


def _found(word: str, among: Sequence[str], *, lenient: bool = False) -> bool:
    """Whether a word is there, or one near it; ``lenient``: of four letters one may be another, beside other words."""
    return any(word == other or _nearly(word, other) or (lenient and _one_other_letter(word, other)) for other in among)


def _one_other_letter(one: str, other: str) -> bool:
    return len(one) == len(other) == 4 and one.isalpha() and distance(one, other, 1) is not None


def _nearly(one: str, other: str) -> bool:
    """Whether two words are the same but for slips, or of one family."""
    if one == other:
        return True
    shorter, longer = sorted((len(one), len(other)))
    if shorter < _LOOKED_AT_FROM or not (one.isalpha() or other.isalpha()) or _DIGIT.search(one + other):
        return False
    if longer - shorter <= _MOST_SLIPS and _slipped(one, other, shorter, longer):
        return True
    if one[:_BEGINNING] != other[:_BEGINNING]:
        return False
    alike = next((i for i, (a, b) in enumerate(zip(one, other, strict=False)) if a != b), shorter)
    return alike >= max(_BEGINNING, 0.6 * shorter, 0.45 * longer)


def _slipped(one: str, other: str, shorter: int, longer: int) -> bool:
    """Whether so few letters differ that it may be a slip. In a word of four, another letter makes another word."""
    if distance(one, other, _looked_at(shorter)) is None:
        return False
    return longer > 4 or shorter != longer or sorted(one) == sorted(other)


def _looked_at(letters: int) -> int:
    """How many letters may differ for a teacher to want to look."""
    return 1 if letters < 6 else 2 if letters < 9 else _MOST_SLIPS


# --- words


def _tokens(text: str, keep_case: bool) -> list[str]:
    return list(_tokens_of(text, keep_case))


@lru_cache(maxsize=8_192)
def _tokens_of(text: str, keep_case: bool) -> tuple[str, ...]:
    plain = normalise(text, keep_case=keep_case).replace("&", " and ")
    tokens: list[str] = []
    for token in _TOKEN.findall(plain):
        tokens += _expanded(token)
    return tuple(tokens)


def _expanded(token: str) -> list[str]:
    if token in _CONTRACTED:
        return _CONTRACTED[token].split()
    if "'" in token:
        for ending, meaning in _ENDINGS:
            if token.endswith(ending):
                return (token.removesuffix(ending) + meaning).split()
        before, _, after = token.partition("'")
        if after == "s" and before in _IS:
            return [before, "is"]
        if before in ("l", "d", "j", "qu", "n", "s", "t", "m"):
            return [before, after]
    if "." in token and len(token) > 3 and token.replace(".", "").isalpha() and max(map(len, token.split("."))) == 1:
        return [token.replace(".", "")]
    return [token]


def without_accents_at_all(text: str) -> str:
    """Letters without what stands above, below or through them, in Latin, Greek and Cyrillic."""
    if text.isascii():
        return text
    plain = without_accents(text)
    return "".join(_STROKES.get(letter, letter) for letter in unicodedata.normalize("NFC", plain))


_STROKES = {"ø": "o", "ł": "l", "đ": "d", "ı": "i", "æ": "ae", "œ": "oe", "ß": "ss", "ð": "d", "þ": "th", "ħ": "h"}
