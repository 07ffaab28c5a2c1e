"""Colours, as worksheets keep them."""

from typing import Annotated

from pydantic import StringConstraints

Colour = Annotated[str, StringConstraints(pattern=r"^#[0-9a-f]{6}$")]
"""A colour of sRGB, as CSS writes it: red, green and blue as two hexadecimal digits each."""

INK = "#16324a"
