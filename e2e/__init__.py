"""Journeys: the real interface in Debian's headless Chromium, against the server as it ships."""
