"""Text in paragraphs, as rich as a worksheet needs it: laid on pages by teachers, written at length by students."""

from collections.abc import Iterable
from typing import Annotated, Literal

from pydantic import AfterValidator, Field, StringConstraints

from velum.colour import Colour
from velum.model import Model


def printable(text: str) -> str:
    """The text, when it holds nothing that no keyboard types. Raises ValueError."""
    if any(letter < " " and letter not in "\n\t" for letter in text):
        raise ValueError("holds a character that no keyboard types")
    return text


Words = Annotated[str, StringConstraints(max_length=2_000), AfterValidator(printable)]


class Run(Model):
    """Words of one look."""

    text: Annotated[Words, StringConstraints(min_length=1)]
    bold: bool = False
    italic: bool = False
    underline: bool = False
    colour: Colour | None = None


class Paragraph(Model):
    """A paragraph, a heading, or an item of a list; items that follow each other make one list."""

    style: Literal["body", "heading", "subheading", "bullet", "number"] = "body"
    align: Literal["left", "centre", "right"] = "left"
    runs: Annotated[tuple[Run, ...], Field(max_length=500)] = ()


def at_most(letters: int) -> AfterValidator:
    """For paragraphs that hold no more letters than this, their ends counted too."""

    def not_too_long(paragraphs: tuple[Paragraph, ...]) -> tuple[Paragraph, ...]:
        if len(letters_of(paragraphs)) > letters:
            raise ValueError(f"has more than {letters} letters")
        return paragraphs

    return AfterValidator(not_too_long)


def plain(*lines: str, style: Literal["body", "heading"] = "body") -> tuple[Paragraph, ...]:
    """Paragraphs of plain words."""
    return tuple(Paragraph(style=style, runs=(Run(text=line),) if line else ()) for line in lines)


def letters_of(paragraphs: Iterable[Paragraph]) -> str:
    """What is written, without how it looks; a line for each paragraph."""
    return "\n".join("".join(run.text for run in paragraph.runs) for paragraph in paragraphs)
