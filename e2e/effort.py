"""How often a teacher has to press something until a paper is a worksheet that students fill in."""

import io
from pathlib import Path

from playwright.sync_api import BrowserContext, Page, expect
from reportlab.pdfgen.canvas import Canvas

from bench.finding import scanned

_COUNT = """
for (const event of ["pointerdown", "keydown", "wheel"])
  window.addEventListener(event, ({isTrusted}) => {
    if (isTrusted) sessionStorage.presses = Number(sessionStorage.presses ?? 0) + 1;
  }, {capture: true, passive: true});
"""

PICKING_A_FILE = 2
"""Presses in the system's dialog: the file, and "Open"."""


def count(context: BrowserContext) -> None:
    """Count what is pressed in the pages that are opened in a browser from now on."""
    context.grant_permissions(["clipboard-read", "clipboard-write"])
    context.add_init_script(_COUNT)


def presses(page: Page) -> int:
    """How often something was pressed in a tab, and in the system's dialog for files."""
    return int(page.evaluate("Number(sessionStorage.presses ?? 0)")) + PICKING_A_FILE


def hand_out(page: Page, paper: Path, blanks: int, key: str) -> int:
    """Bring in a paper from the desk, take what was found on it, paste its key, hand it out; the presses it took."""
    page.evaluate("text => navigator.clipboard.writeText(text)", key)  # copied in another program
    with page.expect_file_chooser() as chooser:
        page.locator("label", has_text="Choose files").click()
    chooser.value.set_files(paper)
    page.wait_for_url("**/worksheets/**")
    better = page.get_by_role("button", name="Straighten")
    offer = page.get_by_role("region", name="Found on the pages")
    expect(offer.or_(better).first).to_be_visible()
    if better.count():
        better.first.click()
        expect(better).to_have_count(0)
    expect(offer).to_contain_text(f"{blanks} places found")
    offer.get_by_role("button", name="Take all").click()
    page.get_by_role("navigation", name="Steps").get_by_role("link", name="Key").click()
    page.get_by_role("button", name="Paste a key").click()
    expect(page.get_by_label("The key you have")).to_be_focused()
    page.keyboard.press("Control+V")
    page.get_by_role("button", name=f"Set these {blanks} answers").click()
    page.get_by_role("link", name="Hand out").first.click()
    page.get_by_role("button", name="Hand out to anybody").click()
    page.wait_for_url("**/handouts/**")
    return presses(page)


WORDS = ["ebb", "flood", "gannet", "puffin", "harbour", "anchor", "beacon", "lantern", "granite", "limpet"]


def twenty_blanks() -> bytes:
    """A scanned page of twenty numbered blanks, askew, with grain and in a shadow."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(595.28, 841.89))
    canvas.setFont("Helvetica-Bold", 18)
    canvas.drawString(60, 780, "Words of the coast")
    canvas.setFont("Helvetica", 12)
    for number in range(1, 21):
        y = 765 - 34 * number
        canvas.drawString(60, y, f"{number}.  The word for picture {number} is")
        canvas.line(300, y - 2, 500, y - 2)
    canvas.save()
    return scanned(out.getvalue(), 1)


def twenty_answers() -> str:
    """The key of that page, as a teacher has it."""
    return "\n".join(f"{number}. {WORDS[number % len(WORDS)]}" for number in range(1, 21))


LOG_KEY = "\n".join(
    f"{number}. {answer}"
    for number, answer in {
        "1": "Pip",
        "2": "gannet",
        "3": "oilskin",
        "4": "the foghorn",
        "5": "So that ships can hear where the rocks are.",
        "6": "The keeper does not want to worry her.",
        "7": "gale",
        "8a": "3 × 4 = 12",
        "8b": "12",
        "9a": "60 / 2 = 30",
        "9b": "30",
        "10a": "36",
        "10b": "30",
        "10c": "24",
        "11": "5",
    }.items()
)
"""The key of the keeper's log, as a teacher has it."""
