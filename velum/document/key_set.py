"""What copies are marked by, apart from what students work on: a handout keeps both, and the key may be corrected."""

from collections.abc import Mapping
from typing import Literal

from velum.answers.settings import PLAIN, AnswerSettings
from velum.document.document import VERSION, Document
from velum.document.group import Group
from velum.kinds import Key
from velum.model import Id, Model


class KeySet(Model):
    """The keys of a worksheet's fields by their names, how answers are read, and which are marked together.

    It never changes; a corrected key makes another one.
    """

    version: Literal[9] = VERSION
    keys: dict[Id, Key] = {}
    settings: AnswerSettings = PLAIN
    groups: tuple[Group, ...] = ()
    instead_of: dict[Id, Key] = {}
    """For each key that was corrected here, the one of the worksheet: while that stays, the correction stands."""

    def with_key(self, field_id: str, key: Key) -> "KeySet":
        """The same with another key for a field."""
        before = {field_id: self.keys[field_id]} if field_id in self.keys else {}
        return self.changed(keys={**self.keys, field_id: key}, instead_of={**before, **self.instead_of})


def key_set_of(document: Document) -> KeySet:
    """What copies of a worksheet are marked by as it is now."""
    return KeySet(keys=document.keys, settings=document.settings, groups=document.groups)


def with_keys(document: Document, key_set: KeySet) -> Document:
    """What a worksheet would be with these keys."""
    keys = {field.id: key_set.keys[field.id] for field in document.fields if field.id in key_set.keys}
    return document.changed(keys=keys, settings=key_set.settings, groups=key_set.groups)


def renewed(key_set: KeySet, layout: Document, newer: Document) -> KeySet:
    """The keys that ``newer`` has for the fields that both it and the layout have.

    A field that is gone, or of another kind, keeps the key it had; so does one whose key was corrected here, unless it
    is another in ``newer`` since.
    """
    kinds = {field.id: field.kind for field in newer.fields}
    keys, instead_of = dict(key_set.keys), dict(key_set.instead_of)
    for field in layout.fields:
        name = field.id
        if kinds.get(name) == field.kind and not (name in instead_of and newer.keys.get(name) == instead_of[name]):
            keys.pop(name, None)
            instead_of.pop(name, None)
            if name in newer.keys:
                keys[name] = newer.keys[name]
    return key_set.changed(keys=keys, settings=newer.settings, instead_of=instead_of)


def other_keys(one: KeySet, other: KeySet, layout: Mapping[str, object]) -> list[str]:
    """The fields of a layout, in its order, that are marked by another key, or read in another way."""
    return [name for name in layout if one.keys.get(name) != other.keys.get(name) or one.settings != other.settings]
