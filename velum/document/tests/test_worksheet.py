import unittest
from typing import Any

from velum.document.reading import DocumentUnreadable, read_worksheet
from velum.document.tests.examples import answer_box, worksheet
from velum.document.worksheet import sheet_of
from velum.kinds.choice import Choice, worded


class Keeping(unittest.TestCase):
    def test_a_worksheet_comes_back_from_json_as_it_went(self) -> None:
        sheet = worksheet(answer_box("box1"), answer_box("box2", on="page2", points=2.5), keys={"box1": "limpet"})
        self.assertEqual(read_worksheet(sheet.model_dump(mode="json")), sheet)

    def test_options_that_were_words_alone_are_read(self) -> None:
        box = {"x": 72, "y": 90, "width": 90, "height": 24}
        choice = {"kind": "choice", "id": "pick1", "page": "page1", "box": box, "options": ["high", ""]}
        data = worksheet(answer_box("box1")).model_dump(mode="json")
        data |= {"version": 1, "fields": [*data["fields"], choice]}
        del data["groups"], data["decimal"]
        sheet = read_worksheet(data)
        self.assertEqual(sheet.fields[1], Choice(**choice | {"options": worded("high", "")}))
        self.assertEqual((sheet.version, sheet.fields[0], sheet.groups), (3, answer_box("box1"), ()))

    def test_another_releases_document_is_told_apart(self) -> None:
        for version in (0, 4, None, "2"):
            data = worksheet().model_dump(mode="json") | {"version": version}
            with self.subTest(version=version), self.assertRaises(DocumentUnreadable) as caught:
                read_worksheet(data)
            self.assertEqual(caught.exception.code, "document.version")

    def test_what_is_damaged_is_told_apart_too(self) -> None:
        whole: Any = worksheet(answer_box("box1")).model_dump(mode="json")
        damaged: Any
        for damaged in (
            None,
            [],
            "text",
            {},
            whole | {"version": [3]},
            whole | {"pages": 7},
            whole | {"version": 1, "fields": 7},
            whole | {"version": 2, "fields": [{"kind": "window"}]},
            whole | {"title": "\ud800"},
            whole | {"title": "nul\0"},
        ):
            with self.subTest(damaged=damaged), self.assertRaises(DocumentUnreadable):
                read_worksheet(damaged)


class Sheets(unittest.TestCase):
    def test_a_student_is_shown_every_field_and_no_key(self) -> None:
        sheet = sheet_of(worksheet(answer_box("box1"), answer_box("box2"), keys={"box1": "bladder wrack"}))
        self.assertEqual([prompt.id for prompt in sheet.prompts], ["box1", "box2"])
        self.assertNotIn("bladder", sheet.model_dump_json())

    def test_a_field_is_found_by_its_name(self) -> None:
        sheet = worksheet(answer_box("box1"))
        self.assertEqual(sheet.field("box1"), sheet.fields[0])
        self.assertIsNone(sheet.field("box2"))
