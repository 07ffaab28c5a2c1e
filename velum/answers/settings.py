"""What a worksheet says about how its answers are read."""

from velum.answers.number import DecimalSign
from velum.model import Model


class AnswerSettings(Model):
    """What holds for all answers of a worksheet, where a key does not say otherwise."""

    decimal: DecimalSign = "."
    """The sign before decimals."""


PLAIN = AnswerSettings()
