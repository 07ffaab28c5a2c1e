"""Signs of algebra that are said in words: "x is greater than 3", "6 root 2", "x squared".

>>> in_signs("x is at least 3"), in_signs("6 root 2"), in_signs("+/- 3")
('x ≥ 3', '6 √2', '± 3')
"""

import re

_SAID = (
    (r"(?:\bis|\bare)? ?(?:\bgreater than or equal to|\bat least|\bnot less than)\b", " ≥"),
    (r"(?:\bis|\bare)? ?(?:\bless than or equal to|\bat most|\bnot (?:more|greater) than)\b", " ≤"),
    (r"(?:\bis|\bare)? ?\b(?:greater|more|bigger|larger) than\b", " >"),
    (r"(?:\bis|\bare)? ?\b(?:less|smaller) than\b", " <"),
    (r"\b(?:is equal to|equals|is)\b", "="),
    (r"\b(?:the )?(?:square )?root (?:of )?", "√"),
    (r"\bsqrt ?(?=\d)", "√"),
    (r" ?\bsquared\b", "^2"),
    (r" ?\bcubed\b", "^3"),
    (r"\bexp ?(?=\()", "e^"),
    (r"\b(?:times|multiplied by)\b", "*"),
    (r"\bdivided by\b", "/"),
    (r"\bplus\b", "+"),
    (r"\bminus\b", "-"),
)
_IN_SIGNS = tuple((re.compile(pattern, re.IGNORECASE), sign) for pattern, sign in _SAID)
_BOTH = re.compile(r"\+ ?/ ?[-−]")
_WORD = re.compile(r"[a-zA-Z]{2}")


def in_signs(written: str) -> str:
    """The same with signs for what is said in words."""
    text = _BOTH.sub("±", written)
    if _WORD.search(text):
        for pattern, sign in _IN_SIGNS:
            text = pattern.sub(sign, text)
    return " ".join(text.split())
