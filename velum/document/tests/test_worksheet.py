import unittest
from typing import Any

from velum.document.document import VERSION, read_through
from velum.document.reading import DocumentUnreadable, read_document, read_key_set, upgraded_edit
from velum.document.sheet import sheet_of
from velum.document.tests.examples import a_document, answer_box
from velum.geometry.box import Box
from velum.kinds.answer_box import AnswerBoxKey
from velum.kinds.choice import Choice, worded
from velum.kinds.ink import INK
from velum.kinds.style import BOLD_AND_TINTED, Style


class Keeping(unittest.TestCase):
    def test_a_worksheet_comes_back_from_json_as_it_went(self) -> None:
        sheet = a_document(answer_box("box1"), answer_box("box2", on="page2", points=2.5), keys={"box1": "limpet"})
        self.assertEqual(read_document(sheet.model_dump(mode="json")), sheet)

    def test_options_that_were_words_alone_are_read(self) -> None:
        box = {"x": 72, "y": 90, "width": 90, "height": 24}
        choice = {"kind": "choice", "id": "pick1", "page": "page1", "box": box, "options": ["high", ""]}
        data = a_document(answer_box("box1")).model_dump(mode="json")
        data |= {"version": 1, "fields": [*data["fields"], choice]}
        del data["groups"], data["settings"]
        sheet = read_document(data)
        self.assertEqual(sheet.fields[1], Choice(**choice | {"options": worded("high", "")}))
        self.assertEqual((sheet.version, sheet.fields[0], sheet.groups), (VERSION, answer_box("box1"), ()))

    def test_what_was_settled_before_there_were_settings_is_read(self) -> None:
        older = a_document().model_dump(mode="json") | {"version": 3, "decimal": ","}
        del older["settings"]
        self.assertEqual(read_document(older).settings.decimal, ",")
        keys = {"version": 3, "keys": {"box1": {"kind": "answer_box", "text": "ebb"}}, "groups": [], "decimal": ","}
        read = read_key_set(keys)
        self.assertEqual((read.settings.decimal, read.keys["box1"]), (",", AnswerBoxKey(text="ebb")))
        edit = upgraded_edit(2, {"op": "set_decimal", "decimal": ","})
        self.assertEqual(edit, {"op": "set_settings", "settings": {"decimal": ","}})

    def test_what_was_laid_before_fields_had_a_style_looks_as_it_did(self) -> None:
        older = a_document(answer_box("box1")).model_dump(mode="json") | {"version": 5}
        del older["style"], older["fields"][0]["style"], older["fields"][0]["locked"]
        self.assertEqual(read_document(older), a_document(answer_box("box1")))
        self.assertEqual(sheet_of(read_document(older)).prompts[0].style, Style())

    def test_another_releases_document_is_told_apart(self) -> None:
        for version in (0, VERSION + 1, None, "2"):
            data = a_document().model_dump(mode="json") | {"version": version}
            with self.subTest(version=version), self.assertRaises(DocumentUnreadable) as caught:
                read_document(data)
            self.assertEqual(caught.exception.code, "document.version")

    def test_what_is_damaged_is_told_apart_too(self) -> None:
        whole: Any = a_document(answer_box("box1")).model_dump(mode="json")
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
                read_document(damaged)


class Reading(unittest.TestCase):
    def test_what_covers_a_page_comes_after_all_else_on_it(self) -> None:
        sheet = a_document(answer_box("box1"), answer_box("box2", on="page2"))
        page = sheet.pages[0]
        whole = Box(x=0, y=0, width=page.width, height=page.height)
        over = INK.example[0].changed(page=page.id, box=whole, whole_page=True)
        read = read_through(sheet.changed(fields=(over, *sheet.fields)))
        self.assertEqual([field.id for field in read.fields], ["box1", over.id, "box2"])


class Sheets(unittest.TestCase):
    def test_a_student_is_shown_every_field_and_no_key(self) -> None:
        sheet = sheet_of(a_document(answer_box("box1"), answer_box("box2"), keys={"box1": "bladder wrack"}))
        self.assertEqual([prompt.id for prompt in sheet.prompts], ["box1", "box2"])
        self.assertNotIn("bladder", sheet.model_dump_json())

    def test_fields_look_as_is_usual_or_as_they_do_themselves(self) -> None:
        own = answer_box("box2").changed(style=Style(border="none"))
        sheet = sheet_of(a_document(answer_box("box1"), own).changed(style=BOLD_AND_TINTED))
        self.assertEqual([prompt.style for prompt in sheet.prompts], [BOLD_AND_TINTED, Style(border="none")])

    def test_a_field_is_found_by_its_name(self) -> None:
        sheet = a_document(answer_box("box1"))
        self.assertEqual(sheet.field("box1"), sheet.fields[0])
        self.assertIsNone(sheet.field("box2"))
