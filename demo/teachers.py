"""The teachers of the sample world and their sign-ins."""

from dataclasses import dataclass


@dataclass(frozen=True)
class SignIn:
    email: str
    password: str


MAREN = SignIn("maren@gullhaven.example", "lantern-and-oil")
TOBIAS = SignIn("tobias@gullhaven.example", "driftwood-and-kelp")
EVERYBODY = (MAREN, TOBIAS)
