"""How near an answer in words comes to the key where it is not the same: near enough to be right, or to be looked at.

What many teachers would want to see goes to the teacher: slips of spelling, another ending, words left out or put in,
another word for it.
"""

import re
from collections.abc import Sequence
from functools import lru_cache

from rapidfuzz import fuzz

from velum.answers import reasons
from velum.answers.chemistry import names, read_formula
from velum.answers.dictionary import is_form_of, is_word
from velum.answers.elements import element_called
from velum.answers.number_words import read_words, read_words_abroad
from velum.answers.same_words import COMPASS, is_number_in_words, is_sign_in_words, of_calendar, says_the_same
from velum.answers.small_words import ARTICLES, ENGLISH_ARTICLES, FILLERS, LEADS
from velum.answers.text import normalise
from velum.answers.word_tokens import (
    ROMAN,
    ROMANS,
    as_number,
    bare,
    numbers_in,
    spelled_out,
    tokens_of,
    without_accents_at_all,
    without_lead,
)
from velum.answers.words import distance
from velum.answers.wrapping import doubts
from velum.mark import Mark, for_teacher, right
from velum.sentence import Sentence

_OPPOSITES = {"true": "yes correct right", "false": "no wrong incorrect untrue", "yes": "true correct", "no": "false"}

_FORMULA = re.compile(r"(?:[A-Z][a-z]?[\d₀-₉]*){1,8}")

LONGEST = 400
"""Letters: a few sentences. In longer texts nobody looks for slips."""

_MOST_OF = 0.6
"""The share of a key's words that have to be there, where the small ones differ."""

_BEGINNING = 5
"""Letters that two words of one family begin with at least."""

_NOTHING_ALIKE = 50
"""Of 100: two texts whose most alike parts are less alike have no word in common, nor nearly."""

_BEFORE_A_STEM = re.compile(
    r"endo|exo|hyper|hypo|mono|poly|micro|macro|anti|over|under|pro|un|im|in|ir|il|ex|dis|non|bi|tri|di"
)
"""What stands before stems, in English and in what is made of Greek and Latin, and makes other words of them."""

_SHORTENED = 3
"""Letters of the shortest abbreviation of a word."""

_STEM = 4
"""Letters of the shortest stem."""

_LOOKED_AT_FROM, _MOST_SLIPS = 3, 3

_ASIDE = re.compile(r"[(\[][^()\[\]]*[)\]]")
"""What is said beside an answer, in brackets."""

_LONGEST_ACRONYM = 6
_REASONS = frozenset(("because", "to", "so", "since"))
"""What answers to why? begin with: a teacher reads those that say it in other words."""

_DASH = re.compile("[-−–]")
_MINUS = re.compile(r"(?<![\w)\]])(?<!\d )[-−–](\d+(?:\.\d+)?)")
_DIGIT, _DIGITS = re.compile(r"\d"), re.compile(r"[0-9]{1,15}")


@lru_cache(maxsize=8_192)
def near_words(written: str, meant: str, *, keep_case: bool = False) -> Mark | None:
    """The mark of an answer that is not the key word by word; None: it is not near it at all."""
    if max(len(written), len(meant)) > LONGEST:
        return None
    key, answer = tokens_of(meant, keep_case), tokens_of(written, keep_case)
    if not key or not answer:
        if is_sign_in_words(answer, meant):
            return right(reasons.SAME_WORDS)
        is_sign = bool(key) and any(not sign.isspace() and not sign.isascii() for sign in written)
        return for_teacher(reasons.OTHER_WORD_FOR_IT) if is_sign else None  # a note, a face: the teacher sees it
    signs_differ = _DASH.search(meant) and _below_zero(meant) not in ([], _below_zero(written))
    if signs_differ and numbers_in(answer) == numbers_in(key):
        return None  # the same numbers with other signs are other numbers
    if says_the_same(answer, key, written, meant):
        return for_teacher(reasons.WORDS_AND_DOUBT) if _doubts_more(written, meant) else right(reasons.SAME_WORDS)
    doubt = _doubt(answer, key, written, meant)
    return for_teacher(doubt) if doubt else None


def _below_zero(text: str) -> list[str]:
    """The numbers with a minus before them, in an order of their own."""
    return sorted(_MINUS.findall(text))


def _doubts_more(written: str, meant: str) -> bool:
    return doubts(written) and not doubts(meant)


def _doubt(answer: Sequence[str], key: Sequence[str], written: str, meant: str) -> Sentence | None:
    """Why a teacher would want to look."""
    if is_number_in_words(key) and spelled_out(answer) == spelled_out(key):
        return reasons.NUMBER_IN_DIGITS
    element = element_called(meant.strip())
    if element and element == element_called(written.strip()):
        return reasons.OTHER_WORD_FOR_IT
    if len(key) == 1 and len(key[0]) == 1:
        return _doubt_of_letter(answer, key[0], written)
    if len(answer) == 1 and _DIGITS.fullmatch(answer[0]):
        in_words = _says_number(key[0], answer[0]) if len(key) == 1 else read_words(" ".join(key)) == int(answer[0])
        if in_words:
            return reasons.NUMBER_IN_DIGITS
    one, other = "".join(answer), "".join(key)
    if bare(answer) == bare(key):
        return reasons.WORDS_FEWER if len(answer) < len(key) else reasons.WORDS_OTHER
    if _are_letters(key):
        return reasons.WORDS_FEWER if set(answer) < set(key) or set(answer) > set(key) else None
    if without_accents_at_all(bare(answer)) == without_accents_at_all(bare(key)):
        return reasons.ACCENTS_LOOK
    if normalise(written).replace("'", "") == normalise(meant).replace("'", ""):
        return reasons.NEARLY
    if answer[0] in _OPPOSITES.get(other, "").split():
        return reasons.OTHER_WORD_FOR_IT
    for name, formula in ((meant, written.strip()), (written, meant.strip())):
        formula = formula.replace("0", "O")  # a zero for the letter
        if _FORMULA.fullmatch(formula) and names(name, read_formula(formula)):
            return reasons.OTHER_WORD_FOR_IT
    if "(" in written or "[" in written:
        without = " ".join(_ASIDE.sub(" ", written).split())
        if without and says_the_same(tokens_of(without, False), key, without, meant):
            return reasons.WORDS_MORE
    if [word.removesuffix("'s") for word in answer] == list(key):
        return reasons.NEARLY
    if len(answer) == len(key) == 1 and written.strip().endswith(".") and key[0].startswith(answer[0].rstrip(".")):
        return reasons.ABBREVIATION
    if key[0] == "to" and len(key) > 1 and _are_forms(_content(answer), _content(key)):
        return reasons.NEARLY
    letters = "".join(without_lead(answer)).replace(".", "")
    if len(key) > 1 and len(letters) <= _LONGEST_ACRONYM and _is_acronym(letters, key):
        return reasons.ABBREVIATION
    if len(key) == 1 and len(answer) > 1 and meant.strip().isupper() and _is_acronym(key[0], answer):
        return reasons.OTHER_WORD_FOR_IT
    if len(key) == 1 and of_calendar(key[0]) == ("month", int(answer[0]) if _DIGITS.fullmatch(answer[0]) else 0):
        return reasons.OTHER_WORD_FOR_IT
    if key[0] in _REASONS and len(key) > 2 and _shares_its_point(answer, key):
        return reasons.WORDS_OTHER
    if fuzz.partial_ratio(one, other) < _NOTHING_ALIKE and not numbers_in(answer):
        return None
    given, wanted = _content(answer), _content(key)
    if not wanted or wanted == ["not"]:
        return None  # the key says nothing but small words: another one is another answer
    if _is_compass(wanted):
        others = any(token in COMPASS.values() and token not in wanted for token in answer)
        slipped = distance(one, other, 2) is not None or one.startswith(other)
        return reasons.NEARLY if slipped and not others else None
    if len(wanted) == 1 and of_calendar(wanted[0]) and any(of_calendar(word) for word in given):
        return None  # another day or month
    if ROMAN.fullmatch(key[-1]) and key[:-1] == answer[:-1] and (answer[-1] in ROMANS or answer[-1].isdigit()):
        return None  # another one of that name
    if _is_shortened(answer, key):
        return reasons.ABBREVIATION
    counts, said = numbers_in(key), numbers_in(answer)
    if counts and counts != said and sorted(counts) == sorted(said):
        # A list of numbers in another order, or things with each other's numbers.
        return reasons.OTHER_ORDER if len(counts) == len(wanted) else None
    if counts and not set(counts) & set(said):
        return None  # what is counted, without how many, or with other numbers
    several = len(wanted) > 1
    found = [
        _found(word, given, lenient=several) or (several and any(is_form_of(word, each) for each in given))
        for word in wanted
    ]
    there = sum(_found(word, answer, lenient=several) for word in key)
    lead = 1 if len(key) > 1 and key[0] in LEADS | ARTICLES else 0
    if all(found) and there >= _MOST_OF * (len(key) - lead):
        return reasons.NEARLY if len(given) == len(wanted) else reasons.WORDS_MORE
    if len(answer) != len(key) and nearly(one, other):
        return reasons.NEARLY
    if given and len(without_lead(answer)) < len(key) and all(_found(word, key) for word in without_lead(answer)):
        return reasons.WORDS_FEWER
    if len(counts) == 1 and wanted[0].isdigit() and wanted[0] in spelled_out(given):
        return reasons.WORDS_OTHER
    if len(wanted) >= 3 and sum(found) > 0.6 * len(wanted) and there >= 0.7 * len(key):
        return reasons.WORDS_OTHER
    return None


def _shares_its_point(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether a reason in other words has the word, in some form, that the key's ends with: rain, raining."""
    *_, point = _content(key) or [key[-1]]
    return any(word == point or is_form_of(word, point) or _is_doing(point, word) for word in answer)


def _are_forms(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether words are those of the key in other forms: finding food, to find food."""
    return len(answer) == len(key) > 0 and all(
        one == other or is_form_of(one, other) or _is_doing(one, other) for one, other in zip(answer, key, strict=True)
    )


def _is_doing(one: str, other: str) -> bool:
    """Whether a word is another with -ing: finding, find; making, make; running, run."""
    return one.endswith("ing") and one[:-3] in (other, other.removesuffix("e"), other + other[-1:])


def _says_number(word: str, digits: str) -> bool:
    """Whether a word says a number, in some language, or a place in a row."""
    return as_number(word) == f"{digits}." or read_words_abroad(word) == int(digits)


def _are_letters(tokens: Sequence[str]) -> bool:
    """Whether several letters of options are all there is."""
    return len(tokens) > 1 and all(len(token) == 1 and token.isalpha() for token in tokens)


def _is_acronym(token: str, key: Sequence[str]) -> bool:
    """Whether letters are the first ones of the key's words: UK, WW2."""
    words = [word for word in key if word not in ENGLISH_ARTICLES]
    firsts = {"".join(word[0] for word in words), "".join(word[0] for word in words if word not in FILLERS)}
    if ROMAN.fullmatch(words[-1]):
        firsts |= {"".join(word[0] for word in words[:-1]) + end for end in (words[-1], ROMANS.get(words[-1], ""))}
    return len(token) > 1 and token.replace(".", "") in firsts


def _is_shortened(answer: Sequence[str], key: Sequence[str]) -> bool:
    """Whether words are cut short, adj. for adjective or Q. Victoria, and the others are the key's."""
    if len(answer) != len(key):
        return False
    cut = [(one, other) for one, other in zip(answer, key, strict=True) if one != other]
    # A letter alone is short for a word where another word says which.
    least = 1 if len(cut) < len(key) else _SHORTENED
    return bool(cut) and all(
        len(other) > len(one) + 2 and len(one) >= least and other.startswith(one) for one, other in cut
    )


def _doubt_of_letter(answer: Sequence[str], letter: str, written: str) -> Sentence | None:
    if letter in answer or (
        len(answer) == 1 and len(answer[0]) <= 5 and written.strip().isupper() and letter in answer[0]
    ):
        return reasons.WORDS_MORE
    return None


def _content(tokens: Sequence[str]) -> list[str]:
    """The words that say something; a key's hyphenated words are two of them."""
    return [token for token in tokens if token not in FILLERS and token not in ARTICLES]


def _is_compass(words: Sequence[str]) -> bool:
    return all(word in COMPASS.values() for word in words)


def _found(word: str, among: Sequence[str], *, lenient: bool = False) -> bool:
    """Whether a word is there, or one near it; ``lenient``: of four letters one may be another, beside other words."""
    return any(word == other or nearly(word, other) or (lenient and _one_other_letter(word, other)) for other in among)


def _one_other_letter(one: str, other: str) -> bool:
    return len(one) == len(other) == 4 and one.isalpha() and distance(one, other, 1) is not None


def nearly(one: str, other: str) -> bool:
    """Whether two words are the same but for slips, or of one family."""
    if one == other:
        return True
    shorter, longer = sorted((len(one), len(other)))
    if shorter < _LOOKED_AT_FROM or (longer - shorter > _MOST_SLIPS and one[:_BEGINNING] != other[:_BEGINNING]):
        return False
    if not (one.isalpha() or other.isalpha()) or _DIGIT.search(one + other) or _have_other_beginnings(one, other):
        return False
    if longer - shorter <= _MOST_SLIPS and _slipped(one, other, shorter, longer):
        return True
    if one[:_BEGINNING] != other[:_BEGINNING]:
        return False
    alike = next((i for i, (a, b) in enumerate(zip(one, other, strict=False)) if a != b), shorter)
    # Of two words that there are, more has to be alike: chlorine is no slip of chlorophyll, nor of its family.
    share = 0.7 if is_word(one) and is_word(other) and not is_form_of(one, other) else 0.6
    return alike >= max(_BEGINNING, share * shorter, 0.45 * longer)


def _have_other_beginnings(one: str, other: str) -> bool:
    """Whether words differ by what stands before their stem, and mean something else: endothermic, exothermic."""
    first, second = _BEFORE_A_STEM.match(one), _BEFORE_A_STEM.match(other)
    if first is None and second is None:
        return False
    stems = one[first.end() if first else 0 :], other[second.end() if second else 0 :]
    return stems[0] == stems[1] and len(stems[0]) >= _STEM


def _slipped(one: str, other: str, shorter: int, longer: int) -> bool:
    """Whether so few letters differ that it may be a slip. In a word of four, another letter makes another word."""
    slips = distance(one, other, _looked_at(shorter))
    if slips is None or (slips > 1 and is_word(one) and is_word(other) and not is_form_of(one, other)):
        return False
    return longer > 4 or shorter != longer or sorted(one) == sorted(other) or is_word(one) != is_word(other)


def _looked_at(letters: int) -> int:
    """How many letters may differ for a teacher to want to look."""
    return 1 if letters < 6 else 2 if letters < 9 else _MOST_SLIPS
