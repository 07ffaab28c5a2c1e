import unittest
from fractions import Fraction

from velum.answers.comparison import Number, Within, Words
from velum.geometry.box import Box
from velum.kinds.answer_box import ANSWER_BOX, AnswerBox, AnswerBoxAnswer, AnswerBoxKey
from velum.kinds.kind import AnswerRefused
from velum.kinds.part import WHOLE
from velum.kinds.written import Partly, Refused
from velum.mark import Verdict

FIELD = AnswerBox(id="box1", page="page1", box=Box(x=72, y=90, width=120, height=22))


def verdict(key: str, text: str) -> Verdict:
    return ANSWER_BOX.marks(FIELD, AnswerBoxKey(text=key), AnswerBoxAnswer(text=text))[WHOLE].verdict


class AnswerBoxes(unittest.TestCase):
    def test_answers_are_compared_with_the_key(self) -> None:
        self.assertIs(verdict("bladder wrack", "Bladder wrack"), Verdict.RIGHT)
        self.assertIs(verdict("4.80", "4.8"), Verdict.RIGHT)
        self.assertIs(verdict("bladder wrack", "goby"), Verdict.WRONG)

    def refusing(self, text: str, key: AnswerBoxKey) -> tuple[Verdict, Fraction, str]:
        mark = ANSWER_BOX.marks(FIELD, key, AnswerBoxAnswer(text=text))[WHOLE]
        return mark.verdict, mark.share, mark.reason.words

    def test_an_expected_wrong_answer_is_stronger_than_slips_and_tolerance(self) -> None:
        low = Refused(text="low tide", says="That is six hours later.")
        key = AnswerBoxKey(text="high tide", refused=(low,))
        self.assertEqual(self.refusing("Low tide.", key), (Verdict.WRONG, 0, "That is six hours later."))
        self.assertIs(self.refusing("high tide", key)[0], Verdict.RIGHT)
        near = AnswerBoxKey(
            text="10", comparison=Number(tolerance=Within(amount="2")), refused=(Refused(text="9", percent=25),)
        )
        self.assertEqual(self.refusing("9.0", near)[:2], (Verdict.PARTLY, Fraction(1, 4)))
        self.assertIs(self.refusing("11", near)[0], Verdict.RIGHT)
        slips = AnswerBoxKey(text="harbour", comparison=Words(slips=True), refused=(Refused(text="harbor"),))
        self.assertIs(self.refusing("Harbor", slips)[0], Verdict.WRONG)
        self.assertIs(self.refusing("habrour", slips)[0], Verdict.RIGHT)

    def test_the_unit_that_is_printed_beside_the_box_is_right(self) -> None:
        def said(beside: str, text: str, key: str = "4.8") -> Verdict:
            field = FIELD.changed(name=beside)
            return ANSWER_BOX.marks(field, AnswerBoxKey(text=key), AnswerBoxAnswer(text=text))[WHOLE].verdict

        for beside in ("How deep is the water at high tide? (m)", "Depth (in metres)", "Give the depth in metres:"):
            for text in ("4.8 m", "4.8 metres", "480 cm", "4.8"):
                with self.subTest(beside, text=text):
                    self.assertIs(said(beside, text), Verdict.RIGHT)
            self.assertIsNot(said(beside, "4.8 cm"), Verdict.RIGHT)
            self.assertIs(said(beside, "4.9 m"), Verdict.WRONG)
        self.assertIs(said("How deep is it? (2 points)", "4.8 m"), Verdict.TEACHER)
        self.assertIsNot(said("(m)", "4.8 m", key="4.8 km"), Verdict.RIGHT)

    def test_some_answers_are_worth_a_part(self) -> None:
        key = AnswerBoxKey(text="high tide", partly=(Partly(text="tide", percent=50), Partly(text="water", percent=25)))
        self.assertEqual(self.refusing("the tide", key)[:2], (Verdict.PARTLY, Fraction(1, 2)))
        self.assertEqual(self.refusing("water", key)[:2], (Verdict.PARTLY, Fraction(1, 4)))
        self.assertEqual(self.refusing("high tide", key)[:2], (Verdict.RIGHT, 1))
        self.assertIs(self.refusing("watre", key)[0], Verdict.TEACHER)
        self.assertIs(self.refusing("sand", key)[0], Verdict.WRONG)
        # The best of those that fit counts, and what is wholly right is never lowered.
        alike = AnswerBoxKey(text="4", partly=(Partly(text="4.0", percent=50), Partly(text="5", percent=10)))
        self.assertEqual(self.refusing("4.00", alike)[1], 1)

    def test_what_is_accepted_as_it_stands_is_never_refused_for_being_equal(self) -> None:
        key = AnswerBoxKey(text="1/2", refused=(Refused(text="2/4", says="Go on."),))
        self.assertIs(self.refusing("1/2", key)[0], Verdict.RIGHT)
        self.assertIs(self.refusing("0.5", key)[0], Verdict.RIGHT)
        self.assertEqual(self.refusing("2/4", key), (Verdict.WRONG, 0, "Go on."))

    def test_spaces_alone_are_blank(self) -> None:
        self.assertIs(verdict("goby", " \n\t"), Verdict.BLANK)

    def test_eight_pages_of_text_are_read_and_more_is_refused(self) -> None:
        ANSWER_BOX.read_answer(ANSWER_BOX.example[0], {"kind": "answer_box", "text": "x" * 20_000})
        for text in ("x" * 20_001, "a\0b"):
            with self.assertRaises(AnswerRefused):
                ANSWER_BOX.read_answer(ANSWER_BOX.example[0], {"kind": "answer_box", "text": text})
