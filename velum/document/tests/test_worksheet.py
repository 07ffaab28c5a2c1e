import unittest

from velum.document.reading import DocumentUnreadable, read_worksheet
from velum.document.tests.examples import answer_box, worksheet
from velum.document.worksheet import sheet_of


class Keeping(unittest.TestCase):
    def test_a_worksheet_comes_back_from_json_as_it_went(self) -> None:
        sheet = worksheet(answer_box("box1"), answer_box("box2", on="page2", points=2.5), keys={"box1": "limpet"})
        self.assertEqual(read_worksheet(sheet.model_dump(mode="json")), sheet)

    def test_another_releases_document_is_told_apart(self) -> None:
        for version in (0, 2, None, "1"):
            data = worksheet().model_dump(mode="json") | {"version": version}
            with self.subTest(version=version), self.assertRaises(DocumentUnreadable) as caught:
                read_worksheet(data)
            self.assertEqual(caught.exception.code, "document.version")


class Sheets(unittest.TestCase):
    def test_a_student_is_shown_every_field_and_no_key(self) -> None:
        sheet = sheet_of(worksheet(answer_box("box1"), answer_box("box2"), keys={"box1": "bladder wrack"}))
        self.assertEqual([prompt.id for prompt in sheet.prompts], ["box1", "box2"])
        self.assertNotIn("bladder", sheet.model_dump_json())

    def test_a_field_is_found_by_its_name(self) -> None:
        sheet = worksheet(answer_box("box1"))
        self.assertEqual(sheet.field("box1"), sheet.fields[0])
        self.assertIsNone(sheet.field("box2"))
