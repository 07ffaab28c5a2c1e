import uuid
from concurrent.futures import ThreadPoolExecutor
from typing import Any

from django.db import connection
from django.test import TransactionTestCase
from django.utils import timezone

from server.copies.flows.try_out import try_out
from server.copies.models import Copy
from server.handouts.models import Handout
from server.testing.world import (
    JSON,
    SECRET,
    WorldCase,
    make_teacher,
    make_worksheet,
    make_world,
    student_client,
    teacher_client,
    write,
)
from server.worksheets.flows.edit import edit
from server.worksheets.models import Worksheet
from velum.document.edits import RemoveField, Rename


class TryOut(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.sheet = make_worksheet(self.world.maren)

    def begin(self, anew: bool = False) -> dict[str, Any]:
        answer = self.client.post(f"/api/worksheets/{self.sheet.pk}/trial", {"anew": anew}, JSON)
        self.assertEqual(answer.status_code, 200, answer.content)
        begun: dict[str, Any] = answer.json()
        return begun

    def rename(self, *more: Any) -> None:
        self.sheet.refresh_from_db()
        edit(self.world.maren, self.sheet.pk, self.sheet.revision, uuid.uuid4(), [Rename(title="Another"), *more])

    def test_the_teacher_answers_checks_and_hands_in_as_a_student_would(self) -> None:
        home = f"/c/{self.begin()['copy_id']}"
        sheet = self.client.get(f"{home}/")
        self.assertEqual(sheet.status_code, 200)
        self.assertNotIn(SECRET, sheet.content.decode(), "as students see it")
        write(Copy.objects.get(pk=home[3:]), box1=SECRET)
        self.assertEqual(self.client.post(f"{home}/check", {"field_id": "box1"}, JSON).json()["verdict"], "right")
        self.assertEqual(self.client.post(f"{home}/hand-in", {"changes": []}, JSON).status_code, 200)
        self.assertTrue(self.begin()["handed_in"])

    def test_it_is_gone_on_with_or_begun_anew(self) -> None:
        first = self.begin()
        self.assertEqual(self.begin(), first)
        again = self.begin(anew=True)
        self.assertNotEqual(again["copy_id"], first["copy_id"])
        self.assertFalse(Copy.objects.filter(pk=first["copy_id"]).exists())
        self.assertEqual(Handout.objects.filter(trial=True).count(), 1)

    def test_after_a_change_what_was_written_stands_in_the_sheet_as_it_is_now(self) -> None:
        first = self.begin()
        write(Copy.objects.get(pk=first["copy_id"]), box1="limpet", box4="gone")
        self.client.patch(f"/api/handouts/{first['handout']}", {"may_check": False}, JSON)
        self.rename(RemoveField(field_id="box4"))
        now = self.begin()
        self.assertNotEqual(now["copy_id"], first["copy_id"])
        self.assertFalse(now["may_check"], "what was settled stays")
        copy = self.client.get(f"/c/{now['copy_id']}/copy").json()
        self.assertEqual(copy["sheet"]["title"], "Another")
        self.assertEqual([answer["answer"]["text"] for answer in copy["answers"]], ["limpet"])
        self.assertEqual(self.sheet.editions.count(), 1, "nothing is left behind")
        self.client.post(f"/c/{now['copy_id']}/hand-in", {"changes": []}, JSON)
        self.rename()
        self.assertEqual(self.begin()["copy_id"], now["copy_id"], "what was handed in stays as it is")

    def test_it_leaves_no_trace(self) -> None:
        self.begin()
        self.assertEqual(self.client.get(f"/api/worksheets/{self.sheet.pk}/handouts").json(), [])
        (row,) = [row for row in self.client.get("/api/worksheets").json() if row["id"] == str(self.sheet.pk)]
        self.assertEqual((row["handouts"], row["newest_handout"]), (0, None))
        self.assertEqual(self.client.delete(f"/api/worksheets/{self.sheet.pk}").status_code, 204)
        self.assertFalse(Worksheet.objects.filter(pk=self.sheet.pk).exists())

    def test_an_edition_that_was_handed_out_stays(self) -> None:
        answer = self.client.post(f"/api/worksheets/{self.sheet.pk}/handouts", {"guests": True}, JSON)
        self.begin()
        self.begin(anew=True)
        self.assertEqual(self.client.get(f"/api/handouts/{answer.json()[0]['id']}/results").status_code, 200)
        self.assertEqual(self.client.delete(f"/api/worksheets/{self.sheet.pk}").status_code, 409)

    def test_only_a_trial_is_shown_in_a_frame_and_only_by_our_own_pages(self) -> None:
        trial = self.client.get(f"/c/{self.begin()['copy_id']}/")
        self.assertEqual(trial["X-Frame-Options"], "SAMEORIGIN")
        self.assertIn("frame-ancestors 'self'", trial["Content-Security-Policy"])
        other = student_client(self.world.ama).get(f"/c/{self.world.ama.pk}/")
        self.assertEqual(other["X-Frame-Options"], "DENY")
        self.assertIn("frame-ancestors 'none'", other["Content-Security-Policy"])

    def test_nobody_else_gets_at_it(self) -> None:
        begun = self.begin()
        tobias = teacher_client(make_teacher("tobias"))
        self.assertEqual(tobias.get(f"/c/{begun['copy_id']}/").status_code, 404)
        answer = tobias.post(f"/api/worksheets/{self.sheet.pk}/trial", {}, JSON)
        self.assert_error(answer, 404, "worksheet.missing")


class TwoTabsAtOnce(TransactionTestCase):
    def test_they_leave_one_trial(self) -> None:
        world = make_world()

        def begin(_: int) -> None:
            try:
                try_out(world.maren, world.worksheet.pk, timezone.now(), anew=True)
            finally:
                connection.close()

        with ThreadPoolExecutor(4) as threads:
            list(threads.map(begin, range(8)))
        self.assertEqual(Handout.objects.filter(trial=True).count(), 1)
        self.assertEqual(Copy.objects.filter(handout__trial=True).count(), 1)
