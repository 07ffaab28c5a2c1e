import threading
import uuid
from typing import Any

from django.db import connection
from django.test import TransactionTestCase

from server.testing.world import JSON, WorldCase, make_teacher, make_worksheet, teacher_client
from server.worksheets.flows.edit import Stale, edit
from server.worksheets.models import Worksheet
from velum.document.edits import Rename


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
