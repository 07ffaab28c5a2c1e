"""What every error of the core has in common."""

from collections.abc import Mapping
from typing import Self

from velum.sentence import Filling, Sentence


class VelumError(Exception):
    """Something that a person can be told: a sentence with a stable code.

    ``path`` says which part of an input it is about, from the outside in, such as ``("edits", 3)``.
    """

    path: tuple[str | int, ...] = ()
    others: tuple["VelumError", ...] = ()
    """What else is wrong with the same input, in its order."""

    def __init__(self, code: str, text: str, filled: Mapping[str, Filling] | None = None, several: str = "") -> None:
        super().__init__(code, text, filled, several)  # all, so that it can be handed from process to process
        self.sentence = Sentence(code, text, filled or {}, several)

    @classmethod
    def counted(
        cls, code: str, one: str, several: str, count: int, filled: Mapping[str, Filling] | None = None
    ) -> Self:
        """An error whose sentence depends on a number, which it calls ``count``."""
        return cls.of(Sentence.counted(code, one, several, count, filled))

    @classmethod
    def of(cls, sentence: Sentence) -> Self:
        return cls(sentence.code, sentence.text, sentence.filled, sentence.several)

    @property
    def code(self) -> str:
        return self.sentence.code

    def __str__(self) -> str:
        return self.sentence.words
