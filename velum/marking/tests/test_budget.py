"""Whatever stands on a worksheet, marking it takes only so much work, and what is left over is for the teacher."""

import unittest
from collections import Counter
from collections.abc import Callable

from velum.answers.comparison import Words
from velum.document.document import Document
from velum.document.group import Group
from velum.document.key_set import key_set_of
from velum.document.tests.examples import a_document, answer_box
from velum.kinds.answer_box import AnswerBoxAnswer, AnswerBoxKey
from velum.kinds.part import PartRef
from velum.mark import Verdict
from velum.marking.budget import Budget
from velum.marking.copies import Marker, PartMark, mark_copy
from velum.marking.unit import UNREADABLE

WORDS = ("ebb", "flood", "slack", "spring", "neap", "swell", "surf", "spray", "wrack", "kelp")


def sheet(count: int, key: Callable[[int], AnswerBoxKey], *, in_any_order: bool = False) -> Document:
    fields = tuple(answer_box(f"box{number:04}") for number in range(count))
    names = tuple(field.id for field in fields)
    groups = (Group(id="group1", fields=names, any_order=True),) if in_any_order else ()
    keys = {name: key(number) for number, name in enumerate(names)}
    return a_document().changed(fields=fields, keys=keys, groups=groups)


def answered(sheet: Document, text: Callable[[int], str]) -> dict[str, AnswerBoxAnswer]:
    return {field.id: AnswerBoxAnswer(text=text(number)) for number, field in enumerate(sheet.fields)}


def verdicts(marks: list[PartMark]) -> dict[str, int]:
    return dict(Counter(mark.mark.verdict.value for mark in marks))


class Spending(unittest.TestCase):
    def test_all_of_it_may_be_spent_and_no_more(self) -> None:
        budget = Budget(5)
        self.assertTrue(budget.spend(3))
        self.assertFalse(budget.spend(3))
        self.assertTrue(budget.spend(2))
        self.assertEqual(budget.left, 0)
        self.assertFalse(budget.spend(1))


def word(number: int) -> str:
    return f"{WORDS[number % 10]} {WORDS[number // 10 % 10]} {WORDS[number // 100 % 10]}"


class Worksheets(unittest.TestCase):
    def test_ordinary_worksheets_are_marked_whole(self) -> None:
        roots = [f"sqrt(x+{number})+{number}x" for number in range(60)]
        for name, ordinary, text in (
            ("words", sheet(400, lambda n: AnswerBoxKey(text=word(n))), word),
            ("sixty expressions", sheet(60, lambda n: AnswerBoxKey(text=roots[n])), lambda n: roots[n]),
            (
                "forty in any order",
                sheet(40, lambda n: AnswerBoxKey(text=roots[n]), in_any_order=True),
                lambda n: roots[39 - n],
            ),
            (
                "forty of a list of a hundred",
                sheet(40, lambda n: AnswerBoxKey(text="tide", also=tuple(map(word, range(100)))), in_any_order=True),
                word,
            ),
        ):
            with self.subTest(name):
                marks = mark_copy(ordinary, answered(ordinary, text))
                self.assertEqual(verdicts(marks), {"right": len(ordinary.fields)})

    def test_what_is_too_much_is_for_the_teacher(self) -> None:
        many = sheet(
            40, lambda n: AnswerBoxKey(text=word(n), also=tuple(word(n * 99 + i) for i in range(99))), in_any_order=True
        )
        marks = mark_copy(many, answered(many, word))
        self.assertEqual({mark.mark.reason.code for mark in marks}, {"marking.too_much"})
        long = Words(contains=True, slips=True)
        crowded = sheet(60, lambda n: AnswerBoxKey(text="harbour light " * 50, comparison=long))
        marks = mark_copy(crowded, answered(crowded, lambda n: "habrour lihgt " * 50))
        self.assertEqual(marks[0].mark.verdict, Verdict.RIGHT)
        self.assertEqual(marks[-1].mark.reason.code, "marking.too_much")

    def test_a_copy_has_the_same_marks_alone_and_among_others(self) -> None:
        crowded = sheet(300, lambda n: AnswerBoxKey(text=f"{n}x + 1"))
        answers = answered(crowded, lambda n: f"1 + {n}x")
        marker = Marker(crowded, key_set_of(crowded))
        self.assertEqual(marker.mark(answers), mark_copy(crowded, answers))
        self.assertEqual(marker.mark(answers), mark_copy(crowded, answers))
        self.assertIn("teacher", verdicts(marker.mark(answers)))

    def test_one_part_is_marked_as_in_its_copy(self) -> None:
        both = sheet(3, lambda n: AnswerBoxKey(text=WORDS[n]), in_any_order=True)
        answers = answered(both, lambda n: WORDS[2 - n])
        marker = Marker(both, key_set_of(both))
        self.assertEqual(marker.fields_for("box0001"), tuple(answers))
        for marked in mark_copy(both, answers):
            self.assertEqual(marker.mark_part(answers, marked.ref), marked)
        self.assertIsNone(marker.mark_part(answers, PartRef("gone")))
        self.assertEqual(marker.fields_for("gone"), ())

    def test_an_answer_that_cannot_be_read_is_for_the_teacher_and_stops_no_other(self) -> None:
        for in_any_order in (False, True):
            boxes = sheet(2, lambda n: AnswerBoxKey(text=WORDS[n]), in_any_order=in_any_order)
            marks = mark_copy(boxes, answered(boxes, lambda n: WORDS[n]) | {"box0001": UNREADABLE})
            self.assertEqual(marks[1].mark.reason.code, "answer.unreadable")
            self.assertEqual(marks[0].mark.verdict, Verdict.TEACHER if in_any_order else Verdict.RIGHT)
