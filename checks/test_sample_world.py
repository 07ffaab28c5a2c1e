"""The worksheets that ship with the demo are such as a teacher would hand out."""

from demo import world
from server.testing.world import WorldCase
from server.worksheets import documents
from server.worksheets.models import Worksheet
from velum.document.look_over import look_over
from velum.kinds import KINDS, kind_of


class SampleWorld(WorldCase):
    @classmethod
    def setUpTestData(cls) -> None:
        """Nobody lives there yet."""

    def test_every_kind_is_used_and_nothing_is_doubtful_after_the_first_two(self) -> None:
        world.load()
        made = [documents.read(worksheet) for worksheet in Worksheet.objects.order_by("created_at")]
        used = {field.kind for document in made for field in document.fields}
        self.assertEqual(used, set(KINDS) - {"choice", "tick_places"})
        for document in made[2:]:
            with self.subTest(document.title):
                self.assertEqual(list(look_over(document)), [])
                for field in document.fields:
                    if kind_of(field).keyed:
                        key = document.keys[field.id]
                        self.assertEqual(kind_of(field).parts_without_key(field, key), [])
