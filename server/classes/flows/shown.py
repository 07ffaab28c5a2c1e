"""The names of a class as others may see them."""

import uuid

from server.classes.models import Class, Student
from server.words.say import say
from velum.shown_names import TREES, Named, Names, shown_names


def names_in(of_class: Class) -> dict[uuid.UUID, str]:
    """How each student of a class is shown, also those who have left it."""
    enrolments = list(of_class.enrolments.select_related("student"))
    named = [Named(each.student.given, each.student.family, each.place) for each in enrolments]
    shown = shown_names(named, Names(of_class.names), [say(tree) for tree in TREES])
    return {each.student_id: name for each, name in zip(enrolments, shown, strict=True)}


def borrowed_names(student: Student) -> list[tuple[str, str]]:
    """The names that a student has on the screens of their classes: of each that borrows names, its name and theirs."""
    classes = Class.objects.filter(
        enrolments__student=student, enrolments__left_at=None, archived_at=None, names__in=(Names.TREES, Names.STARS)
    )
    return [(each.name, names_in(each)[student.pk]) for each in classes]
