"""A place for a teacher to try answers with a key, before a student does."""

from typing import Annotated

from django.http import HttpRequest
from ninja import Router, Schema
from pydantic import Field

from server.entrance.schemas import Incoming
from server.words.say import say
from velum.answers.compare import guess, second_guess
from velum.answers.comparison import Comparison
from velum.answers.following import as_written
from velum.answers.proposals import examples, proposals
from velum.answers.quantity import has_unit
from velum.answers.settings import PLAIN, AnswerSettings
from velum.kinds.answer_box import ANSWER_BOX, AnswerBoxAnswer, AnswerBoxKey, worked_out_by_keys
from velum.kinds.part import WHOLE
from velum.kinds.written import Written
from velum.mark import Verdict
from velum.model import Id

router = Router()


class TryingIn(Incoming):
    key: AnswerBoxKey
    settings: AnswerSettings = PLAIN
    earlier: Annotated[dict[Id, AnswerBoxKey], Field(default_factory=dict, max_length=200)]
    """The keys of earlier fields that the key follows from."""
    answers: Annotated[tuple[Written, ...], Field(max_length=50)] = ()


class Tried(Schema):
    """An answer, and what would be said of it."""

    answer: str
    verdict: Verdict
    reason: str


class TryingOut(Schema):
    guessed: Comparison
    """By what answers are compared where the teacher did not say."""
    second: Comparison | None
    """By what else the key could be compared, where it can be read in another way too."""
    has_unit: bool
    """Whether a unit stands in the key: only then there is something to settle about it."""
    follows: str | None
    """What the key comes to by the earlier keys that it follows from; nothing: it does not, or cannot be worked out."""
    proposals: list[str]
    examples: list[Tried]
    answers: list[Tried]


@router.post("/trying", response=TryingOut, operation_id="try_answers")
def try_answers(request: HttpRequest, body: TryingIn) -> TryingOut:
    """What would be said of answers with this key. Nothing is kept."""
    key = body.key
    guessed = guess(key.text, body.settings.decimal)
    accepted = {key.text, *key.also}

    def tried(answer: str) -> Tried:
        mark = ANSWER_BOX.marks(ANSWER_BOX.example[0], key, AnswerBoxAnswer(text=answer), body.settings)[WHOLE]
        return Tried(answer=answer, verdict=mark.verdict, reason=say(mark.reason))

    return TryingOut(
        guessed=guessed,
        second=second_guess(key.text, body.settings.decimal),
        has_unit=any(has_unit(text, body.settings.decimal) for text in accepted),
        follows=_follows(body),
        proposals=[
            text for text in proposals(key.text) if text not in accepted and tried(text).verdict is not Verdict.RIGHT
        ],
        examples=[tried(text) for text in examples(key.text, key.comparison or guessed)],
        answers=[tried(text) for text in body.answers],
    )


def _follows(body: TryingIn) -> str | None:
    if body.key.follows is None:
        return None
    value = worked_out_by_keys(body.key.follows, body.earlier, body.settings)
    return None if value is None else as_written(value, body.key.text, body.settings.decimal)
