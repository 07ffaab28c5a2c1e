"""Values that are read by their ``kind``, as the registry knows them."""

from collections.abc import Callable, Mapping
from typing import Any, Generic, TypeVar

from pydantic import BaseModel, GetCoreSchemaHandler, GetJsonSchemaHandler
from pydantic_core import CoreSchema, PydanticCustomError, core_schema

K = TypeVar("K")


class ByKind(Generic[K]):
    """Annotates a base class: a value of it is read as the type that ``types`` has for its ``kind`` at that moment."""

    def __init__(self, kinds: Callable[[], Mapping[str, K]], sort: Callable[[K], type[BaseModel] | None]) -> None:
        """``sort`` is the type that a kind has for the value; None: none of this kind."""
        self._kinds, self._sort = kinds, sort

    def __get_pydantic_core_schema__(self, source: Any, handler: GetCoreSchemaHandler) -> CoreSchema:
        def read(value: Any) -> BaseModel:
            name = value.get("kind") if isinstance(value, dict) else getattr(value, "kind", None)
            kinds = self._kinds()
            sort = self._sort(kinds[name]) if isinstance(name, str) and name in kinds else None
            if sort is None:
                raise PydanticCustomError("kind", "Is of none of these kinds: {kinds}", {"kinds": ", ".join(kinds)})
            return sort.model_validate(value)

        as_it_is = core_schema.plain_serializer_function_ser_schema(
            lambda value: value, return_schema=core_schema.any_schema()
        )
        return core_schema.no_info_plain_validator_function(read, serialization=as_it_is)

    def __get_pydantic_json_schema__(self, schema: CoreSchema, handler: GetJsonSchemaHandler) -> dict[str, Any]:
        sorts = ((name, self._sort(kind)) for name, kind in self._kinds().items())
        found = {name: handler(sort.__pydantic_core_schema__) for name, sort in sorts if sort}
        mapping = {name: reference["$ref"] for name, reference in found.items() if "$ref" in reference}
        return {"oneOf": list(found.values()), "discriminator": {"propertyName": "kind", "mapping": mapping}}
