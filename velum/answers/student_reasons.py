"""What a student may learn of a mark by checking an answer, where the teacher shows reasons.

The teacher's reasons say more than a student may learn while answering: that only the unit is missing says that the
number is right. What waits for the teacher says nothing of the answer; what is not right says no more than what every
teacher says in class. No sentence for students has anything filled in: no value, no unit, no count.
"""

from velum.answers import reasons
from velum.mark import Verdict
from velum.sentence import Sentence

WAITS = Sentence("student.waits", "your teacher looks at this one")
NOT_IT = Sentence("student.not_it", "not what was asked for")
SPELLING = Sentence("student.spelling", "right, but look at the spelling")
_AS_IT_IS = frozenset(
    reason.code
    for reason in (
        reasons.NOT_LOWEST,
        reasons.NOT_ROUNDED,
        reasons.OTHER_FORM,
        reasons.OTHER_CASE,
        reasons.OTHER_STOP,
        reasons.UNIT_MISSING,
        reasons.WORDS_MISSING,
    )
) | {"picked.other", "picked.not_all", "same_again"}
"""Reasons why something is not right that are about how it is written, or what the teacher has asked for."""


def for_student(reason: Sentence, verdict: Verdict) -> Sentence | None:
    """What a student is told instead of the teacher's reason; None: no more than the verdict."""
    if verdict is Verdict.TEACHER:
        return WAITS
    if verdict is Verdict.RIGHT:
        return SPELLING if reason.code == "slips" else None
    if reason.code == "expected":
        return reason  # the teacher's own words for the student
    return reason if reason.code in _AS_IT_IS else NOT_IT
