"""A place for a teacher to try answers with a key, before a student does."""

from typing import Annotated

from django.http import HttpRequest
from ninja import Router, Schema
from pydantic import Field

from server.config.schemas import Incoming
from velum.answers.compare import guess
from velum.answers.comparison import Comparison
from velum.answers.number import DecimalSign
from velum.answers.proposals import examples, proposals
from velum.kinds.answer_box import ANSWER_BOX, AnswerBoxAnswer, AnswerBoxKey, Written
from velum.marking.mark import Verdict

router = Router()


class TryingIn(Incoming):
    key: AnswerBoxKey
    decimal: DecimalSign = "."
    answers: Annotated[tuple[Written, ...], Field(max_length=50)] = ()


class Tried(Schema):
    """An answer, and what would be said of it."""

    answer: str
    verdict: Verdict
    reason: str


class TryingOut(Schema):
    guessed: Comparison
    """By what answers are compared where the teacher did not say."""
    proposals: list[str]
    examples: list[Tried]
    answers: list[Tried]


@router.post("/trying", response=TryingOut, operation_id="try_answers")
def try_answers(request: HttpRequest, body: TryingIn) -> TryingOut:
    """What would be said of answers with this key. Nothing is kept."""
    key = body.key
    guessed = guess(key.text, body.decimal)
    accepted = {key.text, *key.also}

    def tried(answer: str) -> Tried:
        mark = ANSWER_BOX.mark(ANSWER_BOX.example[0], key, AnswerBoxAnswer(text=answer), body.decimal)
        return Tried(answer=answer, verdict=mark.verdict, reason=mark.reason.words)

    return TryingOut(
        guessed=guessed,
        proposals=[
            text for text in proposals(key.text) if text not in accepted and tried(text).verdict is not Verdict.RIGHT
        ],
        examples=[tried(text) for text in examples(key.text, key.comparison or guessed)],
        answers=[tried(text) for text in body.answers],
    )
