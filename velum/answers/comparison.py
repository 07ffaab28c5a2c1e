"""By what an answer is compared with the right ones, as the teacher set it."""

from fractions import Fraction
from typing import Annotated, Literal, TypeAlias, get_args

from pydantic import AfterValidator, Discriminator, Field, StringConstraints

from velum.answers.number import DecimalSign, read_number
from velum.model import Model


def exact_value(text: str) -> Fraction | None:
    """The value of a number as a teacher types it into a setting, with either decimal sign."""
    for decimal in get_args(DecimalSign):
        reading = read_number(text, decimal)
        if reading and reading.sure is not None:
            return reading.sure
    return None


def _exact(text: str) -> str:
    if exact_value(text) is None:
        raise ValueError("is not a number")
    return text


Exact = Annotated[str, StringConstraints(max_length=60), AfterValidator(_exact)]
"""A number as it was written, so that nothing of it is lost."""


class Words(Model):
    """As words. By default neither case nor a stop at the end count; accents, order and punctuation within do."""

    by: Literal["words"] = "words"
    case_counts: bool = False
    accents_ignored: bool = False
    articles_ignored: bool = False
    """Whether "the", "a" or "an" in front do not count. Keys of earlier releases have it; today they never do."""
    punctuation_counts: bool = False
    """Whether punctuation at the end counts too."""
    slips: bool = False
    """Whether slips of spelling are let pass: one letter in a word of five to eight, two in a longer one."""
    contains: bool = False
    """Whether it is enough that the answer holds the words of the key, in any order."""
    parts: Literal["whole", "each", "words"] = "whole"
    """Whether the parts of a list, or the words that an answer has to hold, earn a share each ("each"), or each word of
    a sentence does, as in a dictation ("words").
    """
    numbers_by_value: bool = False
    """Whether numbers among the words are compared by value: 4,750 is 4750 there too."""


class Within(Model):
    """As near as an amount, or a percentage of the right number."""

    rule: Literal["within"] = "within"
    amount: Exact
    percent: bool = False


class Between(Model):
    """Anything from one number to another, both included."""

    rule: Literal["between"] = "between"
    low: Exact
    high: Exact


class Rounded(Model):
    """The right number, rounded to decimal places or to significant figures."""

    rule: Literal["rounded"] = "rounded"
    digits: Annotated[int, Field(ge=0, le=30)]
    to: Literal["places", "figures"] = "places"


Tolerance: TypeAlias = Annotated[Within | Between | Rounded, Discriminator("rule")]


class Number(Model):
    """By value."""

    by: Literal["number"] = "number"
    decimal: DecimalSign | None = None
    """None: the worksheet's decimal sign."""
    tolerance: Tolerance | None = None
    unit: Literal["asked", "half", "optional", "ignored"] = "asked"
    """What becomes of a right number without the unit of the key; one of the same kind may stand.

    "asked": the teacher looks; "half": it costs half; "optional": it may be left out; "ignored": any may stand.
    """
    lowest_terms: bool = False
    """Whether a fraction has to be in lowest terms."""
    form: Literal["any", "mixed", "standard"] = "any"
    """Whether it has to be a mixed number, 1 3/4, or in standard form, 3.2 × 10⁵."""


class Time(Model):
    """As times of day."""

    by: Literal["time"] = "time"


class Date(Model):
    """As dates, or years with their era."""

    by: Literal["date"] = "date"


class Ratio(Model):
    """As ratios such as 3:4; 6:8 is the same unless lowest terms are asked for."""

    by: Literal["ratio"] = "ratio"
    lowest_terms: bool = False


class Formula(Model):
    """As chemical formulas or equations."""

    by: Literal["formula"] = "formula"
    states: Literal["ignored", "asked"] = "ignored"
    """Whether the states of matter, such as (aq), count."""


class Expression(Model):
    """As algebraic expressions, equations or inequalities."""

    by: Literal["expression"] = "expression"
    same_form: bool = False
    """Whether the form has to be the key's too, such as factors or a sum. Terms, and factors, may change places."""
    form: Literal["any", "simplified", "factorised"] = "any"
    """Whether it has to be drawn together as far as the key, or to be a product of as many factors."""


Comparison: TypeAlias = Annotated[Words | Number | Time | Date | Ratio | Formula | Expression, Discriminator("by")]
