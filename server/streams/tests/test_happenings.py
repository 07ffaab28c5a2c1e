"""What streams follow: the database itself."""

import asyncio
import threading
from unittest import skipUnless

from django.db import connection, transaction
from django.test import TransactionTestCase
from django.utils import timezone

from server.handouts.flows.happen import What, happen
from server.handouts.models import Handout
from server.streams.happenings import hub
from server.testing.world import make_world


class Following(TransactionTestCase):
    def setUp(self) -> None:
        self.handout: Handout = make_world().handout

    def commit(self) -> None:
        """Something happens, in a thread with a connection of its own."""

        def note() -> None:
            try:
                with transaction.atomic():
                    happen(self.handout.pk, What.SETTLED, timezone.now())
            finally:
                connection.close()

        thread = threading.Thread(target=note)
        thread.start()
        thread.join()

    def follow(self, apart: float | None = None) -> tuple[int, int]:
        """The number at first, and the one after something was committed."""

        async def listen() -> tuple[int, int]:
            followed = hub()
            if apart is not None:
                followed._apart = apart
            with followed.following(self.handout.pk):
                first = await asyncio.wait_for(followed.other_than(self.handout.pk, -1), 300)
                await asyncio.to_thread(self.commit)
                after = await asyncio.wait_for(followed.other_than(self.handout.pk, first), 300)
            followed.close()
            return first, after

        return asyncio.run(listen())

    def test_what_is_committed_is_heard_of(self) -> None:
        self.assertEqual(self.follow(), (1, 2))

    @skipUnless(connection.vendor == "postgresql", "SQLite does not say when something happens")
    def test_postgresql_says_when_something_happens(self) -> None:
        # Nobody would look again for an hour.
        self.assertEqual(self.follow(apart=3600), (1, 2))
