"""Server-sent events beside plain views.

A view says with a header of its answer that whoever asked may follow something, and the bridge
(server/config/bridge.py) makes a stream of it: so who may follow what is decided where it always is, and no thread
waits with a stream.
"""
