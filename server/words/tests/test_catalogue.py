"""Whether the catalogue is what the sources say, and whether every sentence is one that can be put into it."""

import ast
import string
import tempfile
from collections.abc import Iterator
from pathlib import Path

import polib
from django.core.management import call_command
from django.test import SimpleTestCase, override_settings
from django.utils.translation import override

from server.testing.made_up_words import made_up
from server.words.management.commands.makemessages import below
from server.words.say import say
from velum.errors import VelumError
from velum.sentence import Sentence, either

ROOT = Path(__file__).resolve().parents[3]
CATALOGUE = ROOT / "server" / "words" / "locale" / "en" / "LC_MESSAGES" / "django.po"


def named(entry: polib.POEntry) -> tuple[str, str, str]:
    return entry.msgctxt or "", entry.msgid, entry.msgid_plural


def sources() -> Iterator[Path]:
    for part in ("velum", "server"):
        for source in sorted((ROOT / part).rglob("*.py")):
            if not {"tests", "testing", "migrations"} & set(source.relative_to(ROOT).parts):
                yield source


class Catalogue(SimpleTestCase):
    def test_it_is_what_the_sources_say(self) -> None:
        with tempfile.TemporaryDirectory() as folder, override_settings(LOCALE_PATHS=[folder]):
            call_command("makemessages", locale=["en"], verbosity=0)
            fresh = {named(entry) for entry in polib.pofile(f"{folder}/en/LC_MESSAGES/django.po")}
        kept = {named(entry) for entry in polib.pofile(str(CATALOGUE))}
        self.assertEqual(kept ^ fresh, set(), "`make words` writes the catalogue")
        self.assertGreater(len(kept), 200)

    def test_every_sentence_is_written_where_it_is_said(self) -> None:
        """Words that are put together while the program runs are in no catalogue."""
        kept = {(entry.msgctxt, entry.msgid) for entry in polib.pofile(str(CATALOGUE))}
        said = {"Sentence", "VelumError"} | {error.__name__ for error in below(VelumError)}
        found = 0
        for source in sources():
            for call in ast.walk(ast.parse(source.read_text())):
                if isinstance(call, ast.Call) and name_of(call) in said and len(call.args) > 1:
                    words = [each.value if isinstance(each, ast.Constant) else None for each in call.args[:2]]
                    with self.subTest(f"{source.relative_to(ROOT)}:{call.lineno}"):
                        # Those that take a sentence apart and put it together again have been through here.
                        if not source.match("velum/errors.py") and ast.unparse(call) not in AS_IT_WAS_KEPT:
                            self.assertIn(tuple(words), kept)
                            found += 1
        self.assertGreater(found, 150)

    def test_what_is_filled_in_has_one_name_in_both_forms(self) -> None:
        for entry in polib.pofile(str(CATALOGUE)):
            if entry.msgid_plural and entry.msgctxt:
                with self.subTest(entry.msgid):
                    self.assertEqual(fields(entry.msgid) | {"count"}, fields(entry.msgid_plural) | {"count"})


AS_IT_WAS_KEPT = {"Sentence(row.reason_code if isinstance(row, StoredMark) else '', row.reason)"}


def name_of(call: ast.Call) -> str:
    function = call.func
    if isinstance(function, ast.Attribute) and function.attr == "counted":
        function = function.value
    return function.id if isinstance(function, ast.Name) else ""


def fields(text: str) -> set[str]:
    return {name for _, name, _, _ in string.Formatter().parse(text) if name}


class Saying(SimpleTestCase):
    sentences = (
        Sentence.counted("slips", "{count} letter differs", "{count} letters differ", 1),
        Sentence.counted("slips", "{count} letter differs", "{count} letters differ", 2),
        Sentence("unclear", "could be {values}: please look", {"values": either(["1.5", "15"])}),
    )

    def test_in_english(self) -> None:
        for sentence in self.sentences:
            self.assertEqual(say(sentence), sentence.words)
        self.assertEqual(say(Sentence("any", "{most} letters", {"most": 12345})), "12,345 letters")

    def test_in_another_language(self) -> None:
        with override("ar-xb"):
            said = [say(sentence) for sentence in self.sentences]
        self.assertEqual(said[0], made_up("{count} letter differs").format(count=1))
        self.assertEqual(said[1], made_up("{count} letters differ").format(count=2))
        values = made_up("{some} or {last}").format(some="1.5", last="15")
        self.assertEqual(said[2], made_up("could be {values}: please look").format(values=values))

    def test_what_is_in_no_catalogue_is_said_as_it_is(self) -> None:
        with override("ar-xb"):
            self.assertEqual(say(Sentence("overruled", "see {page} 3 %")), "see {page} 3 %")
            self.assertEqual(say(Sentence("overruled", "")), "")
