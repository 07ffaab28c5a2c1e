"""What the teachers of the sample world say beside what is asked: instructions in two languages, help, skills."""

from types import ModuleType

from demo.papers import fog_letter, shells
from velum.document.edits import Edit, SetInstructions, SetSkills
from velum.document.skills import Skill
from velum.instructions import Instruction, Instructions
from velum.kinds.help import ExampleHelp, Help, HintHelp, LinkHelp
from velum.rich_text import plain

FORMULA_HELP: tuple[Help, ...] = (
    HintHelp(
        id="hint1",
        paragraphs=plain("Carbonate is one carbon and three oxygen: CO3. Calcium stands before it."),
        cost=25,
    ),
    ExampleHelp(
        id="example1",
        paragraphs=plain(
            "Magnesium carbonate: begin with the metal, Mg.",
            "Carbonate is CO3.",
            "Both have a charge of two, so one of each is enough: MgCO3.",
        ),
    ),
    LinkHelp(id="link1", address="https://shells.gullhaven.example/chalk", label="What shells are made of"),
)


def _in_two_languages(english: str, norwegian: str) -> Instructions:
    return (
        Instruction(language="en-GB", paragraphs=plain(english)),
        Instruction(language="nb", paragraphs=plain(norwegian)),
    )


_BESIDE: dict[str, list[Edit]] = {
    shells.TITLE: [
        SetInstructions(
            instructions=_in_two_languages(
                "Weigh each jar twice, before and after, and write down what you read.",
                "Vei hvert glass to ganger, før og etter, og skriv ned det du leser av.",
            )
        ),
        SetSkills(skills=(Skill(id="amounts1", name="Working out amounts"), Skill(id="formulas1", name="Formulas"))),
    ],
    fog_letter.TITLE: [
        SetInstructions(
            instructions=_in_two_languages(
                "Fill the gaps first. Then write home as the keeper would.",
                "Fyll ut hullene først. Skriv så hjem slik fyrvokteren ville gjort.",
            )
        )
    ],
}


def edits(paper: ModuleType) -> list[Edit]:
    """What is said beside what a paper asks."""
    return _BESIDE.get(paper.TITLE, [])
