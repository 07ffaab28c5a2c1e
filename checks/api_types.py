"""Makes the front end's API types, and what its edits are held to: `python -m checks.api_types FOLDER`."""

import json
import os
import subprocess
import sys
import tempfile
from pathlib import Path

import django

from checks.edit_cases import edit_cases
from velum.document.tests.numbering_cases import NUMBERING_CASES

ROOT = Path(__file__).resolve().parents[1]


def generate(folder: Path) -> None:
    """Write teacher.ts, student.ts, edit_cases.json and numbering_cases.json into a folder."""
    from server.config.api import student_api, teacher_api

    (folder / "edit_cases.json").write_text(json.dumps(edit_cases(), indent=1) + "\n")
    (folder / "numbering_cases.json").write_text(json.dumps(NUMBERING_CASES, indent=1) + "\n")
    with tempfile.TemporaryDirectory() as scratch:
        documents = []
        for name, api in (("teacher", teacher_api), ("student", student_api)):
            path = Path(scratch) / f"{name}.json"
            path.write_text(json.dumps(api.get_openapi_schema()))
            documents.append(f"{name}={path}")
        subprocess.run(["node", "web/generate_types.mjs", str(folder), *documents], cwd=ROOT, check=True)


if __name__ == "__main__":
    os.environ.setdefault("DJANGO_SETTINGS_MODULE", "server.config.settings")
    django.setup()
    generate(Path(sys.argv[1]).resolve())
