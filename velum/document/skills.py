"""Skills: the worksheet's own list of what is practised on it. Fields are tagged with them."""

from typing import Annotated

from pydantic import AfterValidator, StringConstraints
from pydantic import Field as Limits

from velum.kinds.kind import FieldBase
from velum.model import Id, Model, NoNul, each_named_once

SkillName = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=100), NoNul]


class Skill(Model):
    id: Id
    name: SkillName


def _each_name_once(skills: tuple[Skill, ...]) -> tuple[Skill, ...]:
    if len({skill.name for skill in skills}) < len(skills):
        raise ValueError("names a skill twice")
    return skills


Skills = Annotated[
    tuple[Skill, ...], Limits(max_length=50), AfterValidator(each_named_once), AfterValidator(_each_name_once)
]


def skills_of(field: FieldBase, skills: Skills) -> list[str]:
    """The names of the skills that a field is tagged with.

    A tag that the list does not have says nothing: it may stand in the list again when a step is taken back.
    """
    return [skill.name for skill in skills if skill.id in field.skills]
