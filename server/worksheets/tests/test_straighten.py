"""Cutting, straightening and what is found out about pages, through the real drawing processes."""

import time
from concurrent.futures import Future
from typing import Any
from unittest import mock

from server.drawing import pool, queue
from server.pictures.models import OwnPicture
from server.testing.world import JSON, WorldCase, make_teacher, teacher_client
from server.worksheets import pictures, surveys
from server.worksheets.models import Worksheet
from velum.document.cuts import cut_out
from velum.document.page import Page
from velum.document.reading import read_document
from velum.geometry.box import Box
from velum.testing import papers
from velum.testing.photos import sheet, tilted
from velum.testing.pictures import saved


class Straighten(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(make_teacher("tobias"))

    def bring_in(self, data: bytes) -> Worksheet:
        answer = self.client.generic("POST", "/api/worksheets?name=a", data, content_type="application/octet-stream")
        self.assertEqual(answer.status_code, 201, answer.content)
        return Worksheet.objects.get(pk=answer.json()["id"])

    def first(self, sheet: Worksheet) -> Page:
        return read_document(sheet.document).pages[0]

    def post(self, worksheet: Worksheet, what: str, body: dict[str, Any], page: str | None = None) -> Any:
        page = page or self.first(worksheet).id
        return self.client.post(f"/api/worksheets/{worksheet.pk}/pages/{page}/{what}", body, JSON)

    def looked_over(self, worksheet: Worksheet) -> list[dict[str, Any]]:
        """What is found out about the pages, once all is."""
        for _ in range(6_000):
            found: list[dict[str, Any]] = self.client.get(f"/api/worksheets/{worksheet.pk}/pictures").json()
            if all(page["surveyed"] for page in found):
                return found
            time.sleep(0.1)
        raise AssertionError("the pages were not looked over")

    def test_regions_become_pages_that_can_be_looked_at(self) -> None:
        worksheet = self.bring_in(papers.pdf(words="To be cut"))
        boxes = [{"x": 50, "y": 40, "width": 300, "height": 60}, {"x": 50, "y": 100, "width": 200, "height": 90}]
        answer = self.post(worksheet, "cuts", {"boxes": boxes})
        self.assertEqual(answer.status_code, 200, answer.content)
        cuts = answer.json()
        self.assertEqual([(cut["width"], cut["height"]) for cut in cuts], [(300, 60), (200, 90)])
        edit = {"revision": 1, "batch": "1" * 32, "edits": [{"op": "insert_page", "page": cuts[0], "to": 1}]}
        self.assertEqual(self.client.post(f"/api/worksheets/{worksheet.pk}/edits", edit, JSON).status_code, 200)
        worksheet.refresh_from_db()
        page = read_document(worksheet.document).pages[1]
        picture = self.client.get(f"/worksheets/{worksheet.pk}/pages/{page.id}/340.webp?look={page.look}")
        self.assertEqual(picture.status_code, 200)

    def test_regions_that_cannot_be_are_refused(self) -> None:
        worksheet = self.bring_in(papers.pdf())
        beside = {"x": 900, "y": 0, "width": 50, "height": 50}
        self.assert_error(self.post(worksheet, "cuts", {"boxes": [beside]}), 422, "page.cut_beside")
        self.assert_error(self.post(worksheet, "cuts", {"boxes": []}), 422, "request.invalid")
        inside = beside | {"x": 10}
        self.assert_error(self.post(worksheet, "cuts", {"boxes": [inside]}, "gone"), 404, "page.missing")

    def test_a_picture_is_cut_out_of_a_page_and_is_the_teachers(self) -> None:
        worksheet = self.bring_in(papers.pdf(words="Rock pool"))
        title = {"x": 0, "y": 0, "width": 595, "height": 400}
        answer = self.post(worksheet, "pictures", {"box": title, "alternative": "the title"})
        self.assertEqual(answer.status_code, 201, answer.content)
        made = answer.json()
        self.assertLess(made["height"], 60)
        own = OwnPicture.objects.get(owner__email__startswith="tobias")
        self.assertEqual((own.picture_id, own.alternative), (made["picture"], "the title"))
        nothing = {"x": 2, "y": 2, "width": 20, "height": 20}
        self.assert_error(
            self.post(worksheet, "pictures", {"box": nothing, "alternative": "air"}), 422, "picture.nothing_there"
        )
        self.assert_error(self.post(worksheet, "pictures", {"box": nothing}), 422, "request.invalid")

    def test_a_tilted_scan_is_proposed_to_be_straightened(self) -> None:
        worksheet = self.bring_in(saved(tilted(sheet("text", 1, 90), 3), "PNG"))
        (found,) = self.looked_over(worksheet)
        self.assertAlmostEqual(found["proposal"]["skew"], 3, delta=0.1)
        self.assertAlmostEqual(found["dots"], 90, delta=1)
        answer = self.post(worksheet, "straightened", {"corners": found["proposal"]["corners"], "whiten": True})
        self.assertEqual(answer.status_code, 200)
        self.assertTrue(answer.json()["shown"]["whiten"])
        edits = [{"op": "show_page", "page_id": found["page"], "shown": answer.json()["shown"]}]
        body = {"revision": 1, "batch": "2" * 32, "edits": edits}
        self.assertEqual(self.client.post(f"/api/worksheets/{worksheet.pk}/edits", body, JSON).status_code, 200)
        self.assertIsNone(self.looked_over(worksheet)[0]["proposal"], "what was done is not proposed again")

    def test_corners_of_no_sheet_are_refused(self) -> None:
        worksheet = self.bring_in(papers.pdf())
        point = {"x": 10, "y": 10}
        answer = self.post(worksheet, "straightened", {"corners": [point] * 4, "whiten": False})
        self.assert_error(answer, 422, "look.corners")

    def test_the_text_of_a_page_is_known_and_that_of_a_region_is_less(self) -> None:
        worksheet = self.bring_in(papers.pdf(words="Tides of Gull Rock"))
        self.looked_over(worksheet)
        page = self.first(worksheet)
        self.assertEqual(surveys.text_of(page), "Tides of Gull Rock, page 1")
        self.assertEqual(surveys.text_of(cut_out(page, Box(x=0, y=300, width=300, height=300), "cut1")), "")

    def test_a_new_version_is_set_aside_compared_and_swapped_in(self) -> None:
        worksheet = self.bring_in(papers.pdf(words="First version"))
        page = self.first(worksheet)
        field = {"kind": "answer_box", "id": "box1", "page": page.id, "points": 1, "lines": "one"}
        field["box"] = {"x": 70, "y": 90, "width": 120, "height": 22}
        edits = {"revision": 1, "batch": "1" * 32, "edits": [{"op": "place", "field": field}]}
        self.client.post(f"/api/worksheets/{worksheet.pk}/edits", edits, JSON)
        path = f"/api/worksheets/{worksheet.pk}/pages?aside=true"
        newer = papers.moved(papers.pdf(words="First version"), 20, 30)
        answer = self.client.generic("POST", path, newer, content_type="application/octet-stream")
        document = answer.json()["document"]
        self.assertEqual((len(document["pages"]), len(document["aside"])), (1, 1))
        plan = self.post(worksheet, "replacement", {"with_id": document["aside"][0]["id"]})
        self.assertEqual(plan.status_code, 200, plan.content)
        self.assertAlmostEqual(plan.json()["right"], 20, delta=0.3)
        self.assertAlmostEqual(plan.json()["down"], 30, delta=0.3)
        self.assertEqual(plan.json()["doubtful"], [])
        swap = {"op": "swap_paper", "page_id": page.id, "with_id": document["aside"][0]["id"]}
        edits = {"revision": 3, "batch": "2" * 32, "edits": [swap]}
        self.assertEqual(self.client.post(f"/api/worksheets/{worksheet.pk}/edits", edits, JSON).status_code, 200)
        self.assert_error(self.post(worksheet, "replacement", {"with_id": "gone"}), 404, "page.missing")

    def test_a_survey_that_fails_is_not_waited_for(self) -> None:
        worksheet = self.bring_in(papers.pdf(words="Cannot be read"))
        page = self.first(worksheet)
        self.looked_over(worksheet)
        for place in pictures.folder_of(page).glob("*.json"):
            place.write_text("not what it should be")
        self.assertIsNone(surveys.survey_of(page))
        self.assertEqual(surveys.text_of(page), "")
        for place in pictures.folder_of(page).glob("*.json"):
            place.unlink()
            place.with_suffix(".failed").touch()
        self.assertTrue(surveys.is_done(page))


class Order(WorldCase):
    """Work waits in order; what somebody looks at goes first."""

    def test_what_is_looked_at_is_done_before_the_rest(self) -> None:
        begun: list[tuple[str, Future[None]]] = []

        def submit(run: Any, name: str, *, seconds: float | None) -> Future[None]:
            begun.append((name, Future()))
            return begun[-1][1]

        waiting = queue.Queue()  # of its own: what other tests began is done in the other
        with mock.patch.object(pool, "submit", submit):
            for name in "abcdefgh":
                waiting.begin(self.data / name, mock.Mock(), name)
            waiting.begin(self.data / "g", mock.Mock(), "g", first=True)
            waiting.begin(self.data / "z", mock.Mock(), "z", first=True)
            done = 0
            while done < len(begun):
                begun[done][1].set_result(None)
                done += 1
        names = [name for name, _ in begun]
        self.assertEqual(names, ["a", "b", "c", "d", "z", "g", "e", "f", "h"])

    def test_of_slow_work_one_piece_is_done_at_a_time(self) -> None:
        begun: list[tuple[str, Future[None]]] = []

        def submit(run: Any, name: str, *, seconds: float | None) -> Future[None]:
            begun.append((name, Future()))
            return begun[-1][1]

        waiting = queue.Queue()  # of its own: what other tests began is done in the other
        with mock.patch.object(pool, "submit", submit):
            for name in ("slow 1", "slow 2", "quick 1", "slow 3", "quick 2"):
                waiting.begin(self.data / name, mock.Mock(), name, slow=name.startswith("slow"))
            self.assertEqual([name for name, _ in begun], ["slow 1", "quick 1", "quick 2"])
            done = 0
            while done < len(begun):
                begun[done][1].set_result(None)
                done += 1
        self.assertEqual([name for name, _ in begun][3:], ["slow 2", "slow 3"])

    def test_work_that_cannot_even_begin_fails(self) -> None:
        with mock.patch.object(pool, "submit", side_effect=OSError):
            future = queue.Queue().begin(self.data / "x", mock.Mock())
        with self.assertRaises(OSError):
            future.result(timeout=600)
