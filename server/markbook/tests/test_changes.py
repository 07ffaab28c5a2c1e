"""What a teacher's page asks for again: only what happened since."""

import uuid
from concurrent.futures import ThreadPoolExecutor
from datetime import timedelta
from fractions import Fraction
from typing import Any

from django.db import connection, transaction
from django.test import TransactionTestCase
from django.utils import timezone

from server.copies.flows.begin import begin
from server.copies.flows.check import check
from server.copies.flows.find import find_copy
from server.copies.flows.hand_in import hand_in, let_go_on
from server.copies.flows.help import show_help
from server.handouts.flows.happen import What, happen, newest, since
from server.markbook.flows.accept import accept_answer
from server.markbook.flows.overrule import overrule
from server.markbook.flows.settle import give_time, let_until, settle
from server.testing.world import WorldCase, joined, make_world, teacher_client, write
from velum.kinds.help import HelpRef
from velum.kinds.part import PartRef


class Happenings(WorldCase):
    def test_all_that_happens_is_there_in_its_order(self) -> None:
        maren, handout, copy = self.world.maren, self.world.handout, self.world.ama
        now = timezone.now()
        settle(maren, handout.pk, {"may_check": True, "minutes": 20}, now)
        begin(find_copy(copy.pk), now)
        write(copy, box1="limpet", box4="goby")
        check(find_copy(copy.pk), PartRef("box1"), now)
        show_help(find_copy(copy.pk), HelpRef("box2", "hint1"), now)
        show_help(find_copy(copy.pk), HelpRef("box2", "hint1"), now)
        hand_in(copy.pk, [], now)
        overrule(maren, copy.pk, PartRef("box3"), Fraction(1), "")
        accept_answer(maren, copy.pk, PartRef("box1"))
        let_go_on(maren, find_copy(copy.pk), now)
        give_time(maren, copy.pk, timedelta(minutes=5), now)
        let_until(maren, copy.pk, now, now)
        found = [(each.number, each.what, each.copy, each.fields) for each in since(handout.pk, 0)]
        own = copy.pk
        self.assertEqual(
            found,
            [
                (1, "joined", own, []),
                (2, "settled", None, []),
                (3, "begun", own, []),
                (4, "answered", own, ["box1", "box4"]),
                (5, "checked", own, ["box1"]),
                (6, "helped", own, ["box2"]),
                (7, "handed_in", own, []),
                (8, "decided", own, ["box3"]),
                (9, "keys", None, []),
                (10, "went_on", own, []),
                (11, "timed", own, []),
                (12, "timed", own, []),
            ],
        )

    def test_what_did_not_come_about_did_not_happen(self) -> None:
        before = newest([self.world.handout.pk])
        with self.assertRaises(RuntimeError), transaction.atomic():
            happen(self.world.handout.pk, What.SETTLED, timezone.now())
            raise RuntimeError
        self.assertEqual(newest([self.world.handout.pk]), before)

    def test_nothing_is_the_newest_where_nothing_happened(self) -> None:
        nobody = uuid.uuid4()
        self.assertEqual(newest([nobody]), {nobody: 0})


class Changes(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.zoe = joined(self.world.handout, "Zoe Quill")
        self.number = self.client.get(self.address("results")).json()["number"]

    def address(self, what: str) -> str:
        return f"/api/handouts/{self.world.handout.pk}/{what}"

    def changes(self, number: int | None = None) -> Any:
        answer = self.client.get(self.address("changes"), {"since": self.number if number is None else number})
        return None if answer.status_code == 204 else answer.json()

    def test_nothing_is_sent_and_hardly_anything_read_when_nothing_happened(self) -> None:
        with self.assertNumQueries(4):  # who asks (2), whose handout, and how far it is
            self.assertIsNone(self.changes())

    def test_only_the_rows_of_those_who_did_something_are_sent(self) -> None:
        write(self.zoe, box1="bladderwrack")
        changes = self.changes()
        self.assertEqual([row["name"] for row in changes["rows"]], ["Zoe Quill"])
        self.assertEqual(changes["rows"][0]["marks"][0]["verdict"], "right")
        self.assertEqual((changes["results"], changes["order"]), (None, None))
        whole = self.client.get(self.address("results")).json()
        self.assertEqual(changes["rows"][0], whole["rows"][1])
        self.assertIsNone(self.changes(changes["number"]))

    def test_somebody_new_is_a_row(self) -> None:
        joined(self.world.handout, "Bao Okafor")
        changes = self.changes()
        self.assertEqual([row["name"] for row in changes["rows"]], ["Bao Okafor"])
        order = [self.world.ama.pk, uuid.UUID(changes["rows"][0]["id"]), self.zoe.pk]
        self.assertEqual(changes["order"], [str(pk) for pk in order])

    def test_what_is_about_all_is_sent_whole(self) -> None:
        settle(self.world.maren, self.world.handout.pk, {"may_check": True}, timezone.now())
        changes = self.changes()
        self.assertTrue(changes["results"]["handout"]["may_check"])
        self.assertEqual(changes["results"]["number"], changes["number"])

    def test_a_database_from_before_is_sent_whole(self) -> None:
        self.assertEqual(len(self.changes(self.number + 50)["results"]["rows"]), 2)


class AtOnce(TransactionTestCase):
    """Many write to one handout at the same time."""

    def test_each_has_a_number_of_its_own_and_none_is_left_out(self) -> None:
        handout = make_world().handout
        first = newest([handout.pk])[handout.pk]

        def note(_: int) -> None:
            try:
                for _ in range(5):
                    with transaction.atomic():
                        happen(handout.pk, What.SETTLED, timezone.now())
            finally:
                connection.close()

        with ThreadPoolExecutor(6) as threads:
            list(threads.map(note, range(6)))
        self.assertEqual([each.number for each in since(handout.pk, first)], list(range(first + 1, first + 31)))
        self.assertEqual(newest([handout.pk]), {handout.pk: first + 30})
