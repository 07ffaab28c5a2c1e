import unittest

from velum.paper.form_fields import FormField, form_fields
from velum.paper.read import read_form
from velum.testing import papers, pictures


def by_name(data: bytes) -> dict[str, FormField]:
    return {field.name: field for field in form_fields(data)}


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
        self.assertEqual(form_fields(papers.pdf()), [])
        self.assertEqual(read_form(pictures.turned_photo()), [])

    def test_forms_that_hurt_give_nothing_and_do_not_hang(self) -> None:
        for data in (papers.circular_form(), papers.nonsense_form(), papers.truncated(), papers.encrypted(), b""):
            for field in form_fields(data):
                self.assertTrue(field.widgets)
