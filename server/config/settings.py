"""Settings, read from the environment. `docs/running.md` lists what can be set."""

from pathlib import Path

import environ
from csp.constants import NONE, SELF

env = environ.Env()

ROOT = Path(__file__).resolve().parents[2]
DATA = Path(env.str("VELUM_DATA", default=str(ROOT / "var"))).resolve()
"""Where the database, the uploaded files and what is made from them are kept."""

DEMO = env.bool("VELUM_DEMO", default=False)
"""The sample world: mail goes to a page that everybody can read."""

HTTPS = env.bool("VELUM_HTTPS", default=not DEMO)

DEBUG = False
SECRET_KEY = env.str("SECRET_KEY", default="for-the-demo-only" if DEMO else environ.Env.NOTSET)
ALLOWED_HOSTS = env.list("ALLOWED_HOSTS", default=["*"] if DEMO else ["localhost", "127.0.0.1"])
CSRF_TRUSTED_ORIGINS = env.list("CSRF_TRUSTED_ORIGINS", default=[])

INSTALLED_APPS = [
    "django.contrib.auth",
    "django.contrib.contenttypes",
    "django.contrib.messages",
    "django.contrib.sessions",
    "django.contrib.staticfiles",
    "allauth",
    "allauth.account",
    "csp",
    "django_vite",
    "ninja",
    "server.words",
    "server.config.apps.ConfigConfig",
    "server.accounts",
    "server.classes",
    "server.pictures",
    "server.sounds",
    "server.worksheets",
    "server.handouts",
    "server.copies",
    "server.markbook",
    *(["server.outbox", "server.camera"] if DEMO else []),
]

MIDDLEWARE = [
    "server.entrance.arrival.note_arrival",
    "django.middleware.security.SecurityMiddleware",
    "whitenoise.middleware.WhiteNoiseMiddleware",
    "csp.middleware.CSPMiddleware",
    "django.contrib.sessions.middleware.SessionMiddleware",
    "django.middleware.locale.LocaleMiddleware",
    "django.middleware.common.CommonMiddleware",
    "django.middleware.csrf.CsrfViewMiddleware",
    "django.contrib.auth.middleware.AuthenticationMiddleware",
    "django.contrib.messages.middleware.MessageMiddleware",
    "django.middleware.clickjacking.XFrameOptionsMiddleware",
    "allauth.account.middleware.AccountMiddleware",
    "server.entrance.errors.SayErrors",
]

ROOT_URLCONF = "server.config.urls"
ASGI_APPLICATION = "server.config.asgi.application"

TEMPLATES = [
    {
        "BACKEND": "django.template.backends.django.DjangoTemplates",
        "DIRS": [ROOT / "server" / "templates"],
        "APP_DIRS": True,
        "OPTIONS": {
            "context_processors": [
                "django.template.context_processors.request",
                "django.contrib.auth.context_processors.auth",
                "django.contrib.messages.context_processors.messages",
                "server.entrance.context.demo",
            ],
        },
    },
]

# Database. SQLite with the settings that keep every acknowledged save, also when the power goes (decision 0011): a
# writer takes the lock when its transaction begins (so reading and then writing cannot fail half way), readers never
# wait (WAL), and what is committed is on the disk (FULL).
DATABASES = {"default": env.db_url("DATABASE_URL", default=f"sqlite:///{DATA / 'velum.sqlite3'}")}
DATABASES["default"]["CONN_MAX_AGE"] = None
if DATABASES["default"]["ENGINE"] == "django.db.backends.sqlite3":
    DATABASES["default"]["OPTIONS"] = {
        "timeout": 5,
        "transaction_mode": "IMMEDIATE",
        "init_command": "PRAGMA journal_mode=WAL; PRAGMA synchronous=FULL;",
    }
    if test_name := env.str("TEST_DATABASE", default=""):
        DATABASES["default"]["TEST"] = {"NAME": test_name}
DEFAULT_AUTO_FIELD = "django.db.models.BigAutoField"

# Counts guesses, so it must count rightly: the database does, and Redis for a district.
CACHES = {"default": env.cache_url("CACHE_URL", default="dbcache://velum_cache")}
CACHES["default"].setdefault("OPTIONS", {}).setdefault("MAX_ENTRIES", 100_000)
if "Redis" in CACHES["default"]["BACKEND"]:
    del CACHES["default"]["OPTIONS"]["MAX_ENTRIES"]

# Teachers and how they sign in.
AUTH_USER_MODEL = "accounts.User"
AUTHENTICATION_BACKENDS = ["allauth.account.auth_backends.AuthenticationBackend"]
AUTH_PASSWORD_VALIDATORS = [
    {"NAME": f"django.contrib.auth.password_validation.{name}"}
    for name in ("UserAttributeSimilarityValidator", "MinimumLengthValidator", "CommonPasswordValidator")
]
LOGIN_URL = "account_login"
LOGIN_REDIRECT_URL = "desk"
ACCOUNT_LOGOUT_REDIRECT_URL = "welcome"
ACCOUNT_ADAPTER = "server.accounts.adapter.TeacherAdapter"
ACCOUNT_USER_MODEL_USERNAME_FIELD = None
ACCOUNT_LOGIN_METHODS = {"email"}
ACCOUNT_SIGNUP_FIELDS = ["email*", "password1*"]
ACCOUNT_EMAIL_VERIFICATION = "mandatory"
ACCOUNT_LOGIN_ON_EMAIL_CONFIRMATION = True
ACCOUNT_CONFIRM_EMAIL_ON_GET = False
ACCOUNT_UNIQUE_EMAIL = True
ACCOUNT_SESSION_REMEMBER = True
ACCOUNT_EMAIL_SUBJECT_PREFIX = ""
ACCOUNT_DEFAULT_HTTP_PROTOCOL = "https" if HTTPS else "http"
SIGNUP_OPEN = env.bool("VELUM_SIGNUP_OPEN", default=True)

# Sites that worksheets may lead students to, with all their parts: nowhere, as long as the school names none.
LINK_SITES = env.list("VELUM_LINK_SITES", default=["gullhaven.example"] if DEMO else [])

# Mail.
if DEMO:
    EMAIL_BACKEND = "server.outbox.backend.OutboxBackend"
else:
    vars().update(env.email_url("EMAIL_URL", default="consolemail://"))
DEFAULT_FROM_EMAIL = env.str("DEFAULT_FROM_EMAIL", default="Velum <velum@localhost>")

# Addresses and networks of the proxies before this server, whose word on where a request comes from is taken.
TRUSTED_PROXIES = env.list("VELUM_TRUSTED_PROXIES", default=[])

# What the browser is told.
SESSION_COOKIE_SECURE = CSRF_COOKIE_SECURE = HTTPS
CSRF_COOKIE_HTTPONLY = True
SECURE_PROXY_SSL_HEADER = ("HTTP_X_FORWARDED_PROTO", "https") if HTTPS else None
SECURE_REFERRER_POLICY = "same-origin"
SECURE_SSL_REDIRECT = HTTPS
SECURE_HSTS_SECONDS = env.int("VELUM_HSTS_SECONDS", default=3600 if HTTPS else 0)
# Whether sub-domains and browsers' lists are to follow is for whoever owns the domain to say.
SILENCED_SYSTEM_CHECKS = ["security.W005", "security.W021"]
X_FRAME_OPTIONS = "DENY"
CONTENT_SECURITY_POLICY = {
    "DIRECTIVES": {
        "default-src": [NONE],
        "script-src": [SELF],
        "style-src": [SELF],
        "font-src": [SELF],
        # What a student has chosen or recorded is shown before the server has it.
        "img-src": [SELF, "data:", "blob:"],
        "media-src": [SELF, "blob:"],
        "connect-src": [SELF],
        # The editor shows how a sheet looks on other devices.
        "frame-src": [SELF],
        "form-action": [SELF],
        "base-uri": [NONE],
        "frame-ancestors": [NONE],
    }
}

# The front end, as Vite built it. WhiteNoise serves the folder as it is; there is nothing else to collect.
STATIC_URL = "/static/"
STATIC_ROOT = ROOT / "web" / "dist"
DJANGO_VITE = {"default": {"manifest_path": STATIC_ROOT / "manifest.json"}}
# Nobody else's pages read the front end.
WHITENOISE_ALLOW_ALL_ORIGINS = False
WHITENOISE_IMMUTABLE_FILE_TEST = r"^.+/assets/.+-[\w-]{8}\.\w+$"

# Uploaded files, kept as they came.
STORAGES = {
    "default": {"BACKEND": "server.files.storage.WholeFiles"},
    "staticfiles": {"BACKEND": "django.contrib.staticfiles.storage.StaticFilesStorage"},
}
MEDIA_ROOT = DATA / "files"
PICTURES_ROOT = DATA / "pictures"
LARGEST_UPLOAD = env.int("VELUM_LARGEST_UPLOAD_MB", default=200) * 1_000_000
DATA_UPLOAD_MAX_MEMORY_SIZE = 5_000_000

# Drawing pages: processes for each web process, and what one page may take.
DRAWING_PROCESSES = env.int("VELUM_DRAWING_PROCESSES", default=2)
DRAWING_SECONDS = 20
DRAWING_BYTES = 1_500_000_000

LANGUAGE_CODE = "en-gb"
LANGUAGES = [("en-gb", "English")]
LOCALE_PATHS = [ROOT / "server" / "words" / "locale"]
TIME_ZONE = env.str("TIME_ZONE", default="UTC")
USE_TZ = True

LOGGING = {
    "version": 1,
    "disable_existing_loggers": False,
    "handlers": {"console": {"class": "logging.StreamHandler"}},
    "root": {"handlers": ["console"], "level": "WARNING"},
    # Somebody asking for what is not theirs is no fault of the server's.
    "loggers": {"django.request": {"level": "ERROR"}},
}
