"""Prepares the demo: makes or upgrades its database, and loads the sample world into an empty one."""

import os

import django

if __name__ == "__main__":
    os.environ.setdefault("DJANGO_SETTINGS_MODULE", "server.config.settings")
    django.setup()
    from django.conf import settings
    from django.core.management import call_command

    from demo.camera import lay_sheets
    from demo.world import is_empty, load

    settings.DATA.mkdir(parents=True, exist_ok=True)
    call_command("migrate", verbosity=0)
    lay_sheets(settings.DATA / "camera")
    if is_empty():
        load()
