"""Codes that are read off a whiteboard and typed by a child.

No vowels, so that no code is a word, and nothing that looks like something else.
"""

import secrets

ALPHABET = "BCDFGHJKMNPQRTVWXYZ346789"
LENGTH = 6
"""25 to the 6th: 244 million codes."""
CLASS_LENGTH = 5
"""A class's code is shorter: it opens nothing by itself, and it is told from others by its length."""


def new_code(length: int = LENGTH) -> str:
    return "".join(secrets.choice(ALPHABET) for _ in range(length))


def read_code(typed: str) -> str:
    """The code that was meant by what somebody typed: small letters, spaces and hyphens do not matter."""
    return "".join(letter for letter in typed.upper() if letter.isalnum())[:LENGTH]


def shown(code: str) -> str:
    """A code as it is shown: in two halves."""
    return f"{code[: LENGTH // 2]} {code[LENGTH // 2 :]}"
