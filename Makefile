# Two commands on a fresh machine: make demo, make test. A second run installs nothing.
SHELL := /bin/bash
PYTHON ?= python3
BIN := .venv/bin
PORT ?= 8770
WEB_SOURCES := $(shell find web/src web/public web/index.html web/*.ts web/*.cjs -type f 2>/dev/null)
export UV_PYTHON_DOWNLOADS = never

.PHONY: setup demo serve test check format pigments types screenshots docs bench soak crash older fuzz mutate release clean

setup: .venv/.ready src/washboard/web/index.html

.venv/.ready: pyproject.toml constraints.txt
	test -x $(BIN)/python || $(PYTHON) -m venv .venv
	test -x $(BIN)/uv || $(BIN)/pip install -q --disable-pip-version-check uv==0.13.9
	$(BIN)/uv pip install -q --python $(BIN)/python --compile-bytecode -c constraints.txt -e '.[dev]'
	touch $@

web/node_modules/.ready: web/package.json web/package-lock.json web/types/package.json
	cd web && npm ci --silent --no-audit --no-fund
	touch $@

src/washboard/web/index.html: web/node_modules/.ready $(WEB_SOURCES)
	cd web && npm run --silent build -- --logLevel warn
	touch $@

build/.dir:
	mkdir -p build
	touch $@

build/.chromium: build/.dir
	command -v chromium >/dev/null || (apt-get update -qq && apt-get install -y -qq --no-install-recommends chromium >/dev/null)
	touch $@

demo: setup
	$(BIN)/washboard demo --port $(PORT)

serve: setup
	$(BIN)/washboard serve --port $(PORT)

test: setup build/.chromium
	cd web && npm run --silent test -- --reporter=dot
	$(BIN)/python -m pytest -n 2 --dist loadfile

# Format, lint, types, migrations, what is generated from the code, the page, the docs and their examples.
check: setup build/.dir
	$(BIN)/ruff format --check src tests bench
	$(BIN)/ruff check src tests bench
	$(BIN)/mypy
	$(BIN)/python -m tests.structure.migrations
	$(BIN)/python -m washboard.api.schemas --check
	cd web && npx --no-install biome ci --error-on-warnings .
	cd web && npx --no-install tsc --noEmit
	cd web && cp src/api/schema.d.ts ../build/schema.before && npm run --silent types >/dev/null && diff -q ../build/schema.before src/api/schema.d.ts
	$(BIN)/mkdocs build --strict --quiet
	$(BIN)/python -m pytest --doctest-modules src/washboard/core src/washboard/words
	$(BIN)/python -m pytest tests/structure

# All of docs/ as a site in build/site.
docs: setup build/.dir
	$(BIN)/mkdocs build --strict --quiet

format: setup
	$(BIN)/ruff format src tests bench
	$(BIN)/ruff check --fix src tests bench
	cd web && npx --no-install biome check --write .

# Fit the pigments' curves to the ranges of colour that are known of paints.
pigments: setup
	$(BIN)/python -m bench.pigments.fit
	$(BIN)/ruff format -q src/washboard/core/materials/pigment_table.py

types: setup
	$(BIN)/python -m washboard.api.schemas
	cd web && npm run --silent types

screenshots: setup build/.chromium
	$(BIN)/python -m tests.interface.screenshots docs/screenshots

bench: setup build/.chromium
	mkdir -p build
	$(BIN)/python -m bench.run build/bench.json
	$(BIN)/python -m bench.record build/bench.json
	$(BIN)/python -m bench.fidelity

# Deaths and full disks at every change that is made to the folder, and two hundred kills at any moment (needs a
# C compiler).
crash: setup build/.dir
	$(BIN)/python -m bench.crash > build/crash.json
	$(BIN)/python -m bench.crash.kills 200 > build/kills.json

# Data folders that earlier commits make, one in thirty, opened by the program as it is.
older: setup build/.dir
	$(BIN)/python -m bench.older $$(git rev-list HEAD | sed -n '1~30p') > build/older.json

# Damaged files of every kind, ten thousand each; then, led by what is reached, five minutes each.
fuzz: setup build/.dir
	$(BIN)/python -m bench.fuzz > build/fuzz.json
	$(BIN)/python -m bench.guided 300 > build/guided.json

# Thousands of generated pieces in every school and medium, replayed by the judge; the tests at length; a server
# under load, a class of thirty for ten minutes, four painters for two hours.
soak: setup build/.dir
	$(BIN)/python -m bench.soak build/soak.json
	WASHBOARD_SOAK=1 $(BIN)/python -m pytest -n 2 -m soak
	$(BIN)/python -m bench.load build/load.json
	$(BIN)/python -m bench.lasting 30 10 build/class.json
	$(BIN)/python -m bench.lasting 4 120 build/painters.json

# A wheel and a source archive, the same bytes each time, tried in an environment that has nothing else.
release: setup
	rm -rf dist
	$(BIN)/uv build -q --out-dir dist
	$(BIN)/python -m bench.release dist

# Faults put into the judge one at a time: whether its tests notice.
mutate: setup
	mkdir -p build
	$(BIN)/python -m bench.mutate build/mutate.json

clean:
	rm -rf build .venv web/node_modules src/washboard/web
