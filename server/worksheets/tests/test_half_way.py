"""What fails half way has done nothing: each of these would leave something behind without its transaction."""

import io
import uuid
from unittest import mock

from server.testing.world import WorldCase
from server.worksheets.flows import bring_in
from server.worksheets.flows.bring_in import Cancelled
from server.worksheets.models import Upload, Worksheet
from velum.testing import papers


class HalfWay(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.upload = uuid.uuid4()
        self.count = Worksheet.objects.count()

    def bring_in(self) -> Worksheet:
        file = io.BytesIO(papers.pdf(words="Half way in"))
        return bring_in.bring_in(self.world.maren, file, "a.pdf", upload=self.upload).worksheet

    def test_a_worksheet_that_cannot_be_claimed(self) -> None:
        with mock.patch.object(Upload.objects, "create", side_effect=RuntimeError), self.assertRaises(RuntimeError):
            self.bring_in()
        self.assertEqual(Worksheet.objects.count(), self.count)
        self.bring_in()
        self.assertEqual(Worksheet.objects.count(), self.count + 1)

    def test_pages_that_cannot_be_put_behind_the_others(self) -> None:
        worksheet = self.world.worksheet
        file = papers.pdf(words="Half way behind")
        with mock.patch.object(bring_in, "replace", side_effect=RuntimeError), self.assertRaises(RuntimeError):
            bring_in.add_pages(self.world.maren, worksheet.pk, io.BytesIO(file), upload=self.upload)
        self.assertFalse(Upload.objects.exists())
        brought = bring_in.add_pages(self.world.maren, worksheet.pk, io.BytesIO(file), upload=self.upload)
        self.assertEqual(len(brought.worksheet.document["pages"]), 3)

    def test_pages_of_a_worksheet_that_was_edited_meanwhile(self) -> None:
        worksheet = self.world.worksheet
        with mock.patch.object(bring_in, "replace", side_effect=[False, True]):
            file = io.BytesIO(papers.pdf(words="Overtaken"))
            bring_in.add_pages(self.world.maren, worksheet.pk, file, upload=self.upload)
        self.assertEqual(Upload.objects.count(), 1)

    def test_a_cancelled_worksheet_that_cannot_be_deleted(self) -> None:
        worksheet = self.bring_in()
        with mock.patch.object(Worksheet, "delete", side_effect=RuntimeError), self.assertRaises(RuntimeError):
            bring_in.cancel(self.world.maren, self.upload)
        self.assertEqual(Upload.objects.get().worksheet, worksheet)
        bring_in.cancel(self.world.maren, self.upload)
        self.assertEqual(Worksheet.objects.count(), self.count)
        with self.assertRaises(Cancelled):
            self.bring_in()

    def test_a_worksheet_that_was_worked_on_is_not_taken_away(self) -> None:
        worksheet = self.bring_in()
        Worksheet.objects.filter(pk=worksheet.pk).update(revision=2)
        self.assertFalse(bring_in._took_back(self.upload, worksheet))
        self.assertEqual(Upload.objects.get().worksheet, worksheet)
        self.assertTrue(Worksheet.objects.filter(pk=worksheet.pk).exists())
