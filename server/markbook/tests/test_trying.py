from typing import Any

from server.testing.world import JSON, WorldCase, teacher_client


class Trying(WorldCase):
    def send(self, answers: list[str], **key: Any) -> Any:
        body = {"key": {"kind": "answer_box"} | key, "answers": answers}
        return teacher_client(self.world.maren).post("/api/trying", body, JSON)

    def test_answers_are_tried_with_a_key(self) -> None:
        told = self.send(["4.750", "five", "4,750"], text="4750").json()
        self.assertEqual([tried["verdict"] for tried in told["answers"]], ["teacher", "wrong", "right"])
        self.assertEqual(told["answers"][0]["reason"], "could be 4.75 or 4750: please look")
        self.assertEqual(told["guessed"]["by"], "number")
        self.assertIn("4,750", [tried["answer"] for tried in told["examples"]])

    def test_what_is_accepted_already_is_not_proposed(self) -> None:
        self.assertEqual(self.send([], text="harbour").json()["proposals"], ["harbor"])
        self.assertEqual(self.send([], text="harbour", also=["Harbor"]).json()["proposals"], [])
        slips = {"by": "words", "slips": True}
        self.assertEqual(self.send([], text="harbour", comparison=slips).json()["proposals"], [])

    def test_it_is_told_whether_there_is_a_unit_to_settle_anything_about(self) -> None:
        for text, has_unit in (("12 cm", True), ("12", False), ("€3.50", True), ("harbour", False), ("5 cats", True)):
            self.assertEqual(self.send([], text=text).json()["has_unit"], has_unit, text)
        self.assertTrue(self.send([], text="12", also=["120 mm"]).json()["has_unit"])

    def test_a_key_that_makes_no_sense_is_refused(self) -> None:
        for key in (
            {"text": ""},
            {"text": "5", "comparison": {"by": "guesswork"}},
            {"text": "5", "comparison": {"by": "number", "tolerance": {"rule": "within", "amount": "a bit"}}},
            {"text": "5", "also": ["x"] * 101},
        ):
            self.assertEqual(self.send([], **key).status_code, 422)
