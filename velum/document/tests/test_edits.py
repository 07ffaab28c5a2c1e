import unittest
from collections.abc import Sequence

from pydantic import TypeAdapter, ValidationError

from velum.document.document import Document
from velum.document.edits import (
    MOST_FIELDS,
    ChangeField,
    Edit,
    EditRefused,
    PlaceField,
    RemoveField,
    Rename,
    SetKey,
    apply,
)
from velum.document.tests.examples import a_document, answer_box
from velum.kinds.answer_box import AnswerBoxKey


def names(sheet: Document) -> list[str]:
    return [field.id for field in sheet.fields]


class Applying(unittest.TestCase):
    def assert_refused(self, sheet: Document, edits: Sequence[Edit], code: str) -> None:
        with self.assertRaises(EditRefused) as caught:
            apply(sheet, edits)
        self.assertEqual(caught.exception.code, code)

    def test_a_placed_field_is_numbered_where_it_is_read(self) -> None:
        sheet = a_document(answer_box("upper", y=100), answer_box("lower", y=300))
        placed = apply(sheet, [PlaceField(field=answer_box("middle", y=200))])
        self.assertEqual(names(placed), ["upper", "middle", "lower"])

    def test_fields_of_a_later_page_come_later(self) -> None:
        sheet = apply(
            a_document(),
            [PlaceField(field=answer_box("second", y=10, on="page2")), PlaceField(field=answer_box("first", y=700))],
        )
        self.assertEqual(names(sheet), ["first", "second"])

    def test_the_worksheet_given_is_not_changed(self) -> None:
        sheet = a_document(answer_box("only"), keys={"only": "limpet"})
        apply(sheet, [RemoveField(field_id="only")])
        self.assertEqual(names(sheet), ["only"])
        self.assertIn("only", sheet.keys)

    def test_a_field_is_moved(self) -> None:
        moved = apply(a_document(answer_box("only")), [ChangeField(field=answer_box("only", y=500))])
        self.assertEqual(moved.fields[0].box.y, 500)

    def test_removing_a_field_removes_its_key(self) -> None:
        sheet = apply(a_document(answer_box("only"), keys={"only": "limpet"}), [RemoveField(field_id="only")])
        self.assertEqual((sheet.fields, sheet.keys), ((), {}))

    def test_keys_are_set_and_taken_away(self) -> None:
        key = AnswerBoxKey(text="limpet")
        sheet = apply(a_document(answer_box("only")), [SetKey(field_id="only", key=key)])
        self.assertEqual(sheet.keys, {"only": key})
        self.assertEqual(apply(sheet, [SetKey(field_id="only", key=None)]).keys, {})

    def test_a_worksheet_is_renamed(self) -> None:
        self.assertEqual(apply(a_document(), [Rename(title="  Zones of the shore ")]).title, "Zones of the shore")

    def test_all_or_nothing(self) -> None:
        sheet = a_document(answer_box("only"))
        self.assert_refused(sheet, [Rename(title="Half"), RemoveField(field_id="gone")], "edit.field_gone")
        self.assertEqual(sheet.title, "Rock pools")

    def test_what_does_not_fit_is_refused(self) -> None:
        sheet = a_document(answer_box("only"))
        key = AnswerBoxKey(text="limpet")
        for edit, code in (
            (PlaceField(field=answer_box("only")), "edit.field_exists"),
            (PlaceField(field=answer_box("other", on="page9")), "edit.page_gone"),
            (ChangeField(field=answer_box("gone")), "edit.field_gone"),
            (ChangeField(field=answer_box("only", on="page9")), "edit.page_gone"),
            (RemoveField(field_id="gone"), "edit.field_gone"),
            (SetKey(field_id="gone", key=key), "edit.field_gone"),
            (SetKey(field_id="gone", key=None), "edit.field_gone"),
        ):
            with self.subTest(edit=edit):
                self.assert_refused(sheet, [edit], code)

    def test_all_that_does_not_fit_is_told_and_what_fits_is_no_fault(self) -> None:
        edits: list[Edit] = [
            RemoveField(field_id="gone"),
            Rename(title="Zones"),
            PlaceField(field=answer_box("other", y=200)),
            ChangeField(field=answer_box("other", y=300)),
            SetKey(field_id="gone", key=None),
        ]
        with self.assertRaises(EditRefused) as refused:
            apply(a_document(answer_box("only")), edits)
        told = [refused.exception, *refused.exception.others]
        self.assertEqual([each.path for each in told], [("edits", 0), ("edits", 4)])

    def test_the_film_is_not_endless(self) -> None:
        fields = [PlaceField(field=answer_box(f"box{number:05}")) for number in range(MOST_FIELDS + 1)]
        self.assertEqual(len(apply(a_document(), fields[:-1]).fields), MOST_FIELDS)
        self.assert_refused(a_document(), fields, "edit.too_many_fields")


class Reading(unittest.TestCase):
    def test_hostile_edits_are_not_read(self) -> None:
        reader: TypeAdapter[Edit] = TypeAdapter(Edit)
        box = {"x": 0, "y": 0, "width": 10, "height": 10}
        field = {"kind": "answer_box", "id": "only", "page": "page1", "box": box}
        reader.validate_python({"op": "place", "field": field})
        for hostile in (
            {"op": "explode"},
            {"op": "place", "field": field | {"kind": "window"}},
            {"op": "place", "field": field | {"id": "../../etc"}},
            {"op": "place", "field": field | {"owner": "me"}},
            {"op": "place", "field": field | {"points": -1}},
            {"op": "place", "field": field | {"points": 0.1}},
            {"op": "place", "field": field | {"points": float("nan")}},
            {"op": "place", "field": field | {"box": box | {"width": 0}}},
            {"op": "place", "field": field | {"box": box | {"x": float("inf")}}},
            {"op": "place", "field": field | {"box": box | {"y": 1e30}}},
            {"op": "rename", "title": "   "},
            {"op": "rename", "title": "x" * 201},
            {"op": "set_key", "field_id": "only", "key": {"kind": "answer_box", "text": ""}},
            {"op": "set_key", "field_id": "only", "key": {"kind": "answer_box", "text": "x" * 20_001}},
            {"op": "set_key", "field_id": "only", "key": {"kind": "answer_box", "text": "nul\0"}},
        ):
            with self.subTest(hostile=hostile), self.assertRaises(ValidationError):
                reader.validate_python(hostile)
