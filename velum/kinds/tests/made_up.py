"""A kind that is in no worksheet: it uses all that a kind may use, so that whatever treats all kinds alike is tried.

Students put what they found into slots, as words or as a picture; a slot may lie on any page and is a part of its own.
"""

from collections.abc import Callable, Mapping
from typing import Annotated, Literal, Self

from pydantic import StringConstraints

from velum.answers.settings import AnswerSettings
from velum.geometry.box import Box
from velum.kinds.kind import AnswerBase, AnswerRefused, Entries, FieldBase, Json, KeyBase, Kind, PromptBase
from velum.kinds.part import Hint, Part, QuestionNumber
from velum.mark import NO_KEY, Mark, for_teacher, right, wrong
from velum.model import Id, Model, NoNul, Sha256
from velum.placed import Place
from velum.points import Points
from velum.sentence import Sentence

SAME = Sentence("haul.same", "the same thing")
OTHER = Sentence("haul.other", "another thing")
GONE = Sentence("haul.gone", "A slot is gone.")
Thing = Annotated[str, StringConstraints(max_length=100), NoNul]


class Slot(Model):
    """Where something may be put, which all may see."""

    id: Id
    page: Id
    box: Box


class About(Model):
    """What the teacher settled about a slot."""

    points: Points = 1
    number: QuestionNumber = ""
    hint: Hint = ""


class Haul(FieldBase):
    kind: Literal["haul"] = "haul"
    slots: tuple[Slot, ...]
    about: dict[Id, About] = {}
    picture: Sha256 | None = None

    @property
    def places(self) -> tuple[Place, ...]:
        return (Place(self.page, self.box), *(Place(slot.page, slot.box, slot.id) for slot in self.slots))

    def moved(self, move: Callable[[Place], Box]) -> Self:
        slots = tuple(slot.changed(box=move(Place(slot.page, slot.box, slot.id))) for slot in self.slots)
        return self.changed(box=move(Place(self.page, self.box)), slots=slots)

    @property
    def parts(self) -> tuple[Part, ...]:
        return tuple(self._part(slot, self.about.get(slot.id, About())) for slot in self.slots)

    def _part(self, slot: Slot, about: About) -> Part:
        return Part(slot.id, about.points, self.name, about.number, about.hint, slot.id)


class HaulKey(KeyBase):
    kind: Literal["haul"] = "haul"
    right: tuple[tuple[Id, Thing], ...]
    """A slot and what may lie in it; a slot may stand here more than once."""


class HaulPrompt(PromptBase):
    kind: Literal["haul"] = "haul"
    slots: tuple[Slot, ...]
    picture: Sha256 | None = None


class HaulEntry(AnswerBase):
    """What lies in a slot; neither words nor a picture: nothing any more."""

    kind: Literal["haul"] = "haul"
    version: Literal[2] = 2
    words: Thing = ""
    photo: Sha256 | None = None


class HaulAnswer(AnswerBase):
    kind: Literal["haul"] = "haul"
    version: Literal[2] = 2
    found: tuple[tuple[Id, HaulEntry], ...] = ()


def _ids(field: Haul) -> list[str]:
    return [slot.id for slot in field.slots]


def _is_nothing(entry: HaulEntry) -> bool:
    return not entry.words.strip() and entry.photo is None


def _answered(field: Haul, answer: HaulAnswer) -> list[str]:
    return [name for name, entry in answer.found if not _is_nothing(entry)]


def _judge(field: Haul, key: HaulKey, answer: HaulAnswer, settings: AnswerSettings) -> dict[str, Mark]:
    found = dict(answer.found)
    return {name: _mark(key, name, found[name]) for name in _answered(field, answer)}


def _mark(key: HaulKey, name: str, entry: HaulEntry) -> Mark:
    wanted = [thing for slot, thing in key.right if slot == name]
    if not wanted:
        return for_teacher(NO_KEY)
    return right(SAME) if entry.words.strip() in wanted else wrong(OTHER)


def _without_key(field: Haul, key: HaulKey) -> list[str]:
    return [name for name in _ids(field) if name not in dict(key.right)]


def _key_from_text(field: Haul, part: str, text: str, key: HaulKey | None) -> HaulKey | None:
    if not text.strip():
        return None
    others = tuple(pair for pair in key.right if pair[0] != part) if key else ()
    return HaulKey(right=(*others, (part, text.strip())))


def _accepting(field: Haul, part: str, key: HaulKey, answer: HaulAnswer) -> HaulKey | None:
    words = dict(answer.found)[part].words.strip() if part in dict(answer.found) else ""
    return key.changed(right=(*key.right, (part, words))) if words else None


def _together(field: Haul, entries: Mapping[str, HaulEntry]) -> HaulAnswer:
    return HaulAnswer(found=tuple((name, entries[name]) for name in _ids(field) if name in entries))


def _check_entry(field: Haul, name: str, entry: HaulEntry) -> None:
    if name not in _ids(field):
        raise AnswerRefused("answer.no_slot", "This slot is no longer there. What was saved before is kept.")


def _check_answer(field: Haul, answer: HaulAnswer) -> None:
    for name, entry in answer.found:
        _check_entry(field, name, entry)


def _in_words(field: Haul, data: Json) -> Json:
    """In version 1 what was found was called a thing."""
    return {name: value for name, value in data.items() if name != "thing"} | {
        "version": 2,
        "words": data.get("thing", ""),
    }


def _photos(answer: HaulAnswer | HaulEntry) -> list[str]:
    entries = [answer] if isinstance(answer, HaulEntry) else [entry for _, entry in answer.found]
    return [entry.photo for entry in entries if entry.photo]


FIRST, SECOND = "slot1", "slot2"

MADE_UP = Kind(
    name="haul",
    label="Haul",
    field=Haul,
    key=HaulKey,
    prompt_type=HaulPrompt,
    answer=HaulAnswer,
    is_blank=lambda answer: all(_is_nothing(entry) for _, entry in answer.found),
    judge=_judge,
    answered=_answered,
    without_key=_without_key,
    key_from_text=_key_from_text,
    accepting=_accepting,
    doubt=lambda field, key, settings: None if set(dict(key.right)) <= set(_ids(field)) else GONE,
    smallest_target=lambda field: min((slot.box.width, slot.box.height) for slot in field.slots),
    pictures=lambda field: [field.picture] if field.picture else [],
    takes="picture",
    files=_photos,
    steps_of_reading=lambda answer: 2,
    steps_of_judging=lambda key, answer: len(key.right),
    entries=Entries(
        entry=HaulEntry,
        together=_together,
        apart=lambda answer: dict(answer.found),
        most=50,
        check=_check_entry,
    ),
    check_answer=_check_answer,
    upgrades_of_answer={1: _in_words},
    example=(
        Haul(
            id="haul1",
            page="page1",
            box=Box(x=72, y=600, width=300, height=60),
            slots=(
                Slot(id=FIRST, page="page1", box=Box(x=80, y=610, width=100, height=40)),
                Slot(id=SECOND, page="page2", box=Box(x=80, y=120, width=100, height=40)),
            ),
            about={SECOND: About(points=2, hint="It walks sideways.")},
        ),
        HaulKey(right=((FIRST, "whelk"), (SECOND, "shore crab"))),
        HaulAnswer(found=((FIRST, HaulEntry(words="whelk")), (SECOND, HaulEntry(words="shore crab")))),
    ),
)
