"""Places that are found on pages, and the fields proposed for them."""

import uuid
from pathlib import Path
from typing import Any

from django.core.cache import cache

from server.drawing import queue
from server.testing.world import JSON, WorldCase, make_teacher, teacher_client
from server.worksheets.models import Worksheet
from velum.document.reading import read_document
from velum.testing import papers

PAGES = Path(__file__).resolve().parents[3] / "bench" / "pages" / "develop"


class FoundPlaces(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(make_teacher("tobias"))

    def bring_in(self, name: str) -> str:
        data = (PAGES / f"{name}.pdf").read_bytes()
        sent = self.client.generic(
            "POST", f"/api/worksheets?name={name}.pdf", data, content_type="application/octet-stream"
        )
        worksheet: str = sent.json()["id"]
        return worksheet

    def found(self, worksheet: str) -> list[dict[str, Any]]:
        """What is proposed for the first page, once it is known."""
        while (told := self.client.get(f"/api/worksheets/{worksheet}/found").json()[0]["proposals"]) is None:
            for waiting in [*queue._queue._running.values(), *queue._queue._waiting.values()]:
                waiting.done.exception()
        return list(told)

    def edit(self, worksheet: str, *edits: dict[str, Any]) -> Any:
        revision = Worksheet.objects.get(pk=worksheet).revision
        body = {"revision": revision, "batch": str(uuid.uuid4()), "edits": list(edits)}
        return self.client.post(f"/api/worksheets/{worksheet}/edits", body, content_type=JSON)

    def test_fields_are_proposed_with_their_numbers(self) -> None:
        found = self.found(self.bring_in("browser_underscores"))
        self.assertEqual([each["field"]["number"] for each in found], ["1", "2", "3", "4", "5"])
        self.assertEqual({each["field"]["kind"] for each in found}, {"answer_box"})

    def test_options_are_proposed_as_places_to_tick(self) -> None:
        one, _ = self.found(self.bring_in("browser_choice_column"))
        self.assertEqual(one["field"]["kind"], "tick_places")
        self.assertEqual(
            [spot["name"] for spot in one["field"]["spots"]], ["the lamp", "the stove", "a candle", "a fire"]
        )

    def test_columns_are_proposed_to_be_joined_and_banks_are_told(self) -> None:
        sent = self.client.generic(
            "POST", "/api/worksheets?name=weather.pdf", papers.weather(), content_type="application/octet-stream"
        )
        worksheet = sent.json()["id"]
        kinds = [each["field"]["kind"] for each in self.found(worksheet)]
        self.assertEqual(sorted(kinds), ["answer_box"] * 3 + ["joins"])
        (joins,) = [each["field"] for each in self.found(worksheet) if each["field"]["kind"] == "joins"]
        self.assertEqual(
            [dot["name"] for dot in joins["dots"] if dot["side"] == "start"], ["barometer", "rain gauge", "anemometer"]
        )
        self.assertEqual([dot["side"] for dot in joins["dots"]].count("end"), 3)
        (bank,) = self.client.get(f"/api/worksheets/{worksheet}/found").json()[0]["banks"]
        self.assertEqual(bank["words"], ["lamp", "fog horn", "lens", "stairs"])
        self.edit(worksheet, {"op": "place", "field": joins})
        self.assertEqual({each["field"]["kind"] for each in self.found(worksheet)}, {"answer_box"})

    def test_what_is_printed_is_told_to_bring_fields_in_line_with(self) -> None:
        worksheet = self.bring_in("browser_underscores")
        found = self.found(worksheet)
        page = Worksheet.objects.get(pk=worksheet).document["pages"][0]["id"]
        told = self.client.get(f"/api/worksheets/{worksheet}/pages/{page}/guides").json()["guides"]
        self.assertGreater(len(told["text"]), 5)
        blanks = {tuple(each["field"]["box"][side] for side in ("x", "y", "width", "height")) for each in found}
        self.assertLessEqual(blanks, {tuple(place) for place in told["blanks"]})
        self.assertEqual(self.client.get(f"/api/worksheets/{worksheet}/pages/none/guides").status_code, 404)

    def test_the_desk_names_pages_whose_places_wait(self) -> None:
        worksheet = self.bring_in("browser_underscores")
        found = self.found(worksheet)

        def waiting() -> list[list[int]]:
            cache.clear()
            return [sheet["waiting"] for sheet in self.client.get("/api/worksheets").json()]

        self.assertEqual(waiting(), [[1]])
        self.edit(worksheet, *({"op": "place", "field": each["field"]} for each in found))
        self.assertEqual(waiting(), [[]])

    def test_where_a_field_lies_nothing_is_proposed_any_more(self) -> None:
        worksheet = self.bring_in("browser_underscores")
        first, *others = self.found(worksheet)
        self.assertEqual(self.edit(worksheet, {"op": "place", "field": first["field"]}).status_code, 200)
        self.assertEqual(self.found(worksheet), others)
        own = {**others[0]["field"], "id": "mine1", "number": ""}
        self.edit(worksheet, {"op": "place", "field": own})
        self.assertEqual(self.found(worksheet), others[1:])

    def test_on_a_page_that_is_turned_they_lie_where_it_shows_them(self) -> None:
        worksheet = self.bring_in("browser_underscores")
        upright = self.found(worksheet)
        page = read_document(Worksheet.objects.get(pk=worksheet).document).pages[0]
        self.assertEqual(self.edit(worksheet, {"op": "turn_page", "page_id": page.id, "by": 180}).status_code, 200)
        # Upside down nothing is read; but what is found lies on the page.
        for each in self.found(worksheet):
            self.assertLess(each["field"]["box"]["x"], page.width)
        self.edit(worksheet, {"op": "turn_page", "page_id": page.id, "by": 180})
        self.assertEqual(self.found(worksheet), upright)
