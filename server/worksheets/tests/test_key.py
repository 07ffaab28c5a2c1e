from typing import Any

from server.testing.world import JSON, WorldCase, teacher_client


class KeyOfAWorksheet(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.home = f"/api/worksheets/{self.world.worksheet.pk}"

    def paste(self, text: str, **body: Any) -> Any:
        return self.client.post(f"{self.home}/pasted-key", {"text": text} | body, JSON)

    def test_a_pasted_key_is_matched_and_nothing_is_kept(self) -> None:
        answer = self.paste("Answers 1. kelp 3. 4,750").json()
        self.assertEqual(
            [(match["field_id"], match["number"], match["key"]["text"]) for match in answer["matches"]],
            [("box1", "1", "kelp"), ("box3", "3", "4,750")],
        )
        self.assertEqual(answer["left_over"], ["Answers"])
        self.world.worksheet.refresh_from_db()
        self.assertNotIn("box3", self.world.worksheet.document["keys"])

    def test_a_list_begins_where_the_teacher_is(self) -> None:
        matches = self.paste("under a stone\ngoby", start="box3").json()["matches"]
        self.assertEqual([match["field_id"] for match in matches], ["box3", "box4"])

    def test_what_is_too_long_is_refused(self) -> None:
        self.assertEqual(self.paste("a" * 20_001).status_code, 422)

    def test_the_look_over_names_what_has_no_key(self) -> None:
        findings = self.client.get(f"{self.home}/look-over").json()
        self.assertEqual([(finding["doubt"], finding["fields"]) for finding in findings], [("no_key", ["box3"])])
