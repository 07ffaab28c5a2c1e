"""Help that students ask for: what it says reaches those who asked, and is on record, once."""

from concurrent.futures import ThreadPoolExecutor
from typing import Any
from unittest import mock

from django.db import connection
from django.test import TransactionTestCase, override_settings
from django.utils import timezone

from server.copies.flows import hand_in
from server.copies.flows import help as flow
from server.copies.flows.hand_in import let_go_on
from server.copies.flows.mark_again import mark_again
from server.copies.flows.marking import marks_now
from server.handouts.flows.hand_out import hand_out
from server.handouts.models import Handout
from server.testing.world import (
    JSON,
    KEPT_BACK,
    WorldCase,
    joined,
    make_picture,
    make_sound,
    make_teacher,
    make_world,
    student_client,
    teacher_client,
    write,
)
from server.worksheets.documents import written
from server.worksheets.models import Worksheet
from velum.document.tests.examples import a_document, answer_box
from velum.kinds.help import ExampleHelp, Help, HelpRef, LinkHelp, PictureHelp, SoundHelp
from velum.rich_text import plain

HINT = {"field_id": "box2", "help_id": "hint1"}


class Asking(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.copy = self.world.ama
        self.client = student_client(self.copy)
        self.home = f"/c/{self.copy.pk}"

    def ask(self, **wanted: str) -> Any:
        return self.client.post(f"{self.home}/help", HINT | wanted, JSON)

    def results(self) -> dict[str, Any]:
        row: dict[str, Any] = (
            teacher_client(self.world.maren).get(f"/api/handouts/{self.world.handout.pk}/results").json()["rows"][0]
        )
        return {mark["field_id"]: mark for mark in row["marks"]}

    def hand_in(self) -> None:
        self.client.post(f"{self.home}/hand-in", {"changes": []}, JSON)

    def test_the_sheet_says_that_there_is_some_and_what_it_costs(self) -> None:
        prompts = self.client.get(f"{self.home}/copy").json()["sheet"]["prompts"]
        self.assertEqual(prompts[1]["help"], [{"id": "hint1", "kind": "hint", "part": None, "cost": 25}])

    def test_it_is_shown_and_is_there_from_then_on(self) -> None:
        self.assertIn(KEPT_BACK, self.ask().content.decode())
        self.assertIn(KEPT_BACK, self.client.get(f"{self.home}/copy").content.decode())
        self.assertIn(KEPT_BACK, self.client.get(f"{self.home}/").content.decode())

    def test_it_costs_what_the_teacher_said_once(self) -> None:
        write(self.copy, box2="4.80")
        for _ in range(3):
            self.assertEqual(self.ask().status_code, 200)
        self.assertEqual(self.copy.shown_help.count(), 1)
        self.assertEqual(self.results()["box2"]["earned"], "1½")
        self.hand_in()
        mark = self.results()["box2"]
        self.assertEqual((mark["earned"], mark["helped"]), ("1½", 1))
        self.assertIn("25 %", mark["reason"])
        self.assertEqual(mark_again(Handout.objects.get(pk=self.world.handout.pk)), 0)

    def test_the_teacher_sees_when_it_was_asked_for(self) -> None:
        self.ask()
        review = teacher_client(self.world.maren).get(f"/api/copies/{self.copy.pk}").json()
        (used,) = review["help"]
        self.assertEqual((used["field_id"], used["kind"], used["cost"]), ("box2", "hint", 25))

    def test_after_handing_in_only_what_was_seen_is_shown(self) -> None:
        self.hand_in()
        self.assert_error(self.ask(), 409, "copy.handed_in")
        self.assertEqual(self.copy.shown_help.count(), 0)
        let_go_on(self.world.maren, self.copy, timezone.now())
        self.assertEqual(self.ask().status_code, 200)
        self.hand_in()
        self.assertIn(KEPT_BACK, self.ask().content.decode())

    def test_none_is_shown_when_the_handout_is_closed(self) -> None:
        Handout.objects.filter(pk=self.world.handout.pk).update(open=False)
        self.assert_error(self.ask(), 409, "handout.closed")

    def test_what_is_not_there_is_told(self) -> None:
        for wanted in ({"help_id": "hint9"}, {"field_id": "box9"}, {"field_id": "box1"}):
            self.assert_error(self.ask(**wanted), 404, "help.missing")

    def test_it_is_for_who_asked(self) -> None:
        self.ask()
        other = joined(self.world.handout, "Bao Okafor")
        self.assertNotIn(KEPT_BACK, student_client(other).get(f"/c/{other.pk}/copy").content.decode())

    def test_one_that_was_asked_for_while_it_is_handed_in_is_counted(self) -> None:
        write(self.copy, box2="4.80")
        before = marks_now

        def ask_first(*args: Any) -> Any:
            marks = before(*args)
            flow.show_help(self.copy, HelpRef("box2", "hint1"), timezone.now())
            return marks

        with mock.patch.object(hand_in, "marks_now", ask_first):
            self.hand_in()
        self.assertEqual(self.results()["box2"]["earned"], "1½")


class HelpOfEachKind(WorldCase):
    def sheet(self, *helps: Help) -> Any:
        box = answer_box("box1").changed(help=helps)
        sheet = Worksheet.objects.create(owner=self.world.maren, **written(a_document(box)))
        self.copy = joined(hand_out(self.world.maren, sheet.pk), "Zoe Quill")
        return student_client(self.copy)

    def ask(self, client: Any, name: str) -> Any:
        return client.post(f"/c/{self.copy.pk}/help", {"field_id": "box1", "help_id": name}, JSON)

    def test_its_files_are_served_once_it_was_asked_for(self) -> None:
        maren = self.world.maren
        picture, sound = make_picture(maren), make_sound(maren, b"weigh the anchor")
        client = self.sheet(
            PictureHelp(id="help1", picture=picture, alternative="A crab"), SoundHelp(id="help2", sound=sound)
        )
        for name, address in (("help1", f"pictures/{picture}/"), ("help2", f"sounds/{sound}/")):
            self.assertEqual(client.get(f"/c/{self.copy.pk}/{address}").status_code, 404)
            self.assertEqual(self.ask(client, name).status_code, 200)
            self.assertEqual(client.get(f"/c/{self.copy.pk}/{address}").status_code, 200)

    def test_a_worked_example_says_its_steps(self) -> None:
        client = self.sheet(ExampleHelp(id="help1", paragraphs=plain("first", "then")))
        self.assertEqual(len(self.ask(client, "help1").json()["help"]["paragraphs"]), 2)

    def test_a_link_leads_only_where_the_school_allows_it_now(self) -> None:
        client = self.sheet(LinkHelp(id="help1", address="https://tides.gullhaven.example/"))
        with override_settings(LINK_SITES=["elsewhere.example"]):
            self.assert_error(self.ask(client, "help1"), 422, "link.site_not_allowed")
            self.assertEqual(self.copy.shown_help.count(), 0)
        with override_settings(LINK_SITES=["gullhaven.example"]):
            self.assertEqual(self.ask(client, "help1").json()["help"]["address"], "https://tides.gullhaven.example/")
            self.assertEqual(len(client.get(f"/c/{self.copy.pk}/copy").json()["help"]), 1)
        with override_settings(LINK_SITES=[]):
            self.assertEqual(client.get(f"/c/{self.copy.pk}/copy").json()["help"], [])


class AskingAtOnce(TransactionTestCase):
    def test_two_tabs_that_ask_at_once_are_both_told_and_it_is_noted_once(self) -> None:
        world = make_world()

        def ask(_: int) -> str:
            try:
                return flow.show_help(world.ama, HelpRef("box2", "hint1"), timezone.now()).id
            finally:
                connection.close()

        with ThreadPoolExecutor(6) as threads:
            self.assertEqual(set(threads.map(ask, range(6))), {"hint1"})
        self.assertEqual(world.ama.shown_help.count(), 1)


class Laying(WorldCase):
    """What a teacher may put into a worksheet as help and instructions."""

    def edit(self, *edits: dict[str, Any]) -> Any:
        body = {"version": 9, "revision": 1, "batch": "0" * 32, "edits": list(edits)}
        return teacher_client(self.world.maren).post(f"/api/worksheets/{self.world.worksheet.pk}/edits", body, JSON)

    def helped(self, help: dict[str, Any]) -> dict[str, Any]:
        field = answer_box("box1").model_dump(mode="json") | {"help": [help]}
        return {"op": "change", "field": field}

    @override_settings(LINK_SITES=["gullhaven.example"])
    def test_links_lead_to_allowed_sites(self) -> None:
        link = {"kind": "link", "id": "help1", "address": "https://elsewhere.example/"}
        refused = self.edit({"op": "rename", "title": "Tides"}, self.helped(link))
        self.assert_error(refused, 422, "link.site_not_allowed")
        self.assertEqual(refused.json()["path"], ["edits", 1])
        self.assert_error(self.edit(self.helped(link | {"address": "javascript:alert(1)"})), 422, "request.invalid")
        fine = link | {"address": "https://tides.gullhaven.example/"}
        self.assertEqual(self.edit(self.helped(fine)).status_code, 200)

    def test_a_site_that_is_not_allowed_any_more_stops_no_other_edit(self) -> None:
        link = {"kind": "link", "id": "help1", "address": "https://gullhaven.example/"}
        with override_settings(LINK_SITES=["gullhaven.example"]):
            self.assertEqual(self.edit(self.helped(link)).status_code, 200)
        with override_settings(LINK_SITES=[]):
            body = {"version": 9, "revision": 2, "batch": "1" * 32, "edits": [self.helped(link)]}
            sent = teacher_client(self.world.maren).post(f"/api/worksheets/{self.world.worksheet.pk}/edits", body, JSON)
            self.assertEqual(sent.status_code, 200)

    def test_sounds_are_the_teachers_own(self) -> None:
        theirs = make_sound(make_teacher("tobias"), b"a secret")
        instruction = {"language": "en", "paragraphs": [], "sound": theirs}
        for edit in (
            {"op": "set_instructions", "instructions": [instruction]},
            self.helped({"kind": "sound", "id": "help1", "sound": theirs}),
        ):
            self.assert_error(self.edit(edit), 404, "sound.missing")

    def test_students_hear_the_instructions(self) -> None:
        sound = make_sound(self.world.maren)
        client = student_client(self.world.ama)
        sent: Any = client.get(f"/c/{self.world.ama.pk}/sounds/{sound}/")
        self.assertEqual(b"".join(sent.streaming_content), b"OggSthe foghorn")
        self.assertEqual(sent["Content-Type"], "audio/ogg")
        other = make_sound(self.world.maren, b"of another worksheet")
        self.assertEqual(client.get(f"/c/{self.world.ama.pk}/sounds/{other}/").status_code, 404)
