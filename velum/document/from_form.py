"""A PDF's own form fields as fields of Velum, on the pages that were brought in."""

from collections import defaultdict
from collections.abc import Callable, Iterable, Sequence

from velum.document.page import Page
from velum.geometry.box import Box, kept_inside
from velum.kinds import Field
from velum.kinds.answer_box import AnswerBox
from velum.kinds.choice import Choice, worded
from velum.kinds.picking import MOST_OPTIONS, id_of_place
from velum.kinds.tick_places import Spot, TickPlaces, share
from velum.paper.form_fields import FormField, Widget

_SEVERAL_FROM = 40
"""Points of height from which a text field is meant for several lines."""

Names = Callable[[], str]
"""Gives a new id each time."""


def fields_of(form: Iterable[FormField], pages: Sequence[Page], new_id: Names) -> list[Field]:
    """The fields that stand for a form's; ``pages`` are those of the form's file, as they are in it.

    A field whose widgets stand on several pages becomes one on each.
    """
    by_number = {page.number: page for page in pages}
    fields = []
    for each in form:
        on_page: dict[int, list[Widget]] = defaultdict(list)
        for widget in each.widgets:
            on_page[widget.page].append(widget)
        for number, widgets in on_page.items():
            if number in by_number:
                fields += _on_page(each, widgets, by_number[number], new_id)
    return fields


def _on_page(form: FormField, widgets: Sequence[Widget], page: Page, new_id: Names) -> list[Field]:
    if form.sort in ("check", "radio"):
        return [
            _tick_places(form, widgets[start : start + MOST_OPTIONS], page, new_id())
            for start in range(0, len(widgets), MOST_OPTIONS)
        ]
    fields: list[Field] = []
    for widget in widgets:
        box = _inside(widget.box, page)
        if form.sort == "list" and 2 <= len(form.options) <= MOST_OPTIONS:
            fields.append(
                Choice(
                    id=new_id(),
                    page=page.id,
                    box=box,
                    name=form.name,
                    options=worded(*form.options),
                    several=form.several,
                    arrangement="column" if form.several else "list",
                )
            )
        else:
            lines = form.several or box.height >= _SEVERAL_FROM
            fields.append(
                AnswerBox(id=new_id(), page=page.id, box=box, name=form.name, lines="several" if lines else "one")
            )
    return fields


def _tick_places(form: FormField, widgets: Sequence[Widget], page: Page, field_id: str) -> TickPlaces:
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
    return TickPlaces(id=field_id, page=page.id, box=around, name=form.name, spots=spots, several=form.sort == "check")


def _inside(box: Box, page: Page) -> Box:
    """The box on its page; PDFs may place widgets anywhere."""
    return kept_inside(box, page.width, page.height)
