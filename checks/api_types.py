"""Makes the front end's API types, and what its edits are held to: `python -m checks.api_types FOLDER`."""

import json
import os
import subprocess
import sys
import tempfile
from pathlib import Path

import django
from pydantic import TypeAdapter

from checks.edit_cases import edit_cases
from velum.document.document import Title
from velum.document.skills import SkillName
from velum.document.tests.numbering_cases import NUMBERING_CASES, WORKING_CASES
from velum.fixtures.picture import Alternative
from velum.instructions import MOST_LETTERS
from velum.kinds.answer_box import Placeholder
from velum.kinds.choice import OptionText
from velum.kinds.help import Said
from velum.kinds.part import Hint, Name, QuestionNumber
from velum.kinds.written import RefusedSays, Written
from velum.rich_text import Words

ROOT = Path(__file__).resolve().parents[1]


def limits() -> dict[str, int]:
    """How many letters each sort of text may have, so that nobody writes what cannot be kept."""
    sorts = {
        "alternative": Alternative,
        "help_said": Said,
        "hint": Hint,
        "name": Name,
        "number": QuestionNumber,
        "option": OptionText,
        "placeholder": Placeholder,
        "refused_says": RefusedSays,
        "skill": SkillName,
        "title": Title,
        "words": Words,
        "written": Written,
    }
    most = {name: TypeAdapter(sort).json_schema()["maxLength"] for name, sort in sorts.items()}
    return most | {"explained": MOST_LETTERS}


def generate(folder: Path) -> None:
    """Write teacher.ts, student.ts, and what the browser is held to (JSON) into a folder."""
    from server.config.api import student_api, teacher_api

    (folder / "edit_cases.json").write_text(json.dumps(edit_cases(), indent=1) + "\n")
    (folder / "limits.json").write_text(json.dumps(limits(), indent=1) + "\n")
    (folder / "numbering_cases.json").write_text(json.dumps(NUMBERING_CASES, indent=1) + "\n")
    (folder / "working_cases.json").write_text(json.dumps(WORKING_CASES, indent=1) + "\n")
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
