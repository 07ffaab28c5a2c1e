from argparse import ArgumentParser
from datetime import timedelta
from typing import Any

from django.core.management.base import BaseCommand
from django.utils import timezone

from server.worksheets.flows.clean import KEPT_FOR, clean


class Command(BaseCommand):
    help = "Removes files, pictures and sounds that nothing has used for a while. Run it every night."

    def add_arguments(self, parser: ArgumentParser) -> None:
        parser.add_argument("--dry-run", action="store_true", help="only report")
        parser.add_argument("--days", type=int, default=KEPT_FOR.days, help="how long what is unused is kept")

    def handle(self, *args: Any, **options: Any) -> None:
        report = clean(timezone.now(), dry_run=options["dry_run"], kept_for=timedelta(days=options["days"]))
        would = "would be removed" if options["dry_run"] else "removed"
        self.stdout.write(f"{report.unused_files} files unused, {len(report.removed_files)} {would}")
        self.stdout.write(f"{len(report.removed_pictures)} pictures {would}")
        self.stdout.write(f"{len(report.removed_sounds)} sounds {would}")
        self.stdout.write(f"{report.removed_folders} folders of what was made from files that are gone {would}")
        self.stdout.write(f"{report.removed_halves} half files {would}")
        for name in report.unreadable:
            self.stdout.write(self.style.WARNING(f"{name} cannot be read; nothing was removed"))
