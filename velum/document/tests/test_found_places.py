import unittest
from typing import Any

from velum.document.edits import RefuseFound, TurnPage, apply
from velum.document.found_places import name_places, proposed, still_free
from velum.document.places import shown_box
from velum.document.tests.examples import a_document, page
from velum.finding.found import Found, Sort
from velum.geometry.box import Box, around
from velum.kinds.answer_box import AnswerBox
from velum.kinds.tick_places import TickPlaces

PAGE = page()


def found(y: float, number: str = "", sort: Sort = "line", confidence: float = 1.0, **more: Any) -> Found:
    return Found(sort=sort, box=Box(x=72, y=y, width=120, height=18), number=number, confidence=confidence, **more)


def numbers(*places: Found) -> list[str]:
    return [getattr(each.field, "number", "") for each in proposed(PAGE, places)]


class Proposals(unittest.TestCase):
    def test_numbers_are_those_that_are_printed(self) -> None:
        self.assertEqual(numbers(found(100, "1"), found(130, "2b"), found(160)), ["1", "2b", ""])

    def test_several_of_one_number_get_letters_and_behind_letters_numbers(self) -> None:
        self.assertEqual(numbers(found(100, "10"), found(130, "10"), found(160, "11")), ["10a", "10b", "11"])
        self.assertEqual(numbers(found(100, "A"), found(130, "A")), ["A1", "A2"])
        many = numbers(*(found(20 + 20 * place, "1") for place in range(28)))
        self.assertEqual(len(set(many)), 28)

    def test_sections_that_begin_again_from_one_are_told_apart(self) -> None:
        places = [
            found(100, "1", asked=0, section="A"),
            found(130, "2", asked=1, section="A"),
            found(160, "1", asked=2, section="B"),
            found(180, "1", asked=2, section="B"),
        ]
        self.assertEqual(numbers(*places), ["A1", "A2", "B1a", "B1b"])
        self.assertEqual(numbers(*places[:2]), ["1", "2"])
        alone = [getattr(each.field, "number", "") for each in proposed(PAGE, places[:2], {"2"})]
        self.assertEqual(alone, ["A1", "A2"])
        digits = [found(100, "1", asked=0, section="1"), found(130, "1", asked=1, section="2")]
        self.assertEqual(numbers(*digits), ["1.1", "2.1"])

    def test_the_students_name_and_what_is_doubtful_is_not_offered(self) -> None:
        self.assertEqual(proposed(PAGE, [found(100, sort="name"), found(130, confidence=0.3)]), [])

    def test_only_lines_for_the_name_ask_for_it(self) -> None:
        words = ("Name", "keeper's log Name:", "Class", "Name Date", "Nom", "")
        places = [found(100 + 30 * row, sort="name", name=name) for row, name in enumerate(words)]
        self.assertEqual([box.y for box in name_places(PAGE, [*places, found(400, name="Name")])], [100, 130, 220])

    def test_ids_are_the_same_each_time_and_no_two_alike(self) -> None:
        places = [found(100), found(130)]
        one, other = ([each.field.id for each in proposed(PAGE, places)] for _ in range(2))
        self.assertEqual(one, other)
        self.assertEqual(len(set(one)), 2)

    def test_options_can_be_pressed_and_do_not_lie_over_each_other(self) -> None:
        spots = tuple(Box(x=90, y=100 + 14 * place, width=8, height=8) for place in range(4))
        place = Found(sort="options", box=around(spots), spots=spots, says=("lamp", "stove", "fire"), number="1")
        field = proposed(PAGE, [place])[0].field
        assert isinstance(field, TickPlaces)
        self.assertEqual([spot.name for spot in field.spots], ["lamp", "stove", "fire", ""])
        heights = [spot.height * field.box.height for spot in field.spots]
        self.assertTrue(all(abs(height - 14) < 0.2 for height in heights), heights)
        self.assertAlmostEqual(field.spots[0].width * field.box.width, 14, delta=0.2)
        self.assertFalse(field.several)

    def test_what_lies_beyond_the_page_is_brought_onto_it(self) -> None:
        place = Found(sort="box", box=Box(x=-5, y=5, width=9_000, height=20))
        self.assertEqual(proposed(PAGE, [place])[0].field.box.width, PAGE.width)

    def test_where_a_field_lies_nothing_is_offered(self) -> None:
        offered = proposed(PAGE, [found(100), found(130), found(160)])
        taken = AnswerBox(id="mine1", page=PAGE.id, box=Box(x=80, y=128, width=100, height=20))
        elsewhere = taken.changed(id="mine2", page="page9", box=Box(x=80, y=158, width=100, height=20))
        beside = taken.changed(id="mine3", box=Box(x=250, y=158, width=100, height=20))
        left = still_free(PAGE, offered, [offered[0].field, taken, elsewhere, beside])
        self.assertEqual([each.field.box.y for each in left], [160])

    def test_what_was_refused_stays_refused_however_the_page_is_shown(self) -> None:
        refused = proposed(PAGE, [found(100)])[0].source
        sheet = apply(a_document(), [RefuseFound(page_id=PAGE.id, refused=(refused,))])
        page = sheet.pages[0]
        self.assertEqual(still_free(page, proposed(page, [found(100), found(130)]), ()), proposed(page, [found(130)]))
        turned = apply(sheet, [TurnPage(page_id=PAGE.id, by=90)]).pages[0]
        seen = Found(sort="line", box=shown_box(turned, refused))
        self.assertEqual(still_free(turned, proposed(turned, [seen]), ()), [])
