"""A PDF's own form fields as fields of Velum, on the pages that were brought in.

What was filled in is no longer seen on the page: it becomes the right answer, on the key sheet.
"""

from collections import defaultdict
from collections.abc import Callable, Iterable, Sequence

from pydantic import ValidationError

from velum.document.page import Page
from velum.geometry.box import Box, kept_inside
from velum.geometry.share import share
from velum.kinds import Field, Key
from velum.kinds.answer_box import AnswerBox, AnswerBoxKey
from velum.kinds.choice import Choice, ChoiceKey, worded
from velum.kinds.picking import MOST_OPTIONS, id_of_place
from velum.kinds.tick_places import Spot, TickPlaces, TickPlacesKey
from velum.paper.form_fields import FormField, Widget
from velum.sentence import Sentence, together

_SEVERAL_FROM = 40
"""Points of height from which a text field is meant for several lines."""

_NAMED = 5
"""Fields that are told by name."""

Names = Callable[[], str]
"""Gives a new id each time."""


Keyed = tuple[Field, Key | None]
"""A field, and its key where the form was filled in."""


def from_form(form: Iterable[FormField], pages: Sequence[Page], new_id: Names) -> list[Keyed]:
    """The fields that stand for a form's; ``pages`` are those of the form's file, as they are in it.

    A field whose widgets stand on several pages becomes one on each.
    """
    by_number = {page.number: page for page in pages}
    fields: list[Keyed] = []
    for each in form:
        on_page: dict[int, list[Widget]] = defaultdict(list)
        for widget in each.widgets:
            on_page[widget.page].append(widget)
        for number, widgets in on_page.items():
            if number in by_number:
                fields += _on_page(each, widgets, by_number[number], new_id)
    return fields


def told_of(form: Iterable[FormField]) -> tuple[Sentence, ...]:
    """What of a form is answered otherwise in Velum than in the form."""
    typed = [
        each.name or f"{each.options[0]} …" for each in form if each.sort == "list" and len(each.options) > MOST_OPTIONS
    ]
    if not typed:
        return ()
    return (
        Sentence.counted(
            "left_out.long_lists",
            "{count} list with more than {most} options ({names}) is an answer box now: students type what they pick.",
            "{count} lists with more than {most} options ({names}) are answer boxes now: students type what they pick.",
            len(typed),
            {"most": MOST_OPTIONS, "names": together([*typed[:_NAMED], "…"] if len(typed) > _NAMED else typed)},
        ),
    )


def _on_page(form: FormField, widgets: Sequence[Widget], page: Page, new_id: Names) -> list[Keyed]:
    if form.sort in ("check", "radio"):
        return [
            _tick_places(form, widgets[start : start + MOST_OPTIONS], page, new_id())
            for start in range(0, len(widgets), MOST_OPTIONS)
        ]
    make = _choice if form.sort == "list" and 2 <= len(form.options) <= MOST_OPTIONS else _answer_box
    return [make(form, _inside(widget.box, page), page, new_id()) for widget in widgets]


def _choice(form: FormField, box: Box, page: Page, field_id: str) -> Keyed:
    choice = Choice(
        id=field_id,
        page=page.id,
        box=box,
        name=form.name,
        options=worded(*form.options),
        several=form.several,
        arrangement="column" if form.several else "list",
    )
    picked = [option.id for option, words in zip(choice.options, form.options, strict=True) if words in form.filled]
    return choice, ChoiceKey(picked=tuple(picked)) if picked else None


def _answer_box(form: FormField, box: Box, page: Page, field_id: str) -> Keyed:
    lines = form.several or box.height >= _SEVERAL_FROM
    field = AnswerBox(id=field_id, page=page.id, box=box, name=form.name, lines="several" if lines else "one")
    try:
        return field, AnswerBoxKey(text=form.filled[0], also=form.filled[1:]) if form.filled else None
    except ValidationError:
        return field, None  # what nobody can type is no answer


def _tick_places(form: FormField, widgets: Sequence[Widget], page: Page, field_id: str) -> Keyed:
    boxes = [_inside(widget.box, page) for widget in widgets]
    x, y = min(box.x for box in boxes), min(box.y for box in boxes)
    width, height = max(box.x + box.width for box in boxes) - x, max(box.bottom for box in boxes) - y
    spots = tuple(
        Spot(
            id=id_of_place(place),
            x=share((box.x - x) / width),
            y=share((box.y - y) / height),
            width=share(box.width / width),
            height=share(box.height / height),
            name="" if len(boxes) == 1 else widget.says,
        )
        for place, (box, widget) in enumerate(zip(boxes, widgets, strict=True))
    )
    around = Box(x=x, y=y, width=width, height=height)
    several = form.sort == "check"
    ticks = TickPlaces(id=field_id, page=page.id, box=around, name=form.name, spots=spots, several=several)
    picked = [spot.id for spot, widget in zip(spots, widgets, strict=True) if widget.ticked]
    return ticks, TickPlacesKey(picked=tuple(picked[: None if several else 1])) if picked else None


def _inside(box: Box, page: Page) -> Box:
    """The box on its page; PDFs may place widgets anywhere."""
    return kept_inside(box, page.width, page.height)
