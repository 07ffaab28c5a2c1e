import io
from datetime import timedelta
from typing import Any
from unittest import mock

from django.core.files.storage import default_storage
from django.utils import timezone

from server.sounds.flows import keep
from server.sounds.flows.keep import keep_sound
from server.sounds.models import OwnSound
from server.testing.world import WorldCase, make_sound, make_teacher, teacher_client
from server.worksheets.flows.clean import clean

BYTES = "application/octet-stream"


class Sounds(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)

    def send(self, data: bytes) -> Any:
        return self.client.post("/api/sounds", data, BYTES)

    def test_one_is_kept_once_and_can_be_heard(self) -> None:
        first, second = self.send(b"OggS a gull"), self.send(b"OggS a gull")
        self.assertEqual((first.status_code, first.json()), (201, second.json()))
        heard: Any = self.client.get(f"/sounds/{first.json()['sound']}/", headers={"Range": "bytes=5-"})
        self.assertEqual((heard.status_code, b"".join(heard.streaming_content)), (206, b"a gull"))
        self.assertEqual(heard["X-Content-Type-Options"], "nosniff")

    def test_what_is_no_sound_is_refused_and_leaves_nothing(self) -> None:
        before = OwnSound.objects.count()
        for data in (b"", b"<script>", b"%PDF-1.7", b"\x89PNG"):
            refused = self.send(data)
            self.assertEqual(refused.status_code, 422)
            self.assertTrue(refused.json()["code"].startswith("sound."))
        with mock.patch("velum.sounds.MOST_BYTES", 10):
            self.assert_error(self.send(b"OggS a long song"), 413, "sound.too_large")
        self.assertEqual(OwnSound.objects.count(), before)

    def test_there_is_an_end_to_what_a_teacher_keeps(self) -> None:
        with mock.patch.object(keep, "MOST_OF_A_TEACHER", 20):
            self.assertEqual(self.send(b"OggS1").status_code, 201)
            self.assert_error(self.send(b"OggS a longer one"), 413, "sound.too_many")
            self.assertEqual(self.send(b"OggS1").status_code, 201, "what is kept already takes no more room")

    def test_a_file_that_was_lost_is_kept_again(self) -> None:
        sound = OwnSound.objects.get(sha256=make_sound(self.world.maren, b"lost"))
        default_storage.delete(sound.name)
        make_sound(self.world.maren, b"lost")
        self.assertTrue(default_storage.exists(sound.name))


class Cleaning(WorldCase):
    def test_what_nothing_uses_is_removed_after_a_while_and_what_is_used_stays(self) -> None:
        used = make_sound(self.world.maren)
        unused = OwnSound.objects.get(sha256=make_sound(self.world.maren, b"unused"))
        now = timezone.now()
        self.assertEqual(clean(now).removed_sounds, [])
        self.assertEqual(clean(now + timedelta(days=29)).removed_sounds, [])
        self.assertEqual(clean(now + timedelta(days=31), dry_run=True).removed_sounds, [])
        self.assertEqual(clean(now + timedelta(days=31)).removed_sounds, [unused.sha256])
        self.assertFalse(default_storage.exists(unused.name))
        self.assertEqual([sound.sha256 for sound in self.world.maren.sounds.all()], [used])

    def test_one_that_another_teacher_keeps_stays_on_the_disk(self) -> None:
        for teacher in (self.world.maren, make_teacher("tobias")):
            make_sound(teacher, b"shared")
        now = timezone.now()
        clean(now)
        later = now + timedelta(days=31)
        kept = keep_sound(self.world.maren, io.BytesIO(b"OggSshared"))
        clean(later)
        self.assertTrue(default_storage.exists(kept.name))
        self.assertEqual(OwnSound.objects.filter(sha256=kept.sha256).count(), 1)
