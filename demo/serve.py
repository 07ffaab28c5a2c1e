"""Serves the demo: `python -m demo.serve PORT`."""

import sys

from demo.teachers import EVERYBODY
from server.serve import serve


def main(port: int) -> None:
    print(f"\nVelum's demo: http://localhost:{port}/\n\nTeachers sign in with")
    for teacher in EVERYBODY:
        print(f"  {teacher.email}   {teacher.password}")
    print(
        f"\nStudents begin at http://localhost:{port}/join/\nMail is shown at   http://localhost:{port}/outbox/\n",
        flush=True,
    )
    serve("127.0.0.1", port, workers=2)


if __name__ == "__main__":
    main(int(sys.argv[1]))
