"""Reading rosters from files that people bring in, in a process of its own: they are hostile until they are read."""

from collections.abc import Mapping

from server.drawing import pool
from velum.rosters.oneroster import read_folder
from velum.rosters.roster import Roster
from velum.rosters.spreadsheet import MOST_BYTES as MOST_BYTES


def read_roster_file(data: bytes) -> tuple[Roster, ...]:
    """The rosters of a spreadsheet, or of a packed OneRoster folder. Raises RosterRefused."""
    return pool.read_roster(data)


def read_roster_folder(files: Mapping[str, str]) -> tuple[Roster, ...]:
    """The rosters of a OneRoster folder, given by the names and texts of its files. Raises RosterRefused."""
    return read_folder({name: text.encode() for name, text in files.items()})
