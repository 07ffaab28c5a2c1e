import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.answers.options import picked_in
from velum.document.document import Document
from velum.document.pasted_key import LONGEST, PasteRefused, match_key
from velum.document.tests.examples import a_document, answer_box
from velum.geometry.box import Box
from velum.kinds.answer_box import AnswerBoxKey
from velum.kinds.choice import Choice, ChoiceKey, worded

BOXES = a_document(*(answer_box(f"box{number}", y=number * 30) for number in range(1, 5)))


def choice(name: str, y: float, options: tuple[str, ...] = ("", "", "", ""), several: bool = False) -> Choice:
    box = Box(x=72, y=y, width=120, height=22)
    return Choice(id=name, page="page1", box=box, options=worded(*options), several=several)


CHOICES = a_document().changed(fields=tuple(choice(f"pick{n}", n * 30) for n in range(1, 5)))


def numbered(*numbers: str) -> Document:
    fields = [
        answer_box(f"box{place}", y=place * 30 + 10).changed(number=number) for place, number in enumerate(numbers)
    ]
    return a_document(*fields)


def found(sheet: Document, text: str, start: str | None = None) -> dict[str, str]:
    return {match.number: match.text for match in match_key(sheet, text, start).matches}


pasted = st.text() | st.text("1234abAB .):\t\n,;-=Q", max_size=80)


class ByNumber(unittest.TestCase):
    def test_in_one_line(self) -> None:
        self.assertEqual(found(BOXES, "1. C  2. A  3. 4,750"), {"1": "C", "2": "A", "3": "4,750"})
        self.assertEqual(found(BOXES, "1) crab 2) low tide, 3) 7.5"), {"1": "crab", "2": "low tide", "3": "7.5"})
        self.assertEqual(found(BOXES, "1.C 2.A 4.B"), {"1": "C", "2": "A", "4": "B"})
        self.assertEqual(found(BOXES, "Q1: crab Q2: goby"), {"1": "crab", "2": "goby"})

    def test_line_by_line(self) -> None:
        self.assertEqual(found(BOXES, "1 crab\n2 goby\n4 limpet"), {"1": "crab", "2": "goby", "4": "limpet"})
        self.assertEqual(found(BOXES, "1 - crab\r\n2 - sea urchin"), {"1": "crab", "2": "sea urchin"})

    def test_numbers_within_answers_are_none(self) -> None:
        self.assertEqual(found(BOXES, "1. 2.5\n2. 3 boats\n3. 1. crab"), {"1": "2.5", "2": "3 boats", "3": "1. crab"})
        self.assertEqual(found(BOXES, "1. about 4: no more\n2. 7"), {"1": "about 4: no more", "2": "7"})

    def test_sections_stand_before_numbers_or_above_them(self) -> None:
        sheet = numbered("A1", "A2", "B1", "B2")
        wanted = {"A1": "crab", "A2": "B", "B1": "low", "B2": "7"}
        for text in (
            "A1. crab\nA2. B\nB1. low\nB2. 7",
            "A\n1. crab\n2. B\nB\n1. low\n2. 7",
            "Section A\n1 crab\n2 B\nSection B:\n1 low\n2 7",
            "1. crab 2. B\n1. low 2. 7",
        ):
            with self.subTest(text=text):
                self.assertEqual(found(sheet, text), wanted)
                self.assertEqual(match_key(sheet, text).left_over, [])

    def test_from_a_field_on_numbers_are_those_of_the_fields_from_there(self) -> None:
        sheet = numbered("1", "2", "B1", "B2")
        self.assertEqual(found(sheet, "1. low\n2. 7", "box2"), {"B1": "low", "B2": "7"})
        self.assertEqual(found(sheet, "1. low\n2. 7"), {"1": "low", "2": "7"})

    def test_an_answer_of_several_lines(self) -> None:
        self.assertEqual(found(BOXES, "1. It holds on\nto the rock.\n2. crab")["1"], "It holds on\nto the rock.")

    def test_sub_parts(self) -> None:
        sheet = numbered("1", "3a", "3b", "4")
        wanted = {"1": "crab", "3a": "goby", "3b": "6", "4": "low"}
        for text in (
            "1. crab 3a. goby 3b. 6 4. low",
            "1. crab\n3 (a) goby\n3 (b) 6\n4. low",
            "1. crab\n3. a) goby b) 6\n4. low",
        ):
            with self.subTest(text):
                self.assertEqual(found(sheet, text), wanted)

    def test_what_stands_before_the_first_number_is_left_over(self) -> None:
        pasted = match_key(BOXES, "Answers\n1. crab\n2. goby")
        self.assertEqual(([match.text for match in pasted.matches], pasted.left_over), (["crab", "goby"], ["Answers"]))

    def test_columns_of_a_spreadsheet(self) -> None:
        text = "Question\tAnswer\n1\tcrab\n2.\t4,750\n4\tC\n9\tgull"
        pasted = match_key(BOXES, text)
        self.assertEqual({match.number: match.text for match in pasted.matches}, {"1": "crab", "2": "4,750", "4": "C"})
        self.assertEqual(pasted.left_over, ["Question Answer", "9 gull"])


class InOrder(unittest.TestCase):
    def test_a_list_goes_from_field_to_field(self) -> None:
        self.assertEqual(found(BOXES, "crab\ngoby\nlimpet"), {"1": "crab", "2": "goby", "3": "limpet"})
        self.assertEqual(found(BOXES, "crab\ngoby", "box3"), {"3": "crab", "4": "goby"})
        self.assertEqual(found(BOXES, "crab, goby; 4,750"), {"1": "crab", "2": "goby", "3": "4,750"})

    def test_an_empty_line_leaves_a_field_out_but_room_between_all_does_not(self) -> None:
        self.assertEqual(found(BOXES, "crab\n\nlimpet\ngull"), {"1": "crab", "3": "limpet", "4": "gull"})
        self.assertEqual(found(BOXES, "crab\n\nlimpet\n\ngull"), {"1": "crab", "2": "limpet", "3": "gull"})

    def test_what_has_no_field_is_left_over(self) -> None:
        self.assertEqual(match_key(BOXES, "a1\nb2\nc3\nd4\ne5\nf6").left_over, ["e5", "f6"])

    def test_a_field_without_points_has_no_key(self) -> None:
        sheet = a_document(answer_box("box1", points=0, y=30), answer_box("box2", y=60))
        self.assertEqual(found(sheet, "crab"), {"2": "crab"})


class Letters(unittest.TestCase):
    def picked(self, sheet: Document, text: str, start: str | None = None) -> dict[str, tuple[int, ...]]:
        keys = {match.field_id: match.key for match in match_key(sheet, text, start).matches}
        return {
            name: tuple(int(option.removeprefix("opt")) for option in key.picked)
            for name, key in keys.items()
            if isinstance(key, ChoiceKey)
        }

    def test_a_run_of_letters_fills_choices_one_after_another(self) -> None:
        wanted = {"pick1": (2,), "pick2": (0,), "pick3": (1,), "pick4": (3,)}
        for text in ("C A B D", "CABD", "c, a, b, d", "C\nA\nB\nD", "1. C 2. A 3. B 4. D"):
            with self.subTest(text):
                self.assertEqual(self.picked(CHOICES, text), wanted)
        self.assertEqual(self.picked(CHOICES, "C A", "pick3"), {"pick3": (2,), "pick4": (0,)})

    def test_a_run_passes_over_what_is_not_picked(self) -> None:
        sheet = CHOICES.changed(fields=(answer_box("box1", y=5), *CHOICES.fields[:2]))
        self.assertEqual(self.picked(sheet, "B C"), {"pick1": (1,), "pick2": (2,)})

    def test_a_letter_that_names_no_option_makes_no_key(self) -> None:
        match = match_key(CHOICES, "1. F").matches[0]
        self.assertEqual((match.text, match.key), ("F", None))

    def test_a_written_key_stands_as_it_is(self) -> None:
        self.assertEqual(match_key(BOXES, "1. 4,750").matches[0].key, AnswerBoxKey(text="4,750"))

    def test_options_by_what_they_are_called(self) -> None:
        zones = ("splash zone", "low shore", "spray zone")
        for text, options, several, places in (
            ("low shore", zones, False, (1,)),
            ("Low", zones, False, (1,)),
            ("s", zones, False, ()),
            ("B", zones, False, (1,)),
            ("(b)", zones, False, (1,)),
            ("T", ("true", "false"), False, (0,)),
            ("no", ("yes", "no"), False, (1,)),
            ("A, C", ("", "", ""), True, (0, 2)),
            ("AC", ("", "", ""), True, (0, 2)),
            ("A and C", ("", "", ""), True, (0, 2)),
            ("AC", ("", "", ""), False, ()),
            ("A, X", ("", "", ""), True, ()),
            ("", ("", ""), False, ()),
        ):
            with self.subTest(text=text, options=options):
                self.assertEqual(picked_in(text, options, several=several), places)


class Anything(unittest.TestCase):
    def test_what_is_too_long_is_refused(self) -> None:
        with self.assertRaises(PasteRefused):
            match_key(BOXES, "a" * (LONGEST + 1))

    def test_nothing_at_all(self) -> None:
        for text in ("", "\n\n", "\t", "  "):
            self.assertEqual(match_key(BOXES, text).matches, [])

    @given(
        st.text() | st.text("1234abAB .):\t\n,;-=Q", max_size=80),
        st.sampled_from([BOXES, CHOICES, numbered("3a", "", "i", "*")]),
    )
    def test_no_text_harms_and_each_field_is_named_once(self, text: str, sheet: Document) -> None:
        matches = match_key(sheet, text).matches
        self.assertEqual(len({match.field_id for match in matches}), len(matches))
        self.assertTrue(all(match.text.strip() for match in matches))
