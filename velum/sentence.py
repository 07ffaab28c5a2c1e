"""What a person is told: a stable code, and a sentence that is put into the reader's language where it is shown."""

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from typing import Protocol, TypeAlias, Union

Filling: TypeAlias = Union[int, str, "Sentence"]
"""What is filled in: a number, what somebody wrote, or words that are put into the reader's language too."""


class Language(Protocol):
    """How a language says sentences."""

    def find(self, sentence: "Sentence") -> str:
        """The sentence with the names of what is filled in, in the form for its count."""

    def number(self, value: int) -> str:
        """A number as people write it."""


@dataclass(frozen=True, slots=True)
class Sentence:
    """Words in English, and what finds them in the catalogue of another language.

    The ``code`` never changes once released, the ``text`` may. ``text`` names in braces what is ``filled`` in.
    """

    code: str
    text: str
    filled: Mapping[str, Filling] = field(default_factory=dict, hash=False)
    several: str = ""
    """Said instead of ``text`` when the ``count`` that is filled in is not one; empty: nothing is counted."""
    also: tuple["Sentence", ...] = ()
    """What is said behind it."""

    @classmethod
    def counted(
        cls, code: str, one: str, several: str, count: int, filled: Mapping[str, Filling] | None = None
    ) -> "Sentence":
        """A sentence whose form depends on a number, which it calls ``count``."""
        return cls(code, one, {"count": count, **(filled or {})}, several)

    def and_also(self, *more: "Sentence") -> "Sentence":
        return replace(self, also=(*self.also, *more))

    def say(self, language: Language) -> str:
        """The words in a language."""
        words = language.find(self)
        if self.filled:
            words = words.format_map({name: _said(value, language) for name, value in self.filled.items()})
        return "; ".join((words, *(other.say(language) for other in self.also)))

    @property
    def words(self) -> str:
        """The words in English."""
        return self.say(ENGLISH)


def either(values: list[str]) -> Filling:
    """One of these, "1 or 2"."""
    *others, last = values
    return Sentence("list.either", "{some} or {last}", {"some": either(others), "last": last}) if others else last


def together(values: list[str]) -> Filling:
    """All of these, "1, 2 and 3"."""
    *others, last = values
    return Sentence("list.and", "{some} and {last}", {"some": ", ".join(others), "last": last}) if others else last


def _said(filling: Filling, language: Language) -> str:
    if isinstance(filling, Sentence):
        return filling.say(language)
    return language.number(filling) if isinstance(filling, int) else filling


class _English:
    def find(self, sentence: Sentence) -> str:
        return sentence.several if sentence.several and sentence.filled.get("count") != 1 else sentence.text

    def number(self, value: int) -> str:
        return f"{value:,}"


ENGLISH = _English()
