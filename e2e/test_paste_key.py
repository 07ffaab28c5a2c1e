"""A key that the teacher has already: pasted, or typed as a run of letters."""

import uuid

from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from server.worksheets.flows.edit import edit
from velum.document.edits import PlaceField
from velum.geometry.box import Box
from velum.kinds.choice import Choice, worded


class PasteKey(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.tide_table.pk, step="key")
        self.page = self.editor.page
        self.dialog = self.page.get_by_role("dialog")

    def keys(self) -> dict[str, object]:
        self.editor.expect_saved()
        self.tide_table.refresh_from_db()
        return {name: key.get("text", key.get("picked")) for name, key in self.tide_table.document["keys"].items()}

    def paste(self, text: str) -> None:
        self.page.get_by_role("button", name="Paste a key").click()
        self.dialog.get_by_label("The key you have").fill(text)

    def test_a_numbered_key_is_shown_and_then_set_in_one_step(self) -> None:
        before = self.keys()
        self.paste("Answers\n1. 13:20  2. 08:00\n10. Because of the moon.")
        row = self.dialog.get_by_role("row").filter(has_text="13:20")
        expect(row).to_contain_text("was 13:10")
        expect(self.dialog).to_contain_text("Left over: Answers")
        self.assert_accessible(self.page)
        self.assertEqual(self.keys(), before)
        self.dialog.get_by_role("button", name="Set these 3 answers").click()
        expect(self.editor.key(1)).to_have_value("13:20")
        expect(self.editor.key(10)).to_have_value("Because of the moon.")
        expect(self.editor.key(3)).to_have_value("0.4")
        self.assertIn("13:20", self.keys().values())
        self.editor.undo.click()
        expect(self.editor.key(1)).to_have_value("13:10")
        expect(self.editor.key(10)).to_have_value("")

    def test_two_columns_of_a_spreadsheet(self) -> None:
        self.paste("No\tAnswer\n1\t13:20\n9\t0.9")
        self.dialog.get_by_role("button", name="Set these 2 answers").click()
        expect(self.editor.key(9)).to_have_value("0.9")

    def test_a_list_begins_at_the_box_in_hand(self) -> None:
        self.editor.key(8).click()
        self.page.get_by_role("button", name="Paste a key from 8 on").click()
        self.dialog.get_by_label("The key you have").fill("Monday\n0.9")
        self.dialog.get_by_role("button", name="Set these 2 answers").click()
        expect(self.editor.key(8)).to_have_value("Monday")
        expect(self.editor.key(9)).to_have_value("0.9")

    def test_what_fits_nothing_is_said_and_cancelling_changes_nothing(self) -> None:
        before = self.keys()
        self.paste("see the book")
        expect(self.dialog.get_by_role("button", name="Set this answer")).to_be_enabled()
        self.dialog.get_by_label("The key you have").fill("\t\t")
        expect(self.dialog.get_by_role("button", name="Set these 0 answers")).to_be_disabled()
        self.page.keyboard.press("Escape")
        expect(self.dialog).to_have_count(0)
        self.assertEqual(self.keys(), before)


class Letters(Journey):
    def setUp(self) -> None:
        super().setUp()
        (page,) = self.keepers_log.document["pages"][:1]
        choices = [
            Choice(
                id=f"pick{number}",
                page=page["id"],
                box=Box(x=60, y=20 + number * 26, width=120, height=22),
                options=worded("", "", "", ""),
            )
            for number in range(3)
        ]
        edit(
            self.maren,
            self.keepers_log.pk,
            self.keepers_log.revision,
            uuid.uuid4(),
            [PlaceField(field=choice) for choice in choices],
        )
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk, step="key")
        self.page = self.editor.page

    def picked(self) -> list[str]:
        """The letters of what is picked in each choice."""
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        keys = (self.keepers_log.document["keys"].get(f"pick{number}", {}) for number in range(3))
        return ["".join("ABCD"[int(option.removeprefix("opt"))] for option in key.get("picked", [])) for key in keys]

    def test_a_run_of_letters_is_typed_from_choice_to_choice(self) -> None:
        first = self.page.locator("[data-field=pick0]")
        first.get_by_role("radio", name="A").focus()
        self.page.keyboard.type("cab")
        expect(first.get_by_role("radio", name="C")).to_be_checked()
        expect(self.page.locator("[data-field=pick2]").get_by_role("radio", name="B")).to_be_checked()
        self.assertEqual(self.picked(), ["C", "A", "B"])

    def test_a_run_of_letters_is_pasted(self) -> None:
        self.page.get_by_role("button", name="Paste a key").click()
        dialog = self.page.get_by_role("dialog")
        dialog.get_by_label("The key you have").fill("D B A")
        dialog.get_by_role("button", name="Set these 3 answers").click()
        self.assertEqual(self.picked(), ["D", "B", "A"])

    def test_a_letter_that_is_no_option_is_not_taken(self) -> None:
        self.page.locator("[data-field=pick0]").get_by_role("radio", name="A").focus()
        self.page.keyboard.type("z")
        self.assertEqual(self.picked(), ["", "", ""])
