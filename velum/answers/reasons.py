"""Why an answer was marked so: stable codes, and words that a teacher and a student can read."""

from collections.abc import Sequence

from velum.sentence import Sentence, either

SAME_WORDS = Sentence("same_words", "says the same")
SAME_VALUE = Sentence("same_value", "equal in value")
NOT_ACCEPTED = Sentence("not_accepted", "one of the answers that are not accepted")
OTHER_WORDS = Sentence("other_words", "not the words of the key")
OTHER_CASE = Sentence("other_case", "capital and small letters differ")
OTHER_ACCENTS = Sentence("other_accents", "accents differ")
OTHER_STOP = Sentence("other_stop", "punctuation differs")
WORDS_MISSING = Sentence("words_missing", "not all words of the key are in it")
HOLDS_WORDS = Sentence("holds_words", "holds the words of the key")
ACCENTS_LOOK = Sentence("accents_look", "the same but for accents: please look")
NEARLY = Sentence("nearly", "nearly the words of the key: please look")
WORDS_MORE = Sentence("words_more", "holds the words of the key, and others: please look")
WORDS_FEWER = Sentence("words_fewer", "a part of the words of the key: please look")
WORDS_OTHER = Sentence("words_other", "most words of the key, and others: please look")
WORDS_AND_DOUBT = Sentence("words_and_doubt", "the words of the key, with a no or an or beside them: please look")
ABBREVIATION = Sentence("abbreviation", "shortened to its first letters: please look")
LOOK_ALIKE = Sentence("look_alike", "letters or Roman numerals, where digits were asked for: please look")
OTHER_ORDER = Sentence("other_order", "the right numbers in another order: please look")
OTHER_WORD_FOR_IT = Sentence("other_word_for_it", "another word for it: please look")
NUMBER_IN_DIGITS = Sentence("number_in_digits", "the right number, in digits: please look")
FOUND_AMONG_OTHERS = Sentence(
    "found_among_others", "the right answer is found in it, beside something else: please look"
)
NOT_WORKED_OUT = Sentence("not_worked_out", "equal in value, but not worked out: please look")
WORKING_DIFFERS = Sentence("working_differs", "the right answer, but the working says otherwise: please look")
POWER_LAID_FLAT = Sentence("power_laid_flat", "the right number, but its power of ten is not raised: please look")
RATIO_OTHERWISE = Sentence("ratio_otherwise", "the right numbers, but not written as a ratio: please look")
FOLLOWING = Sentence("following", "right with the student's own earlier answers")
PARTLY_ACCEPTED = Sentence("partly_accepted", "accepted for a part of the points")
REMAINDER_UNSAID = Sentence("remainder_unsaid", "the right numbers, but the remainder is not called one: please look")
OTHER_VALUE = Sentence("other_value", "another number")
NOT_A_NUMBER = Sentence("not_a_number", "not a number on its own")
NEAR_ENOUGH = Sentence("near_enough", "near enough")
NOT_NEAR_ENOUGH = Sentence("not_near_enough", "not near enough")
IN_RANGE = Sentence("in_range", "in the range")
OUT_OF_RANGE = Sentence("out_of_range", "outside the range")
NOT_ROUNDED = Sentence("not_rounded", "not rounded as asked")
NOT_LOWEST = Sentence("not_lowest", "equal in value, but not in lowest terms")
UNIT_MISSING = Sentence("unit_missing", "unit missing")
UNIT_LEFT_OUT = Sentence("unit_left_out", "equal in value, but without its unit: please look")
UNIT_INCOMPLETE = Sentence("unit_incomplete", "the right number, with a part of its unit: please look")
PERCENT_MISSING = Sentence("percent_missing", "the right number, but without its percent sign: please look")
ROUNDED = Sentence("rounded", "the right number rounded, or with more figures: please look")
CALLED_OTHERWISE = Sentence("called_otherwise", "the right number, called something else: please look")
UNIT_UNASKED = Sentence("unit_unasked", "equal in value; a unit was not asked for: please look")
UNIT_UNKNOWN = Sentence("unit_unknown", "an unknown unit: please look")
OTHER_UNIT = Sentence("other_unit", "right number, another unit")
SAME_TIME = Sentence("same_time", "the same time")
OTHER_TIME = Sentence("other_time", "another time")
NOT_A_TIME = Sentence("not_a_time", "not a time of day")
LENGTH_OF_TIME = Sentence("length_of_time", "says how long, not when: please look")
HALF_OF_DAY = Sentence("half_of_day", "morning or afternoon is not clear: please look")
TIME_OR_LENGTH = Sentence("time_or_length", "hours and minutes, as a time of day is written: please look")
SAME_DATE = Sentence("same_date", "the same date")
OTHER_DATE = Sentence("other_date", "another date")
NOT_A_DATE = Sentence("not_a_date", "not a date")
DAY_OR_MONTH = Sentence("day_or_month", "day and month could be exchanged: please look")
PART_OF_DATE = Sentence("part_of_date", "a part of the date: please look")
ERA_MISSING = Sentence("era_missing", "the right year, but BC or AD is not said: please look")
ERA_OTHER = Sentence("era_other", "the right year, but before Christ: please look")
OTHER_ERA = Sentence("other_era", "the right year, but of the other era")
SAME_RATIO = Sentence("same_ratio", "the same ratio")
OTHER_RATIO = Sentence("other_ratio", "another ratio")
NOT_A_RATIO = Sentence("not_a_ratio", "not a ratio")
SAME_FORMULA = Sentence("same_formula", "the same formula")
OTHER_FORMULA = Sentence("other_formula", "another formula")
OTHER_COUNT = Sentence("other_count", "the right elements, but other numbers of them")
OTHER_CHARGE = Sentence("other_charge", "the charge differs")
OTHER_STATE = Sentence("other_state", "the state of matter differs, or is missing")
OTHER_CAPITALS = Sentence(
    "other_capitals", "capital and small letters differ, and may mean other elements: please look"
)
ZERO_FOR_O = Sentence("zero_for_o", "a zero stands where the letter O belongs: please look")
NAME_FOR_FORMULA = Sentence("name_for_formula", "a name, where a formula was asked for: please look")
RAISED_DIGIT = Sentence("raised_digit", "a digit is raised that should be lowered: please look")
CHARGE_MISSING = Sentence("charge_missing", "the charge is missing: please look")
SAME_ATOMS = Sentence("same_atoms", "the same atoms, written otherwise: please look")
NOT_A_FORMULA = Sentence("not_a_formula", "not a chemical formula")
SAME_EQUATION = Sentence("same_equation", "the same equation")
OTHER_BALANCE = Sentence("other_balance", "the right substances, but other numbers of them")
OTHER_SUBSTANCES = Sentence("other_substances", "not the same substances")
OTHER_ARROW = Sentence("other_arrow", "the same equation, with another arrow: please look")
OTHER_WAY = Sentence("other_way", "the two sides are exchanged")
MULTIPLE_EQUATION = Sentence("multiple_equation", "all numbers are a multiple of the key's: please look")
NOT_AN_EQUATION = Sentence("not_an_equation", "not a chemical equation")
SAME_EXPRESSION = Sentence("same_expression", "equal for all values")
OTHER_EXPRESSION = Sentence("other_expression", "not equal")
OTHER_FORM = Sentence("other_form", "equal, but not in the form asked for")
SAME_RELATION = Sentence("same_relation", "says the same of the letters")
OTHER_RELATION = Sentence("other_relation", "says something else of the letters")
OTHER_DIRECTION = Sentence("other_direction", "the inequality points another way")
SAME_INTERVAL = Sentence("same_interval", "the same interval")
OTHER_INTERVAL = Sentence("other_interval", "another interval")
ENDS_UNSAID = Sentence("ends_unsaid", "the right ends; whether they belong to it is not said: please look")
SAME_ISOTOPE = Sentence("same_isotope", "the same isotope")
OTHER_ISOTOPE = Sentence("other_isotope", "another isotope")
MASS_MISSING = Sentence("mass_missing", "the right element, without its number of mass: please look")
SAME_TIMES = Sentence("same_times", "from and to the same times")
OTHER_END = Sentence("other_end", "whether the end itself belongs to it differs")
TWO_READINGS = Sentence("two_readings", "what stands behind the stroke can be read in two ways: please look")
RELATION_MISSING = Sentence("relation_missing", "an equation or inequality was asked for")
EXPRESSION_ASKED = Sentence("expression_asked", "an expression was asked for, not an equation")
RELATION_LEFT_OUT = Sentence("relation_left_out", "one side of the equation or inequality alone: please look")
SOLUTIONS_MISSING = Sentence("solutions_missing", "some of the solutions, not all: please look")
NOT_SOLVED = Sentence("not_solved", "says the same, but is not solved: please look")
FORM_LOOK = Sentence("form_look", "equal, but in another form: please look")
NOT_AN_EXPRESSION = Sentence("not_an_expression", "cannot be read as an expression")
CANNOT_TELL = Sentence("cannot_tell", "whether it is equal could not be found out: please look")
TOO_LONG = Sentence("too_long", "too long to be compared: please look")


EXPECTED = "expected"
"""The code of what ``expected`` says."""


def expected(says: str) -> Sentence:
    """An answer that the teacher expected, and what the teacher says to it."""
    return Sentence("expected", "{says}", {"says": says}) if says else NOT_ACCEPTED


def some_of(there: int, wanted: int) -> Sentence:
    """How many of the parts that were asked for are there."""
    return Sentence("some_of", "{there} of {wanted} are there", {"there": there, "wanted": wanted})


def differing(count: int, pairs: Sequence[tuple[str, str]]) -> Sentence:
    """The words of an answer that differ, each with the key's."""
    shown = ", ".join(f"{written} → {meant}" for written, meant in pairs) + (" …" if count > len(pairs) else "")
    return Sentence.counted(
        "differing", "{count} word differs: {words}", "{count} words differ: {words}", count, {"words": shown}
    )


def slips(count: int) -> Sentence:
    return Sentence.counted("slips", "{count} letter differs", "{count} letters differ", count)


def other_kind(asked: str, given: str) -> Sentence:
    filled = {"given": _of_units(given), "asked": _of_units(asked)}
    return Sentence("other_kind", "a unit of {given}, where one of {asked} was asked for", filled)


def unclear(values: list[str]) -> Sentence:
    return Sentence("unclear", "could be {values}: please look", {"values": either(values)})


_UNITS = (
    Sentence("units.length", "length"),
    Sentence("units.area", "area"),
    Sentence("units.volume", "volume"),
    Sentence("units.mass", "mass"),
    Sentence("units.time", "time"),
    Sentence("units.speed", "speed"),
    Sentence("units.acceleration", "acceleration"),
    Sentence("units.temperature", "temperature"),
    Sentence("units.angle", "angle"),
    Sentence("units.force", "force"),
    Sentence("units.energy", "energy"),
    Sentence("units.power", "power"),
    Sentence("units.pressure", "pressure"),
    Sentence("units.frequency", "frequency"),
    Sentence("units.electric_current", "electric current"),
    Sentence("units.voltage", "voltage"),
    Sentence("units.resistance", "resistance"),
    Sentence("units.charge", "charge"),
    Sentence("units.amount_of_substance", "amount of substance"),
    Sentence("units.data", "data"),
)
_MONEY = Sentence("units.money", "money")
_OF_UNITS = {sentence.text: sentence for sentence in _UNITS}


def _of_units(kind: str) -> Sentence:
    """What units measure, in words: a kind of them (units.py), a power of one, or one for each of another."""
    if kind in _OF_UNITS:
        return _OF_UNITS[kind]
    if kind.startswith("money"):
        code = kind.removeprefix("money").strip()
        return Sentence("units.money_in", "money in {currency}", {"currency": code}) if code else _MONEY
    if " per " in kind:
        above, below = kind.split(" per ", 1)
        return Sentence("units.per", "{above} per {below}", {"above": _of_units(above), "below": _of_units(below)})
    base, power = kind.split(" to the power of ")
    return Sentence("units.power_of", "{base} to the power of {power}", {"base": _of_units(base), "power": power})
