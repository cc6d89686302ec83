# Two commands do everything: `make demo` starts Billhook with its demo holding, `make test` passes all tests.
# Steps are stamped: a second run starts in seconds.
SHELL := /bin/bash
.DEFAULT_GOAL := help
STAMPS := .stamps
UV := .tools/bin/uv
PY := .venv/bin/python
PYTHON ?= python3
PORT ?= 8420
FRONT := $(shell find frontend/src frontend/public -type f 2>/dev/null) frontend/index.html frontend/vite.config.ts frontend/vite.sw.config.ts frontend/compress.ts frontend/prose.ts frontend/fonts.ts frontend/package.json docs/guide.md $(shell find billhook/catalogue/languages -name guide.md -o -path "*/pages/*.ftl" -o -name sheet.toml -o -name regions.toml)
BROWSER := $(STAMPS)/browser

.PHONY: help setup demo demo-large test hard bench almanacs count road screens types check-py check-web test-web clean

help:
	@echo "make demo     start Billhook with its demo holding on http://127.0.0.1:$(PORT)/"
	@echo "make demo-large   the same with ten thousand trees"
	@echo "make test     run every check and test"
	@echo "make setup    environment and build only; then .venv/bin/billhook serve"
	@echo "make hard     kill it five hundred times, send it ten thousand odd requests, fill its disk"
	@echo "make bench    measure speed and memory"
	@echo "make almanacs open days of every kind, climate and way of working, for reading"
	@echo "make count    lines of code and share of tests"
	@echo "make screens  refresh docs/screenshots from the demo holding"

$(STAMPS):
	@mkdir -p $@

$(UV): | $(STAMPS)
	$(PYTHON) -m venv .tools
	.tools/bin/pip install --quiet uv==0.13.8

$(STAMPS)/python: requirements-dev.txt pyproject.toml | $(UV)
	test -x .venv/bin/python || $(UV) venv --quiet --python $(PYTHON) .venv
	$(UV) pip sync --quiet --compile-bytecode --require-hashes -p .venv requirements-dev.txt
	echo "$(CURDIR)" > "$$($(PY) -c 'import site; print(site.getsitepackages()[0])')/billhook.pth"
	printf '#!/bin/sh\nexec "%s/.venv/bin/python" -P -m billhook.cli "$$@"\n' "$(CURDIR)" > .venv/bin/billhook
	chmod +x .venv/bin/billhook
	touch $@

$(STAMPS)/node: frontend/package-lock.json frontend/.npmrc | $(STAMPS)
	@command -v npm >/dev/null || { apt-get update && apt-get install -y nodejs npm; }
	cd frontend && npm ci --no-audit --no-fund --loglevel=error
	touch $@

$(STAMPS)/front: $(STAMPS)/node $(FRONT)
	cd frontend && npm run --silent build
	touch $@

$(BROWSER): | $(STAMPS)
	@test -x /usr/bin/chromium && test -x /usr/bin/chromedriver || { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq chromium chromium-driver; }
	touch $@

$(STAMPS)/compiled: $(STAMPS)/python $(shell find billhook -name '*.py')
	$(PY) -m compileall -q billhook
	touch $@

setup: $(STAMPS)/python $(STAMPS)/compiled $(STAMPS)/front

demo: setup
	@.venv/bin/billhook demo --data demo-data --port $(PORT)

demo-large: setup
	@.venv/bin/billhook demo --large --data demo-large-data --port $(PORT)

check-py: $(STAMPS)/python
	.venv/bin/ruff check billhook tests tools
	.venv/bin/ruff format --check billhook tests tools
	.venv/bin/mypy billhook
	.venv/bin/lint-imports

check-web: $(STAMPS)/node
	cd frontend && npx openapi-typescript openapi.json -o ../$(STAMPS)/types.ts >/dev/null && diff -q src/api/types.ts ../$(STAMPS)/types.ts
	cd frontend && npm run --silent check
	cd frontend && npx eslint src
	cd frontend && npx prettier --check --log-level warn src

test-web: $(STAMPS)/node
	cd frontend && npx vitest run

types: $(STAMPS)/python $(STAMPS)/node
	.venv/bin/billhook openapi > frontend/openapi.json
	cd frontend && npm run --silent types

# what drives a browser or kills servers runs alone: it watches the clock
ALONE := tests/ui tests/test_kills.py tests/test_disk_gone.py tests/test_fuzz.py
test: setup $(BROWSER) check-py check-web test-web
	$(PY) -m pytest -n auto --dist loadfile $(ALONE:%=--ignore=%)
	$(PY) -m pytest $(ALONE)

# 500 kills under four writers, 100 while migrating; more than ten thousand odd requests
hard: setup
	BILLHOOK_KILLS=500 $(PY) -m pytest tests/test_kills.py tests/test_disk_gone.py
	BILLHOOK_ODD=3000 BILLHOOK_EXAMPLES=45 $(PY) -m pytest tests/test_fuzz.py

bench: setup
	$(PY) tools/bench.py
	$(PY) tools/bench_large.py

almanacs: $(STAMPS)/python
	@$(PY) tools/almanacs.py

road: setup $(BROWSER)
	$(PY) -m pytest tests/ui/test_road.py tests/ui/test_few_taps.py -q -s

count:
	@$(PYTHON) tools/count.py

screens: setup $(BROWSER)
	$(PY) tools/screens.py

clean:
	rm -rf .venv .tools .stamps frontend/node_modules billhook/web/static demo-data demo-large-data
