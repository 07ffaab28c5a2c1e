import unittest
from fractions import Fraction
from typing import Any

from velum.answers.settings import PLAIN
from velum.kinds.kind import AnswerRefused
from velum.kinds.order import ORDER, Order, OrderAnswer, OrderKey
from velum.kinds.part import WHOLE
from velum.mark import Verdict

FIELD: Order = ORDER.example[0]
KEY: OrderKey | None = ORDER.example[1]


def mark(order: str, **settings: Any) -> tuple[Verdict, Fraction]:
    found = ORDER.marks(FIELD.changed(**settings), KEY, OrderAnswer(sequence=tuple(order.split())))[WHOLE]
    return found.verdict, found.share


class PutInOrder(unittest.TestCase):
    def test_pairs_in_the_right_order_count(self) -> None:
        self.assertEqual(mark("dawn noon dusk"), (Verdict.RIGHT, 1))
        self.assertEqual(mark("noon dawn dusk"), (Verdict.PARTLY, Fraction(2, 3)))
        self.assertEqual(mark("dawn dusk"), (Verdict.PARTLY, Fraction(1, 3)))
        self.assertEqual(mark("dusk noon dawn"), (Verdict.WRONG, 0))
        self.assertEqual(mark(""), (Verdict.BLANK, 0))

    def test_all_or_nothing(self) -> None:
        self.assertEqual(mark("noon dawn dusk", counted="all"), (Verdict.WRONG, 0))
        self.assertEqual(mark("dawn noon dusk", counted="all"), (Verdict.RIGHT, 1))

    def test_an_answer_names_places_that_are_there_once(self) -> None:
        for order in (["dawn", "dawn"], ["midnight"], ["dawn", 7], "dawn"):
            with self.assertRaises(AnswerRefused):
                ORDER.read_answer(FIELD, {"kind": "order", "version": 1, "sequence": order})

    def test_an_order_is_written_by_letters_or_by_what_is_printed(self) -> None:
        for text in ("C A B", "cab", "C, A, B", "C > A > B", "the lamp is put out, the boat comes, the lamp is lit"):
            self.assertEqual(ORDER.key_from_text(FIELD, WHOLE, text, None), KEY, text)
        for text in ("A A B", "A B D", "A B", "the lamp", ""):
            self.assertIsNone(ORDER.key_from_text(FIELD, WHOLE, text, None), text)

    def test_a_place_that_is_gone_is_told(self) -> None:
        self.assertIsNotNone(ORDER.doubt(FIELD, OrderKey(sequence=("dawn", "midnight")), PLAIN))
