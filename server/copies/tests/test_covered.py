"""What a teacher has covered on a page, students neither see nor hear, whatever they ask the server for."""

import io
import uuid
from typing import Any

from PIL import Image

from server.drawing import queue
from server.handouts.flows.hand_out import hand_out
from server.testing.world import WorldCase, joined, student_client, teacher_client
from server.worksheets import documents, pictures, surveys
from server.worksheets.flows.bring_in import bring_in
from server.worksheets.flows.edit import edit
from server.worksheets.flows.find import find_worksheet
from velum.document.edits import LayFixture
from velum.fixtures.shape import Shape
from velum.fixtures.text import Text
from velum.geometry.box import Box
from velum.rich_text import plain
from velum.testing import papers

ANSWER = Box(x=60, y=50, width=300, height=30)
"""Where the paper says "Bladder wrack"."""


class Covered(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        maren = self.world.maren
        self.sheet = bring_in(maren, io.BytesIO(papers.pdf(words="Bladder wrack")), "paper.pdf").worksheet
        self.page = documents.read(self.sheet).pages[0]
        place = {"page": self.page.id, "box": ANSWER}
        written = Text(id="told1", paragraphs=plain("Or: bladderwrack"), **place)
        cover = Shape(id="cover1", fill="#ffffff", stroke=None, **place)
        laid = [LayFixture(fixture=written), LayFixture(fixture=cover)]
        edit(maren, self.sheet.pk, 1, uuid.uuid4(), laid)
        self.copy = joined(hand_out(maren, self.sheet.pk), "Zoe Quill")
        self.student, self.teacher = student_client(self.copy), teacher_client(maren)

    def ink(self, client: Any, home: str, width: int) -> int:
        """The darkest level of grey where the answer stands, of 255, in the picture that somebody is sent."""
        answer = client.get(f"{home}/pages/{self.page.id}/{width}.webp?look={self.page.look}")
        self.assertEqual(answer.status_code, 200)
        picture = Image.open(io.BytesIO(b"".join(answer.streaming_content))).convert("L")
        scale = picture.width / self.page.width
        edges = (ANSWER.x, ANSWER.y, ANSWER.x + ANSWER.width, ANSWER.bottom)
        darkest: int = picture.crop(tuple(round(edge * scale) for edge in edges)).getextrema()[0]  # type: ignore
        return darkest

    def test_the_picture_that_a_student_is_sent_does_not_show_it_in_any_width(self) -> None:
        for width in (pictures.THUMB, pictures.LAPTOP, pictures.FINE):
            self.assertEqual(self.ink(self.student, f"/c/{self.copy.pk}", width), 255)
            self.assertLess(self.ink(self.teacher, f"/worksheets/{self.sheet.pk}", width), 100)

    def test_nor_is_it_read_aloud_or_part_of_the_sheet(self) -> None:
        while not surveys.is_done(self.page):
            surveys.begin([self.page])
            for waiting in [*queue._queue._running.values(), *queue._queue._waiting.values()]:
                waiting.done.exception()
        texts = self.student.get(f"/c/{self.copy.pk}/texts").json()
        self.assertEqual(texts, {"pages": [{"text": "", "regions": []}], "asked": []})
        copy = self.student.get(f"/c/{self.copy.pk}/copy")
        self.assertEqual([fixture["id"] for fixture in copy.json()["sheet"]["fixtures"]], ["cover1"])
        self.assertNotIn(b"bladderwrack", copy.content)
        self.assertNotIn("bladderwrack", self.student.get(f"/c/{self.copy.pk}/").content.decode())
        found = self.teacher.get("/api/worksheets?words=bladder+wrack").json()
        self.assertEqual([sheet["id"] for sheet in found], [str(self.sheet.pk)])
        self.assertEqual(find_worksheet(self.world.maren, self.sheet.pk).revision, 2)
