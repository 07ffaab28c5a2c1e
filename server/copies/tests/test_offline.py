"""What browsers keep to open a sheet without a network, and how a device gives a sheet up."""

import re
import uuid
from http import HTTPStatus
from pathlib import Path

from django.conf import settings

from server.copies.offline import first_scripts_of, scripts_of
from server.testing.world import WorldCase, joined, student_client


class Offline(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.handout = self.world.handout
        self.copy = joined(self.handout, "Zoe Quill")
        self.client_of_zoe = student_client(self.copy)

    def test_the_worker_is_one_script_that_is_never_kept_for_long(self) -> None:
        answer = self.client.get("/c/worker.js")
        self.assertEqual(answer.status_code, HTTPStatus.OK)
        self.assertEqual((answer["Content-Type"], answer["Cache-Control"]), ("text/javascript", "no-cache"))
        self.assertIn("connect-src 'self'", answer["Content-Security-Policy"])
        script = answer.content.decode()
        self.assertIn("velum:sheet:", script)
        self.assertNotRegex(script, r"\bimport\b|\bexport\b")

    def test_a_sheet_names_the_scripts_of_its_kinds_and_no_teachers(self) -> None:
        boxes, letters = set(scripts_of(["answer_box"])), set(scripts_of(["answer_box", "long_text"]))
        self.assertLess(boxes, letters)
        self.assertTrue(all(address.startswith("/static/assets/") for address in letters))
        self.assertFalse(any("teacher" in address for address in letters))

    def test_a_sheet_asks_at_once_for_all_that_its_kinds_are_answered_with(self) -> None:
        first = first_scripts_of(["choice"])
        self.assertLess(set(first), set(scripts_of(["choice"])))
        sheet = self.client_of_zoe.get(f"/c/{self.copy.pk}/").content.decode()
        asked_for = re.findall(r'href="(/static/assets/[^"]+\.js)"', sheet)
        self.assertLessEqual(set(first_scripts_of(["answer_box"])), set(asked_for))
        # What those scripts import has become files of their own; none of them is found only by reading another.
        assets = Path(settings.STATIC_ROOT, "assets")
        for address in first:
            written = (assets / Path(address).name).read_text()
            for name in re.findall(r'"\./([\w.-]+\.js)"', written):
                self.assertIn(settings.STATIC_URL + "assets/" + name, first + asked_for)

    def test_a_copy_that_is_left_is_not_found_by_this_browser_any_more(self) -> None:
        address = f"/c/{self.copy.pk}/"
        self.assertEqual(self.client_of_zoe.get(address).status_code, HTTPStatus.OK)
        self.assertEqual(self.client_of_zoe.get(f"{address}leave/").status_code, HTTPStatus.METHOD_NOT_ALLOWED)
        answer = self.client_of_zoe.post(f"{address}leave/")
        gone = [morsel for morsel in answer.cookies.values() if morsel["path"] == address]
        self.assertEqual([(morsel.key, morsel["max-age"]) for morsel in gone], [("copy", "0")])
        joined = answer.cookies["joined"]
        self.assertEqual((joined["path"], joined["max-age"]), (f"/join/{self.handout.code}/", 0))

    def test_nobody_leaves_anybody_elses(self) -> None:
        other = self.world.ama
        for pk in (other.pk, uuid.uuid4()):
            self.assertEqual(self.client_of_zoe.post(f"/c/{pk}/leave/").status_code, HTTPStatus.NOT_FOUND)

    def test_who_joins_after_somebody_else_takes_the_device_over(self) -> None:
        link = f"/join/{self.handout.code}/"
        first = self.client.post(link, {"name": "Kaito Brandt"})
        second = self.client.post(link, {"name": "Edda Solano"})
        paths = {(morsel.key, morsel["path"]): morsel for morsel in second.cookies.values()}
        self.assertEqual(paths["copy", first["Location"]]["max-age"], "0")
        self.assertTrue(paths["copy", second["Location"]].value)
        # Coming back to one's own sheet takes nothing away.
        again = self.client.get(link)
        self.assertContains(again, "Edda Solano")
