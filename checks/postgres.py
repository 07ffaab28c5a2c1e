"""Runs the server's tests on PostgreSQL, where it is installed: `python -m checks.postgres TESTS…`.

A cluster of its own is made for it in a folder of its own, reached by a socket in that folder alone.
"""

import os
import pwd
import shutil
import subprocess
import sys
import tempfile
from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]
BUILT = Path("/usr/lib/postgresql")
"""Where Debian's packages have the programs, by version."""


def programs() -> Path | None:
    """The folder with the newest version's programs; None where none is installed."""
    found = sorted(BUILT.glob("*/bin"), key=lambda folder: float(folder.parent.name))
    return found[-1] if found else None


@contextmanager
def cluster(bin: Path) -> Iterator[str]:
    """A running cluster, as the address that Django takes."""
    folder = Path(tempfile.mkdtemp(prefix="velum-pg-"))
    user = "postgres" if os.getuid() == 0 else pwd.getpwuid(os.getuid()).pw_name
    if os.getuid() == 0:
        shutil.chown(folder, user)  # PostgreSQL does not run as root
    data = folder / "data"

    def run(*command: str | Path) -> None:
        as_user = ["runuser", "-u", user, "--"] if os.getuid() == 0 else []
        subprocess.run([*as_user, *map(str, command)], check=True, stdout=subprocess.DEVNULL, cwd=folder)

    try:
        run(bin / "initdb", "-D", data, "--auth=trust", "--username=velum", "--encoding=UTF8", "--no-sync")
        options = f"-c listen_addresses= -c unix_socket_directories={folder} -c fsync=off"
        run(bin / "pg_ctl", "-D", data, "-o", options, "-l", folder / "log", "-w", "start")
        try:
            yield f"postgres://velum@/postgres?host={folder}"
        finally:
            run(bin / "pg_ctl", "-D", data, "-m", "immediate", "-w", "stop")
    finally:
        shutil.rmtree(folder, ignore_errors=True)


def main(tests: Sequence[str]) -> int:
    bin = programs()
    if bin is None:
        print("PostgreSQL is not installed: the tests on it are left out.")
        return 0
    with cluster(bin) as address:
        environment = os.environ | {"DATABASE_URL": address}
        command = [sys.executable, "manage.py", "test", "--noinput", *tests]
        return subprocess.run(command, cwd=ROOT, env=environment, check=False).returncode


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:] or ["server"]))
