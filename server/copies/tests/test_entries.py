"""Answers that are kept entry by entry: merged from several devices, checked part by part, with files."""

import dataclasses
import io
from datetime import timedelta
from typing import Any
from unittest import mock

from django.core.files.storage import default_storage
from django.utils import timezone
from PIL import Image

from server.copies.flows import files as flow
from server.copies.flows.files import keep_file
from server.copies.models import AnswerChange
from server.markbook import show
from server.testing.parts import HAUL, PartsCase, entry
from server.testing.world import JSON, student_client, teacher_client, text_answer
from velum import sounds
from velum.kinds import KINDS
from velum.kinds.tests.made_up import FIRST, MADE_UP, SECOND

BYTES = "application/octet-stream"


def photo() -> bytes:
    """As a phone takes it: lying on its side, and saying where it was taken."""
    exif = Image.Exif()
    exif[0x0112], exif[0x010F] = 6, "Gullhaven lighthouse"
    out = io.BytesIO()
    Image.new("RGB", (80, 40), "teal").save(out, "JPEG", exif=exif)
    return out.getvalue()


class EntriesCase(PartsCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = student_client(self.copy)
        self.home = f"/c/{self.copy.pk}"

    def change(self, name: str, words: str, revision: int = 1, device: str = "laptop", **more: Any) -> dict[str, Any]:
        return {"field_id": HAUL.id, "entry": name, "revision": revision, "device": device} | {
            "answer": entry(words, **more.pop("holds", {})),
            **more,
        }

    def send(self, *changes: dict[str, Any]) -> list[dict[str, Any]]:
        answer = self.client.post(f"{self.home}/answers", {"changes": changes}, JSON)
        self.assertEqual(answer.status_code, 200, answer.content)
        sent: list[dict[str, Any]] = answer.json()["changes"]
        return sent

    def stands(self) -> dict[str, str]:
        saved = self.client.get(f"{self.home}/copy").json()["answers"]
        return {row["entry"]: row["answer"]["words"] for row in saved if row["field_id"] == HAUL.id}


class Merging(EntriesCase):
    def test_two_devices_that_change_different_parts_both_keep_theirs(self) -> None:
        self.send(self.change(FIRST, "whelk", device="laptop", order=1))
        self.send(self.change(SECOND, "goby", device="tablet", order=1))
        self.assertEqual(self.stands(), {FIRST: "whelk", SECOND: "goby"})

    def test_of_the_same_part_what_was_typed_last_stands(self) -> None:
        self.send(self.change(FIRST, "whelk", device="laptop", order=1, age=1_000))
        (late,) = self.send(self.change(FIRST, "goby", device="tablet", order=1, age=60_000))
        self.assertEqual((late["entry"], late["answer"]["words"]), (FIRST, "whelk"))
        self.send(self.change(FIRST, "crab", device="tablet", order=2, revision=1))
        self.assertEqual(self.stands(), {FIRST: "crab"})
        self.assertEqual(AnswerChange.objects.filter(copy=self.copy, entry=FIRST).count(), 3)

    def test_one_save_carries_several_and_says_of_each_what_became_of_it(self) -> None:
        sent = self.send(self.change(FIRST, "whelk"), self.change("slot9", "gull"), self.change(SECOND, "goby"))
        self.assertEqual([row["entry"] for row in sent], [FIRST, "slot9", SECOND])
        self.assertEqual([row["refused"] and row["refused"]["code"] for row in sent], [None, "answer.no_slot", None])

    def test_an_answer_of_one_piece_has_no_entries(self) -> None:
        change = {"field_id": "box1", "entry": "slot1", "revision": 1, "answer": text_answer("limpet")}
        (sent,) = self.send(change)
        self.assertEqual(sent["refused"]["code"], "answer.no_entry")

    def test_an_answer_holds_so_many_entries_and_those_that_are_there_can_still_change(self) -> None:
        assert MADE_UP.entries is not None
        small = dataclasses.replace(MADE_UP, entries=dataclasses.replace(MADE_UP.entries, most=1))
        with mock.patch.dict(KINDS, {MADE_UP.name: small}):
            first, second = self.send(self.change(FIRST, "whelk"), self.change(SECOND, "goby"))
            self.assertIsNone(first["refused"])
            self.assertEqual(second["refused"]["code"], "answer.too_many_entries")
            (again,) = self.send(self.change(FIRST, "crab", revision=2))
            self.assertIsNone(again["refused"])

    def test_entries_of_an_older_version_are_read(self) -> None:
        older = self.change(FIRST, "") | {"answer": {"kind": "haul", "thing": "whelk"}}
        (sent,) = self.send(older)
        self.assertEqual(sent["answer"], entry("whelk", photo=None))

    def test_what_comes_too_late_is_noted_entry_by_entry(self) -> None:
        self.send(self.change(FIRST, "whelk"))
        self.client.post(f"{self.home}/hand-in", {"changes": []}, JSON)
        late = self.client.post(f"{self.home}/answers", {"changes": [self.change(SECOND, "crab")]}, JSON)
        self.assert_error(late, 409, "copy.handed_in")
        self.assertEqual([(row["entry"], row["answer"]) for row in late.json()["changes"]], [(SECOND, None)])
        self.assertEqual(AnswerChange.objects.get(copy=self.copy, late=True).entry, SECOND)


class CheckingParts(EntriesCase):
    def check(self, part: str) -> Any:
        return self.client.post(f"{self.home}/check", {"field_id": HAUL.id, "part": part}, JSON)

    def test_each_part_has_its_verdict_its_tries_and_its_hint(self) -> None:
        self.handout.tries_allowed = 1
        self.handout.save()
        self.send(self.change(FIRST, "whelk"), self.change(SECOND, "goby"))
        first, second = self.check(FIRST).json(), self.check(SECOND).json()
        self.assertEqual((first["part"], first["verdict"], first["hint"]), (FIRST, "right", None))
        self.assertEqual((second["verdict"], second["left"]), ("wrong", 0))
        self.assertEqual(second["hint"], "It walks sideways.")
        self.send(self.change(SECOND, "shore crab", revision=2))
        self.assert_error(self.check(SECOND), 422, "check.no_tries_left")
        checked = {row["part"]: row["verdict"] for row in self.client.get(f"{self.home}/copy").json()["checked"]}
        self.assertEqual(checked, {FIRST: "right", SECOND: "wrong"})

    def test_a_part_that_is_blank_has_no_verdict_and_one_that_is_none_is_refused(self) -> None:
        self.send(self.change(FIRST, "whelk"))
        self.assertEqual(self.check(SECOND).status_code, 204)
        self.assert_error(self.check("slot9"), 422, "answer.no_field")


class Files(EntriesCase):
    def keep(self, data: bytes, field_id: str = HAUL.id) -> Any:
        return self.client.post(f"{self.home}/files?field_id={field_id}", data, BYTES)

    def test_a_photo_is_kept_upright_without_what_the_camera_wrote(self) -> None:
        kept = self.keep(photo())
        self.assertEqual(kept.status_code, 201, kept.content)
        sent: Any = self.client.get(f"{self.home}/files/{kept.json()['file']}/")
        data = b"".join(sent.streaming_content)
        self.assertNotIn(b"lighthouse", data)
        self.assertEqual(Image.open(io.BytesIO(data)).size, (40, 80))
        self.assertIn("sandbox", sent.headers["Content-Security-Policy"])
        self.assertEqual(self.keep(photo()).json(), kept.json())
        self.assertEqual(self.copy.files.count(), 1)

    def test_the_teacher_sees_how_much_was_sent_and_into_whose_copy_hardly_more_fits(self) -> None:
        file = self.keep(photo()).json()["file"]
        size = self.copy.files.get(sha256=file).size
        teacher = teacher_client(self.world.maren)
        address = f"/api/handouts/{self.handout.pk}/results"
        files = teacher.get(address).json()["files"]
        self.assertEqual((files["kept"], files["nearly_full"]), (size, []))
        with mock.patch.object(show, "MOST_OF_A_COPY", size + 1):
            self.assertEqual(teacher.get(address).json()["files"]["nearly_full"], ["Bao Okafor"])
        # Where nothing takes files, there is nothing to tell.
        self.assertIsNone(teacher.get(f"/api/handouts/{self.world.handout.pk}/results").json()["files"])

    def test_an_answer_speaks_only_of_files_of_its_own_copy(self) -> None:
        file = self.keep(photo()).json()["file"]
        (kept,) = self.send(self.change(FIRST, "", holds={"photo": file}))
        self.assertEqual(kept["answer"]["photo"], file)
        (other,) = self.send(self.change(SECOND, "", holds={"photo": "0" * 64}))
        self.assertEqual(other["refused"]["code"], "answer.no_file")
        self.client, self.home = student_client(self.world.ama), f"/c/{self.world.ama.pk}"
        self.assertEqual(self.client.get(f"{self.home}/files/{file}/").status_code, 404)

    def test_what_takes_no_file_and_what_is_none_are_refused(self) -> None:
        self.assert_error(self.keep(photo(), "box1"), 422, "answer.takes_no_file")
        self.assert_error(self.keep(photo(), "gone"), 422, "answer.takes_no_file")
        self.assert_error(self.keep(b"words"), 422, "picture.unknown")
        with mock.patch.object(flow, "LARGEST_PICTURE", 10):
            self.assert_error(self.keep(photo()), 413, "answer.file_too_large")
        with mock.patch.object(flow, "MOST_OF_A_COPY", 10):
            self.assert_error(self.keep(photo()), 413, "answer.too_many_files")
        with mock.patch.object(flow, "MOST_OF_A_HANDOUT", 10):
            self.assert_error(self.keep(photo()), 413, "answer.handout_full")
        self.client.post(f"{self.home}/hand-in", {"changes": []}, JSON)
        self.assert_error(self.keep(photo()), 409, "copy.handed_in")
        self.assertEqual(self.copy.files.count(), 0)

    def test_a_recording_is_told_by_its_content(self) -> None:
        heard = dataclasses.replace(MADE_UP, takes="sound")
        with mock.patch.dict(KINDS, {MADE_UP.name: heard}):
            self.assertEqual(self.keep(b"OggS" + bytes(60)).json()["media_type"], "audio/ogg")
            self.assert_error(self.keep(photo()), 422, "sound.unknown")
            self.assert_error(self.keep(b""), 422, "sound.empty")
            with mock.patch.object(sounds, "MOST_BYTES", 10):
                self.assert_error(self.keep(b"OggS" + bytes(60)), 413, "answer.file_too_large")

    def test_a_file_that_was_lost_from_the_disk_is_kept_again(self) -> None:
        kept = keep_file(self.copy, HAUL.id, io.BytesIO(photo()), timezone.now())
        default_storage.delete(kept.name)
        kept.delete()
        again = keep_file(self.copy, HAUL.id, io.BytesIO(photo()), timezone.now())
        self.assertTrue(default_storage.exists(again.name))


class Order(EntriesCase):
    def test_entries_are_put_together_in_the_order_in_which_they_were_written(self) -> None:
        seen: list[list[str]] = []
        assert MADE_UP.entries is not None
        really = MADE_UP.entries.together

        def together(field: Any, entries: Any) -> Any:
            seen.append(list(entries))
            return really(field, entries)

        watched = dataclasses.replace(MADE_UP, entries=dataclasses.replace(MADE_UP.entries, together=together))
        self.send(self.change(FIRST, "whelk", age=0))
        self.send(self.change(SECOND, "goby", age=int(timedelta(minutes=5).total_seconds() * 1000)))
        with mock.patch.dict(KINDS, {MADE_UP.name: watched}):
            self.client.post(f"{self.home}/check", {"field_id": HAUL.id, "part": FIRST}, JSON)
        self.assertEqual(seen, [[SECOND, FIRST]])


class Parts(EntriesCase):
    """Browsers play sounds by parts of their files."""

    def setUp(self) -> None:
        super().setUp()
        kept = keep_file(self.copy, HAUL.id, io.BytesIO(photo()), timezone.now())
        self.address = f"{self.home}/files/{kept.sha256}/"
        self.whole = default_storage.open(kept.name).read()

    def part(self, wanted: str, **headers: str) -> Any:
        return self.client.get(self.address, headers={"Range": wanted, **headers})

    def test_a_part_is_sent_where_one_is_asked_for(self) -> None:
        size = len(self.whole)
        for wanted, start, end in (
            ("bytes=0-1", 0, 2),
            ("bytes=10-", 10, size),
            (f"bytes=5-{size + 99}", 5, size),
            ("bytes=-7", size - 7, size),
            (f"bytes=-{size + 1}", 0, size),
        ):
            with self.subTest(wanted):
                sent = self.part(wanted)
                self.assertEqual((sent.status_code, b"".join(sent)), (206, self.whole[start:end]))
                self.assertEqual(sent["Content-Range"], f"bytes {start}-{end - 1}/{size}")
                self.assertEqual(sent["Content-Length"], str(end - start))
                self.assertIn("sandbox", sent["Content-Security-Policy"])

    def test_a_part_that_is_not_there_is_refused(self) -> None:
        for wanted in (f"bytes={len(self.whole)}-", "bytes=9-3", "bytes=-0"):
            with self.subTest(wanted):
                sent = self.part(wanted)
                self.assertEqual((sent.status_code, sent["Content-Range"]), (416, f"bytes */{len(self.whole)}"))

    def test_whatever_else_is_asked_for_is_answered_with_all_of_it(self) -> None:
        for wanted in ("", "bytes=-", "bytes=0-1,4-5", "lines=1-2", "bytes=a-b", f"bytes={'9' * 30}-"):
            with self.subTest(wanted):
                sent = self.part(wanted)
                self.assertEqual((sent.status_code, b"".join(sent)), (200, self.whole))
                self.assertEqual(sent["Accept-Ranges"], "bytes")
        sent = self.part("bytes=0-1", **{"If-Range": "another"})
        self.assertEqual((sent.status_code, b"".join(sent)), (200, self.whole))
