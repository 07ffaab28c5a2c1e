"""The base of what a browser sends."""

from pydantic import BaseModel, ConfigDict


class Incoming(BaseModel):
    """A request's body. Members that it does not know are refused, so that a typing error is not taken for silence."""

    model_config = ConfigDict(extra="forbid")
