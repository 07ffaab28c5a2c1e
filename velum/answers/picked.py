"""The mark of options that were picked: one of several, or some of them.

Of several, right picks count and wrong picks take away from them, never below nothing: whoever picks everything earns
nothing by it.
"""

from collections.abc import Collection
from fractions import Fraction

from velum.mark import NO_KEY, Mark, for_teacher, partly, right, wrong
from velum.sentence import Sentence

_RIGHT = Sentence("picked.right", "the right option is picked")
_ALL_RIGHT = Sentence("picked.all", "the right options are picked, and no others")
_OTHER = Sentence("picked.other", "another option is the right one")
_NOT_ALL = Sentence("picked.not_all", "not exactly the right options are picked")


def mark_picked(
    picked: Collection[str], key: Collection[str], *, there: Collection[str], several: bool, part_marks: bool
) -> Mark:
    """The mark of the options ``picked``, by their ids, when those of ``key`` are right.

    A key that names none of the options that are still ``there`` is none.
    """
    chosen, wanted = set(picked), set(key) & set(there)
    if not wanted:
        return for_teacher(NO_KEY)
    if chosen == wanted:
        return right(_ALL_RIGHT if several else _RIGHT)
    if not several:
        return wrong(_OTHER)
    if not part_marks:
        return wrong(_NOT_ALL)
    hits, slips = len(chosen & wanted), len(chosen - wanted)
    share = Fraction(max(0, hits - slips), len(wanted))
    reason = Sentence.counted(
        "picked.some",
        "{hits} of {count} right option picked",
        "{hits} of {count} right options picked",
        len(wanted),
        {"hits": hits},
    )
    if slips:
        too = Sentence.counted("picked.too", "{count} wrong one too", "{count} wrong ones too", slips)
        reason = reason.and_also(too)
    return partly(share, reason) if share else wrong(reason)
