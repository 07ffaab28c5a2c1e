"""Put in order: students press what is printed in its order, and a number is written there."""

import re
from collections.abc import Sequence
from fractions import Fraction
from itertools import combinations
from typing import Annotated, Literal

from pydantic import AfterValidator
from pydantic import Field as Limits

from velum.answers.settings import AnswerSettings
from velum.answers.text import normalise
from velum.geometry.box import Box
from velum.geometry.share import Share
from velum.geometry.turn import Turn, turned_share
from velum.kinds.kind import AnswerBase, AnswerRefused, FieldBase, KeyBase, Kind, PromptBase, alone
from velum.kinds.part import Name
from velum.mark import Mark, partly, right, wrong
from velum.model import Id, Model, each_named_once
from velum.sentence import Sentence

MOST_STEPS = 40
STEP_SIZE = 18.0
"""Points that the place of a number is wide and high."""

IN_ORDER = Sentence("order.right", "in the right order")
OTHER_ORDER = Sentence("order.other", "in another order")
NOT_ALL = Sentence("order.not_all", "not all are numbered")
GONE = Sentence("doubt.step_gone", "A place that the key names is no longer there.")


def right_pairs(count: int, wanted: int) -> Sentence:
    return Sentence.counted(
        "order.pairs",
        "{count} of {wanted} pairs stands in the right order",
        "{count} of {wanted} pairs stand in the right order",
        count,
        {"wanted": wanted},
    )


class Step(Model):
    """A place where a number is written. ``x`` and ``y`` are its middle, in shares of the field's box."""

    id: Id
    x: Share
    y: Share
    name: Name = ""
    """What is printed there, for those who do not see it."""


Steps = Annotated[tuple[Step, ...], Limits(min_length=2, max_length=MOST_STEPS), AfterValidator(each_named_once)]


class Order(FieldBase):
    kind: Literal["order"] = "order"
    steps: Steps
    counted: Literal["all", "pairs"] = "pairs"
    """All or nothing, or the pairs that stand in the right order."""

    def turned(self, page: str, by: Turn, width: float, height: float) -> "Order":
        """The places turn with the box that they are shares of."""
        turned = super().turned(page, by, width, height)
        if not self.lies_on(page):
            return turned
        places = ((step, turned_share(step.x, step.y, by)) for step in self.steps)
        return turned.changed(steps=tuple(step.changed(x=x, y=y) for step, (x, y) in places))


def _once(order: tuple[str, ...]) -> tuple[str, ...]:
    if len(set(order)) < len(order):
        raise ValueError("names a place twice")
    return order


InOrder = Annotated[tuple[Id, ...], Limits(max_length=MOST_STEPS), AfterValidator(_once)]
"""Places by their ids, the first one first."""


class OrderKey(KeyBase):
    kind: Literal["order"] = "order"
    sequence: Annotated[InOrder, Limits(min_length=2)]


class OrderPrompt(PromptBase):
    kind: Literal["order"] = "order"
    steps: Steps


class OrderAnswer(AnswerBase):
    kind: Literal["order"] = "order"
    version: Literal[1] = 1
    sequence: InOrder = ()


def _judge(field: Order, key: OrderKey, answer: OrderAnswer, settings: AnswerSettings) -> Mark:
    if answer.sequence == key.sequence:
        return right(IN_ORDER)
    good, wanted = pairs_in_order(answer.sequence, key.sequence)
    if field.counted == "all" or not good:
        return wrong(OTHER_ORDER if len(answer.sequence) == len(key.sequence) else NOT_ALL)
    return partly(Fraction(good, wanted), right_pairs(good, wanted)) if good < wanted else wrong(OTHER_ORDER)


def pairs_in_order(order: Sequence[str], wanted: Sequence[str]) -> tuple[int, int]:
    """How many pairs stand in the wanted order, of how many; what is left out stands in none (Kendall 1938)."""
    at = {name: place for place, name in enumerate(order)}
    pairs = list(combinations(wanted, 2))
    return sum(one in at and other in at and at[one] < at[other] for one, other in pairs), len(pairs)


def _key_from_text(field: Order, part: str, text: str, key: OrderKey | None) -> OrderKey | None:
    """The order as it is written down: by letters of the places, "B D A C", or by what is printed there."""
    letters = re.findall(r"[A-Za-z]", text)
    if letters and not re.sub(r"[A-Za-z\s,;.>→-]", "", text) and len(letters) == len(field.steps):
        places = [ord(letter.lower()) - ord("a") for letter in letters]
        if sorted(places) == list(range(len(field.steps))):
            return OrderKey(sequence=tuple(field.steps[place].id for place in places))
    names = {normalise(step.name): step.id for step in field.steps if step.name}
    said = [names.get(normalise(word)) for word in re.split(r"\s*(?:[,;\n>→])\s*", text.strip()) if word]
    order = tuple(name for name in said if name is not None)
    return OrderKey(sequence=order) if 2 <= len(order) == len(said) == len(set(order)) else None


def _check_answer(field: Order, answer: OrderAnswer) -> None:
    if not set(answer.sequence) <= {step.id for step in field.steps}:
        raise AnswerRefused(
            "answer.no_step", "A place of this order is not on the sheet any more. What was saved stays."
        )


def _doubt(field: Order, key: OrderKey, settings: AnswerSettings) -> Sentence | None:
    return None if set(key.sequence) <= {step.id for step in field.steps} else GONE


_DAWN, _NOON, _DUSK = "dawn", "noon", "dusk"

ORDER = Kind(
    name="order",
    label="Put in order",
    field=Order,
    key=OrderKey,
    prompt_type=OrderPrompt,
    answer=OrderAnswer,
    is_blank=lambda answer: not answer.sequence,
    judge=alone(_judge),
    key_from_text=_key_from_text,
    doubt=_doubt,
    smallest_target=lambda field: (STEP_SIZE, STEP_SIZE),
    steps_of_judging=lambda key, answer: 2 + len(key.sequence) ** 2 // 40,
    check_answer=_check_answer,
    example=(
        Order(
            id="hours1",
            page="page1",
            box=Box(x=72, y=300, width=30, height=120),
            steps=(
                Step(id=_NOON, x=0.5, y=0.1, name="the boat comes"),
                Step(id=_DUSK, x=0.5, y=0.5, name="the lamp is lit"),
                Step(id=_DAWN, x=0.5, y=0.9, name="the lamp is put out"),
            ),
        ),
        OrderKey(sequence=(_DAWN, _NOON, _DUSK)),
        OrderAnswer(sequence=(_DAWN, _NOON, _DUSK)),
    ),
)
