"""How fields look: one, many, all of a worksheet; and what students see of it."""

from playwright.sync_api import expect

from e2e.finger import REST, Finger
from e2e.journey import PHONE, TABLET, Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out

_LOOK = """(field) => {
    const {outlineWidth, backgroundColor, borderBottomWidth} = getComputedStyle(field);
    return [outlineWidth, backgroundColor, borderBottomWidth];
}"""


class Looks(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.tide_table.pk)
        self.page = self.editor.page

    def test_the_usual_look_and_one_of_their_own_for_many(self) -> None:
        editor = self.editor
        editor.unfold("Usual look of fields")
        editor.slip.get_by_role("button", name="Bold and tinted").click()
        editor.box(1).click()
        editor.slip.get_by_role("button", name="All like this").click()
        expect(editor.slip).to_contain_text("5 in hand")
        editor.unfold("Look")
        editor.slip.get_by_role("button", name="Plain").click()
        editor.pick("Centre")
        editor.unfold("Pale words")
        editor.slip.get_by_label("Pale words inside").fill("write here")
        self.assert_accessible(self.page)
        editor.expect_saved()
        self.tide_table.refresh_from_db()
        styles = [field["style"] for field in self.tide_table.document["fields"]]
        self.assertEqual([style and style["border"] for style in styles], ["below"] * 5 + [None] * 5)
        self.assertEqual(self.tide_table.document["style"]["border"], "bold")
        handed = hand_out(self.maren, self.tide_table.pk)
        student = JoinPage(self.new_browser().new_page()).join(handed.code, "Ama Lindqvist")
        own, usual = (student.page.locator(f"[data-field={name}]") for name in ("box001", "box006"))
        self.assertEqual(own.evaluate(_LOOK)[0::2], ["0px", "2px"])
        self.assertEqual(usual.evaluate(_LOOK)[0::2], ["3px", "0px"])
        expect(student.answer(1)).to_have_attribute("placeholder", "write here")
        expect(student.answer(1)).to_have_css("text-align", "center")
        self.assert_accessible(student.page)
        editor.undo.click()
        expect(editor.slip.get_by_label("Pale words inside")).to_have_value("")

    def test_with_a_finger_alone(self) -> None:
        editor = EditorPage(self.teacher_browser(**TABLET).new_page()).open(self.tide_table.pk)
        finger = Finger(editor.page)
        editor.box(1).tap()
        editor.slip.get_by_role("button", name="Take others too").tap()
        x, y, width, height = editor.size(editor.box(3))
        finger.go(x + width + 20, y + height + 15, x - 8, y - 15, rest=REST)  # a region with two columns' places
        expect(editor.slip).to_contain_text("in hand")
        in_hand = editor.page.locator("[data-field][aria-pressed=true]").count()
        self.assertGreaterEqual(in_hand, 2)
        editor.unfold("Look")
        editor.slip.get_by_role("button", name="Bold and tinted").tap()
        editor.expect_saved()
        self.tide_table.refresh_from_db()
        styled = [field for field in self.tide_table.document["fields"] if field["style"]]
        self.assertEqual(len(styled), in_hand)

    def test_what_is_locked_stays_until_it_is_unlocked(self) -> None:
        editor = self.editor
        editor.box(1).click()
        self.page.keyboard.press("k")
        expect(editor.told).to_have_text("Locked")
        before = editor.size(editor.box(1))
        editor.drag_by(editor.box(1), 40, 40)
        self.page.keyboard.press("ArrowRight")
        self.page.keyboard.press("Delete")
        editor.expect_boxes(10)
        self.assertEqual(editor.size(editor.box(1)), before)
        self.page.keyboard.press("k")
        self.page.keyboard.press("Shift+ArrowRight")
        self.assertGreater(editor.size(editor.box(1))[0], before[0] + 5)

    def test_several_become_alike_in_size(self) -> None:
        editor = self.editor
        editor.box(1).click()
        editor.box(6).click(modifiers=["Shift"])
        editor.slip.get_by_role("button", name="Same width").click()
        editor.slip.get_by_role("button", name="Same height").click()
        self.assertEqual(editor.size(editor.box(1))[2:], editor.size(editor.box(6))[2:])

    def test_long_answers_are_written_as_large_as_fits(self) -> None:
        handed = hand_out(self.maren, self.tide_table.pk)
        student = JoinPage(self.new_browser(**PHONE).new_page()).join(handed.code, "Ama Lindqvist")
        expect(student.page.get_by_role("heading", name="Reading a tide table")).to_be_visible()
        self.editor.step("Key")
        key = self.editor.key(1)
        size = "input => parseFloat(getComputedStyle(input).fontSize)"
        before = key.evaluate(size)
        key.fill("ten past one in the afternoon")
        self.assertLess(key.evaluate(size), before)
