import unittest
from dataclasses import replace
from itertools import count

from velum.document.from_form import Keyed, from_form, told_of
from velum.document.tests.examples import page
from velum.geometry.box import Box
from velum.kinds import Field
from velum.kinds.answer_box import AnswerBox, AnswerBoxKey
from velum.kinds.choice import Choice, ChoiceKey, worded
from velum.kinds.tick_places import TickPlaces, TickPlacesKey
from velum.paper.form_fields import FormField, Sort, Widget
from velum.sentence import ENGLISH

PAGES = [page(), page("page2", 1)]


def widget(x: float, y: float, on: int = 0, says: str = "", width: float = 16, height: float = 16) -> Widget:
    return Widget(on, Box(x=x, y=y, width=width, height=height), says)


def keyed(sort: Sort, *widgets: Widget, options: tuple[str, ...] = (), filled: tuple[str, ...] = ()) -> list[Keyed]:
    ids = count()
    form = FormField(sort, "Zone", widgets, options, filled=filled)
    return from_form([form], PAGES, lambda: f"made{next(ids)}")


def made(sort: Sort, *widgets: Widget, options: tuple[str, ...] = ()) -> list[Field]:
    return [field for field, _ in keyed(sort, *widgets, options=options)]


class FromForms(unittest.TestCase):
    def test_text_becomes_an_answer_box(self) -> None:
        (box,) = made("text", widget(72, 100, width=150, height=20))
        assert isinstance(box, AnswerBox)
        self.assertEqual((box.name, box.lines, box.box), ("Zone", "one", Box(x=72, y=100, width=150, height=20)))
        (high,) = made("text", widget(72, 100, width=150, height=60))
        self.assertEqual(getattr(high, "lines", None), "several")

    def test_radio_buttons_become_places_to_tick_where_they_stood(self) -> None:
        (ticks,) = made("radio", widget(72, 100, says="splash"), widget(132, 100, says="low"))
        assert isinstance(ticks, TickPlaces)
        self.assertEqual(ticks.box, Box(x=72, y=100, width=76, height=16))
        self.assertEqual([spot.name for spot in ticks.spots], ["splash", "low"])
        self.assertAlmostEqual(ticks.box.x + ticks.spots[1].x * ticks.box.width, 132, places=6)
        self.assertFalse(ticks.several)

    def test_a_check_box_is_one_place_to_tick(self) -> None:
        (tick,) = made("check", widget(72, 100, says="Yes"))
        assert isinstance(tick, TickPlaces)
        self.assertEqual((len(tick.spots), tick.spots[0].name, tick.several), (1, "", True))

    def test_a_list_becomes_a_choice(self) -> None:
        (choice,) = made("list", widget(72, 100, width=90, height=20), options=("calm", "gale"))
        assert isinstance(choice, Choice)
        self.assertEqual((choice.options, choice.arrangement, choice.several), (worded("calm", "gale"), "list", False))
        (endless,) = made("list", widget(72, 100), options=tuple(map(str, range(200))))
        self.assertIsInstance(endless, AnswerBox, "nobody picks from two hundred: it can be typed")

    def test_what_is_typed_instead_of_picked_is_told(self) -> None:
        def lists(*lengths: int) -> tuple[str, ...]:
            form = [FormField("list", "Port", (), tuple(map(str, range(length)))) for length in lengths]
            return tuple(sentence.say(ENGLISH) for sentence in told_of(form))

        self.assertEqual(lists(2, 26), ())
        (words,) = lists(27, 3)
        self.assertIn("1 list with more than 26 options (Port) is an answer box now", words)
        self.assertIn("2 lists", lists(27, 200)[0])

    def test_one_that_stands_on_two_pages_is_one_on_each(self) -> None:
        fields = made("text", widget(72, 100), widget(72, 100, on=1), widget(72, 100, on=9))
        self.assertEqual([field.page for field in fields], ["page1", "page2"])

    def test_one_beside_the_page_is_brought_onto_it(self) -> None:
        (box,) = made("text", widget(-50, 5_000, width=9_000, height=20))
        self.assertEqual((box.box.x, box.box.width), (0, PAGES[0].width))
        self.assertAlmostEqual(box.box.bottom, PAGES[0].height)

    def test_what_was_filled_in_is_the_right_answer(self) -> None:
        self.assertEqual([key for _, key in keyed("text", widget(72, 100))], [None])
        ((_, typed),) = keyed("text", widget(72, 100), filled=("bladder wrack",))
        self.assertEqual(typed, AnswerBoxKey(text="bladder wrack"))
        ((_, unreadable),) = keyed("text", widget(72, 100), filled=("\0",))
        self.assertIsNone(unreadable)
        ((choice, picked),) = keyed("list", widget(72, 100), options=("calm", "gale"), filled=("gale",))
        assert isinstance(choice, Choice)
        self.assertEqual(picked, ChoiceKey(picked=(choice.options[1].id,)))
        ticked = replace(widget(132, 100, says="low"), ticked=True)
        ((ticks, on),) = keyed("radio", widget(72, 100, says="splash"), ticked)
        assert isinstance(ticks, TickPlaces)
        self.assertEqual(on, TickPlacesKey(picked=(ticks.spots[1].id,)))
