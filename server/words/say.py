"""Sentences of the core and the server as a reader is told them."""

from django.utils.formats import number_format
from django.utils.translation import npgettext, pgettext

from velum.sentence import Sentence


def say(sentence: Sentence) -> str:
    """The sentence in the language of the request."""
    return sentence.say(_ACTIVE)


class _Active:
    """The language that Django has activated. Sentences are found by their codes, which stand as their contexts."""

    def find(self, sentence: Sentence) -> str:
        if sentence.several and isinstance(count := sentence.filled.get("count"), int):
            return npgettext(sentence.code, sentence.text, sentence.several, count)
        # What nobody has put into words, such as a teacher's own note, is in no catalogue and stays as it is.
        return pgettext(sentence.code, sentence.text) if sentence.text else ""

    def number(self, value: int) -> str:
        return number_format(value, force_grouping=True)


_ACTIVE = _Active()
