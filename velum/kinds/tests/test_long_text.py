import unittest

from pydantic import ValidationError

from velum.kinds.long_text import LONG_TEXT, LongTextAnswer, LongTextKey, Wanted
from velum.mark import Mark, Verdict
from velum.rich_text import Paragraph, Run, plain

FIELD = LONG_TEXT.example[0]


def key(*wanted: str, never: tuple[str, ...] = (), **settled: object) -> LongTextKey:
    each = tuple(Wanted(phrases=tuple(phrase.split("|"))) for phrase in wanted)
    return LongTextKey(wanted=each, never=never).changed(**settled)


def mark(text: str, by: LongTextKey) -> Mark:
    return LONG_TEXT.marks(FIELD, by, LongTextAnswer(paragraphs=plain(*text.split("\n"))))[""]


class Marking(unittest.TestCase):
    def test_what_is_looked_for_is_found_wherever_it_stands(self) -> None:
        by = key("gannet", "lowest pane|bottom pane")
        for text in (
            "A gannet cracked the lowest pane.",
            "At three,\nthe GANNET came. It was the bottom  pane!",
            "gannet; a bottom pane",
        ):
            with self.subTest(text):
                self.assertEqual(mark(text, by).verdict, Verdict.RIGHT)

    def test_some_of_it_earns_its_share(self) -> None:
        by = key("gannet", "lowest pane", "biscuit tin", "oil")
        found = mark("The gannet. The oil.", by)
        self.assertEqual((found.verdict, found.share), (Verdict.PARTLY, 0.5))
        self.assertEqual(mark("The gannet. The oil.", by.changed(enough=2)).verdict, Verdict.RIGHT)
        self.assertEqual(mark("The gannet. The oil.", by.changed(all_or_nothing=True)).verdict, Verdict.WRONG)
        self.assertEqual(mark("Nothing to do with it.", by).verdict, Verdict.WRONG)

    def test_what_may_be_meant_is_for_the_teacher(self) -> None:
        by = key("gannet", "lowest pane")
        for text in (
            "It was not a gannet that cracked the lowest pane.",
            "A ganett cracked the lowest pane.",
            "A gannet cracked the pane; no, the lowest of them. The pane that is lowest.",
            "Gannets hit the lowest panes.",
        ):
            with self.subTest(text):
                self.assertEqual(mark(text, by).verdict, Verdict.TEACHER)

    def test_what_must_not_stand_there(self) -> None:
        by = key("gannet", never=("gull",))
        self.assertEqual(mark("A gannet or a gull.", by).verdict, Verdict.TEACHER)
        self.assertEqual(mark("A gannet. The gull was there.", by).verdict, Verdict.WRONG)
        self.assertEqual(mark("A gannet, not a gull.", by).verdict, Verdict.TEACHER)
        self.assertEqual(mark("A gannet.", by).verdict, Verdict.RIGHT)
        self.assertEqual(mark("Seagullible gannet.", by).verdict, Verdict.RIGHT)

    def test_one_letter_more_of_a_page_is_looked_through(self) -> None:
        page = ("The lamp burned all night long. " * 50 + "\n") * 12
        self.assertEqual(mark(page + "Gannet.", key("gannet")).verdict, Verdict.RIGHT)


class Values(unittest.TestCase):
    def test_words_between_looks_are_one_text(self) -> None:
        runs = (Run(text="gan", bold=True), Run(text="net"))
        answer = LongTextAnswer(paragraphs=(Paragraph(style="bullet", runs=runs),))
        self.assertEqual(LONG_TEXT.marks(FIELD, key("gannet"), answer)[""].verdict, Verdict.RIGHT)

    def test_only_so_much_can_be_written(self) -> None:
        lines = ["a" * 1_999] * 10
        LongTextAnswer(paragraphs=plain(*lines))
        with self.assertRaisesRegex(ValidationError, "20000 letters"):
            LongTextAnswer(paragraphs=plain(*lines, "b"))

    def test_nothing_but_blank_lines_is_blank(self) -> None:
        self.assertTrue(LONG_TEXT.is_blank(LongTextAnswer(paragraphs=plain("", "  "))))

    def test_a_key_looks_for_something(self) -> None:
        with self.assertRaises(ValidationError):
            LongTextKey()
        made = LONG_TEXT.key_from_text(FIELD, "", "gannet | bird; lowest pane\n", None)
        self.assertEqual(made, key("gannet|bird", "lowest pane"))

    def test_bounds_are_in_their_order(self) -> None:
        with self.assertRaises(ValidationError):
            FIELD.changed(least_words=50, most_words=20)
