"""From a paper to a worksheet that is handed out, with its key: how often something is pressed."""

from demo.papers import keepers_log
from e2e import effort
from e2e.files import file
from e2e.journey import Journey
from server.handouts.models import Handout
from server.worksheets.models import Worksheet


class Effort(Journey):
    def hand_out(self, name: str, data: bytes, blanks: int, key: str) -> int:
        context = self.teacher_browser()
        effort.count(context)
        page = context.new_page()
        page.goto("/desk/")
        path = file(name, data)
        pressed = effort.hand_out(page, path, blanks, key)
        worksheet = Worksheet.objects.latest("created_at")
        self.assertEqual(Handout.objects.latest("created_at").worksheet, worksheet)
        self.assertEqual(len(worksheet.document["keys"]), blanks)
        return pressed

    def test_a_paper_of_fifteen_blanks(self) -> None:
        self.assertLessEqual(self.hand_out("log.pdf", keepers_log.draw(), 15, effort.LOG_KEY), 40)

    def test_a_scanned_page_of_twenty_blanks(self) -> None:
        pressed = self.hand_out("scan.jpg", effort.twenty_blanks(), 20, effort.twenty_answers())
        self.assertLessEqual(pressed, 60)
