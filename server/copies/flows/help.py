"""Help that a student asks for while at work: what it says, and that it was asked for."""

from collections.abc import Iterable, Iterator
from datetime import datetime

from django.db import IntegrityError

from server.copies.flows.answer import TRIES, check_open
from server.copies.flows.find import find_copy
from server.copies.flows.write import Overtaken, add
from server.copies.models import Copy, ShownHelp
from server.entrance.errors import Busy, Missing
from server.handouts.flows.documents import document_of
from server.worksheets import links
from velum.document.document import helps_of
from velum.kinds.help import Help, HelpRef, LinkHelp, PictureHelp, SoundHelp


def show_help(copy: Copy, ref: HelpRef, now: datetime) -> Help:
    """What a help says; from now on it is on record that it was shown. Shown again, it costs nothing more.

    Raises Missing; Refused for a link to where the school does not lead any more; TooLate for help that was not shown
    before the copy was handed in or closed; Busy.
    """
    help = helps_of(document_of(copy.handout)).get(ref)
    if help is None:
        raise Missing("help.missing", "This help is no longer part of the worksheet.")
    if isinstance(help, LinkHelp):
        links.check(help.address)
    for _ in range(TRIES):
        if copy.shown_help.filter(field_id=ref.field, help_id=ref.help).exists():
            return help
        check_open(copy, now)
        try:
            add(copy.pk, ShownHelp(copy=copy, field_id=ref.field, help_id=ref.help), now)
        except IntegrityError:
            return help  # it was asked for twice at once
        except Overtaken:
            copy = find_copy(copy.pk)
            continue
        return help
    raise Busy("help.busy", "This worksheet is being changed elsewhere at the same time. Ask for the help again.")


def all_shown(copy: Copy) -> list[tuple[HelpRef, Help]]:
    """The help that was shown to a student, as far as it may still be seen."""
    refs = refs_of(copy.shown_help.all())
    known = helps_of(document_of(copy.handout)) if refs else {}
    return [(ref, help) for ref in refs if (help := known.get(ref)) and _may_be_seen(help)]


def refs_of(shown: Iterable[ShownHelp]) -> list[HelpRef]:
    """The helps that were shown, in the order in which they were asked for."""
    return [HelpRef(row.field_id, row.help_id) for row in sorted(shown, key=lambda row: (row.at, row.pk))]


def pictures_shown(copy: Copy) -> Iterator[str]:
    """The pictures of the help that was shown, each by its SHA-256."""
    return (help.picture for _, help in all_shown(copy) if isinstance(help, PictureHelp))


def sounds_shown(copy: Copy) -> Iterator[str]:
    """The sounds of the help that was shown, each by its SHA-256."""
    return (help.sound for _, help in all_shown(copy) if isinstance(help, SoundHelp))


def _may_be_seen(help: Help) -> bool:
    """Whether it is no link to where the school does not lead any more."""
    return not isinstance(help, LinkHelp) or links.is_allowed(help.address)
