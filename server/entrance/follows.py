"""What a view's answer lets its asker follow, as a stream that the bridge makes of it (server/streams/)."""

FOLLOWS = "Velum-Follows"
"""The header: the id of the handout that may be followed. It never leaves the server."""
