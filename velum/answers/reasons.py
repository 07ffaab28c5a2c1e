"""Why an answer was marked so: stable codes, and words that a teacher and a student can read."""

from velum.marking.mark import Reason

SAME_WORDS = Reason("same_words", "says the same")
SAME_VALUE = Reason("same_value", "equal in value")
OTHER_WORDS = Reason("other_words", "not the words of the key")
OTHER_CASE = Reason("other_case", "capital and small letters differ")
OTHER_ACCENTS = Reason("other_accents", "accents differ")
OTHER_STOP = Reason("other_stop", "punctuation differs")
WORDS_MISSING = Reason("words_missing", "not all words of the key are in it")
HOLDS_WORDS = Reason("holds_words", "holds the words of the key")
OTHER_VALUE = Reason("other_value", "another number")
NOT_A_NUMBER = Reason("not_a_number", "not a number on its own")
NEAR_ENOUGH = Reason("near_enough", "near enough")
NOT_NEAR_ENOUGH = Reason("not_near_enough", "not near enough")
IN_RANGE = Reason("in_range", "in the range")
OUT_OF_RANGE = Reason("out_of_range", "outside the range")
NOT_ROUNDED = Reason("not_rounded", "not rounded as asked")
NOT_LOWEST = Reason("not_lowest", "equal in value, but not in lowest terms")
UNIT_MISSING = Reason("unit_missing", "unit missing")
UNIT_UNASKED = Reason("unit_unasked", "equal in value; a unit was not asked for: please look")
UNIT_UNKNOWN = Reason("unit_unknown", "an unknown unit: please look")
OTHER_UNIT = Reason("other_unit", "right number, another unit")
SAME_TIME = Reason("same_time", "the same time")
OTHER_TIME = Reason("other_time", "another time")
NOT_A_TIME = Reason("not_a_time", "not a time of day")
HALF_OF_DAY = Reason("half_of_day", "morning or afternoon is not clear: please look")
SAME_RATIO = Reason("same_ratio", "the same ratio")
OTHER_RATIO = Reason("other_ratio", "another ratio")
NOT_A_RATIO = Reason("not_a_ratio", "not a ratio")
SAME_FORMULA = Reason("same_formula", "the same formula")
OTHER_FORMULA = Reason("other_formula", "another formula")
OTHER_COUNT = Reason("other_count", "the right elements, but other numbers of them")
OTHER_CHARGE = Reason("other_charge", "the charge differs")
OTHER_STATE = Reason("other_state", "the state of matter differs, or is missing")
OTHER_CAPITALS = Reason("other_capitals", "capital and small letters differ: they are other elements")
ZERO_FOR_O = Reason("zero_for_o", "a zero stands where the letter O belongs")
SAME_ATOMS = Reason("same_atoms", "the same atoms, written otherwise: please look")
NOT_A_FORMULA = Reason("not_a_formula", "not a chemical formula")
SAME_EQUATION = Reason("same_equation", "the same equation")
OTHER_BALANCE = Reason("other_balance", "the right substances, but other numbers of them")
OTHER_SUBSTANCES = Reason("other_substances", "not the same substances")
OTHER_WAY = Reason("other_way", "the two sides are exchanged")
MULTIPLE_EQUATION = Reason("multiple_equation", "all numbers are a multiple of the key's: please look")
NOT_AN_EQUATION = Reason("not_an_equation", "not a chemical equation")
TOO_LONG = Reason("too_long", "too long to be compared: please look")


def slips(count: int) -> Reason:
    return Reason("slips", "1 letter differs" if count == 1 else f"{count} letters differ")


def other_kind(asked: str, given: str) -> Reason:
    return Reason("other_kind", f"a unit of {given}, where one of {asked} was asked for")


def unclear(values: list[str]) -> Reason:
    return Reason("unclear", f"could be {' or '.join(values)}: please look")
