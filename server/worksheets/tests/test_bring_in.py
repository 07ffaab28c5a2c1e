"""Bringing papers in, through the real drawing processes."""

import os
import threading
import time
from concurrent.futures import CancelledError, Future
from concurrent.futures.process import BrokenProcessPool
from datetime import timedelta
from pathlib import Path
from typing import Any
from unittest import mock

from django.conf import settings
from django.test import override_settings
from django.utils import timezone
from pebble.pool.base_pool import PoolStatus

from server.drawing import jobs, pool
from server.drawing.processes import Processes
from server.entrance.errors import Busy
from server.testing import havoc
from server.testing.world import JSON, WorldCase, make_teacher, teacher_client
from server.worksheets import pictures
from server.worksheets.flows.bring_in import title_from
from server.worksheets.flows.clean import clean
from server.worksheets.models import SourceFile, Worksheet
from velum.document.page import Page
from velum.document.reading import read_document
from velum.paper.look import AS_IT_IS
from velum.paper.page_size import PaperRefused
from velum.testing import papers
from velum.testing import pictures as pictures_made


class BringIn(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.tobias = make_teacher("tobias")
        self.client = teacher_client(self.tobias)

    def bring_in(self, data: bytes, name: str = "rock pools.pdf", password: str = "") -> Any:
        headers = {"Velum-Password": password} if password else {}
        path = f"/api/worksheets?name={name}"
        return self.client.generic("POST", path, data, content_type="application/octet-stream", headers=headers)

    def worksheet(self, answer: Any) -> Worksheet:
        self.assertEqual(answer.status_code, 201, answer.content)
        return Worksheet.objects.get(pk=answer.json()["id"])

    def files(self) -> list[Path]:
        return [path for path in self.data.rglob("*") if path.is_file() and "incoming" in path.parts]

    def test_a_pdf_becomes_a_worksheet_with_pages_of_its_size(self) -> None:
        sheet = self.worksheet(self.bring_in(papers.pdf(pages=3)))
        document = read_document(sheet.document)
        self.assertEqual((document.title, len(document.pages)), ("rock pools", 3))
        self.assertEqual((document.pages[2].number, document.pages[2].width), (2, 595.276))

    def test_its_pages_can_be_looked_at_in_each_width(self) -> None:
        sheet = self.worksheet(self.bring_in(papers.pdf(words="To be looked at")))
        page = sheet.document["pages"][0]["id"]
        for width in (pictures.THUMB, pictures.LAPTOP, pictures.FINE):
            answer: Any = self.client.get(f"/worksheets/{sheet.pk}/pages/{page}/{width}.webp")
            self.assertEqual((answer.status_code, answer["Content-Type"]), (200, "image/webp"))
            self.assertEqual(b"".join(answer.streaming_content)[8:12], b"WEBP")
        states = self.client.get(f"/api/worksheets/{sheet.pk}/pictures").json()
        self.assertEqual([(state["page"], state["look"], state["state"]) for state in states], [(page, "0", "ready")])

    def test_other_widths_and_pages_are_not_there(self) -> None:
        sheet = self.worksheet(self.bring_in(papers.pdf()))
        page = sheet.document["pages"][0]["id"]
        for address in (f"{page}/341.webp", f"{page}/99999.webp", "nopage/340.webp", f"{page}/340.webp?look=45"):
            answer = self.client.get(f"/worksheets/{sheet.pk}/pages/{address}")
            self.assertEqual(answer.status_code, 404)

    def test_a_photo_becomes_a_worksheet(self) -> None:
        sheet = self.worksheet(self.bring_in(pictures_made.turned_photo(), "IMG_2041.JPG"))
        self.assertEqual(sheet.document["title"], "IMG 2041")
        page = sheet.document["pages"][0]
        self.assertLess(page["width"], page["height"])
        picture = self.client.get(f"/worksheets/{sheet.pk}/pages/{page['id']}/{pictures.LAPTOP}.webp")
        self.assertEqual(picture.status_code, 200)

    def test_more_files_are_put_behind_the_first(self) -> None:
        sheet = self.worksheet(self.bring_in(papers.pdf(pages=2)))
        path = f"/api/worksheets/{sheet.pk}/pages"
        data = pictures_made.several("TIFF")
        answer = self.client.generic("POST", path, data, content_type="application/octet-stream")
        self.assertEqual(answer.status_code, 201)
        worksheet = answer.json()
        self.assertEqual((len(worksheet["document"]["pages"]), worksheet["revision"]), (5, 2))
        refused = self.client.generic("POST", path, b"Dear Maren", content_type="application/octet-stream")
        self.assert_error(refused, 422, "paper.unknown")
        sheet.refresh_from_db()
        self.assertEqual((len(sheet.document["pages"]), sheet.revision), (5, 2))

    def test_a_blank_page_is_put_behind_the_others(self) -> None:
        sheet = self.worksheet(self.bring_in(papers.pdf()))
        path = f"/api/worksheets/{sheet.pk}/blank-pages"
        wish = {"pattern": "squared", "width": 612, "height": 792}
        answer = self.client.post(path, wish, JSON)
        self.assertEqual(answer.status_code, 201)
        pages = answer.json()["document"]["pages"]
        self.assertEqual([(page["width"], page["height"]) for page in pages[1:]], [(612, 792)])
        for wrong in ({"pattern": "tartan"}, {"width": 0}, {"width": 1e9}):
            self.assert_error(self.client.post(path, wish | wrong, JSON), 422, "request.invalid")
        self.assert_error(self.client.post(path, wish | {"width": 2}, JSON), 422, "paper.page_size")

    def test_a_locked_pdf_is_opened_by_its_password_which_is_not_kept(self) -> None:
        locked = papers.encrypted("lantern & oil")
        for password, code in (("", "paper.encrypted"), ("wrong", "paper.wrong_password")):
            self.assert_error(self.bring_in(locked, password=password), 422, code)
        sheet = self.worksheet(self.bring_in(locked, password="lantern%20%26%20oil"))
        page = sheet.document["pages"][0]["id"]
        self.assertEqual(self.client.get(f"/worksheets/{sheet.pk}/pages/{page}/340.webp").status_code, 200)

    def test_the_same_file_is_kept_once(self) -> None:
        data = papers.pdf(words="Twice")
        sheets = [self.worksheet(self.bring_in(data)) for _ in range(2)]
        self.assertNotEqual(sheets[0].pk, sheets[1].pk)
        self.assertEqual(SourceFile.objects.count(), 1)
        kept = [path for path in (self.data / "files").rglob("*") if path.is_file()]
        self.assertIn(data, [path.read_bytes() for path in kept])

    def test_a_bad_file_is_told_so_and_leaves_nothing_behind(self) -> None:
        for name, data, code in (
            ("empty", b"", "paper.empty"),
            ("words", b"Dear Maren", "paper.unknown"),
            ("a broken PDF", papers.truncated()[:300], "paper.broken"),
            ("a locked PDF", papers.encrypted(), "paper.encrypted"),
            ("no pages", papers.without_pages(), "paper.no_pages"),
        ):
            with self.subTest(name):
                self.assert_error(self.bring_in(data), 422, code)
        self.assertEqual((Worksheet.objects.filter(owner=self.tobias).count(), SourceFile.objects.count()), (0, 0))
        self.assertEqual(self.files(), [])

    @override_settings(LARGEST_UPLOAD=1_000)
    def test_a_file_too_large_is_told_so_and_leaves_nothing_behind(self) -> None:
        self.assert_error(self.bring_in(papers.pdf(pages=20)), 413, "paper.too_large")
        self.assertEqual((SourceFile.objects.count(), self.files()), (0, []))

    def test_nothing_is_left_when_keeping_fails_half_way(self) -> None:
        with (
            mock.patch("server.worksheets.flows.bring_in._claim", side_effect=RuntimeError),
            self.assertLogs("server.entrance.errors", "ERROR"),
        ):
            self.assert_error(self.bring_in(papers.pdf(words="Half way")), 500, "server.failed")
        self.assertEqual((Worksheet.objects.filter(owner=self.tobias).count(), self.files()), (0, []))
        # The file is there before anything speaks of it; as nothing does, cleaning takes it away.
        clean(timezone.now())
        clean(timezone.now() + timedelta(days=31))
        self.assertEqual(SourceFile.objects.count(), 0)

    def test_titles_come_from_file_names(self) -> None:
        for name, title in (
            ("tide_table.pdf", "tide table"),
            ("C:\\scans\\Rock pools (2).PDF", "Rock pools (2)"),
            ("../../etc/passwd", "passwd"),
            ("", "Worksheet"),
            (".pdf", ".pdf"),
            ("a\x00b\x1bc.pdf", "a b c"),
            ("x" * 500 + ".pdf", "x" * 200),
        ):
            with self.subTest(name):
                self.assertEqual(title_from(name), title)


class Isolation(WorldCase):
    """Whatever a file does to its drawing process, it hurts nobody else."""

    def kept(self, name: str, data: bytes) -> Path:
        path = self.data / f"{name}.pdf"
        path.write_bytes(data)
        return path

    def test_work_that_eats_memory_fails_alone(self) -> None:
        with FreshPool():
            with self.assertRaises(MemoryError):
                pool.submit(havoc.hoard, self.data).result()
            self.assertEqual(len(pool.read_file(self.kept("plain", papers.pdf())).pages), 1)

    def test_a_page_that_takes_for_ever_is_stopped(self) -> None:
        bomb = self.kept("bomb", papers.with_content(b"0 0 m " + b"1 1 l 900 900 l " * 2_000_000 + b"S"))
        with FreshPool():
            with override_settings(DRAWING_SECONDS=0.5), self.assertRaises(TimeoutError):
                pool.submit(jobs.draw, bomb, 0, AS_IT_IS, [(1700, self.data / "bomb.webp")]).result()
            self.assertFalse((self.data / "bomb.webp").exists())
            self.assertEqual(len(pool.read_file(self.kept("after", papers.pdf())).pages), 1)

    def test_a_file_whose_reading_takes_for_ever_is_told_so(self) -> None:
        with FreshPool(), mock.patch.object(jobs, "read", havoc.dawdle), override_settings(DRAWING_SECONDS=0.3):
            self.assert_refused(self.kept("slow", papers.pdf()), "paper.too_slow")

    def test_a_file_that_kills_its_process_is_told_so(self) -> None:
        with FreshPool():
            with mock.patch.object(jobs, "read", havoc.die):
                self.assert_refused(self.kept("dying", papers.pdf()), "paper.too_heavy")
            self.assertEqual(len(pool.read_file(self.kept("next", papers.pdf())).pages), 1)

    def test_a_pool_that_gave_itself_up_is_replaced(self) -> None:
        with FreshPool() as processes:
            self.assertEqual(len(pool.read_file(self.kept("before", papers.pdf())).pages), 1)
            processes._pool._context.status = PoolStatus.ERROR  # as when a process dies that is not known to be at work
            self.assertEqual(len(pool.read_file(self.kept("after", papers.pdf())).pages), 1)

    def test_what_a_pool_has_when_it_breaks_comes_to_an_end(self) -> None:
        with FreshPool() as processes:
            under_way = [pool.submit(time.sleep, 3600) for _ in range(9)]
            processes._pool._context.status = PoolStatus.ERROR
            # Taken in the same moment, before anybody has seen it.
            with mock.patch.object(processes._pool, "_check_pool_status"):
                late = pool.submit(time.sleep, 3600)
            for future in (*under_way, late):
                with self.assertRaises((BrokenProcessPool, CancelledError)):
                    future.result(timeout=600)

    def test_a_page_that_could_not_be_drawn_is_tried_again_later(self) -> None:
        page = Page(id="page1", source="d" * 64, number=0, width=595, height=842)
        failed = pictures.place_of(page, pictures.LAPTOP).with_suffix(".failed")
        failed.parent.mkdir(parents=True)
        failed.touch()
        self.assertIs(pictures.state_of(page), pictures.State.FAILED)
        long_ago = time.time() - 3600
        os.utime(failed, (long_ago, long_ago))
        self.assertIs(pictures.state_of(page), pictures.State.FAILED)  # until another try has shown otherwise
        SourceFile.objects.create(sha256=page.source, size=1, pages=[[595, 842]])
        with mock.patch.object(pictures, "_draw", return_value=Future()) as draw:
            pictures.begin([page])
        draw.assert_called_once()

    def assert_refused(self, path: Path, code: str) -> None:
        with self.assertRaises(PaperRefused) as caught:
            pool.read_file(path)
        self.assertEqual(caught.exception.code, code)

    def test_only_so_many_requests_wait_for_pictures(self) -> None:
        page = Page(id="page1", source="f" * 64, number=0, width=100, height=100)
        for _ in range(2):
            self.assertTrue(pictures._waiting_room.acquire(blocking=False))
            self.addCleanup(pictures._waiting_room.release)
        never_drawn = mock.patch.object(pictures, "_draw", return_value=Future())
        SourceFile.objects.create(sha256=page.source, size=1, pages=[[100, 100]])
        with never_drawn, self.assertRaises(Busy):
            pictures.picture(page, pictures.LAPTOP)

    def test_a_page_is_drawn_once_however_many_ask(self) -> None:
        source = self.kept("shared", papers.pdf())
        page = Page(id="page1", source="e" * 64, number=0, width=595, height=842)
        submit, waiting, taken = pool.submit, Future[Any](), []

        def hold(work: Any, *arguments: Any, **limits: Any) -> "Future[Any]":
            """Work on this page goes on until all have asked for it."""
            if arguments[:1] != (source,):
                return submit(work, *arguments, **limits)
            taken.append(arguments)
            return waiting

        futures: list[Any] = []
        ask = [
            threading.Thread(target=lambda: futures.append(pictures._draw(source, page, (pictures.THUMB,))))
            for _ in range(8)
        ]
        with mock.patch.object(pool, "submit", hold):
            for thread in ask:
                thread.start()
            for thread in ask:
                thread.join()
        self.assertEqual((len(futures), len(set(map(id, futures))), len(taken)), (8, 1, 1))
        waiting.set_result(None)
        futures[0].result()


class FreshPool:
    """Drawing processes of their own, with the settings as they are now."""

    def __enter__(self) -> Processes:
        self.processes = Processes(settings.DRAWING_PROCESSES, settings.DRAWING_BYTES)
        self.before, pool._current._processes = pool._current._processes, self.processes
        return self.processes

    def __exit__(self, *_: object) -> None:
        last, pool._current._processes = pool._current._processes, self.before
        for processes in (self.processes, last):
            if processes is not None:
                processes.end()
