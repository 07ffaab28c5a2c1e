import re
import unittest

import segno
from hypothesis import given
from hypothesis import strategies as st

from server.entrance.codes import ALPHABET, LENGTH, new_code, read_code, shown
from server.testing.world import JSON, WorldCase, make_worksheet, teacher_client
from server.worksheets.models import Edition


class Codes(unittest.TestCase):
    def test_codes_hold_no_vowels_and_nothing_that_looks_alike(self) -> None:
        self.assertFalse(set("AEIOU01S5L2") & set(ALPHABET))
        self.assertEqual({len(new_code()) for _ in range(50)}, {LENGTH})

    @given(st.text(ALPHABET, min_size=LENGTH, max_size=LENGTH), st.sampled_from(["{}", " {} ", "{}.", "({})"]))
    def test_a_code_is_read_as_it_is_shown(self, code: str, around: str) -> None:
        self.assertEqual(read_code(around.format(shown(code))), code)
        self.assertEqual(read_code(around.format(code.lower())), code)

    @given(st.text())
    def test_anything_can_be_typed(self, typed: str) -> None:
        self.assertLessEqual(len(read_code(typed)), LENGTH)


class HandOut(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.sheet = make_worksheet(self.world.maren)

    def hand_out(self) -> dict[str, object]:
        answer = self.client.post(f"/api/worksheets/{self.sheet.pk}/handouts", {"guests": True}, JSON)
        self.assertEqual(answer.status_code, 201)
        handout: dict[str, object]
        (handout,) = answer.json()
        return handout

    def test_a_handout_has_a_code_and_a_link_that_lead_to_it(self) -> None:
        handout = self.hand_out()
        code = str(handout["code"]).replace(" ", "")
        self.assertEqual(handout["link"], f"http://testserver/join/{code}/")
        self.assertContains(self.client.get(str(handout["link"])), "Rock pools")
        self.assertRedirects(self.client.post("/join/", {"code": code.lower()}), f"/join/{code}/")

    def test_the_qr_code_is_that_of_the_link(self) -> None:
        handout = self.hand_out()
        answer = self.client.get(f"/handouts/{handout['id']}/qr.svg")
        self.assertEqual(answer["Content-Type"], "image/svg+xml")
        drawn = path_of(answer.content.decode())
        self.assertEqual(drawn, path_of(segno.make(str(handout["link"]), error="m", micro=False).svg_inline(border=3)))
        self.assertNotEqual(drawn, path_of(segno.make("http://testserver/", error="m").svg_inline(border=3)))

    def test_handing_out_twice_makes_two_handouts_of_one_edition(self) -> None:
        first, second = self.hand_out(), self.hand_out()
        self.assertNotEqual(first["code"], second["code"])
        self.assertEqual(Edition.objects.filter(worksheet=self.sheet).count(), 1)
        listed = self.client.get(f"/api/worksheets/{self.sheet.pk}/handouts").json()
        self.assertEqual({handout["id"] for handout in listed}, {first["id"], second["id"]})

    def test_a_handout_says_when_the_worksheet_was_changed_since(self) -> None:
        handout = self.hand_out()
        self.assertTrue(handout["edition_is_newest"])
        edit = {"revision": 1, "batch": "0" * 32, "edits": [{"op": "rename", "title": "New"}]}
        self.client.post(f"/api/worksheets/{self.sheet.pk}/edits", edit, JSON)
        results = self.client.get(f"/api/handouts/{handout['id']}/results").json()
        self.assertFalse(results["handout"]["edition_is_newest"])
        self.assertEqual(results["handout"]["title"], "Rock pools")

    def test_settings_left_out_stay_as_they_are(self) -> None:
        path = f"/api/handouts/{self.hand_out()['id']}"
        self.client.patch(path, {"may_check": True}, JSON)
        answer = self.client.patch(path, {"open": False}, JSON).json()
        self.assertEqual((answer["open"], answer["may_check"]), (False, True))

    def test_settings_that_do_not_exist_are_refused(self) -> None:
        answer = self.client.patch(f"/api/handouts/{self.hand_out()['id']}", {"owner": "me"}, JSON)
        self.assert_error(answer, 422, "request.invalid")


def path_of(svg: str) -> str:
    """What a QR code's picture draws."""
    found = re.search(r'class="qrline".* d="([^"]+)"', svg)
    assert found
    return found[1]
