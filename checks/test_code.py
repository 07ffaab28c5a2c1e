"""The code itself: style, types, the direction of imports, and that what is generated is not stale.

Each check runs the tool that a developer would run, and fails with what the tool says.
"""

import ast
import subprocess
import sys
import tempfile
from io import StringIO
from pathlib import Path

from django.core.management import call_command
from django.test import SimpleTestCase, TestCase

from checks.api_types import ROOT, generate
from checks.marking_doc import marking_doc

BIN = Path(sys.executable).parent


class ToolCase(SimpleTestCase):
    def check(self, *command: str | Path) -> None:
        done = subprocess.run([str(part) for part in command], cwd=ROOT, capture_output=True, text=True, check=False)
        self.assertEqual(done.returncode, 0, f"\n{done.stdout}\n{done.stderr}")


class PythonCode(ToolCase):
    def test_is_linted(self) -> None:
        self.check(BIN / "ruff", "check", ".")

    def test_is_formatted(self) -> None:
        self.check(BIN / "ruff", "format", "--check", ".")

    def test_types_hold(self) -> None:
        self.check(BIN / "mypy")

    def test_dependencies_point_one_way(self) -> None:
        self.check(BIN / "lint-imports")

    def test_settings_for_a_school_pass_djangos_own_checks(self) -> None:
        environment = {
            "PATH": str(BIN),
            "SECRET_KEY": "k3jf92mfa0s8dkf2-lantern-oil-herring-skua-gannet-tide",
            "EMAIL_URL": "smtp://localhost",
            "ALLOWED_HOSTS": "worksheets.example",
        }
        with tempfile.TemporaryDirectory() as data:
            done = subprocess.run(
                [sys.executable, "manage.py", "check", "--deploy", "--fail-level", "WARNING"],
                cwd=ROOT,
                env=environment | {"VELUM_DATA": data},
                capture_output=True,
                text=True,
                check=False,
            )
        self.assertEqual(done.returncode, 0, done.stderr)


class UncheckedModels(SimpleTestCase):
    """pydantic's own ways round its checks let a document be stored that nothing can read again."""

    BANNED = frozenset({"model_copy", "model_construct"})

    def test_nothing_makes_one(self) -> None:
        found = [
            f"{file.relative_to(ROOT)}:{node.lineno}"
            for package in ("velum", "server", "demo", "bench", "e2e")
            for file in (ROOT / package).rglob("*.py")
            for node in ast.walk(ast.parse(file.read_text()))
            if isinstance(node, ast.Attribute) and node.attr in self.BANNED
        ]
        self.assertEqual(found, [], "use `Model.changed`, which checks what it makes")


class Migrations(TestCase):
    def test_models_have_theirs(self) -> None:
        call_command("makemigrations", check=True, dry_run=True, verbosity=0)


class FrontEndCode(ToolCase):
    def test_is_linted_and_formatted(self) -> None:
        self.check("npm", "run", "--silent", "lint")

    def test_types_hold(self) -> None:
        self.check("npm", "run", "--silent", "check")

    def test_its_own_tests_pass(self) -> None:
        self.check("npm", "run", "--silent", "test")

    def test_the_page_on_marking_says_what_the_core_does(self) -> None:
        kept = ROOT / "docs" / "marking.md"
        self.assertEqual(kept.read_text(), marking_doc(), f"{kept} is stale: run `make marking-doc`")

    def test_api_types_are_those_of_the_server(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            generate(Path(folder))
            for made in Path(folder).iterdir():
                kept = ROOT / "web" / "src" / "generated" / made.name
                self.assertEqual(kept.read_text(), made.read_text(), f"{kept} is stale: run `make types`")


class Fonts(SimpleTestCase):
    def test_they_ship_and_nothing_is_fetched_from_elsewhere(self) -> None:
        styles = "".join(built.read_text() for built in (ROOT / "web" / "dist" / "assets").glob("*.css"))
        self.assertRegex(styles, r"@font-face[^}]*url\([^)]*\.woff2")
        self.assertNotRegex(styles, r"url\(\s*['\"]?(https?:)?//")


class Command(SimpleTestCase):
    def test_system_checks_pass(self) -> None:
        call_command("check", stdout=StringIO())
