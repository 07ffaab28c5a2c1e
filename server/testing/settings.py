"""The settings that tests run with: what ships, but for what only costs time when everything is made anew each time."""

from server.config.settings import *  # noqa: F403

PASSWORD_HASHERS = ["django.contrib.auth.hashers.MD5PasswordHasher"]
WHITENOISE_AUTOREFRESH = True  # else each test client lists the whole front end
