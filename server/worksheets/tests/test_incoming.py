"""Paper comes in whole, or not at all; what is cancelled leaves nothing; what fails is told."""

import hashlib
import io
import uuid
from collections.abc import Iterator
from datetime import timedelta
from pathlib import Path
from typing import Any
from unittest import mock

from django.core.files.storage import default_storage
from django.test import override_settings
from django.utils import timezone

from server.drawing import jobs, queue
from server.files.whole import HALF, written_whole
from server.handouts.flows.hand_out import hand_out
from server.testing import havoc
from server.testing.world import WorldCase, make_teacher, teacher_client
from server.worksheets import incoming, pictures, resume, sources, surveys
from server.worksheets.flows import bring_in as flow
from server.worksheets.flows.bring_in import bring_in, cancel
from server.worksheets.flows.clean import clean
from server.worksheets.flows.remove import remove
from server.worksheets.models import SourceFile, Upload, Worksheet
from velum.document.pages import with_pages
from velum.document.reading import read_document
from velum.testing import papers
from velum.testing import pictures as pictures_made

OCTETS = "application/octet-stream"


class Incoming(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.tobias = make_teacher("tobias")
        self.client = teacher_client(self.tobias)

    def send(self, data: bytes, upload: uuid.UUID | None = None, **headers: Any) -> Any:
        path = "/api/worksheets?name=paper.pdf" + (f"&upload={upload}" if upload else "")
        return self.client.generic("POST", path, data, content_type=OCTETS, **headers)

    def add(self, worksheet: str, data: bytes, upload: uuid.UUID) -> Any:
        path = f"/api/worksheets/{worksheet}/pages?upload={upload}"
        return self.client.generic("POST", path, data, content_type=OCTETS)

    def cancel(self, upload: uuid.UUID) -> None:
        self.assertEqual(self.client.delete(f"/api/uploads/{upload}").status_code, 204)

    def desk(self) -> list[Worksheet]:
        return list(self.tobias.worksheets.all())

    def on_the_way(self) -> list[Path]:
        return list((self.data / "incoming").glob("*"))

    # Whole, or not at all

    def test_a_part_of_a_file_is_never_taken_for_the_whole(self) -> None:
        data = papers.pdf(pages=30)
        for share in (0.1, 0.5, 0.9, 0.999):
            came = data[: int(len(data) * share)]
            with self.subTest(share), self.assertRaises(incoming.Incomplete):
                bring_in(self.tobias, io.BytesIO(came), "paper.pdf", length=len(data))
        self.assertEqual((self.desk(), self.on_the_way()), ([], []))

    def test_a_file_that_does_not_say_how_large_it_is_is_refused(self) -> None:
        answer = self.send(papers.pdf(), CONTENT_LENGTH="", HTTP_TRANSFER_ENCODING="chunked")
        self.assert_error(answer, 400, "paper.no_length")

    def test_a_connection_that_breaks_leaves_nothing(self) -> None:
        class Broken(io.BytesIO):
            def read(self, size: int | None = -1, /) -> bytes:
                if self.tell() > 3_000:
                    raise OSError("the connection is gone")
                return super().read(2_000)

        with self.assertRaises(incoming.Incomplete):
            bring_in(self.tobias, Broken(papers.pdf(pages=20)), "paper.pdf")
        self.assertEqual((self.desk(), self.on_the_way()), ([], []))

    def test_half_files_of_a_killed_server_are_removed_and_those_on_their_way_are_not(self) -> None:
        folder = self.data / "incoming"
        folder.mkdir(exist_ok=True)
        (folder / "tmp-left").write_bytes(b"half")
        with incoming._temporary() as under_way:
            self.assertEqual(incoming.forget_halves(), 1)
            self.assertTrue(Path(under_way.name).exists())
        self.assertEqual(self.on_the_way(), [])

    def test_a_file_gets_its_name_once_it_is_whole(self) -> None:
        place = self.data / "kept" / "file"
        with self.assertRaises(KeyboardInterrupt), written_whole(place) as out:
            out.write(b"half")
            raise KeyboardInterrupt
        self.assertEqual(list(place.parent.iterdir()), [])
        with written_whole(place) as out:
            out.write(b"whole")
            self.assertFalse(place.exists())
            self.assertTrue(out.name.startswith(str(place.parent / HALF)))
        self.assertEqual(place.read_bytes(), b"whole")

    def test_a_name_alone_is_not_believed(self) -> None:
        """A crash had left a part of the file under its name: the same content brought in again is kept whole."""
        data = papers.pdf(words="Twice")
        sha256 = hashlib.sha256(data).hexdigest()
        place = Path(default_storage.path(SourceFile(sha256=sha256).name))
        for left in (data[:500], b"", b"x" * len(data)):
            place.parent.mkdir(parents=True, exist_ok=True)
            place.write_bytes(left)
            SourceFile.objects.filter(pk=sha256).delete()
            self.assertEqual(self.send(data).status_code, 201)
            self.assertEqual(place.read_bytes(), data)
        place.write_bytes(data[:100])  # damaged since
        self.send(data)
        self.assertEqual(place.read_bytes(), data)

    def test_a_file_is_kept_before_the_database_is_locked(self) -> None:
        from django.db import connection

        depth, really_keep = len(connection.savepoint_ids), sources.keep
        locked: list[bool] = []

        def keep(*parts: Any) -> Any:
            locked.append(len(connection.savepoint_ids) > depth)
            return really_keep(*parts)

        with mock.patch.object(sources, "keep", keep):
            self.send(papers.pdf())
        self.assertEqual(locked, [False])

    # Cancelled, and twice

    def test_what_is_cancelled_while_it_comes_is_not_brought_in(self) -> None:
        upload = uuid.uuid4()
        self.cancel(upload)
        self.assert_error(self.send(papers.pdf(), upload), 409, "bring_in.cancelled")
        self.assertEqual(self.desk(), [])

    def test_what_is_cancelled_after_it_came_goes_again(self) -> None:
        upload = uuid.uuid4()
        self.assertEqual(self.send(papers.pdf(), upload).status_code, 201)
        for _ in range(2):
            self.cancel(upload)
        self.assertEqual(self.desk(), [])
        self.assert_error(self.send(papers.pdf(), upload), 409, "bring_in.cancelled")

    def test_pages_that_are_cancelled_after_they_came_go_again_with_what_came_with_them(self) -> None:
        sheet = self.send(papers.pdf(pages=2)).json()
        upload = uuid.uuid4()
        added = self.add(sheet["id"], papers.form(), upload).json()
        self.assertEqual((len(added["document"]["pages"]), len(added["document"]["fields"])), (4, 7))
        self.cancel(upload)
        document = read_document(self.desk()[0].document)
        self.assertEqual((len(document.pages), document.fields), (2, ()))

    def test_an_upload_that_comes_twice_is_brought_in_once(self) -> None:
        upload = uuid.uuid4()
        first, second = self.send(papers.pdf(), upload), self.send(papers.pdf(), upload)
        self.assertEqual((first.json()["id"], second.status_code), (second.json()["id"], 201))
        more = uuid.uuid4()
        for _ in range(2):
            pages = self.add(first.json()["id"], papers.pdf(pages=2), more).json()["document"]["pages"]
        self.assertEqual(len(pages), 3)

    def test_nobody_cancels_what_another_brings_in(self) -> None:
        upload = uuid.uuid4()
        self.send(papers.pdf(), upload)
        cancel(self.world.maren, upload)
        self.assertEqual(len(self.desk()), 1)

    def test_a_worksheet_that_was_worked_on_is_not_cancelled_away(self) -> None:
        upload = uuid.uuid4()
        sheet = self.send(papers.pdf(), upload).json()
        hand_out(self.tobias, uuid.UUID(sheet["id"]))
        answer = self.client.delete(f"/api/uploads/{upload}")
        self.assert_error(answer, 422, "page.last")
        self.assertEqual(len(self.desk()), 1)

    def test_pages_are_put_behind_what_was_edited_meanwhile(self) -> None:
        sheet = self.send(papers.pdf()).json()
        edited: list[int] = []

        def edit_first(*parts: Any) -> Any:
            if not edited:
                edited.append(Worksheet.objects.filter(pk=sheet["id"]).update(revision=5))
            return with_pages(*parts)

        with mock.patch.object(flow, "with_pages", edit_first):
            added = self.add(sheet["id"], papers.pdf(pages=2), uuid.uuid4()).json()
        self.assertEqual((added["revision"], len(added["document"]["pages"])), (6, 3))

    # What fails is told

    def test_whatever_a_reading_process_raises_is_a_sentence(self) -> None:
        with mock.patch.object(jobs, "read", havoc.stumble), self.assertLogs("server.drawing.pool"):
            self.assert_error(self.send(papers.pdf()), 422, "paper.failed")
        self.assertEqual(self.desk(), [])

    def test_what_could_not_be_read_is_named_and_the_rest_comes_in(self) -> None:
        brought = self.send(papers.with_a_bad_page()).json()
        self.assertEqual([page["number"] for page in brought["document"]["pages"]], [0, 2])
        self.assertEqual(brought["left_out"], ["Page 2 could not be read and was left out."])

    def test_a_password_for_a_file_that_has_no_lock_does_no_harm(self) -> None:
        answer = self.send(pictures_made.turned_photo(), HTTP_VELUM_PASSWORD="lantern")
        self.assertEqual(answer.status_code, 201)

    def test_a_page_that_cannot_be_drawn_says_so_at_once_and_whenever_it_is_asked_for(self) -> None:
        data = papers.pdf(words="Spoilt")
        sheet = self.send(data).json()
        page = read_document(self.desk()[0].document).pages[0]
        address = f"/worksheets/{sheet['id']}/pages/{page.id}/{pictures.LAPTOP}.webp"
        self.assertEqual(self.client.get(address).status_code, 200)
        source = SourceFile.objects.get(pk=page.source)
        Path(default_storage.path(source.name)).write_bytes(b"%PDF-1.7 gone")
        for place in pictures.folder_of(page).glob("*"):
            place.unlink()
        for _ in range(2):
            self.assertContains(self.client.get(address), "could not be drawn", status_code=422)
        (failed,) = pictures.folder_of(page).glob("*1700.failed")
        with mock.patch.object(queue, "_TRY_AGAIN_AFTER", -1):
            # Tried again behind it, and still not said to be on its way.
            self.assertContains(self.client.get(address), "could not be drawn", status_code=422)
        state = self.client.get(f"/api/worksheets/{sheet['id']}/pictures").json()[0]["state"]
        self.assertEqual((state, failed.exists()), ("failed", True))

    # What is left, and what is missing

    def test_what_nothing_uses_goes_after_a_while_and_nothing_else(self) -> None:
        kept, gone = papers.pdf(words="Kept"), papers.pdf(words="Gone")
        handed = self.send(papers.pdf(words="Handed out")).json()
        hand_out(self.tobias, uuid.UUID(handed["id"]))
        self.send(kept)
        remove(self.tobias, uuid.UUID(self.send(gone).json()["id"]))
        sha256 = hashlib.sha256(gone).hexdigest()
        place = Path(default_storage.path(SourceFile(sha256=sha256).name))
        now = timezone.now()
        self.assertEqual((clean(now, dry_run=True).unused_files, clean(now).removed_files), (1, []))
        self.assertEqual(clean(now + timedelta(days=29)).removed_files, [])
        self.assertTrue(place.exists())
        self.assertEqual(clean(now + timedelta(days=31)).removed_files, [sha256])
        self.assertFalse(place.exists())
        self.assertFalse(
            pictures.folder_of(read_document(self.desk()[0].document).pages[0]).parent.joinpath(sha256).exists()
        )
        self.assertEqual(SourceFile.objects.count(), 2)

    def test_what_is_used_again_stays(self) -> None:
        data = papers.pdf(words="Again")
        now = timezone.now()
        remove(self.tobias, uuid.UUID(self.send(data).json()["id"]))
        clean(now)
        self.send(data)
        self.assertEqual(clean(now + timedelta(days=31)).removed_files, [])

    def test_nothing_is_removed_while_something_cannot_be_read(self) -> None:
        remove(self.tobias, uuid.UUID(self.send(papers.pdf()).json()["id"]))
        now = timezone.now()
        clean(now)
        Worksheet.objects.filter(pk=self.world.worksheet.pk).update(document={"version": 99})
        report = clean(now + timedelta(days=31))
        self.assertEqual((report.removed_files, len(report.unreadable)), ([], 1))

    def test_a_worksheet_removed_takes_its_waiting_work_along(self) -> None:
        sheet = self.send(papers.pdf(words="Waiting")).json()
        page = read_document(self.desk()[0].document).pages[0]
        with mock.patch.object(queue, "drop") as drop:
            remove(self.tobias, uuid.UUID(sheet["id"]))
        drop.assert_called_once_with(pictures.folder_of(page))

    def test_a_server_that_starts_goes_on_with_what_is_missing_set_aside_or_not(self) -> None:
        sheet = self.send(papers.pdf(words="Left")).json()
        document = read_document(self.desk()[0].document)
        shown = document.pages[0]
        aside = shown.changed(id="aside1", turn=180)
        Worksheet.objects.filter(pk=sheet["id"]).update(
            document=document.changed(aside=(aside,)).model_dump(mode="json")
        )
        begun: list[str] = []
        with (
            mock.patch.object(pictures, "begin", lambda pages, soon: begun.extend(page.id for page in pages)),
            mock.patch.object(surveys, "begin") as read,
            mock.patch("server.worksheets.resume.connection.close"),
        ):
            resume.resume()
        self.assertIn(shown.id, begun)
        self.assertIn("aside1", begun)
        self.assertTrue(read.called)

    def test_the_text_of_pages_is_read_again_when_it_is_gone(self) -> None:
        """Such as after a restore without the folder of what can be made again."""
        sheet = self.send(papers.pdf(words="Bladder wrack")).json()
        for _ in self.until_read(sheet["id"]):
            pass
        page = read_document(self.desk()[0].document).pages[0]
        for place in pictures.folder_of(page).glob("*"):
            place.unlink()
        self.assertEqual(surveys.text_of(page), "")
        for _ in self.until_read(sheet["id"]):
            pass

    def test_what_an_earlier_release_has_read_is_kept_until_it_is_read_again(self) -> None:
        sheet = self.send(papers.pdf(words="Bladder wrack")).json()
        for _ in self.until_read(sheet["id"]):
            pass
        page = read_document(self.desk()[0].document).pages[0]
        now = surveys._text_place(page)
        now.rename(surveys._text_place(page, surveys.EARLIER))
        with mock.patch.object(surveys, "begin") as again:
            self.assertIn("Bladder wrack", surveys.text_of(page))
        again.assert_called_once_with([page])

    def until_read(self, worksheet: str) -> Iterator[None]:
        """Waits for the reading, which nobody is told of, as the editor does."""
        while not self.client.get(f"/api/worksheets/{worksheet}/texts").json()[0]:
            for waiting in [*queue._queue._running.values(), *queue._queue._waiting.values()]:
                waiting.done.exception()
            yield


class Uploads(WorldCase):
    def test_old_ones_are_forgotten(self) -> None:
        Upload.objects.create(pk=uuid.uuid4(), owner=self.world.maren)
        clean(timezone.now() + timedelta(days=31))
        self.assertEqual(Upload.objects.count(), 0)

    @override_settings(LARGEST_UPLOAD=1_000)
    def test_a_file_that_is_announced_too_large_is_refused_before_it_is_kept(self) -> None:
        answer = teacher_client(self.world.maren).generic(
            "POST", "/api/worksheets?name=x", papers.pdf(pages=20), content_type=OCTETS
        )
        self.assert_error(answer, 413, "paper.too_large")
