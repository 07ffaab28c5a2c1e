"""Shares of a width or a height, by which things lie within a box."""

from typing import Annotated

from pydantic import Field

Share = Annotated[float, Field(ge=0, le=1)]
"""Of the width or the height of a box, from its left or its top."""


def share(value: float) -> float:
    """A share brought back from where rounding has carried it: 1 - 0.9 - 0.1 is a little less than 0."""
    return min(1.0, max(0.0, value))
