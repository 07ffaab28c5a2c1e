import unittest
from fractions import Fraction
from typing import Any

from hypothesis import given
from hypothesis import strategies as st

from velum.answers.settings import PLAIN
from velum.kinds.joins import JOINS, Dot, Join, Joins, JoinsAnswer, JoinsKey, LineDrawn, line_name, line_named
from velum.kinds.kind import AnswerRefused
from velum.kinds.part import WHOLE
from velum.mark import Verdict

FIELD: Joins = JOINS.example[0]
KEY: JoinsKey | None = JOINS.example[1]


def lines(*pairs: str) -> tuple[Join, ...]:
    return tuple(Join(a=pair.split()[0], b=pair.split()[1]) for pair in pairs)


def mark(*pairs: str, **settings: Any) -> tuple[Verdict, Fraction]:
    found = JOINS.marks(FIELD.changed(**settings), KEY, JoinsAnswer(lines=lines(*pairs)))[WHOLE]
    return found.verdict, found.share


class Marks(unittest.TestCase):
    def test_right_lines_count_and_wrong_ones_against_them(self) -> None:
        self.assertEqual(mark("tern nest", "seal rock"), (Verdict.RIGHT, 1))
        self.assertEqual(mark("nest tern", "rock seal"), (Verdict.RIGHT, 1))
        self.assertEqual(mark("tern nest"), (Verdict.PARTLY, Fraction(1, 2)))
        self.assertEqual(mark("tern nest", "seal nest"), (Verdict.WRONG, 0))
        self.assertEqual(mark("tern nest", "seal rock", "tern rock"), (Verdict.PARTLY, Fraction(1, 2)))
        self.assertEqual(mark("tern rock", "seal nest"), (Verdict.WRONG, 0))

    def test_without_part_marks_all_have_to_be_right(self) -> None:
        self.assertEqual(mark("tern nest", part_marks=False), (Verdict.WRONG, 0))

    def test_the_reason_says_how_many(self) -> None:
        answer = JoinsAnswer(lines=lines("tern nest", "seal rock", "tern rock"))
        reason = JOINS.marks(FIELD, KEY, answer)[WHOLE].reason
        self.assertEqual(reason.words, "2 of 2 lines are right; 1 more is not")


class Entries(unittest.TestCase):
    def test_a_line_is_named_by_its_dots_whichever_came_first(self) -> None:
        for line in lines("tern nest", "nest tern"):
            self.assertEqual(line_name(FIELD, line), "terntonest")
        self.assertEqual(line_named(FIELD, "terntonest"), Join(a="tern", b="nest"))
        for name in ("nesttotern", "terntotern", "ternto", "to", "", "terntogull"):
            self.assertIsNone(line_named(FIELD, name), name)

    def test_dots_with_to_in_their_names_are_told_apart(self) -> None:
        dots = tuple(Dot(id=name, x=0, y=0) for name in ("atoll", "toto", "tototo"))
        field = FIELD.changed(dots=dots)
        for a, b in (("atoll", "toto"), ("toto", "tototo"), ("atoll", "tototo")):
            name = line_name(field, Join(a=a, b=b))
            self.assertEqual(line_named(field, name), Join(a=a, b=b), name)

    def test_what_is_not_there_or_on_the_same_side_is_refused(self) -> None:
        for name, code in (("terntogull", "answer.no_dot"), ("terntoseal", "answer.same_side")):
            with self.assertRaises(AnswerRefused) as caught:
                JOINS.read_entry(FIELD, name, LineDrawn().model_dump())
            self.assertEqual(caught.exception.code, code)
        with self.assertRaises(AnswerRefused):
            JOINS.read_answer(FIELD, JoinsAnswer(lines=lines("tern tern")).model_dump(mode="json"))

    def test_where_one_line_ends_at_each_dot_the_last_one_stands(self) -> None:
        kept = {name: LineDrawn().model_dump() for name in ("terntorock", "terntonest")}
        self.assertEqual(JOINS.read_entries(FIELD, kept).lines, lines("tern nest"))
        many = FIELD.changed(one_each=False)
        self.assertEqual(len(JOINS.read_entries(many, kept).lines), 2)
        kept["terntonest"]["drawn"] = False
        self.assertEqual(JOINS.read_entries(FIELD, kept).lines, lines("tern rock"))

    @given(st.lists(st.tuples(st.sampled_from(["tern", "seal"]), st.sampled_from(["rock", "nest"]), st.booleans())))
    def test_whatever_is_drawn_what_stands_can_be_kept(self, moves: list[tuple[str, str, bool]]) -> None:
        kept: dict[str, Any] = {}
        for a, b, drawn in moves:
            name = line_name(FIELD, Join(a=a, b=b))
            kept.pop(name, None)
            kept[name] = LineDrawn(drawn=drawn).model_dump()
        answer = JOINS.read_entries(FIELD, kept)
        self.assertEqual(JOINS.read_answer(FIELD, answer.model_dump(mode="json")), answer)
        ends = [end for line in answer.lines for end in line.ends]
        self.assertEqual(len(ends), len(set(ends)))


class Keys(unittest.TestCase):
    def test_lines_are_written_by_names_or_by_places(self) -> None:
        for text in ("tern - nest; seal - rock", "tern: nest, seal: rock", "1B 2A", "1-b, 2-a", "1b\n2a"):
            made = JOINS.key_from_text(FIELD, WHOLE, text, None)
            self.assertEqual(
                made and [line.ends for line in made.lines], [line.ends for line in KEY.lines] if KEY else []
            )
        for text in ("tern - gull", "tern - tern", "3A", "1C", "nonsense", "-"):
            self.assertIsNone(JOINS.key_from_text(FIELD, WHOLE, text, None), text)

    def test_a_dot_that_is_gone_is_told(self) -> None:
        self.assertIsNotNone(JOINS.doubt(FIELD, JoinsKey(lines=lines("tern gull")), PLAIN))

    def test_dots_turn_with_their_page(self) -> None:
        once = FIELD.turned("page1", 90, 600, 800)
        self.assertEqual((round(once.dots[0].x, 6), round(once.dots[0].y, 6)), (0.8, 0.1))
        for width, height in ((800, 600), (600, 800), (800, 600)):
            once = once.turned("page1", 90, width, height)
        for before, after in zip(FIELD.dots, once.dots, strict=True):
            self.assertAlmostEqual(before.x, after.x)
            self.assertAlmostEqual(before.y, after.y)
