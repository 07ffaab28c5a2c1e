"""Tables of answers and of what a fair teacher decides, to develop on and to report on.

Each file in tables/ has keys, and under each the answers of a class: right ("+"), not right ("-"), and those that a
teacher wants to look at ("?").
"""

from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Literal

from velum.mark import Verdict

Part = Literal["develop", "report"]

VERDICTS = {"+": Verdict.RIGHT, "-": Verdict.WRONG, "?": Verdict.TEACHER}
_FOLDER = Path(__file__).parent / "tables"


@dataclass(frozen=True, slots=True)
class Case:
    subject: str
    key: str
    written: str
    verdict: Verdict


def cases(part: Part) -> Iterator[Case]:
    """All cases of a table. Raises ValueError on a line that is none."""
    subject = key = ""
    for line in (_FOLDER / f"{part}.txt").read_text().splitlines()[2:]:
        sign, _, rest = line.partition(" ")
        if sign == "==":
            subject = rest
        elif sign == ":":
            key = rest
        elif sign in VERDICTS:
            yield from (Case(subject, key, written.strip(), VERDICTS[sign]) for written in rest.split(" ¦ "))
        elif line:
            raise ValueError(line)
