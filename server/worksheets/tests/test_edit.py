import threading
import uuid
from typing import Any
from unittest import mock

from django.db import OperationalError, connection
from django.test import TransactionTestCase

from server.testing.world import JSON, WorldCase, make_teacher, make_worksheet, teacher_client
from server.worksheets.flows import edit as flow
from server.worksheets.flows.edit import Stale, edit
from server.worksheets.models import Worksheet
from velum.document.edits import Rename, apply


class Editing(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.path = f"/api/worksheets/{self.world.worksheet.pk}"

    def send(self, revision: int, *edits: dict[str, Any], batch: uuid.UUID | None = None) -> Any:
        body = {"revision": revision, "batch": str(batch or uuid.uuid4()), "edits": edits}
        return self.client.post(f"{self.path}/edits", body, JSON)

    def stored(self) -> Worksheet:
        return Worksheet.objects.get(pk=self.world.worksheet.pk)

    def test_an_edit_is_kept_and_raises_the_revision(self) -> None:
        answer = self.send(1, {"op": "rename", "title": "Zones of the shore"})
        self.assertEqual(answer.json(), {"revision": 2, "order": ["box1", "box2", "box3", "box4"]})
        self.assertEqual(self.stored().document["title"], "Zones of the shore")

    def test_the_order_of_reading_comes_back(self) -> None:
        field = self.stored().document["fields"][2]
        field["box"]["y"] = 10
        answer = self.send(1, {"op": "change", "field": field})
        self.assertEqual(answer.json()["order"], ["box3", "box1", "box2", "box4"])

    def test_a_batch_sent_again_is_applied_once(self) -> None:
        batch = uuid.uuid4()
        remove = {"op": "remove", "field_id": "box1"}
        self.assertEqual(self.send(1, remove, batch=batch).status_code, 200)
        self.assertEqual(self.send(1, remove, batch=batch).json()["revision"], 2)
        self.assertEqual(self.stored().revision, 2)

    def test_another_tab_is_not_overwritten(self) -> None:
        self.send(1, {"op": "rename", "title": "First"})
        answer = self.send(1, {"op": "rename", "title": "Second"})
        self.assert_error(answer, 409, "worksheet.stale")
        self.assertEqual(answer.json()["worksheet"]["document"]["title"], "First")
        self.assertEqual(answer.json()["worksheet"]["revision"], 2)

    def test_what_does_not_fit_changes_nothing(self) -> None:
        answer = self.send(1, {"op": "rename", "title": "Half"}, {"op": "remove", "field_id": "gone"})
        self.assert_error(answer, 422, "edit.field_gone")
        self.assertEqual((self.stored().revision, self.stored().document["title"]), (1, "Rock pools"))

    def test_a_worksheet_that_was_handed_out_is_not_removed(self) -> None:
        self.assert_error(self.client.delete(self.path), 409, "worksheet.handed_out")

    def test_a_worksheet_that_was_not_is_removed(self) -> None:
        other = make_worksheet(self.world.maren)
        self.assertEqual(self.client.delete(f"/api/worksheets/{other.pk}").status_code, 204)
        self.assert_error(self.client.get(f"/api/worksheets/{other.pk}"), 404, "worksheet.missing")

    def test_handing_out_keeps_the_worksheet_as_it_was(self) -> None:
        self.send(1, {"op": "remove", "field_id": "box1"})
        edition = self.world.handout.edition
        edition.refresh_from_db()
        self.assertEqual(len(edition.document["fields"]), 4)

    def test_a_lost_batch_is_recognised_after_another_tabs_edit(self) -> None:
        batch = uuid.uuid4()
        place = {"op": "place", "field": self.stored().document["fields"][0] | {"id": "box9"}}
        self.send(1, place, batch=batch)  # the answer to this was lost
        self.send(2, {"op": "rename", "title": "Theirs"})
        answer = self.send(1, place, batch=batch)
        self.assertEqual((answer.status_code, answer.json()["revision"]), (200, 3))
        self.assertEqual((self.stored().revision, self.stored().title), (3, "Theirs"))

    def test_only_so_many_batches_are_remembered(self) -> None:
        with mock.patch.object(flow, "MOST_BATCHES", 2):
            for revision in range(1, 5):
                self.send(revision, {"op": "rename", "title": f"Title {revision}"})
        self.assertEqual(self.stored().batches.count(), 2)

    def test_an_edit_that_is_refused_is_named(self) -> None:
        rename = {"op": "rename", "title": "Zones"}
        for bad, code in (
            ({"op": "remove", "field_id": "gone"}, "edit.field_gone"),
            ({"op": "rename", "title": "x" * 201}, "request.invalid"),
            ({"op": "rename", "title": "nul\0"}, "request.invalid"),
            ({"op": "rename", "title": "\ud800"}, "request.invalid"),
            ({"op": "explode"}, "request.invalid"),
            ({"op": "set_page_aside", "page_id": "gone"}, "page.gone"),
            ("not an edit", "request.invalid"),
        ):
            with self.subTest(bad):
                answer = self.send(1, rename, bad)  # type: ignore[arg-type]
                self.assert_error(answer, 422, code)
                self.assertEqual(answer.json()["path"][:2], ["edits", 1])
        self.assertEqual(self.stored().revision, 1)

    def test_all_faults_are_told_each_with_its_edit(self) -> None:
        rename = {"op": "rename", "title": "Zones"}
        fits = self.send(1, {"op": "remove", "field_id": "gone"}, rename, {"op": "set_page_aside", "page_id": "gone"})
        said = [(fault["code"], fault["path"]) for fault in fits.json()["faults"]]
        self.assertEqual(said, [("edit.field_gone", ["edits", 0]), ("page.gone", ["edits", 2])])
        box = {"x": 0, "y": 0, "width": "wide", "height": 10}
        field = {"kind": "answer_box", "id": "box9", "page": "page1", "box": box, "points": -1}
        unread = self.send(1, rename, {"op": "place", "field": field}, {"op": "explode"}).json()
        paths = [fault["path"] for fault in unread["faults"]]
        self.assertEqual(
            paths,
            [["edits", 1, "place", "field", "box", "width"], ["edits", 1, "place", "field", "points"], ["edits", 2]],
        )
        self.assertEqual({"code", "message", "path"} | {"faults"}, set(unread))
        many = self.send(1, *[{"op": "remove", "field_id": "gone"}] * 300).json()
        self.assertEqual(len(many["faults"]), 100)

    def test_an_edit_that_the_core_fails_on_is_a_sentence_and_a_line_for_the_operator(self) -> None:
        with (
            mock.patch("velum.document.edits.check_groups", side_effect=ZeroDivisionError),
            self.assertLogs("server.worksheets.flows.edit", "ERROR"),
        ):
            answer = self.send(1, {"op": "rename", "title": "Zones"}, {"op": "set_groups", "groups": []})
        self.assert_error(answer, 422, "edit.failed")
        self.assertEqual(answer.json()["path"], ["edits", 1])

    def test_a_worksheet_changed_while_edits_are_worked_out_is_not_overwritten(self) -> None:
        """Without the condition on the revision both would be kept, and one would be gone."""

        def another_tab_first(*parts: Any) -> Any:
            Worksheet.objects.filter(pk=self.world.worksheet.pk).update(revision=2)
            return apply(*parts)

        with mock.patch.object(flow, "apply", another_tab_first):
            answer = self.send(1, {"op": "rename", "title": "Mine"})
        self.assert_error(answer, 409, "worksheet.stale")
        self.assertEqual((self.stored().title, self.stored().batches.count()), ("Rock pools", 0))

    def test_a_batch_sent_twice_at_once_is_applied_once(self) -> None:
        batch = uuid.uuid4()
        sent: list[Any] = []

        def the_other_first(*parts: Any) -> Any:
            if not sent:
                sent.append(None)
                sent.append(self.send(1, {"op": "remove", "field_id": "box1"}, batch=batch))
            return apply(*parts)

        with mock.patch.object(flow, "apply", the_other_first):
            answer = self.send(1, {"op": "remove", "field_id": "box1"}, batch=batch)
        self.assertEqual((answer.status_code, answer.json()), (200, sent[1].json()))
        self.assertEqual(self.stored().revision, 2)

    def test_edits_of_an_older_release_that_waited_on_a_device_are_read(self) -> None:
        place = {"op": "place", "field": self.stored().document["fields"][0] | {"id": "pick1", "kind": "choice"}}
        for name in ("lines", "signs", "placeholder"):
            del place["field"][name]
        place["field"]["options"] = [{"text": "ebb"}, {"text": "flood"}]
        key = {"op": "set_key", "field_id": "pick1", "key": {"kind": "choice", "picked": [1]}}
        self.assertEqual(self.send(1, place, key).status_code, 200)
        self.assertEqual(self.stored().document["keys"]["pick1"]["picked"], ["opt01"])
        stale = self.send(1, key)
        self.assertEqual(stale.json()["edits"][0]["key"]["picked"], ["opt01"])

    def test_what_lists_show_follows_each_edit(self) -> None:
        self.send(1, {"op": "rename", "title": "Zones"}, {"op": "remove", "field_id": "box1"})
        stored = self.stored()
        self.assertEqual((stored.title, stored.page_count, stored.field_count, stored.keyed_count), ("Zones", 2, 3, 2))

    def test_a_busy_database_is_a_sentence_that_is_tried_again(self) -> None:
        with mock.patch.object(flow, "find_worksheet", side_effect=OperationalError("database is locked")):
            answer = self.send(1, {"op": "rename", "title": "Zones"})
            self.assert_error(answer, 503, "server.busy")
        with mock.patch("server.worksheets.views.desk_of", side_effect=OperationalError("database is locked")):
            self.assertContains(self.client.get("/desk/"), "busy", status_code=503)


class Desk(WorldCase):
    def test_a_desk_shows_what_is_next(self) -> None:
        sheets = teacher_client(self.world.maren).get("/api/worksheets").json()
        self.assertEqual(len(sheets), 1)
        sheet = sheets[0]
        self.assertEqual((sheet["pages"], sheet["fields"], sheet["keyed"], sheet["handouts"]), (2, 4, 3, 1))
        self.assertEqual(sheet["newest_handout"], str(self.world.handout.pk))

    def test_another_desk_is_empty(self) -> None:
        self.assertEqual(teacher_client(make_teacher("tobias")).get("/api/worksheets").json(), [])


class TwoTabs(TransactionTestCase):
    def test_of_two_tabs_at_once_one_is_told(self) -> None:
        teacher = make_teacher()
        sheet = make_worksheet(teacher)
        outcomes: list[str] = []

        def change(title: str) -> None:
            try:
                edit(teacher, sheet.pk, 1, uuid.uuid4(), [Rename(title=title)])
                outcomes.append("kept")
            except Stale:
                outcomes.append("told")
            finally:
                connection.close()

        tabs = [threading.Thread(target=change, args=(title,)) for title in ("One", "Two", "Three")]
        for tab in tabs:
            tab.start()
        for tab in tabs:
            tab.join()
        self.assertEqual(sorted(outcomes), ["kept", "told", "told"])
