"""Having the core mark a copy."""

import uuid
from collections import Counter
from collections.abc import Iterable
from fractions import Fraction

from pydantic import TypeAdapter

from server.copies.flows.help import refs_of
from server.copies.flows.read import read_answers
from server.copies.models import LONGEST_REASON, Answer, Copy, StoredMark, Try
from server.handouts.flows.documents import document_of
from server.handouts.models import Handout
from velum.document.key_set import KeySet
from velum.kinds.kind import Json
from velum.kinds.part import PartRef
from velum.mark import Verdict
from velum.marking.copies import Marker, PartMark
from velum.sentence import Sentence

_SENTENCE = TypeAdapter(Sentence)

NOT_RIGHT = (Verdict.WRONG, Verdict.PARTLY)
"""What a check says of an answer that is not right. What waits for the teacher is neither, and costs nothing."""


def marker_of(handout: Handout, keys: KeySet) -> Marker:
    """What marks the copies of a handout by these keys."""
    return Marker(document_of(handout), keys, Fraction(handout.try_cost, 100))


def marks_now(copy: Copy, answers: Iterable[Answer], marker: Marker) -> list[PartMark]:
    """The marks of a copy as it stands, computed anew; the same answers, tries and help give the same marks.

    ``marker`` is the handout's: it remembers what it has marked, so all copies of one are marked with the same.
    """
    tries = tries_not_right(copy.tries.all()) if copy.handout.try_cost else None
    return marker.mark(read_answers(document_of(copy.handout), answers), tries, refs_of(copy.shown_help.all()))


def tries_not_right(tries: Iterable[Try]) -> Counter[PartRef]:
    """How many checks did not find a part right."""
    return Counter(PartRef(attempt.field_id, attempt.part) for attempt in tries if attempt.verdict in NOT_RIGHT)


def tries_used(tries: Iterable[Try]) -> Counter[PartRef]:
    """How many of the tries that a teacher allows are used up.

    What waits for the teacher uses one too: else what is left would tell that the answer is near.
    """
    return Counter(PartRef(attempt.field_id, attempt.part) for attempt in tries if attempt.verdict != Verdict.RIGHT)


def stored(copy_id: uuid.UUID, marked: PartMark) -> StoredMark:
    """A mark as it is kept."""
    return StoredMark(
        copy_id=copy_id,
        field_id=marked.ref.field,
        part=marked.ref.part,
        **said_by(marked),
        sentence=kept(marked.mark.reason),
    )


def said_by(marked: PartMark) -> dict[str, str]:
    """What a mark is compared by with one that is kept, by the names of the columns."""
    return {
        "verdict": marked.mark.verdict.value,
        "earned": str(marked.earned),
        "points": str(marked.points),
        "reason_code": marked.mark.reason.code,
        "reason": marked.mark.reason.words[:LONGEST_REASON],
    }


def kept(reason: Sentence) -> Json:
    """A reason as it is kept, to be said in any language."""
    said: Json = _SENTENCE.dump_python(reason, exclude_defaults=True)
    return said


def reason_of(row: StoredMark | Try) -> Sentence:
    """The reason that was kept."""
    if row.sentence is not None:
        return _SENTENCE.validate_python(row.sentence)
    return Sentence(row.reason_code if isinstance(row, StoredMark) else "", row.reason)
