# Velum. `make demo` and `make test` do everything; the rest is for those who work on it.

PORT ?= 8000
PYTHON ?= python3
BIN := .venv/bin
WEB_SOURCES := $(shell find web/src web/public web/*.ts web/*.mjs server/templates -type f -not -path '*/.wuchale/*' -not -name data.js)

# What the demo runs with; it keeps its data in var/demo.
DEMO := VELUM_DEMO=1 VELUM_DATA=var/demo
# What checks and tests run with.
TEST := DJANGO_SETTINGS_MODULE=server.testing.settings SECRET_KEY=test VELUM_DEMO=1 VELUM_DATA=var/test TEST_DATABASE=var/test/test.sqlite3

.PHONY: demo demo-fresh test check core server server-on-postgresql journeys bench build types words marking-doc format migrations lock screenshots chromium gettext tesseract postgresql clean

demo: .venv/run.stamp build tesseract
	@$(DEMO) $(BIN)/python -m demo.load
	@$(DEMO) $(BIN)/python -m demo.serve $(PORT)

demo-fresh:
	rm -rf var/demo
	@$(MAKE) --no-print-directory demo

test: .venv/dev.stamp build chromium gettext tesseract postgresql | var/test
	$(TEST) $(BIN)/python -m checks.everything

check: .venv/dev.stamp build | var/test
	$(TEST) $(BIN)/python manage.py test --noinput checks

core: .venv/dev.stamp | var/test
	$(TEST) $(BIN)/python manage.py test --noinput velum

server: .venv/dev.stamp build gettext | var/test
	$(TEST) $(BIN)/python manage.py test --noinput server

server-on-postgresql: .venv/dev.stamp build gettext postgresql | var/test
	$(TEST) $(BIN)/python -m checks.postgres server

journeys: .venv/dev.stamp build chromium | var/test
	$(TEST) $(BIN)/python manage.py test --noinput e2e

bench: .venv/dev.stamp build chromium
	$(BIN)/python -m bench

screenshots: .venv/dev.stamp build chromium
	$(BIN)/python -m demo.screenshots

build: web/dist/.stamp

types: .venv/dev.stamp node_modules/.stamp | var/test
	$(TEST) $(BIN)/python -m checks.api_types web/src/generated

# The catalogues of the front end and of the server, after words have changed.
words: .venv/dev.stamp node_modules/.stamp gettext | var/test
	npm run --silent words
	$(TEST) $(BIN)/python manage.py makemessages --locale en --no-wrap

marking-doc: .venv/dev.stamp
	$(BIN)/python -m checks.marking_doc

format: .venv/dev.stamp node_modules/.stamp
	$(BIN)/ruff check --fix . ; $(BIN)/ruff format .
	npm run --silent format

migrations: .venv/dev.stamp | var/test
	$(TEST) $(BIN)/python manage.py makemigrations

# Locked dependencies after pyproject.toml changed.
lock:
	$(BIN)/pip install --quiet uv
	$(BIN)/uv pip compile --universal --generate-hashes --no-header --quiet pyproject.toml -o requirements/run.txt
	$(BIN)/uv pip compile --universal --generate-hashes --no-header --quiet --extra dev pyproject.toml -o requirements/dev.txt

.venv/bin/python:
	$(PYTHON) -c 'import sys; sys.exit(sys.version_info < (3, 11) and "Velum needs Python 3.11 or newer.")'
	$(PYTHON) -m venv .venv

.venv/run.stamp: requirements/run.txt | .venv/bin/python
	$(BIN)/pip install --quiet --disable-pip-version-check --require-hashes -r requirements/run.txt
	@touch $@

.venv/dev.stamp: requirements/dev.txt | .venv/bin/python
	$(BIN)/pip install --quiet --disable-pip-version-check --require-hashes -r requirements/dev.txt
	@touch $@ .venv/run.stamp

node_modules/.stamp: package-lock.json
	npm ci --no-audit --no-fund --loglevel=error
	@touch $@

web/dist/.stamp: node_modules/.stamp .venv/run.stamp $(WEB_SOURCES)
	npm run --silent build
	$(BIN)/python -m whitenoise.compress --quiet web/dist
	@touch $@

# Without a window is enough, and quicker.
chromium:
	@command -v chromium-headless-shell >/dev/null || { \
		if [ "$$(id -u)" = 0 ]; then apt-get update -qq && apt-get install -y -qq --no-install-recommends chromium-headless-shell; \
		else command -v chromium >/dev/null || { \
			echo "The journeys need Debian's Chromium. Install it as root: apt-get install chromium-headless-shell"; exit 1; }; fi; }

# Gathers the server's words. Only those who work on Velum need it.
gettext:
	@command -v xgettext >/dev/null || { \
		if [ "$$(id -u)" = 0 ]; then apt-get update -qq && apt-get install -y -qq --no-install-recommends gettext; \
		else echo "The catalogue of words is made with gettext. Install it as root: apt-get install gettext"; exit 1; fi; }

# Reads scans. Velum works without it, so it is no reason to stop.
tesseract:
	@command -v tesseract >/dev/null || { \
		if [ "$$(id -u)" = 0 ]; then apt-get update -qq && apt-get install -y -qq --no-install-recommends tesseract-ocr \
			|| echo "Tesseract could not be installed: scans will not be read."; \
		else echo "Scans are only read with Tesseract. Install it as root: apt-get install tesseract-ocr"; fi; }

# A district's database. The tests run on SQLite without it.
postgresql:
	@ls -d /usr/lib/postgresql/*/bin >/dev/null 2>&1 || { \
		if [ "$$(id -u)" = 0 ]; then apt-get update -qq && apt-get install -y -qq --no-install-recommends postgresql \
			|| echo "PostgreSQL could not be installed: the tests on it are left out."; \
		else echo "The tests on PostgreSQL need Debian's package. Install it as root: apt-get install postgresql"; fi; }

var/test:
	@mkdir -p $@

clean:
	rm -rf .venv node_modules web/dist var
