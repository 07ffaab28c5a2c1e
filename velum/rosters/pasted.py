"""Names that a teacher pastes: one a line, "Family, Given", or columns copied from elsewhere."""

import re

from velum.rosters.columns import read_columns
from velum.rosters.roster import Roster, RosterRefused, too_large

MOST_LETTERS = 1_000_000

_COUNTED = re.compile(r"^\s*(?:\d{1,4}\s*[.):]|[-*•‣◦])\s+(?=\S)")
"""A number or a sign at the beginning of a line of a list."""


def read_pasted(text: str) -> Roster:
    """The students that were pasted. Raises RosterRefused when there is nobody, or too much."""
    if len(text) > MOST_LETTERS:
        raise too_large()
    lines = text.splitlines()
    if "\t" in text:
        rows = [line.split("\t") for line in lines]
        family_first = False
    elif sum(";" in line for line in lines) * 2 > sum(1 for line in lines if line.strip()):
        rows = [line.split(";") for line in lines]
        family_first = False
    else:
        # Commas: "Family, Given", and with them an address or a number, in any order.
        rows = [_COUNTED.sub("", line).split(",") for line in lines]
        family_first = True
    read = read_columns(rows, family_first=family_first)
    if not read.students and not read.left_out:
        raise RosterRefused("roster.empty", "There are no names here yet. Write one a line.")
    return read
