"""A school that updates keeps what it has."""

import os
from typing import Any

from django.core.management import call_command
from django.db import connection
from django.db.migrations.executor import MigrationExecutor
from django.db.migrations.state import StateApps
from django.test import TestCase, TransactionTestCase
from django.utils import timezone

from server.copies.models import Copy
from server.handouts.flows.documents import marked_by, read_keys
from server.worksheets import documents
from server.worksheets.flows.freeze import read_edition
from server.worksheets.models import Worksheet
from velum.document.key_set import key_set_of
from velum.document.reading import DocumentUnreadable
from velum.kinds.choice import ChoiceKey

_PAGE: dict[str, Any] = {
    "id": "page1",
    "source": "a" * 64,
    "number": 1,
    "width": 595,
    "height": 842,
}
_BOX = {"x": 72, "y": 90, "width": 120, "height": 80}
_OPTIONS = [{"text": "ebb"}, {"text": "flow"}]
_DOCUMENT: dict[str, Any] = {
    "version": 2,
    "title": "Tides",
    "pages": [_PAGE],
    "fields": [
        {
            "kind": "choice",
            "id": "choice1",
            "page": "page1",
            "box": _BOX,
            "options": [{"text": "ebb"}, {"text": "flow"}],
        }
    ],
    "keys": {"choice1": {"kind": "choice", "picked": [1]}},
}


class Database(TestCase):
    def test_is_the_one_that_was_asked_for(self) -> None:
        """A run of the tests on PostgreSQL that fell back on SQLite would show nothing."""
        asked_for = "postgresql" if os.environ.get("DATABASE_URL", "").startswith("postgres") else "sqlite"
        self.assertEqual(connection.vendor, asked_for)


_FIRST = [
    ("accounts", "0001_initial"),
    ("worksheets", "0001_initial"),
    ("handouts", "0002_checking"),
    ("copies", "0002_checking"),
]


class FromTheFirstRelease(TransactionTestCase):
    """From before lists had columns, options had ids and answers had versions."""

    def setUp(self) -> None:
        self.addCleanup(call_command, "migrate", verbosity=0)
        # Rows of other tests may have had the same numbers.
        read_edition.cache_clear()
        read_keys.cache_clear()
        executor = MigrationExecutor(connection)
        executor.migrate(_FIRST)
        self.fill(executor.loader.project_state(_FIRST).apps)
        call_command("migrate", verbosity=0)

    def fill(self, apps: StateApps) -> None:
        owner = apps.get_model("accounts", "User").objects.create(email="gull@example.com")
        worksheets = apps.get_model("worksheets", "Worksheet").objects
        worksheet = worksheets.create(owner=owner, document=_DOCUMENT)
        worksheets.create(owner=owner, document={"version": 2, "title": "Broken", "pages": "none"})
        worksheets.create(owner=owner, document=["no", "document"])
        edition = worksheet.editions.create(revision=1, document=_DOCUMENT)
        handout = worksheet.handouts.create(edition=edition, code="GULL-1", try_cost=10)
        copy = handout.copies.create(name="Ada Tern", return_code="KELP", handed_in_at=timezone.now())
        now = timezone.now()
        copy.answers.create(field_id="choice1", revision=1, value={"kind": "choice", "picked": [1]}, typed_at=now)
        for picked in (0, 1):
            copy.tries.create(field_id="choice1", value={"kind": "choice", "picked": [picked]}, verdict="wrong")
        handout.copies.create(name="Bo Skua", return_code="WRACK")

    def test_everything_is_read_and_listed(self) -> None:
        worksheet = Worksheet.objects.get(title="Tides")
        self.assertEqual((worksheet.page_count, worksheet.field_count, worksheet.keyed_count), (1, 1, 1))
        document = documents.read(worksheet)
        self.assertEqual(worksheet.cover_look, documents.written(document)["cover_look"])
        self.assertEqual(document.keys["choice1"], ChoiceKey(picked=("opt01",)))
        self.assertEqual(worksheet.editions.get().title, "Tides")

        unreadable = Worksheet.objects.filter(unreadable=True).order_by("title")
        self.assertEqual([row.title for row in unreadable], ["Broken", "Worksheet"])
        for row in unreadable:
            with self.assertLogs("server.worksheets.documents"), self.assertRaises(DocumentUnreadable):
                documents.read(row)

        self.assertEqual(worksheet.owner.school.teachers.get(), worksheet.owner)
        copy = Copy.objects.get(name="Ada Tern")
        assert copy.guest is not None
        # Cookies that were given out name the copy.
        self.assertEqual((copy.guest.pk, copy.guest.name, copy.guest.return_code), (copy.pk, "Ada Tern", "KELP"))
        self.assertEqual(list(copy.tries.order_by("pk").values_list("place", flat=True)), [0, 1])
        key_set = copy.handout.key_sets.get()
        self.assertEqual(copy.marked_by, f"keys {key_set.pk}/10")
        self.assertEqual(marked_by(copy.handout).keys, key_set_of(document))
        self.assertEqual(Copy.objects.get(name="Bo Skua").marked_by, "")
