"""A school whose worksheet has a field of the made-up kind, which uses all that a kind may use."""

from unittest import mock

from server.copies.models import Copy
from server.handouts.flows.hand_out import hand_out
from server.handouts.models import Handout
from server.testing.world import WorldCase, joined
from server.worksheets.documents import written
from server.worksheets.models import Worksheet
from velum.document.edits import PlaceField, SetKey, apply
from velum.document.tests.examples import a_document, answer_box
from velum.kinds import KINDS
from velum.kinds.tests.made_up import MADE_UP

HAUL, KEY, ANSWER = MADE_UP.example


class PartsCase(WorldCase):
    """Students put a whelk into slot1, for a point, and a shore crab into slot2, on another page, for two points."""

    worksheet: Worksheet
    handout: Handout
    copy: Copy

    @classmethod
    def setUpClass(cls) -> None:
        cls.enterClassContext(mock.patch.dict(KINDS, {MADE_UP.name: MADE_UP}))
        super().setUpClass()

    def setUp(self) -> None:
        super().setUp()
        document = apply(
            a_document(answer_box("box1", y=100), keys={"box1": "limpet"}),
            [PlaceField(field=HAUL), SetKey(field_id=HAUL.id, key=KEY)],
        )
        self.worksheet = Worksheet.objects.create(owner=self.world.maren, **written(document))
        self.handout = hand_out(self.world.maren, self.worksheet.pk)
        self.handout.may_check = True
        self.handout.save()
        self.copy = joined(self.handout, "Bao Okafor")


def entry(words: str, **more: object) -> dict[str, object]:
    return {"kind": "haul", "version": 2, "words": words} | more
