"""Points as they are reckoned (exact fractions) and as they are shown.

Rounding happens here and nowhere else: a sum is shown to the nearest hundredth, halves away from zero, and halves,
quarters and thirds as the fraction a teacher would write.

>>> show(Fraction(35, 2)), show(Fraction(2, 3)), show(Fraction(18)), show(Fraction(1, 7))
('17½', '⅔', '18', '0.14')
"""

from fractions import Fraction
from functools import lru_cache
from typing import Annotated

from pydantic import Field

Points = Annotated[float, Field(ge=0, le=100, multiple_of=0.25)]
"""What something is worth. Quarters are exact as floats, so that making a fraction of them loses nothing."""


@lru_cache(maxsize=1_024)
def exact(points: Points) -> Fraction:
    """Points as a fraction. There are few that anybody gives, and each is made once."""
    return Fraction(points)


_WRITTEN = {
    Fraction(1, 4): "¼",
    Fraction(1, 3): "⅓",
    Fraction(1, 2): "½",
    Fraction(2, 3): "⅔",
    Fraction(3, 4): "¾",
}


def show(points: Fraction) -> str:
    """Points (not negative) as a teacher writes them."""
    whole, rest = divmod(points, 1)
    if rest == 0:
        return str(whole)
    if rest in _WRITTEN:
        return f"{whole or ''}{_WRITTEN[rest]}"
    hundredths = int(points * 100 + Fraction(1, 2))
    return f"{hundredths // 100}.{hundredths % 100:02d}".rstrip("0").rstrip(".")
