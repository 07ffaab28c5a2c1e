import unittest

from pydantic import ValidationError

from velum.answers.settings import PLAIN
from velum.kinds.choice import CHOICE, Choice, ChoiceAnswer, ChoiceKey, Option, worded
from velum.kinds.kind import AnswerRefused
from velum.kinds.part import WHOLE
from velum.kinds.tick_places import TICK_PLACES, TickPlacesAnswer
from velum.mark import Verdict

FIELD = CHOICE.example[0]
KEY = ChoiceKey(picked=(FIELD.options[1].id,))


class PickingById(unittest.TestCase):
    def test_an_option_taken_away_changes_no_other(self) -> None:
        shorter = FIELD.changed(options=FIELD.options[1:])
        self.assertIs(CHOICE.marks(shorter, KEY, ChoiceAnswer(picked=KEY.picked))[WHOLE].verdict, Verdict.RIGHT)

    def test_a_key_whose_option_is_gone_is_doubtful_and_decides_nothing(self) -> None:
        left = Choice(**{**FIELD.model_dump(), "options": (*worded("splash zone"), Option(id="newer"))})
        self.assertIn("no longer there", str(CHOICE.doubt(left, KEY, PLAIN)))
        self.assertIs(CHOICE.marks(left, KEY, ChoiceAnswer(picked=("newer",)))[WHOLE].verdict, Verdict.TEACHER)

    def test_answers_that_named_places_are_read(self) -> None:
        self.assertEqual(CHOICE.read_answer(FIELD, {"kind": "choice", "picked": [2, 0, 9]}).picked, ("opt00", "opt02"))
        ticks = TICK_PLACES.example[0]
        self.assertEqual(
            TICK_PLACES.read_answer(ticks, {"kind": "tick_places", "picked": [1]}), TickPlacesAnswer(picked=("opt01",))
        )

    def test_what_is_not_offered_is_not_picked(self) -> None:
        with self.assertRaises(AnswerRefused) as caught:
            CHOICE.read_answer(FIELD, {"kind": "choice", "version": 2, "picked": ["other"]})
        self.assertEqual(caught.exception.code, "answer.no_option")

    def test_two_options_of_one_id_are_none(self) -> None:
        with self.assertRaises(ValidationError):
            FIELD.changed(options=(FIELD.options[0], FIELD.options[0]))
