"""From the marks of parts to the marks of a whole copy."""

from collections.abc import Collection, Iterable, Mapping
from dataclasses import dataclass, replace
from fractions import Fraction

from velum.document.document import Document, points_of
from velum.document.group import Group
from velum.document.key_set import KeySet, key_set_of
from velum.kinds import Field, kind_of
from velum.kinds.help import HelpRef
from velum.kinds.part import PartRef
from velum.mark import Mark
from velum.marking.budget import MOST_STEPS, Budget
from velum.marking.unit import Alone, AnyOrder, Following, Given, Unit
from velum.sentence import Sentence

_NOTHING = Fraction(0)


@dataclass(frozen=True, slots=True)
class PartMark:
    """The mark of one part of a copy; ``earned`` and ``points`` are exact."""

    ref: PartRef
    mark: Mark
    earned: Fraction
    points: Fraction


class Marker:
    """Marks copies of one worksheet. What was marked once is remembered, for a class writes the same few answers."""

    def __init__(self, document: Document, key_set: KeySet, try_cost: Fraction = Fraction(0)) -> None:
        """A check that does not find a part right takes the share ``try_cost`` from what it earns."""
        self._try_cost = try_cost
        self._points = points_of(document.fields, key_set.groups)
        worth = {ref.field for ref, points in self._points.items() if points}
        self._units = [unit for unit in _units(document, key_set) if worth.intersection(unit.fields)]
        self._help_costs = {
            HelpRef(field.id, help.id): (
                [PartRef(field.id, part.id) for part in field.parts if help.is_about(part.id)],
                Fraction(help.cost, 100),
            )
            for field in document.fields
            for help in field.help
            if help.cost
        }
        self._unit_of = {name: unit for unit in self._units for name in unit.fields}

    def fields_for(self, field_id: str) -> tuple[str, ...]:
        """The fields whose answers the marks of a field depend on: its own, those of its group in any order, and those
        that its key follows from.
        """
        unit = self._unit_of.get(field_id)
        return unit.needs if unit else ()

    def mark(
        self,
        answers: Mapping[str, Given],
        tries: Mapping[PartRef, int] | None = None,
        helped: Collection[HelpRef] = (),
    ) -> list[PartMark]:
        """Mark every part that is worth points, in the worksheet's order. A field without an answer is blank.

        ``tries`` counts the checks of a part that did not find it right; ``helped`` has the help that was shown.
        """
        budget = Budget(MOST_STEPS)
        marks: dict[PartRef, Mark] = {}
        for unit in self._units:
            marks |= unit.marks(answers, budget)
        taken = self._taken_by(helped) if helped else {}
        return [
            self._worth(ref, marks[ref], (tries or {}).get(ref, 0), taken.get(ref, _NOTHING))
            for ref, points in self._points.items()
            if points
        ]

    def mark_part(self, answers: Mapping[str, Given], ref: PartRef) -> PartMark | None:
        """Mark one part alone; ``answers`` are those of ``fields_for``. None: it is not there, or has no points."""
        if not self._points.get(ref):
            return None
        return self._worth(ref, self._unit_of[ref.field].marks(answers, Budget(MOST_STEPS))[ref], 0, _NOTHING)

    def _taken_by(self, helped: Collection[HelpRef]) -> dict[PartRef, Fraction]:
        """The share that help takes from each part that it is about. What is not known any more takes nothing."""
        taken: dict[PartRef, Fraction] = {}
        for shown in set(helped):
            refs, cost = self._help_costs.get(shown, ((), _NOTHING))
            for ref in refs:
                taken[ref] = taken.get(ref, _NOTHING) + cost
        return taken

    def _worth(self, ref: PartRef, mark: Mark, tries: int, help_cost: Fraction) -> PartMark:
        if (tries and self._try_cost) or help_cost:
            mark = lessened(mark, tries if self._try_cost else 0, self._try_cost, help_cost)
        points = self._points[ref]
        # Most marks are all or nothing, and fractions are slow to multiply.
        earned = points if mark.share == 1 else mark.share * points if mark.share else _NOTHING
        return PartMark(ref, mark, earned, points)


def _units(document: Document, key_set: KeySet) -> list[Unit]:
    """What is marked together, those first whose work is reckoned as a whole."""
    fields = {field.id: field for field in document.fields}
    groups = [[fields[name] for name in group.fields if name in fields] for group in key_set.groups if group.any_order]
    pooled = {field.id for group in groups for field in group}
    together: list[Unit] = [AnyOrder(group, key_set) for group in groups if group]
    place = {name: number for number, name in enumerate(fields)}
    single = (field for field in document.fields if field.id not in pooled)
    return [*together, *(_by_itself(field, place, key_set) for field in single)]


def _by_itself(field: Field, place: Mapping[str, int], key_set: KeySet) -> Unit:
    """A key follows from earlier fields alone, so never from itself by way of others. ``place``: that of each field."""
    key, following = key_set.keys.get(field.id), kind_of(field).following
    names = following.names(key) if key is not None and following else ()
    last = len(place)
    if names and all(place.get(name, last) < place[field.id] for name in names):
        return Following(field, key_set, tuple(names))
    return Alone(field, key_set)


def mark_copy(document: Document, answers: Mapping[str, Given]) -> list[PartMark]:
    """The marks of one copy by itself, by the worksheet's own keys."""
    return Marker(document, key_set_of(document)).mark(answers)


def lessened(mark: Mark, tries: int, try_cost: Fraction, help_cost: Fraction) -> Mark:
    """A mark after ``tries`` that did not find the answer right, each of which takes the share ``try_cost`` away, and
    after help that takes ``help_cost``.
    """
    if not mark.share:
        return mark
    left = max(_NOTHING, 1 - tries * try_cost - help_cost)
    why = []
    if tries:
        why.append(Sentence.counted("tries", "{count} try before", "{count} tries before", tries))
    if help_cost:
        percent = min(100, round(help_cost * 100))
        why.append(Sentence("help", "help was shown, which takes {percent} %", {"percent": percent}))
    return replace(mark, share=mark.share * left, reason=mark.reason.and_also(*why))


def all_or_nothing(groups: Iterable[Group], right: Mapping[PartRef, bool]) -> set[PartRef]:
    """The parts that earn nothing, because others of their group are not ``right``: they count only together."""
    parts: dict[str, list[PartRef]] = {}
    for ref in right:
        parts.setdefault(ref.field, []).append(ref)
    together = (
        [ref for name in group.fields for ref in parts.get(name, ())] for group in groups if group.all_or_nothing
    )
    return {ref for group in together if not all(right[ref] for ref in group) for ref in group}
