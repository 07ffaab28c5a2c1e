import json
import uuid
from pathlib import Path
from typing import Any

from pydantic import ValidationError

from server.handouts.flows.hand_out import hand_out
from server.pictures.models import KeptPicture
from server.testing.world import JSON, WorldCase, joined, make_picture, make_teacher, student_client, teacher_client
from velum.kinds.choice import Option
from velum.testing import pictures

BYTES = "application/octet-stream"
LIBRARY = Path(__file__).parents[3] / "web" / "dist" / "library"


class Pictures(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)

    def send(self, data: bytes, alternative: str = "A boat") -> Any:
        return self.client.post(f"/api/pictures?alternative={alternative}", data, BYTES)

    def lay(self, sha256: str) -> Any:
        box = {"x": 10, "y": 10, "width": 50, "height": 50}
        fixture = {"kind": "picture", "id": "boat1", "page": "page1", "box": box}
        fixture |= {"picture": sha256, "alternative": "A boat"}
        edits = {"revision": 1, "batch": "0" * 32, "edits": [{"op": "lay_fixture", "fixture": fixture}]}
        return self.client.post(f"/api/worksheets/{self.world.worksheet.pk}/edits", edits, JSON)

    def test_an_upload_is_kept_once_and_offered_again(self) -> None:
        first, second = self.send(pictures.see_through()), self.send(pictures.see_through(), "A ship")
        self.assertEqual((first.status_code, second.status_code), (201, 201))
        self.assertEqual(first.json()["picture"], second.json()["picture"])
        offered = {own["picture"]: own["alternative"] for own in self.client.get("/api/pictures").json()}
        self.assertEqual(offered[first.json()["picture"]], "A ship")

    def test_it_is_served_disarmed(self) -> None:
        sent = self.client.get(f"/pictures/{make_picture(self.world.maren)}/")
        self.assertEqual(sent.headers["Content-Type"], "image/svg+xml")
        self.assertEqual(sent.headers["X-Content-Type-Options"], "nosniff")
        policy = sent.headers["Content-Security-Policy"]
        self.assertIn("default-src 'none'", policy)
        self.assertIn("sandbox", policy)
        self.assertNotIn("script-src", policy)

    def test_what_is_refused_leaves_nothing_behind(self) -> None:
        before = KeptPicture.objects.count()
        for data in (b"", b"words", pictures.bomb(), b"<svg xmlns='http://www.w3.org/2000/svg'><g>"):
            refused = self.send(data)
            self.assertEqual(refused.status_code, 422)
            self.assertTrue(refused.json()["code"].startswith("picture."))
        self.assertEqual(KeptPicture.objects.count(), before)
        self.assertEqual(self.send(pictures.see_through(), "").json()["code"], "request.invalid")

    def test_one_of_the_library_is_taken(self) -> None:
        body = {"name": "crab", "alternative": "crab"}
        taken = self.client.post("/api/pictures/from-library", body, JSON)
        self.assertEqual(taken.status_code, 201)
        self.assertEqual(self.lay(taken.json()["picture"]).status_code, 200)
        self.assertNotIn(taken.json()["picture"], self.client.get("/api/pictures").content.decode())
        for name in ("no-such-picture", "../manifest", "..%2fmanifest", "", "index.json"):
            missing = self.client.post("/api/pictures/from-library", {"name": name, "alternative": "x"}, JSON)
            self.assertEqual(missing.status_code, 404)

    def test_the_library_says_whose_it_is(self) -> None:
        index = json.loads((LIBRARY / "index.json").read_text())
        self.assertEqual(index["from"]["licence"], "MIT")
        self.assertGreater(len(index["pictures"]), 1_000)
        for picture in index["pictures"]:
            self.assertTrue((LIBRARY / f"{picture['name']}.svg").is_file(), picture)
            self.assertTrue(picture["label"].strip())

    def test_only_ones_own_pictures_can_be_laid(self) -> None:
        tobias = teacher_client(make_teacher("tobias"))
        others = tobias.post("/api/pictures?alternative=A+boat", pictures.see_through(), BYTES).json()["picture"]
        self.assertEqual(self.lay(others).status_code, 404)
        self.assertEqual(self.lay("f" * 64).status_code, 404)
        self.world.worksheet.refresh_from_db()
        self.assertEqual(self.world.worksheet.revision, 1)

    def test_an_option_shows_ones_own_picture_alone(self) -> None:
        def place(picture: str) -> int:
            option = {"text": "a crab", "picture": picture}
            field = {
                "kind": "choice",
                "id": "pick1",
                "page": "page1",
                "box": {"x": 72, "y": 500, "width": 120, "height": 40},
                "options": [option, {"text": "", "picture": None}],
            }
            worksheet = self.world.worksheet
            body = {"revision": 1, "batch": str(uuid.uuid4()), "edits": [{"op": "place", "field": field}]}
            return self.client.post(f"/api/worksheets/{worksheet.pk}/edits", body, JSON).status_code

        tobias = teacher_client(make_teacher("tobias"))
        others = tobias.post("/api/pictures?alternative=A+boat", pictures.see_through(), BYTES).json()["picture"]
        self.assertEqual(place(others), 404)
        mine = self.send(pictures.see_through()).json()["picture"]
        self.assertEqual(place(mine), 200)
        self.world.worksheet.refresh_from_db()
        copy = joined(hand_out(self.world.maren, self.world.worksheet.pk), "Zoe Quill")
        self.assertEqual(student_client(copy).get(f"/c/{copy.pk}/pictures/{mine}/").status_code, 200)

    def test_a_picture_without_words_is_no_option(self) -> None:
        with self.assertRaises(ValidationError):
            Option(id="opt00", picture="0" * 64)

    def test_one_put_away_is_no_longer_offered_and_goes_on_being_shown(self) -> None:
        sha256 = make_picture(self.world.maren)
        self.assertEqual(self.client.delete(f"/api/pictures/{sha256}").status_code, 204)
        self.assertEqual(self.client.get("/api/pictures").json(), [])
        self.assertEqual(self.client.get(f"/pictures/{sha256}/").status_code, 200)
        student = student_client(self.world.ama)
        self.assertEqual(student.get(f"/c/{self.world.ama.pk}/pictures/{sha256}/").status_code, 200)

    def test_a_student_sees_only_what_is_laid_on_the_sheet(self) -> None:
        other = self.send(pictures.see_through()).json()["picture"]
        student = student_client(self.world.ama)
        self.assertEqual(student.get(f"/c/{self.world.ama.pk}/pictures/{other}/").status_code, 404)
        self.assertEqual(student.get(f"/pictures/{other}/").status_code, 302)
