"""A worksheet that cannot be read is shown as that, kept as it is, and stops nothing else."""

import json
import uuid
from copy import copy
from typing import Any
from unittest import mock

from server.handouts.flows.hand_out import hand_out
from server.testing.world import JSON, WorldCase, joined, make_worksheet, student_client, teacher_client, write
from server.worksheets import documents
from server.worksheets.flows.freeze import read_edition
from server.worksheets.models import Edition, Worksheet
from velum.document.reading import DocumentUnreadable

UNREADABLE: tuple[Any, ...] = ({"version": 99, "title": "Of tomorrow"}, {}, {"version": 3, "pages": "none"}, [], "text")


class Unreadable(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.bad = make_worksheet(self.world.maren)
        for name in ("documents", "flows.freeze"):
            self.enterContext(mock.patch(f"server.worksheets.{name}._log"))

    def spoil(self, document: Any) -> None:
        Worksheet.objects.filter(pk=self.bad.pk).update(document=document, unreadable=False)

    def desk(self) -> dict[str, bool]:
        sheets = self.client.get("/api/worksheets").json()
        return {sheet["id"]: sheet["unreadable"] for sheet in sheets}

    def test_the_desk_goes_on_whatever_is_kept(self) -> None:
        for document in UNREADABLE:
            with self.subTest(document):
                self.spoil(document)
                self.assertEqual(self.client.get("/desk/").status_code, 200)
                self.assertEqual(len(self.desk()), 2)
                found = self.client.get("/api/worksheets?words=pools").json()
                self.assertEqual(len(found), 2)

    def test_it_is_shown_as_that_and_can_be_downloaded_as_it_is(self) -> None:
        for document in UNREADABLE:
            with self.subTest(document):
                self.spoil(document)
                page = self.client.get(f"/worksheets/{self.bad.pk}/")
                self.assertContains(page, "Rock pools", status_code=422)
                self.assertContains(page, "document.json", status_code=422)
                self.assertEqual(self.client.get(f"/worksheets/{self.bad.pk}/document.json").json(), document)
                self.assertEqual(self.desk(), {str(self.bad.pk): True, str(self.world.worksheet.pk): False})

    def test_nothing_that_is_asked_of_it_fails_without_a_sentence(self) -> None:
        self.spoil({"version": 99})
        home = f"/api/worksheets/{self.bad.pk}"
        edits = {"revision": 1, "batch": str(uuid.uuid4()), "edits": [{"op": "rename", "title": "Mine"}]}
        for method, path, body in (
            ("GET", home, None),
            ("POST", f"{home}/edits", edits),
            ("POST", f"{home}/handouts", {"guests": True}),
            ("GET", f"{home}/pictures", None),
            ("POST", f"{home}/pictures", None),
            ("GET", f"{home}/texts", None),
            ("GET", f"{home}/look-over", None),
            ("POST", f"{home}/pasted-key", {"text": "1. ebb"}),
            ("POST", f"{home}/blank-pages", {"pattern": "plain", "width": 500, "height": 500}),
        ):
            with self.subTest(path):
                answer = self.client.generic(method, path, "" if body is None else json.dumps(body), JSON)
                self.assert_error(answer, 422, "document.version")
        self.assertEqual(Worksheet.objects.get(pk=self.bad.pk).document, {"version": 99})

    def test_its_students_and_its_teacher_are_told_and_other_handouts_go_on(self) -> None:
        handout = hand_out(self.world.maren, self.bad.pk)
        zoe = joined(handout, "Zoe Quill")
        write(zoe, box1="limpet")
        Edition.objects.filter(pk=handout.edition_id).update(document={"version": 99})
        read_edition.cache_clear()
        student = student_client(zoe)
        self.assertContains(student.get(f"/c/{zoe.pk}/"), "another release", status_code=422)
        self.assert_error(student.get(f"/c/{zoe.pk}/copy"), 422, "document.version")
        change = {"field_id": "box1", "revision": 2, "answer": {"kind": "answer_box", "text": "goby"}}
        answer = student.post(f"/c/{zoe.pk}/answers", {"changes": [change]}, JSON)
        self.assert_error(answer, 422, "document.version")
        for path in (f"/handouts/{handout.pk}/", f"/copies/{zoe.pk}/"):
            self.assertContains(self.client.get(path), "another release", status_code=422)
        self.assertEqual(self.client.get(f"/handouts/{self.world.handout.pk}/").status_code, 200)
        self.assertEqual(self.client.get("/desk/").status_code, 200)

    def test_what_is_written_is_what_can_be_read(self) -> None:
        document = documents.read(self.world.worksheet)
        self.assertEqual(documents.written(document)["document"], self.world.worksheet.document)
        spoilt = copy(document)
        object.__setattr__(spoilt, "title", "")
        with self.assertRaises(DocumentUnreadable):
            documents.written(spoilt)

    def test_a_draft_that_cannot_be_read_takes_no_handout_with_it(self) -> None:
        sheet, handout = self.world.worksheet, self.world.handout
        Worksheet.objects.filter(pk=sheet.pk).update(document={"version": 99}, revision=7)
        results = self.client.get(f"/api/handouts/{handout.pk}/results").json()
        self.assertTrue(results["key_is_newest"])
        self.assert_error(self.client.post(f"/api/handouts/{handout.pk}/newest-key"), 422, "document.version")
