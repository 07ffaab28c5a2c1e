"""A worksheet's key taken over from a later state of it."""

from velum.document.worksheet import Worksheet


def with_key_of(worksheet: Worksheet, newer: Worksheet) -> Worksheet:
    """The worksheet with the key that ``newer`` has for the fields that both have; all else stays as it is.

    A field that is gone, or of another kind, keeps the key it had.
    """
    fields = {field.id: field.kind for field in newer.fields}
    keys = dict(worksheet.keys)
    for field in worksheet.fields:
        if fields.get(field.id) == field.kind:
            keys.pop(field.id, None)
            if field.id in newer.keys:
                keys[field.id] = newer.keys[field.id]
    return worksheet.changed(keys=keys, decimal=newer.decimal)
