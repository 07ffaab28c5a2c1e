"""What stands around an answer and says nothing of its own: signs, quotes, "the answer is", "about", "it is".

A fair teacher reads past it. What changes what is said, "not" or "or", is never taken away.

>>> list(unwrapped("It is (8)"))
['is (8)', '(8)', '8']
>>> doubts("8 or 9"), doubts("it is not 8"), doubts("eight")
(True, True, False)
"""

import re
from collections.abc import Iterator

from velum.answers.small_words import FILLERS

_SIGNS = re.compile(r"^(?:0b(?=[01]{2})|[=≈~≃≅→⇒∴:•]|[-=]>|\.\.\.|…)\s*(?=\S)")
_STOPS = re.compile(r"\s*[!?,;:.…]+$")
_BRACKETS = {"(": ")", "[": "]", '"': '"', "'": "'", "“": "”", "‘": "’", "«": "»", "„": "“", "»": "«", "*": "*"}

_LEADING = re.compile(
    r"^(?P<word>[^\W\d_]+(?:['’.][^\W\d_]*)?)[:,]?\s+(?=\S)|^(?P<said>answer|ans|a|solution|result)\s*[:=]\s*", re.I
)
_DOUBTS = re.compile(
    r"\b(?:not|no|never|none|neither|nor|or|either|maybe|perhaps|without|except|unless|between|dont|isnt)\b"
    r"|n['’]t\b|\?\s*$",
    re.IGNORECASE,
)
_MOST = 12


def unwrapped(written: str) -> Iterator[str]:
    """The answer with less and less around it, as far as something can be taken away."""
    text = written.strip()
    for _ in range(_MOST):
        less = _with_less(text)
        if less is None or not less:
            return
        text = less
        yield text


def _with_less(text: str) -> str | None:
    if (end := _BRACKETS.get(text[:1])) and text.endswith(end) and len(text) > 2 and text.find(end, 1) == len(text) - 1:
        return text[1:-1].strip()
    if found := _SIGNS.match(text):
        return text[found.end() :]
    found = _LEADING.match(text)
    if found and (found["said"] or found["word"].casefold().replace("’", "'") in FILLERS):
        return text[found.end() :]
    if found := _STOPS.search(text):
        return text[: found.start()]
    return None


def doubts(written: str) -> bool:
    """Whether an answer says no to what stands in it, or leaves open which of several things it is."""
    return _DOUBTS.search(written) is not None
