import unittest
from fractions import Fraction

from velum.document.key_set import key_set_of
from velum.document.tests.examples import a_document, answer_box
from velum.kinds import KINDS
from velum.kinds.answer_box import AnswerBoxAnswer
from velum.kinds.help import HelpRef, HintHelp
from velum.kinds.part import PartRef
from velum.mark import Verdict
from velum.marking.copies import Marker
from velum.model import Model

CRAB = AnswerBoxAnswer(text="crab")


class Help(unittest.TestCase):
    def setUp(self) -> None:
        helps = (
            HintHelp(id="free1"),
            HintHelp(id="quarter1", cost=25),
            HintHelp(id="half1", cost=50),
            HintHelp(id="third1", cost=33),
            HintHelp(id="all1", cost=100),
        )
        boxes = (answer_box("box1", points=2).changed(help=helps), answer_box("box2", y=300))
        self.sheet = a_document(*boxes, keys={"box1": "crab", "box2": "crab"})

    def earned(self, *helped: str, tries: int = 0, text: str = "crab") -> Fraction:
        marker = Marker(self.sheet, key_set_of(self.sheet), Fraction(1, 4))
        answers = {"box1": AnswerBoxAnswer(text=text), "box2": CRAB}
        refs = [HelpRef("box1", name) for name in helped]
        one, other = marker.mark(answers, {PartRef("box1"): tries}, refs)
        self.assertEqual(other.earned, 1, "what it is not about keeps its points")
        return one.earned

    def test_each_takes_its_share_once_and_never_more_than_there_is(self) -> None:
        for helped, earned in (
            ((), 2),
            (("free1",), 2),
            (("quarter1",), Fraction(3, 2)),
            (("quarter1", "quarter1"), Fraction(3, 2)),
            (("quarter1", "half1"), Fraction(1, 2)),
            (("third1",), 2 * Fraction(67, 100)),
            (("all1", "half1"), 0),
            (("gone1",), 2),
        ):
            self.assertEqual(self.earned(*helped), earned, helped)

    def test_tries_cost_besides(self) -> None:
        self.assertEqual(self.earned("quarter1", tries=1), 1)
        self.assertEqual(self.earned("half1", tries=9), 0)

    def test_what_is_wrong_or_blank_loses_nothing_more(self) -> None:
        self.assertEqual(self.earned("half1", text="gull"), 0)
        self.assertEqual(self.earned("half1", text=""), 0)

    def test_the_reason_says_so(self) -> None:
        marker = Marker(self.sheet, key_set_of(self.sheet))
        mark = marker.mark({"box1": CRAB}, helped=[HelpRef("box1", "quarter1")])[0].mark
        self.assertIs(mark.verdict, Verdict.RIGHT)
        self.assertIn("25 %", mark.reason.words)
        free = marker.mark({"box1": CRAB}, helped=[HelpRef("box1", "free1")])[0].mark
        self.assertNotIn("help", free.reason.words)

    def test_a_check_says_nothing_of_it(self) -> None:
        marked = Marker(self.sheet, key_set_of(self.sheet)).mark_part({"box1": CRAB}, PartRef("box1"))
        assert marked
        self.assertEqual(marked.earned, 2)

    def test_help_on_one_question_of_a_field_costs_that_one_alone(self) -> None:
        field, key, answer = KINDS["gaps"].example
        first, *others = field.parts
        for part, costs in ((first.id, [first.id]), (None, [each.id for each in field.parts])):
            helped = field.changed(help=(HintHelp(id="help1", part=part, cost=50),))
            sheet = a_document(helped).changed(keys={field.id: key})
            marks = Marker(sheet, key_set_of(sheet)).mark({field.id: answer}, helped=[HelpRef(field.id, "help1")])
            self.assertEqual([mark.ref.part for mark in marks if mark.earned < mark.points], costs)
        self.assertTrue(others)
        self.assertIsInstance(field, Model)
