"""What the core makes of each edit, for the browser to be held to: it applies the same edits at once."""

from typing import Any

from pydantic import TypeAdapter

from velum.answers.settings import AnswerSettings
from velum.document.cuts import cut_out
from velum.document.document import Document
from velum.document.edits import (
    BringPageBack,
    ChangeField,
    ChangeFixture,
    Edit,
    ForgetPage,
    InsertPage,
    LayerFixture,
    LayFixture,
    MovePage,
    PlaceField,
    RefuseFound,
    RemoveField,
    RemoveFixture,
    Rename,
    SetGroups,
    SetInstructions,
    SetKey,
    SetPageAside,
    SetSettings,
    SetSkills,
    SetStyle,
    ShowPage,
    SwapPaper,
    TurnPage,
    apply,
)
from velum.document.group import Group
from velum.document.page import Shown
from velum.document.skills import Skill
from velum.document.tests.examples import a_document, answer_box, page
from velum.fixtures.shape import Line, Shape
from velum.geometry.box import Box
from velum.geometry.projection import Point
from velum.instructions import Instruction
from velum.kinds.answer_box import AnswerBoxKey
from velum.kinds.style import PLAIN
from velum.kinds.tick_places import TICK_PLACES
from velum.rich_text import plain

FLAT = Shown(
    width=500,
    height=700.5,
    whiten=True,
    corners=(Point(x=60.3, y=-50.1), Point(x=540, y=90), Point(x=570, y=800), Point(x=-30, y=760.7)),
)
RING = Shape(id="ring1", page="page1", box=Box(x=100, y=90.5, width=80, height=60), form="ellipse")
ARROW = Line(id="arrow1", page="page1", box=Box(x=200, y=90, width=80, height=60), start="bottom left", heads="end")
PAIR = Group(id="group1", fields=("box1", "box2"), any_order=True, points=1)
SAID = Instruction(language="nb", paragraphs=plain("Les tabellen."))
KEY = AnswerBoxKey(text="limpet")
CASES: dict[str, list[Edit]] = {
    "place": [PlaceField(field=answer_box("box9", y=10))],
    "change": [ChangeField(field=answer_box("box1", y=700, points=2.5))],
    "remove": [RemoveField(field_id="box1")],
    "set_key": [SetKey(field_id="box2", key=KEY)],
    "take a key away": [SetKey(field_id="box1", key=None)],
    "set_settings": [SetSettings(settings=AnswerSettings(decimal=","))],
    "set_groups": [SetGroups(groups=(PAIR,))],
    "set_instructions": [
        SetInstructions(instructions=(SAID,)),
        SetInstructions(page_id="page1", instructions=(SAID,)),
        SetInstructions(page_id="page2", instructions=(SAID,)),
        SetInstructions(page_id="page2", instructions=()),
    ],
    "set_instructions of a page that is forgotten": [
        InsertPage(page=page("page9"), to=1),
        SetInstructions(page_id="page9", instructions=(SAID,)),
        SetPageAside(page_id="page9"),
        ForgetPage(page_id="page9"),
    ],
    "set_skills": [SetSkills(skills=(Skill(id="read1", name="Reading tables"),))],
    "remove from a group": [SetGroups(groups=(PAIR,)), RemoveField(field_id="box1")],
    "rename": [Rename(title="Zones of the shore")],
    "swap_paper": [
        InsertPage(page=page("page9"), to=1),
        TurnPage(page_id="page9", by=90),
        SetPageAside(page_id="page9"),
        SwapPaper(page_id="page2", with_id="page9"),
    ],
    "swap_paper with refused places": [
        RefuseFound(page_id="page2", refused=(Box(x=60, y=70, width=80, height=20),)),
        InsertPage(page=page("page9"), to=1),
        SetPageAside(page_id="page9"),
        SwapPaper(page_id="page2", with_id="page9"),
    ],
    "refuse_found": [
        RefuseFound(page_id="page1", refused=(Box(x=60, y=70, width=80, height=20),)),
        TurnPage(page_id="page1", by=90),
    ],
    "move_page": [MovePage(page_id="page2", to=0)],
    "turn_page": [TurnPage(page_id="page1", by=90)],
    "turn_page with tick places": [
        PlaceField(field=TICK_PLACES.example[0]),
        TurnPage(page_id="page1", by=90),
        TurnPage(page_id="page1", by=180),
    ],
    "turn_page by a half": [TurnPage(page_id="page1", by=180)],
    "turn_page to the left": [TurnPage(page_id="page2", by=270)],
    "insert_page": [InsertPage(page=page("page9"), to=1)],
    "insert_page cut out": [
        InsertPage(page=cut_out(page(), Box(x=50.3, y=100, width=300, height=120), "page9"), to=9),
    ],
    "show_page": [TurnPage(page_id="page1", by=90), ShowPage(page_id="page1", shown=FLAT)],
    "show_page as it is": [
        ShowPage(page_id="page1", shown=FLAT),
        ShowPage(page_id="page1", shown=Shown(width=595.276, height=841.89)),
    ],
    "set_page_aside": [RemoveField(field_id="box3"), SetPageAside(page_id="page2")],
    "bring_page_back": [
        RemoveField(field_id="box3"),
        SetPageAside(page_id="page2"),
        BringPageBack(page_id="page2", to=0),
    ],
    "lay_fixture": [LayFixture(fixture=RING), LayFixture(fixture=ARROW, layer=0)],
    "change_fixture": [
        LayFixture(fixture=RING),
        ChangeFixture(fixture=RING.changed(fill="#e9a820", form="box")),
    ],
    "layer_fixture": [
        LayFixture(fixture=RING),
        LayFixture(fixture=ARROW),
        LayerFixture(fixture_id="ring1", layer=1),
        LayerFixture(fixture_id="arrow1", layer=0),
    ],
    "remove_fixture": [LayFixture(fixture=RING), LayFixture(fixture=ARROW), RemoveFixture(fixture_id="ring1")],
    "turn_page with fixtures": [
        LayFixture(fixture=RING),
        LayFixture(fixture=ARROW),
        TurnPage(page_id="page1", by=90),
        TurnPage(page_id="page1", by=180),
    ],
    "set_style": [SetStyle(style=PLAIN)],
    "forget_page": [
        InsertPage(page=page("page9"), to=1),
        SetPageAside(page_id="page9"),
        ForgetPage(page_id="page9"),
    ],
}


def edit_cases() -> list[dict[str, Any]]:
    """Each case: its name, a worksheet, edits, the worksheet after them, and how its pages then look."""
    before = a_document(
        answer_box("box1", y=100),
        answer_box("box2", y=300.5, x=80.25),
        answer_box("box3", y=200, on="page2"),
        keys={"box1": "bladder wrack", "box3": "6"},
    )
    reader: TypeAdapter[list[Edit]] = TypeAdapter(list[Edit])
    return [
        {
            "name": name,
            "before": _json(before),
            "edits": reader.dump_python(edits, mode="json"),
            "after": _json(after),
            "looks": [str(page.look) for page in after.pages],
        }
        for name, edits, after in ((name, edits, apply(before, edits)) for name, edits in CASES.items())
    ]


def _json(document: Document) -> dict[str, Any]:
    return document.model_dump(mode="json")
