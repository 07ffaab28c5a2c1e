"""Instructions: what a worksheet, a page or a question asks for, in one language or in several side by side."""

from typing import Annotated

from pydantic import AfterValidator, Field, StringConstraints

from velum.model import Model, Sha256
from velum.rich_text import Paragraph, at_most, letters_of

MOST_LETTERS = 5_000
MOST_LANGUAGES = 20

TAG = r"[a-z]{2,3}(-[A-Za-z0-9]{2,8}){0,3}"
LanguageTag = Annotated[str, StringConstraints(pattern=f"^{TAG}$")]
"""A language (BCP 47)."""


Explained = Annotated[tuple[Paragraph, ...], Field(max_length=200), at_most(MOST_LETTERS)]
"""Words of a teacher to students, as rich as a worksheet needs them."""


class Instruction(Model):
    """Instructions in one language, written, spoken or both."""

    language: LanguageTag
    paragraphs: Explained = ()
    sound: Sha256 | None = None

    @property
    def is_empty(self) -> bool:
        return self.sound is None and not letters_of(self.paragraphs).strip()


def _each_language_once(instructions: tuple[Instruction, ...]) -> tuple[Instruction, ...]:
    if len({each.language for each in instructions}) < len(instructions):
        raise ValueError("says something twice in the same language")
    return instructions


Instructions = Annotated[tuple[Instruction, ...], Field(max_length=MOST_LANGUAGES), AfterValidator(_each_language_once)]
"""The same in several languages, the one that most students read first."""


def said(instructions: Instructions) -> Instructions:
    """Those that say something: a language may have been added and not filled in yet."""
    return tuple(each for each in instructions if not each.is_empty)
