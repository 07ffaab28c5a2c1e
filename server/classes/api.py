import uuid
from typing import Annotated, Literal

from django.urls import reverse
from ninja import Router, Status
from pydantic import Field

from server.accounts.teacher import Teacher
from server.classes.flows.enrol import correct, leave, meaning_of, take_roster
from server.classes.flows.find import find_class, find_student
from server.classes.flows.invite import invite, send, withdraw
from server.classes.flows.make import copy_class, make_class, remove_class, settle_class
from server.classes.flows.read_roster import MOST_BYTES, read_roster_file, read_roster_folder
from server.classes.flows.sign_in import make_new_card, make_new_cards
from server.classes.show import (
    ClassOut,
    ClassRow,
    RosterMeaningOut,
    RosterOut,
    StudentOut,
    class_out,
    classes_of,
    roster_meaning_out,
    roster_out,
    student_out,
)
from server.entrance.arrival import arrived_at
from server.entrance.errors import ErrorOut, TooLarge
from server.entrance.schemas import A_FILE, Incoming
from server.files.upload import read_at_most
from server.may import Right, Role
from velum.rosters.pasted import MOST_LETTERS, read_pasted
from velum.rosters.roster import MOST_STUDENTS
from velum.rosters.roster import Student as StudentValue
from velum.shown_names import Names

router = Router()


class ClassIn(Incoming):
    name: Annotated[str, Field(max_length=200)]
    year: Annotated[str, Field(max_length=200)] = ""
    source: Annotated[str, Field(max_length=100)] = ""


class ClassSettings(Incoming):
    """What is left out stays as it is."""

    name: Annotated[str, Field(max_length=200)] = ""
    year: Annotated[str, Field(max_length=200)] = ""
    names: Names = Names.FULL
    archived: bool = False


class InvitationIn(Incoming):
    email: Annotated[str, Field(max_length=254)]
    role: Literal["marks", "looks"]


class PastedIn(Incoming):
    text: Annotated[str, Field(max_length=MOST_LETTERS)]


class FileIn(Incoming):
    name: Annotated[str, Field(max_length=300)]
    text: Annotated[str, Field(max_length=MOST_BYTES)]


class FolderIn(Incoming):
    """The files of a folder that are CSV."""

    files: Annotated[list[FileIn], Field(max_length=30)]


class RosterIn(Incoming):
    """Who is in a class; ``take_out``: whoever is not named leaves it."""

    students: Annotated[list[StudentValue], Field(max_length=MOST_STUDENTS)]
    take_out: bool = False


class StudentIn(Incoming):
    """What is left out stays as it is."""

    given: Annotated[str, Field(max_length=200)] = ""
    family: Annotated[str, Field(max_length=200)] = ""
    number: Annotated[str, Field(max_length=200)] = ""
    email: Annotated[str, Field(max_length=200)] = ""


class CardsOut(Incoming):
    made: int


@router.get("/classes", response=list[ClassRow], operation_id="list_classes")
def list_classes(request: Teacher) -> list[ClassRow]:
    return classes_of(request.user)


@router.post("/classes", response={201: ClassOut, 422: ErrorOut}, operation_id="make_class")
def create_class(request: Teacher, body: ClassIn) -> Status[ClassOut]:
    return Status(201, class_out(request.user, make_class(request.user, body.name, body.year, body.source)))


@router.get("/classes/{uuid:class_id}", response={200: ClassOut, 404: ErrorOut}, operation_id="get_class")
def get_class(request: Teacher, class_id: uuid.UUID) -> ClassOut:
    return class_out(request.user, find_class(request.user, class_id, Right.LOOK))


@router.patch(
    "/classes/{uuid:class_id}", response={200: ClassOut, 404: ErrorOut, 422: ErrorOut}, operation_id="settle_class"
)
def change_class(request: Teacher, class_id: uuid.UUID, body: ClassSettings) -> ClassOut:
    settled = settle_class(request.user, class_id, body.model_dump(exclude_unset=True), arrived_at(request))
    return class_out(request.user, settled)


@router.delete(
    "/classes/{uuid:class_id}", response={204: None, 404: ErrorOut, 409: ErrorOut}, operation_id="remove_class"
)
def delete_class(request: Teacher, class_id: uuid.UUID) -> Status[None]:
    remove_class(request.user, class_id)
    return Status(204, None)


@router.post(
    "/classes/{uuid:class_id}/copies", response={201: ClassOut, 404: ErrorOut, 422: ErrorOut}, operation_id="copy_class"
)
def create_copy_of_class(request: Teacher, class_id: uuid.UUID, body: ClassIn) -> Status[ClassOut]:
    """The same students in a class for the next year."""
    return Status(201, class_out(request.user, copy_class(request.user, class_id, body.name, body.year)))


@router.post(
    "/classes/{uuid:class_id}/invitations",
    response={201: ClassOut, 404: ErrorOut, 422: ErrorOut, 503: ErrorOut},
    operation_id="invite",
)
def invite_colleague(request: Teacher, class_id: uuid.UUID, body: InvitationIn) -> Status[ClassOut]:
    """Ask a colleague by mail to teach a class too."""
    invitation = invite(request.user, class_id, body.email, Role(body.role), arrived_at(request))
    send(invitation, request.build_absolute_uri(reverse("invitation", args=[invitation.token])))
    return Status(201, class_out(request.user, invitation.of_class))


@router.delete(
    "/classes/{uuid:class_id}/teachers/{str:email}",
    response={200: ClassOut, 404: ErrorOut, 409: ErrorOut},
    operation_id="withdraw",
)
def withdraw_colleague(request: Teacher, class_id: uuid.UUID, email: str) -> ClassOut:
    """Take an invitation back, or have a colleague teach the class no more."""
    return class_out(request.user, withdraw(request.user, class_id, email))


@router.post("/rosters/pasted", response={200: RosterOut, 422: ErrorOut}, operation_id="read_pasted_roster")
def read_pasted_roster(request: Teacher, body: PastedIn) -> RosterOut:
    """Who is named in a text; nothing is taken yet."""
    return roster_out(read_pasted(body.text))


@router.post(
    "/rosters/file",
    response={200: list[RosterOut], 413: ErrorOut, 422: ErrorOut},
    operation_id="read_roster_file",
    openapi_extra=A_FILE,
)
def read_roster(request: Teacher) -> list[RosterOut]:
    """Who is named in the file that is the body of the request: a roster for each sheet, or each class."""
    data = read_at_most(request, MOST_BYTES)
    if data is None:
        raise TooLarge("roster.too_large", "This is too much for a roster. Nothing was taken.")
    return [roster_out(roster) for roster in read_roster_file(data)]


@router.post("/rosters/folder", response={200: list[RosterOut], 422: ErrorOut}, operation_id="read_roster_folder")
def read_folder(request: Teacher, body: FolderIn) -> list[RosterOut]:
    """Who is named in the files of a folder: a roster for each class."""
    return [roster_out(roster) for roster in read_roster_folder({file.name: file.text for file in body.files})]


@router.post(
    "/classes/{uuid:class_id}/roster/meaning",
    response={200: RosterMeaningOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="meaning_of_roster",
)
def meaning_of_roster(request: Teacher, class_id: uuid.UUID, body: RosterIn) -> RosterMeaningOut:
    """What a roster would change in a class; nothing is changed yet."""
    return roster_meaning_out(meaning_of(find_class(request.user, class_id, Right.OWN), body.students))


@router.post(
    "/classes/{uuid:class_id}/roster",
    response={200: ClassOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="take_roster",
)
def take_read_roster(request: Teacher, class_id: uuid.UUID, body: RosterIn) -> ClassOut:
    take_roster(request.user, class_id, body.students, arrived_at(request), take_out=body.take_out)
    return class_out(request.user, find_class(request.user, class_id, Right.OWN))


@router.patch(
    "/students/{uuid:student_id}",
    response={200: StudentOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="correct_student",
)
def correct_student(request: Teacher, student_id: uuid.UUID, body: StudentIn) -> StudentOut:
    return student_out(correct(request.user, student_id, body.model_dump(exclude_unset=True)))


@router.post("/students/{uuid:student_id}/card", response={201: StudentOut, 404: ErrorOut}, operation_id="make_card")
def make_card(request: Teacher, student_id: uuid.UUID) -> Status[StudentOut]:
    """A new card; the old one opens nothing any more."""
    make_new_card(request.user, student_id, arrived_at(request))
    return Status(201, student_out(find_student(request.user, student_id, Right.MARK)))


@router.post("/classes/{uuid:class_id}/cards", response={201: CardsOut, 404: ErrorOut}, operation_id="make_cards")
def make_cards(request: Teacher, class_id: uuid.UUID) -> Status[CardsOut]:
    """New cards for all; the old ones open nothing any more."""
    return Status(201, CardsOut(made=make_new_cards(request.user, class_id, arrived_at(request))))


@router.delete(
    "/classes/{uuid:class_id}/students/{uuid:student_id}",
    response={200: ClassOut, 404: ErrorOut},
    operation_id="take_student_out",
)
def take_student_out(request: Teacher, class_id: uuid.UUID, student_id: uuid.UUID) -> ClassOut:
    """Somebody leaves a class; their work in it stays."""
    of_class = find_class(request.user, class_id, Right.OWN)
    leave(of_class, [student_id], arrived_at(request))
    return class_out(request.user, of_class)
