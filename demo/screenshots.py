"""Takes the pictures in docs/screenshots/ from the demo's data: `python -m demo.screenshots`.

Runs a demo of its own, in a folder that is gone afterwards.
"""

import tempfile
from pathlib import Path

from playwright.sync_api import Browser, Page, ViewportSize, sync_playwright

from demo.papers import keepers_log
from demo.served import served
from demo.teachers import MAREN
from server.testing.chromium import chromium
from velum.testing import papers

ROOT = Path(__file__).resolve().parents[1]
OUT = ROOT / "docs" / "screenshots"
LAPTOP, PHONE = ViewportSize(width=1280, height=800), ViewportSize(width=390, height=844)
TABLET = ViewportSize(width=820, height=1180)


def main() -> None:
    OUT.mkdir(parents=True, exist_ok=True)
    with served() as server, sync_playwright() as playwright:
        browser = playwright.chromium.launch(executable_path=chromium(), args=["--no-sandbox"])
        _teacher(browser, server.home)


def _teacher(browser: Browser, home: str) -> None:
    page = browser.new_context(viewport=LAPTOP).new_page()
    page.goto(f"{home}/accounts/login/")
    page.get_by_label("Email").fill(MAREN.email)
    page.get_by_label("Password").fill(MAREN.password)
    page.get_by_role("button", name="Sign in").click()
    _take(page, "desk")
    page.get_by_role("link", name="Open Reading a tide table, 1 page").click()
    page.locator("[data-field=box003]").click()
    _take(page, "editor")
    _step(page, "Pages")
    _take(page, "pages")
    _straighten(page, home)
    _found(page, home)
    _replace(page, home)
    page.goto(f"{home}/desk/")
    page.get_by_role("link", name="Open Reading a tide table, 1 page").click()
    page.get_by_role("link", name="Key", exact=True).click()
    page.get_by_label("Right answer 4").click()
    _take(page, "key-sheet")
    page.goto(f"{home}/desk/")
    page.locator("li", has_text="Reading a tide table").get_by_role("link", name="See the results").click()
    _take(page, "results")
    page.get_by_role("link", name="Edda Solano").click()
    page.locator("[data-field=box006]").click()
    _take(page, "review")
    page.goto(f"{home}/desk/")
    page.get_by_role("link", name="Open Reading a tide table, 1 page").click()
    _step(page, "Hand out")
    page.get_by_role("list").last.get_by_role("link").last.click()
    code = page.get_by_test_id("code").inner_text()
    page.get_by_role("button", name="Show it large").click()
    _take(page, "handout")
    _class(page, browser, home)
    _moving(page, browser, home)
    _making(page, browser, home)
    for name, viewport in (("sheet-laptop", LAPTOP), ("sheet-phone", PHONE)):
        _student(browser, home, viewport, code.replace(" ", ""), name)


def _found(page: Page, home: str) -> None:
    page.goto(f"{home}/desk/")
    with tempfile.TemporaryDirectory() as folder:
        paper = Path(folder, "oil and bells.pdf")
        paper.write_bytes(papers.only_page(keepers_log.draw(), 2))
        page.locator("input[type=file]").first.set_input_files(paper)
        page.wait_for_url("**/worksheets/**")
    _step(page, "Film")
    page.get_by_role("region", name="Found on the pages").wait_for()
    _take(page, "found")


def _class(page: Page, browser: Browser, home: str) -> None:
    """A class, a student's peg, and a worksheet tried out."""
    page.goto(f"{home}/classes/")
    page.get_by_role("link", name="Kestrels").click()
    _take(page, "class")
    kaya = page.get_by_role("row").filter(has=page.get_by_role("button", name="Card of Kaya Oyelaran"))
    pictures = [str(picture.get_attribute("src")) for picture in kaya.get_by_role("img").all()]
    peg = browser.new_context(viewport=PHONE, has_touch=True).new_page()
    peg.goto(home)
    peg.get_by_label("Code", exact=True).fill(page.get_by_test_id("class-code").inner_text())
    peg.get_by_role("button", name="Open the worksheet").click()
    peg.get_by_label("Your name").fill("Kaya")
    peg.get_by_role("button", name="Now the pictures").click()
    for picture in pictures:
        peg.locator(f"button[value={Path(picture).stem}]").click()
    _take(peg, "peg")
    page.goto(f"{home}/desk/")
    page.get_by_role("link", name="Open Reading a tide table, 1 page").click()
    _step(page, "Try")
    page.get_by_text("Side by side").click()
    page.wait_for_timeout(3000)
    _take(page, "try")


def _step(page: Page, name: str) -> None:
    page.get_by_role("navigation", name="Steps").get_by_role("link", name=name).click()


def _moving(page: Page, browser: Browser, home: str) -> None:
    """Pieces on a student's tablet."""
    _hand_out(page, home, "Rock-pool creatures")
    sheet = _joined(page, browser, home, TABLET)
    for word, slot in (("limpet", 0), ("shore crab", 1)):
        sheet.get_by_role("button", name=f"{word}, waiting").click()
        sheet.locator("[data-put]").nth(slot).click()
    sheet.get_by_role("button", name="fish, waiting", exact=True).click()
    sheet.wait_for_timeout(800)
    _take(sheet, "pieces")


def _making(page: Page, browser: Browser, home: str) -> None:
    """A passage and a letter on a laptop, a table and working-out by hand on a tablet."""
    _hand_out(page, home, "A letter home in the fog")
    sheet = _joined(page, browser, home, LAPTOP)
    for word in ("noon", "bell"):
        sheet.get_by_role("list", name="Word bank").get_by_role("button", name=word).click()
    sheet.get_by_role("textbox", name="30 to 120 words").click()
    sheet.keyboard.type("About eleven I heard ")
    sheet.keyboard.press("Control+i")
    sheet.keyboard.type("oars")
    sheet.keyboard.press("Control+i")
    sheet.keyboard.type(" and shouted. It was the harbour master. He brought me")
    sheet.keyboard.press("Enter")
    sheet.get_by_role("button", name="List with dots").click()
    sheet.keyboard.type("bread\npost\na new pane")
    sheet.locator("main").evaluate("(main) => main.scrollTo(0, 60)")
    sheet.wait_for_timeout(800)
    _take(sheet, "letter")
    _hand_out(page, home, "Shells and chalk")
    sheet = _joined(page, browser, home, TABLET)
    for number, text in (("1a", "0.45"), ("1b", "0.70")):
        sheet.get_by_label(f"Answer {number}: Gas").fill(text)
    place = sheet.get_by_role("group", name="Answer 1a+").bounding_box()
    assert place
    for stroke in _WRITTEN:
        points = [(place["x"] + 30 + x, place["y"] + 30 + y) for x, y in stroke]
        sheet.mouse.move(*points[0])
        sheet.mouse.down()
        for point in points[1:]:
            sheet.mouse.move(*point, steps=4)
        sheet.mouse.up()
    sheet.wait_for_timeout(800)
    _take(sheet, "ink")
    sheet.get_by_role("button", name="Question 3a,").click()
    sheet.get_by_role("button", name="Help on question 3a").click()
    sheet.get_by_role("button", name="Show it: A worked example").click()
    sheet.get_by_role("button", name="Next step").click()
    sheet.wait_for_timeout(800)
    _take(sheet, "help")


_WRITTEN = (
    ((0, 8), (10, 0), (10, 40)),
    ((20, 38), (22, 40)),
    ((46, 12), (34, 4), (32, 16), (50, 28), (40, 40), (32, 28), (48, 14), (46, 12)),
    ((62, 4), (58, 20), (66, 40), (76, 24), (70, 4), (62, 4)),
    ((94, 22), (116, 22)),
    ((134, 8), (144, 0), (144, 40)),
    ((154, 38), (156, 40)),
    ((164, 8), (174, 2), (180, 14), (164, 40), (184, 40)),
    ((212, 2), (196, 2), (194, 18), (210, 20), (208, 36), (194, 40)),
    ((230, 18), (252, 18)),
    ((230, 28), (252, 28)),
)
"""What is written by hand: "1.80 - 1.25 =", each stroke through its points."""


def _hand_out(page: Page, home: str, title: str) -> None:
    """Hand a worksheet out, from the desk."""
    page.goto(f"{home}/desk/")
    page.get_by_role("link", name=f"Open {title}, 1 page").click()
    _step(page, "Hand out")
    page.get_by_label("Anybody with the code").check()
    page.get_by_role("button", name="Hand out to anybody").click()
    page.wait_for_url("**/handouts/**")


def _joined(page: Page, browser: Browser, home: str, viewport: ViewportSize) -> Page:
    """The sheet of a student who joined the handout that is shown."""
    code = page.get_by_test_id("code").inner_text().replace(" ", "")
    sheet = browser.new_context(viewport=viewport, has_touch=viewport is not LAPTOP).new_page()
    sheet.goto(f"{home}/join/{code}/")
    sheet.get_by_label("Your name").fill("Ama Lindqvist")
    sheet.get_by_role("button", name="Start").click()
    return sheet


def _straighten(page: Page, home: str) -> None:
    """A sheet under the document camera, straightened."""
    page.goto(f"{home}/desk/")
    page.get_by_role("button", name="Use the camera").click()
    page.wait_for_function("() => document.querySelector('[data-testid=camera] img')?.naturalWidth > 1000")
    page.get_by_role("button", name="Take a photo").click()
    page.get_by_role("button", name="Bring in 1 photo").click()
    page.wait_for_url("**/worksheets/**")
    page.get_by_role("button", name="Straighten it").wait_for(timeout=60_000)
    _step(page, "Pages")
    page.get_by_role("button", name="Page 1", exact=True).click()
    page.get_by_role("button", name="Straighten…").click()
    page.get_by_role("img", name="The page straightened").wait_for()
    page.wait_for_timeout(2000)
    _take(page, "straighten")
    page.goto(f"{home}/desk/")
    page.get_by_role("button", name="Remove Photo 1").click()
    page.get_by_role("button", name="Remove for good").click()


def _replace(page: Page, home: str) -> None:
    """A newer version of the keeper's log, with one question changed."""
    page.goto(f"{home}/desk/")
    page.get_by_role("link", name="Open The lighthouse keeper's log, 3 pages").click()
    _step(page, "Pages")
    page.get_by_role("button", name="Replace the paper…").click()
    newer = papers.painted_over(
        papers.moved(keepers_log.draw(), 0, 14), 1, (40, 130, 520, 30), "1.  Who kept the light?"
    )
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "newer.pdf"
        path.write_bytes(newer)
        page.get_by_label("Choose the new version").set_input_files(path)
        page.get_by_text("need a look").or_(page.get_by_text("needs a look")).first.wait_for(timeout=60_000)
    page.wait_for_timeout(2500)
    page.get_by_role("dialog").evaluate("dialog => (dialog.scrollTop = 330)")
    _take(page, "replace")
    page.keyboard.press("Escape")


def _student(browser: Browser, home: str, viewport: ViewportSize, code: str, picture: str) -> None:
    page = browser.new_context(viewport=viewport, has_touch=picture == "sheet-phone").new_page()
    page.goto(f"{home}/join/{code}/")
    page.get_by_label("Your name").fill("Kaito Brandt" if picture == "sheet-laptop" else "Lena Osei")
    page.get_by_role("button", name="Start").click()
    if picture == "sheet-laptop":
        for number, answer in ((1, "13:10"), (2, "07:50"), (3, "0.4")):
            page.get_by_label(f"Answer {number}", exact=True).fill(answer)
        page.get_by_role("button", name="Check 3").click()
        page.get_by_role("button", name="Next blank").click()
    else:
        page.get_by_label("Answer 1").fill("13:10")
        page.get_by_role("button", name="Next blank").click()
        page.wait_for_timeout(500)
    _take(page, picture)


def _take(page: Page, name: str) -> None:
    page.wait_for_load_state("networkidle")
    page.screenshot(path=OUT / f"{name}.png")


if __name__ == "__main__":
    main()
