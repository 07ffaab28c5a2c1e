"""The base of every value that is kept as JSON, and the small types they share."""

from typing import Annotated, Protocol, Self, TypeVar

from pydantic import AfterValidator, BaseModel, ConfigDict, StringConstraints


class Model(BaseModel):
    """An immutable value that refuses members it does not know."""

    model_config = ConfigDict(frozen=True, extra="forbid", allow_inf_nan=False)

    def changed(self, **values: object) -> Self:
        """The same with other values, checked as if they had been read: nothing is made that could not be kept.

        The only way to change a model; ``model_copy`` would check nothing. Raises pydantic's ValidationError.
        """
        same = {name: getattr(self, name) for name in type(self).model_fields}
        return self.model_validate(same | values)


def _without_nul(text: str) -> str:
    if "\0" in text:
        raise ValueError("holds a character that no keyboard types")
    return text


NoNul = AfterValidator(_without_nul)
"""For every text that people write: PostgreSQL keeps no NUL, and nobody means one."""

Id = Annotated[str, StringConstraints(pattern=r"^[a-z0-9]{4,32}$")]
"""Names a page, a field or an option within one worksheet."""

Sha256 = Annotated[str, StringConstraints(pattern=r"^[0-9a-f]{64}$")]
"""Names an uploaded file by its content."""


class HasId(Protocol):
    @property
    def id(self) -> str: ...


Named = TypeVar("Named", bound=HasId)


def each_named_once(named: tuple[Named, ...]) -> tuple[Named, ...]:
    """The same, if no two have the same id. Raises ValueError."""
    if len({each.id for each in named}) < len(named):
        raise ValueError("has two of the same id")
    return named
