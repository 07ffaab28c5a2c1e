"""Right answers that follow from a student's own earlier ones."""

import unittest
from fractions import Fraction

from velum.document.document import Document
from velum.document.key_set import key_set_of
from velum.document.look_over import look_over
from velum.document.tests.examples import answer_box, page
from velum.kinds.answer_box import AnswerBoxAnswer, AnswerBoxKey, Follows
from velum.kinds.part import PartRef
from velum.kinds.written import Refused
from velum.mark import Verdict
from velum.marking.copies import Marker, mark_copy


def worksheet(**changed: object) -> Document:
    """3a: how many litres a lamp burns in a night; 3b: in a week; 3c: what that costs."""
    keys = {
        "burn": AnswerBoxKey(text="3"),
        "week": AnswerBoxKey(text="21 l", follows=Follows(rule="7 × {burn}")),
        "cost": AnswerBoxKey(text="£42", follows=Follows(rule="2 × {week}", percent=50)),
    }
    fields = tuple(answer_box(name) for name in keys)
    return Document(title="Oil", pages=(page(),), fields=fields, keys=keys | changed)


def verdicts(document: Document, **answers: str) -> list[tuple[Verdict, Fraction]]:
    given = {name: AnswerBoxAnswer(text=text) for name, text in answers.items()}
    return [(part.mark.verdict, part.mark.share) for part in mark_copy(document, given)]


RIGHT, WRONG = (Verdict.RIGHT, Fraction(1)), (Verdict.WRONG, Fraction(0))
HALF = (Verdict.PARTLY, Fraction(1, 2))


class FollowingOn(unittest.TestCase):
    def test_what_is_right_by_the_key_is_right(self) -> None:
        self.assertEqual(verdicts(worksheet(), burn="3", week="21 l", cost="£42"), [RIGHT, RIGHT, RIGHT])

    def test_what_follows_from_a_wrong_answer_is_right_as_the_teacher_says(self) -> None:
        self.assertEqual(verdicts(worksheet(), burn="4", week="28 litres", cost="£56"), [WRONG, RIGHT, HALF])

    def test_what_follows_from_nothing_is_not_right(self) -> None:
        self.assertEqual(verdicts(worksheet(), burn="4", week="30 l", cost="£42"), [WRONG, WRONG, RIGHT])
        self.assertEqual(verdicts(worksheet(), week="28 l", cost="£56"), [(Verdict.BLANK, Fraction(0)), WRONG, HALF])
        self.assertEqual(verdicts(worksheet(), burn="a lot", week="28 l")[1], WRONG)

    def test_the_answer_of_another_unit_follows_too(self) -> None:
        document = worksheet(burn=AnswerBoxKey(text="3 l"))
        self.assertEqual(verdicts(document, burn="about 4 litres", week="28 l")[1], RIGHT)

    def test_an_answer_that_is_expected_to_be_wrong_stays_so(self) -> None:
        refused = worksheet(
            week=AnswerBoxKey(text="21 l", refused=(Refused(text="28 l"),), follows=Follows(rule="7 × {burn}"))
        )
        self.assertEqual(verdicts(refused, burn="4", week="28 l")[1], WRONG)

    def test_a_check_of_one_needs_the_answers_that_it_follows_from(self) -> None:
        document = worksheet()
        marker = Marker(document, key_set_of(document))
        self.assertEqual(set(marker.fields_for("week")), {"burn", "week"})
        self.assertEqual(set(marker.fields_for("burn")), {"burn"})
        given = {"burn": AnswerBoxAnswer(text="4"), "week": AnswerBoxAnswer(text="28 l")}
        part = marker.mark_part(given, PartRef("week", ""))
        assert part
        self.assertEqual(part.mark.verdict, Verdict.RIGHT)

    def test_circles_and_what_cannot_be_worked_out_stop_nothing(self) -> None:
        rules = ("{week}", "{week} + {cost}", "7 / 0 × {burn}", "((((", "{burn}^{burn}^{burn}", "x + {burn}", "{gone}")
        for rule in (*rules, "9" * 200):
            document = worksheet(week=AnswerBoxKey(text="21", follows=Follows(rule=rule)))
            with self.subTest(rule):
                self.assertEqual(verdicts(document, burn="99999", week="5")[1][0], Verdict.WRONG)

    def test_two_that_follow_from_each_other_are_not_right_by_that(self) -> None:
        document = worksheet(week=AnswerBoxKey(text="21", follows=Follows(rule="{cost} / 2")))
        self.assertEqual(verdicts(document, week="5", cost="£10")[1:], [WRONG, HALF])

    def test_the_look_over_tells_what_does_not_fit(self) -> None:
        def words(rule: str) -> list[str]:
            document = worksheet(week=AnswerBoxKey(text="21 l", follows=Follows(rule=rule)))
            return [found.words.code for found in look_over(document) if found.words]

        self.assertEqual(words("7 × {burn}"), [])
        self.assertEqual(words("8 × {burn}"), ["doubt.follows_differs"])
        self.assertEqual(words("7 × {gone}"), ["doubt.follows_gone"])
        self.assertEqual(words("{cost} / 2"), ["doubt.follows_gone"])
        self.assertEqual(words("7 × {burn} ("), ["doubt.follows_unclear"])
