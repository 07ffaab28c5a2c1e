"""The settings that tests run with: what ships, but for what only costs time, and for limits of time.

A busy machine would reach those, and no test may depend on speed.
"""

from hypothesis import HealthCheck
from hypothesis import settings as examples

from server.config.settings import *  # noqa: F403
from server.testing.made_up_words import write_made_up_words

PASSWORD_HASHERS = ["django.contrib.auth.hashers.MD5PasswordHasher"]
WHITENOISE_AUTOREFRESH = True  # else each test client lists the whole front end

# A made-up language, long and from right to left: it shows which words were forgotten.
LANGUAGES = [*LANGUAGES, ("ar-xb", "Made up")]  # noqa: F405
LOCALE_PATHS = [*LOCALE_PATHS, DATA / "locale"]  # noqa: F405
write_made_up_words(LOCALE_PATHS[0] / "en" / "LC_MESSAGES" / "django.po", LOCALE_PATHS[1])

DRAWING_SECONDS = 600
if "timeout" in DATABASES["default"].get("OPTIONS", {}):  # noqa: F405
    DATABASES["default"]["OPTIONS"]["timeout"] = 600  # noqa: F405
examples.register_profile("of any speed", deadline=None, suppress_health_check=[HealthCheck.too_slow])
examples.load_profile("of any speed")
