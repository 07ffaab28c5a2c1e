import unittest
from unittest import mock

import numpy as np

from velum.paper.form_fields import Form, FormField, form_fields
from velum.paper.read import open_page, read_contents
from velum.testing import papers, pictures


def by_name(data: bytes) -> dict[str, FormField]:
    return {field.name: field for field in form_fields(data).fields}


class Forms(unittest.TestCase):
    def test_fields_of_each_kind_are_found_with_their_names_and_options(self) -> None:
        found = by_name(papers.form())
        self.assertEqual(
            {name: (field.sort, len(field.widgets), field.several) for name, field in found.items()},
            {
                "Name of the boat": ("text", 1, False),
                "Why?": ("text", 1, True),
                "Which zone?": ("radio", 3, False),
                "I have seen it": ("check", 1, False),
                "Wind": ("list", 1, False),
                "Birds": ("list", 1, True),
                "last": ("text", 1, False),
            },
        )
        self.assertEqual(found["Wind"].options, ("calm", "breeze", "gale"))
        self.assertEqual([widget.says for widget in found["Which zone?"].widgets], ["splash", "middle", "low"])
        self.assertEqual(found["last"].widgets[0].page, 1)

    def test_they_are_where_they_are_seen(self) -> None:
        box = by_name(papers.form())["Name of the boat"].widgets[0].box
        self.assertAlmostEqual(box.x, 200, delta=1)
        self.assertAlmostEqual(box.y, 841.89 - 720, delta=1)
        self.assertAlmostEqual(box.width, 150, delta=2)
        turned = by_name(papers.form(90))["Name of the boat"].widgets[0].box
        self.assertAlmostEqual(turned.height, 150, delta=2)
        self.assertAlmostEqual(turned.x, 700, delta=2)

    def test_files_without_a_form_have_none(self) -> None:
        self.assertEqual(form_fields(papers.pdf()), Form())
        self.assertEqual(read_contents(pictures.turned_photo()).form, ())

    def test_what_was_filled_in_is_read(self) -> None:
        found = by_name(papers.filled_form())
        self.assertEqual(found["Name of the boat"].filled, ("Petrel",))
        self.assertEqual(len(found["Name of the boat"].widgets), 2, "one field in two places")
        self.assertTrue(found["I have seen it"].widgets[0].ticked)
        self.assertEqual(found["Wind"].filled, ("gale",))
        untouched = by_name(papers.form())
        self.assertEqual(untouched["Wind"].filled, (), "a list shows its first option though nobody picked it")
        self.assertFalse(any(widget.ticked for widget in untouched["Which zone?"].widgets))

    def test_a_form_that_the_file_does_not_speak_of_is_one(self) -> None:
        self.assertEqual(by_name(papers.filled_form(known=False)).keys(), by_name(papers.form()).keys())

    def test_what_is_not_brought_over_is_printed_on_the_page(self) -> None:
        for known in (True, False):
            with self.subTest(known=known), open_page(papers.filled_form(known=known), 0) as page:
                words = [line.text for line in page.lines()]
                self.assertEqual(sum("Gullhaven" in line for line in words), 2, "text to be read, and a button")
                self.assertFalse([line for line in words if "Petrel" in line or "gale" in line])
                picture = np.asarray(page.draw(1).convert("L"))
                self.assertLess(picture[842 - 586 : 842 - 568, 70:175].min(), 100)
                for left, bottom in ((200, 700), (72, 450), (72, 400)):
                    place = picture[842 - bottom - 16 : 842 - bottom, left : left + 90]
                    self.assertEqual(place.min(), 255, "where a field will lie, the page is bare")

    def test_one_bad_field_leaves_the_others(self) -> None:
        form = form_fields(papers.nested_options())
        self.assertEqual((len(form.fields), form.unread), (7, 0))
        self.assertEqual({field.name: field.options for field in form.fields}["Wind"], ("b", ""))
        contents = read_contents(papers.nonsense_form())
        self.assertEqual((len(contents.pages), contents.form), (2, ()))

    def test_fields_that_could_not_be_read_are_told(self) -> None:
        with mock.patch("velum.paper.form_fields._on_state", side_effect=TypeError):
            contents = read_contents(papers.form())
        self.assertEqual(
            (contents.form, [each.words for each in contents.left_out]),
            ((), ["9 form fields could not be read and were left out."]),
        )

    def test_forms_that_hurt_give_nothing_and_do_not_hang(self) -> None:
        for data in (papers.circular_form(), papers.nonsense_form(), papers.truncated(), papers.encrypted(), b""):
            for field in form_fields(data).fields:
                self.assertTrue(field.widgets)
