import unittest

from velum.geometry.box import Box
from velum.kinds.answer_box import ANSWER_BOX, AnswerBox, AnswerBoxAnswer, AnswerBoxKey
from velum.kinds.kind import AnswerRefused
from velum.kinds.part import WHOLE
from velum.mark import Verdict

FIELD = AnswerBox(id="box1", page="page1", box=Box(x=72, y=90, width=120, height=22))


def verdict(key: str, text: str) -> Verdict:
    return ANSWER_BOX.marks(FIELD, AnswerBoxKey(text=key), AnswerBoxAnswer(text=text))[WHOLE].verdict


class AnswerBoxes(unittest.TestCase):
    def test_answers_are_compared_with_the_key(self) -> None:
        self.assertIs(verdict("bladder wrack", "Bladder wrack"), Verdict.RIGHT)
        self.assertIs(verdict("4.80", "4.8"), Verdict.RIGHT)
        self.assertIs(verdict("bladder wrack", "goby"), Verdict.WRONG)

    def test_spaces_alone_are_blank(self) -> None:
        self.assertIs(verdict("goby", " \n\t"), Verdict.BLANK)

    def test_eight_pages_of_text_are_read_and_more_is_refused(self) -> None:
        ANSWER_BOX.read_answer(ANSWER_BOX.example[0], {"kind": "answer_box", "text": "x" * 20_000})
        for text in ("x" * 20_001, "a\0b"):
            with self.assertRaises(AnswerRefused):
                ANSWER_BOX.read_answer(ANSWER_BOX.example[0], {"kind": "answer_box", "text": text})
