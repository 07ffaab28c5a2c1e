"""What browsers send."""

from pydantic import BaseModel, ConfigDict


class Incoming(BaseModel):
    """A request's body. Members that it does not know are refused, so that a typing error is not taken for silence."""

    model_config = ConfigDict(extra="forbid")


A_FILE = {"requestBody": {"content": {"application/octet-stream": {"schema": {"type": "string", "format": "binary"}}}}}
"""The description of a request whose body is a file as it is."""
