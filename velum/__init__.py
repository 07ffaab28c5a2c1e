"""Velum's core: the rules of the job and their computation.

Pure Python. Nothing here knows of Django, the network, the clock or a file's place: values come in, values go out.
"""
