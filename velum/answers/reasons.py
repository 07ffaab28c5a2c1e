"""Why an answer was marked so: stable codes, and words that a teacher and a student can read."""

from velum.sentence import Sentence, either

SAME_WORDS = Sentence("same_words", "says the same")
SAME_VALUE = Sentence("same_value", "equal in value")
OTHER_WORDS = Sentence("other_words", "not the words of the key")
OTHER_CASE = Sentence("other_case", "capital and small letters differ")
OTHER_ACCENTS = Sentence("other_accents", "accents differ")
OTHER_STOP = Sentence("other_stop", "punctuation differs")
WORDS_MISSING = Sentence("words_missing", "not all words of the key are in it")
HOLDS_WORDS = Sentence("holds_words", "holds the words of the key")
OTHER_VALUE = Sentence("other_value", "another number")
NOT_A_NUMBER = Sentence("not_a_number", "not a number on its own")
NEAR_ENOUGH = Sentence("near_enough", "near enough")
NOT_NEAR_ENOUGH = Sentence("not_near_enough", "not near enough")
IN_RANGE = Sentence("in_range", "in the range")
OUT_OF_RANGE = Sentence("out_of_range", "outside the range")
NOT_ROUNDED = Sentence("not_rounded", "not rounded as asked")
NOT_LOWEST = Sentence("not_lowest", "equal in value, but not in lowest terms")
UNIT_MISSING = Sentence("unit_missing", "unit missing")
UNIT_UNASKED = Sentence("unit_unasked", "equal in value; a unit was not asked for: please look")
UNIT_UNKNOWN = Sentence("unit_unknown", "an unknown unit: please look")
OTHER_UNIT = Sentence("other_unit", "right number, another unit")
SAME_TIME = Sentence("same_time", "the same time")
OTHER_TIME = Sentence("other_time", "another time")
NOT_A_TIME = Sentence("not_a_time", "not a time of day")
LENGTH_OF_TIME = Sentence("length_of_time", "says how long, not when: please look")
HALF_OF_DAY = Sentence("half_of_day", "morning or afternoon is not clear: please look")
SAME_RATIO = Sentence("same_ratio", "the same ratio")
OTHER_RATIO = Sentence("other_ratio", "another ratio")
NOT_A_RATIO = Sentence("not_a_ratio", "not a ratio")
SAME_FORMULA = Sentence("same_formula", "the same formula")
OTHER_FORMULA = Sentence("other_formula", "another formula")
OTHER_COUNT = Sentence("other_count", "the right elements, but other numbers of them")
OTHER_CHARGE = Sentence("other_charge", "the charge differs")
OTHER_STATE = Sentence("other_state", "the state of matter differs, or is missing")
OTHER_CAPITALS = Sentence("other_capitals", "capital and small letters differ: they are other elements")
ZERO_FOR_O = Sentence("zero_for_o", "a zero stands where the letter O belongs")
SAME_ATOMS = Sentence("same_atoms", "the same atoms, written otherwise: please look")
NOT_A_FORMULA = Sentence("not_a_formula", "not a chemical formula")
SAME_EQUATION = Sentence("same_equation", "the same equation")
OTHER_BALANCE = Sentence("other_balance", "the right substances, but other numbers of them")
OTHER_SUBSTANCES = Sentence("other_substances", "not the same substances")
OTHER_WAY = Sentence("other_way", "the two sides are exchanged")
MULTIPLE_EQUATION = Sentence("multiple_equation", "all numbers are a multiple of the key's: please look")
NOT_AN_EQUATION = Sentence("not_an_equation", "not a chemical equation")
SAME_EXPRESSION = Sentence("same_expression", "equal for all values")
OTHER_EXPRESSION = Sentence("other_expression", "not equal")
OTHER_FORM = Sentence("other_form", "equal, but not in the form asked for")
SAME_RELATION = Sentence("same_relation", "says the same of the letters")
OTHER_RELATION = Sentence("other_relation", "says something else of the letters")
OTHER_DIRECTION = Sentence("other_direction", "the inequality points another way")
OTHER_END = Sentence("other_end", "whether the end itself belongs to it differs")
TWO_READINGS = Sentence("two_readings", "what stands behind the stroke can be read in two ways: please look")
RELATION_MISSING = Sentence("relation_missing", "an equation or inequality was asked for")
EXPRESSION_ASKED = Sentence("expression_asked", "an expression was asked for, not an equation")
NOT_AN_EXPRESSION = Sentence("not_an_expression", "cannot be read as an expression")
CANNOT_TELL = Sentence("cannot_tell", "whether it is equal could not be found out: please look")
TOO_LONG = Sentence("too_long", "too long to be compared: please look")


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
    Sentence("units.euros", "money in euros"),
    Sentence("units.pounds", "money in pounds"),
    Sentence("units.dollars", "money in dollars"),
    Sentence("units.cents", "money in cents"),
    Sentence("units.yen", "money in yen"),
)
_OF_UNITS = {sentence.text: sentence for sentence in _UNITS}


def _of_units(kind: str) -> Sentence:
    """What units measure, in words: a kind of them (units.py), a power of one, or one for each of another."""
    if kind in _OF_UNITS:
        return _OF_UNITS[kind]
    if " per " in kind:
        above, below = kind.split(" per ", 1)
        return Sentence("units.per", "{above} per {below}", {"above": _of_units(above), "below": _of_units(below)})
    base, power = kind.split(" to the power of ")
    return Sentence("units.power_of", "{base} to the power of {power}", {"base": _of_units(base), "power": power})
