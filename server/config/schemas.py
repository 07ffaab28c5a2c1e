"""The base of what a browser sends."""

from ninja import Schema
from pydantic import ConfigDict


class Incoming(Schema):
    """A request's body. Members that it does not know are refused, so that a typing error is not taken for silence."""

    model_config = ConfigDict(extra="forbid")
