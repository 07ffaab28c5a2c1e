import io
import json
import zipfile
from typing import Any

from django.core.files.base import ContentFile
from django.core.files.storage import default_storage
from django.utils import timezone

from server.classes.flows.make import make_class
from server.classes.models import Erasure, Student
from server.copies.flows.hand_in import hand_in
from server.copies.flows.join import copy_for
from server.copies.models import AnswerFile, Copy
from server.handouts.flows.hand_out import To, hand_out_to
from server.testing.world import (
    JSON,
    SECRET,
    WorldCase,
    card_client,
    make_students,
    make_teacher,
    teacher_client,
    write,
)


class StudentData(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.kestrels = make_class(self.world.maren, "Kestrels")
        self.ama, self.bao = make_students(self.kestrels, "Ama Lindqvist", "Bao Okafor")
        (self.handout,) = hand_out_to(self.world.maren, self.world.worksheet.pk, [To(self.kestrels.pk)], {})
        self.copies = [copy_for(self.handout, student, timezone.now()) for student in (self.ama, self.bao)]
        write(self.copies[0], box1=SECRET, box3="under a stone")
        hand_in(self.copies[0].pk, [], timezone.now())
        write(self.copies[1], box1="mine")

    def keep(self, copy: Copy, content: bytes, sha256: str) -> AnswerFile:
        kept = AnswerFile.objects.create(copy=copy, sha256=sha256, media_type="audio/ogg", size=len(content))
        if not default_storage.exists(kept.name):
            default_storage.save(kept.name, ContentFile(content))
        return kept

    def taken(self) -> tuple[zipfile.ZipFile, dict[str, Any]]:
        answer: Any = self.client.get(f"/students/{self.ama.pk}/data.zip")
        self.assertEqual(answer["Cache-Control"], "no-store")
        packed = zipfile.ZipFile(io.BytesIO(b"".join(answer.streaming_content)))
        return packed, json.loads(packed.read("student.json"))

    def test_all_that_is_kept_is_in_one_file(self) -> None:
        self.keep(self.copies[0], b"OggS hello", "a" * 64)
        packed, data = self.taken()
        self.assertEqual((data["student"]["given"], data["classes"][0]["class"]), ("Ama", "Kestrels"))
        (work,) = data["work"]
        self.assertEqual({each["value"]["text"] for each in work["answers"]}, {SECRET, "under a stone"})
        self.assertEqual(len(work["changes"]), 2)
        self.assertEqual([mark["verdict"] for mark in work["marks"] if mark["field_id"] == "box1"], ["right"])
        self.assertEqual(len(work["handed_in"]), 1)
        self.assertEqual(packed.read(work["files"][0]), b"OggS hello")
        self.assertNotIn("mine", json.dumps(data))

    def test_what_is_erased_is_gone_and_what_is_others_stays(self) -> None:
        own = self.keep(self.copies[0], b"OggS own", "a" * 64)
        shared = self.keep(self.copies[0], b"OggS both", "b" * 64)
        self.keep(self.copies[1], b"OggS both", "b" * 64)
        signed_in = card_client(self.ama)
        before = self.client.get(f"/api/handouts/{self.handout.pk}/results").json()
        with self.captureOnCommitCallbacks(execute=True):
            answer = self.client.post(f"/api/students/{self.ama.pk}/erasure", {}, JSON)
        self.assertEqual(answer.status_code, 204)
        self.assertEqual([student.name for student in Student.objects.all()], ["Bao Okafor"])
        self.assertEqual(list(self.handout.copies.all()), [self.copies[1]])
        self.assertFalse(default_storage.exists(own.name))
        self.assertTrue(default_storage.exists(shared.name))
        self.assertRedirects(signed_in.get("/peg/"), "/join/")
        after = self.client.get(f"/api/handouts/{self.handout.pk}/changes?since={before['number']}").json()
        self.assertEqual([row["name"] for row in after["results"]["rows"]], ["Bao Okafor"])
        erasure = Erasure.objects.get()
        self.assertEqual((erasure.by, erasure.classes, erasure.copies), (self.world.maren, "Kestrels", 1))
        self.assertEqual(self.client.get(f"/students/{self.ama.pk}/data.zip").status_code, 404)

    def test_a_student_of_somebody_elses_class_too_is_not_erased(self) -> None:
        other = make_class(make_teacher("tobias"), "Theirs")
        other.enrolments.create(student=self.ama, place=0)
        answer = self.client.post(f"/api/students/{self.ama.pk}/erasure", {}, JSON)
        self.assert_error(answer, 409, "student.in_another_class")
        self.assertTrue(Copy.objects.filter(student=self.ama).exists())
