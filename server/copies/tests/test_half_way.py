"""What fails half way has done nothing: each of these would leave something behind without its transaction."""

from unittest import mock

from django.db.models import QuerySet
from django.utils import timezone

from server.copies.flows.hand_in import hand_in, let_go_on
from server.copies.flows.mark_again import mark_again
from server.copies.models import StoredMark
from server.handouts.flows.hand_out import hand_out
from server.handouts.models import KeySet
from server.testing.world import SECRET, WorldCase, write
from server.worksheets.flows.edit import replace
from server.worksheets.models import AppliedBatch, Worksheet
from velum.document.edits import Rename, apply
from velum.document.reading import read_document


class HalfWay(WorldCase):
    def test_handing_out(self) -> None:
        worksheet = self.world.worksheet
        with (
            mock.patch.object(KeySet.objects, "create", side_effect=RuntimeError),
            self.assertRaises(RuntimeError),
        ):
            hand_out(self.world.maren, worksheet.pk)
        self.assertEqual(worksheet.handouts.count(), 1)

    def test_letting_go_on(self) -> None:
        copy = self.world.ama
        write(copy, box1="kelp")
        hand_in(copy.pk, [], timezone.now())
        copy.refresh_from_db()
        with mock.patch.object(QuerySet, "delete", side_effect=RuntimeError), self.assertRaises(RuntimeError):
            let_go_on(self.world.maren, copy, timezone.now())
        copy.refresh_from_db()
        self.assertIsNotNone(copy.handed_in_at)
        self.assertEqual(copy.marks.count(), 4)

    def test_marking_again(self) -> None:
        copy, handout = self.world.ama, self.world.handout
        write(copy, box1=SECRET)
        hand_in(copy.pk, [], timezone.now())
        StoredMark.objects.filter(copy=copy).update(verdict="wrong")
        with (
            mock.patch.object(StoredMark.objects, "bulk_create", side_effect=RuntimeError),
            self.assertRaises(RuntimeError),
        ):
            mark_again(handout)
        self.assertEqual(copy.marks.count(), 4)

    def test_editing(self) -> None:
        worksheet = self.world.worksheet
        document = apply(read_document(worksheet.document), [Rename(title="Half")])
        with (
            mock.patch.object(AppliedBatch.objects, "create", side_effect=RuntimeError),
            self.assertRaises(RuntimeError),
        ):
            replace(worksheet, document, self.world.handout.pk)
        now = Worksheet.objects.get(pk=worksheet.pk)
        self.assertEqual((now.title, now.revision), (worksheet.title, 1))
