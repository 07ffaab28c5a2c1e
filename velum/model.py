"""The base of every value that is kept as JSON, and the small types they share."""

from typing import Annotated

from pydantic import BaseModel, ConfigDict, StringConstraints


class Model(BaseModel):
    """An immutable value that refuses members it does not know."""

    model_config = ConfigDict(frozen=True, extra="forbid", allow_inf_nan=False)


Id = Annotated[str, StringConstraints(pattern=r"^[a-z0-9]{4,32}$")]
"""Names a page or a field within one worksheet."""

Sha256 = Annotated[str, StringConstraints(pattern=r"^[0-9a-f]{64}$")]
"""Names an uploaded file by its content."""
