import unittest

from pydantic import ValidationError

from velum.answers.settings import PLAIN
from velum.kinds.gaps import GAPS, Gap, GapEntry, Gaps, GapsAnswer, GapsKey, Stretch
from velum.kinds.kind import AnswerRefused
from velum.kinds.written import Partly, Refused
from velum.kinds.written_parts import PartRight
from velum.mark import Verdict

FIELD, _key, _ = GAPS.example
assert _key
KEY = _key
SEA, TWICE = (part.id for part in FIELD.parts)


def marks(*texts: tuple[str, str], key: GapsKey = KEY, field: Gaps = FIELD) -> list[Verdict]:
    return [mark.verdict for mark in GAPS.marks(field, key, GapsAnswer(texts=texts)).values()]


class Marking(unittest.TestCase):
    def test_a_gap_that_is_typed_is_compared_as_an_answer_box_is(self) -> None:
        self.assertEqual(marks((SEA, " The Ocean ")), [Verdict.RIGHT, Verdict.BLANK])
        self.assertEqual(marks((SEA, "land")), [Verdict.WRONG, Verdict.BLANK])

    def test_what_is_chosen_is_right_or_not(self) -> None:
        self.assertEqual(marks((TWICE, "twice")), [Verdict.BLANK, Verdict.RIGHT])
        self.assertEqual(marks((TWICE, "once")), [Verdict.BLANK, Verdict.WRONG])
        self.assertEqual(marks((TWICE, "twic")), [Verdict.BLANK, Verdict.WRONG])

    def test_what_is_chosen_may_be_worth_a_part_or_be_told_why_not(self) -> None:
        wanted = PartRight(
            part=TWICE,
            text="twice",
            partly=(Partly(text="hourly", percent=30),),
            refused=(Refused(text="once", says="Count again."),),
        )
        found = [
            GAPS.marks(FIELD, GapsKey(right=(wanted,)), GapsAnswer(texts=((TWICE, word),)))[TWICE]
            for word in ("hourly", "once")
        ]
        self.assertEqual([mark.verdict for mark in found], [Verdict.PARTLY, Verdict.WRONG])
        self.assertEqual(float(found[0].share), 0.3)
        self.assertIn("Count again.", str(found[1].reason.filled))

    def test_a_gap_without_a_key_waits_for_the_teacher(self) -> None:
        key = GapsKey(right=KEY.right[:1])
        self.assertEqual(marks((SEA, "sea"), (TWICE, "twice"), key=key), [Verdict.RIGHT, Verdict.TEACHER])
        self.assertEqual(GAPS.parts_without_key(FIELD, key), [TWICE])


class Keys(unittest.TestCase):
    def test_a_key_for_what_is_chosen_is_one_of_the_words(self) -> None:
        self.assertIsNone(GAPS.key_from_text(FIELD, TWICE, "thrice", KEY))
        made = GAPS.key_from_text(FIELD, TWICE, " HOURLY", KEY)
        assert made
        self.assertEqual({right.part: right.text for right in made.right}, {SEA: "sea", TWICE: "hourly"})

    def test_a_right_word_that_cannot_be_chosen_is_doubtful(self) -> None:
        key = GapsKey(right=(PartRight(part=TWICE, text="thrice"),))
        found = GAPS.doubt(FIELD, key, PLAIN)
        self.assertEqual(found and found.code, "doubt.not_offered")

    def test_a_key_of_a_gap_that_is_gone_is_doubtful(self) -> None:
        key = GapsKey(right=(*KEY.right, PartRight(part="gap9", text="x")))
        found = GAPS.doubt(FIELD, key, PLAIN)
        self.assertEqual(found and found.code, "doubt.part_gone")

    def test_another_answer_is_accepted_for_its_gap_alone(self) -> None:
        made = GAPS.accepting(FIELD, SEA, KEY, GapsAnswer(texts=((SEA, "water"), (TWICE, "once"))))
        assert made
        self.assertEqual(marks((SEA, "water"), (TWICE, "once"), key=made), [Verdict.RIGHT, Verdict.WRONG])


class Forms(unittest.TestCase):
    def test_gaps_are_those_of_the_passage(self) -> None:
        for gaps, passage in (((Gap(id="gap7"),), ()), ((), (Stretch(gap="gap7"),))):
            with self.assertRaises(ValidationError):
                FIELD.changed(gaps=gaps, passage=passage)

    def test_a_passage_may_be_long_but_not_endless(self) -> None:
        FIELD.changed(gaps=(), settled={}, passage=(Stretch(text="a" * 10_000), Stretch(text="b" * 10_000)))
        with self.assertRaisesRegex(ValidationError, "20000 letters"):
            FIELD.changed(gaps=(), settled={}, passage=(Stretch(text="a" * 10_000), Stretch(text="b" * 10_001)))

    def test_a_passage_without_gaps_is_one_question(self) -> None:
        self.assertEqual([part.id for part in FIELD.changed(gaps=(), passage=()).parts], [""])

    def test_only_a_gap_that_is_there_is_filled(self) -> None:
        with self.assertRaises(AnswerRefused) as caught:
            GAPS.read_entry(FIELD, "gap9", GapEntry(text="sea").model_dump())
        self.assertEqual(caught.exception.code, "answer.no_part")
        with self.assertRaises(AnswerRefused):
            GAPS.read_answer(FIELD, GapsAnswer(texts=((SEA, "a"), (SEA, "b"))).model_dump())
