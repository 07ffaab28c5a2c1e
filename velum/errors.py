"""What every error of the core has in common."""


class VelumError(Exception):
    """Something that a person can be told: a stable ``code`` and a sentence.

    The code never changes once released, the sentence may. ``path`` says which part of an input it is about, from the
    outside in, such as ``("edits", 3)``.
    """

    path: tuple[str | int, ...] = ()
    others: tuple["VelumError", ...] = ()
    """What else is wrong with the same input, in its order."""

    def __init__(self, code: str, message: str) -> None:
        super().__init__(code, message)  # both, so that it can be handed from process to process
        self.code = code
        self.message = message

    def __str__(self) -> str:
        return self.message
