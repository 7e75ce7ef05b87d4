# Every habit of the project. `make help` lists them.
PYTHON := .venv/bin/python
STAMP := .venv/.set-up
OFFSCREEN := QT_QPA_PLATFORM=offscreen
MAKEFLAGS += --jobs=2 --output-sync=target # `make check test`: both at once, each said whole
export PYTHONDONTWRITEBYTECODE :=# bytecode is kept: tests start Istrel a hundred times

.PHONY: help setup demo test deep check bench fuzz soak mutants languages page screenshots gallery package tried format lock

help: ## list what can be done here
	@grep -hE '^[a-z]+:.*## ' $(MAKEFILE_LIST) | sed 's/:.*## /\t/' | expand -t 14

setup: $(STAMP) ## virtual environment, pinned packages, system libraries (when root)

$(STAMP): requirements.lock pyproject.toml tools/set-up.sh
	bash tools/set-up.sh
	touch $@

demo: $(STAMP) ## open the demo study; without a display make the full example into out/
	bash tools/demo.sh

test: $(STAMP) ## all tests, window included, without a screen
	$(OFFSCREEN) $(PYTHON) -m pytest -n 2 --dist worksteal

deep: $(STAMP) ## as test, with all cases of every table, of which the usual run takes a part
	ISTREL_DEEP=1 $(OFFSCREEN) $(PYTHON) -m pytest -n 2 --dist worksteal

check: $(STAMP) ## formatting, lint, types, import floors, languages, share of test lines
	$(PYTHON) -m ruff format --check src tests tools
	$(PYTHON) -m ruff check src tests tools
	$(PYTHON) -m mypy
	.venv/bin/lint-imports --no-cache
	$(PYTHON) tools/languages.py --check
	$(PYTHON) tools/line_share.py

format: $(STAMP) ## put the code into its form
	$(PYTHON) -m ruff format src tests tools
	$(PYTHON) -m ruff check --fix src tests tools

bench: $(STAMP) ## measure: ratios to floors taken in the same run
	$(OFFSCREEN) $(PYTHON) tools/bench.py $(ARGUMENTS)

fuzz: $(STAMP) ## seeded inputs of every family, at most five minutes; ISTREL_SEED chooses others
	$(OFFSCREEN) $(PYTHON) tools/fuzz.py $(ARGUMENTS)

soak: $(STAMP) ## long use of one window: what stays of memory, files and threads (a quarter of an hour)
	$(OFFSCREEN) $(PYTHON) tools/soak.py $(ARGUMENTS)

mutants: $(STAMP) ## a hundred random changes of the core, each against the tests of its room; survivors are named
	$(PYTHON) tools/mutants.py $(ARGUMENTS)

languages: $(STAMP) ## gather the words of the window into its translation files, and compile them
	$(PYTHON) tools/languages.py

page: $(STAMP) ## the tables of docs/sentence.md from the vocabulary
	$(PYTHON) tools/vocabulary_page.py

screenshots: $(STAMP) ## one current picture of each main view, from the demo study
	$(OFFSCREEN) $(PYTHON) tools/screenshots.py
	$(OFFSCREEN) $(PYTHON) tools/gallery.py

gallery: $(STAMP) ## one page with every form of figure, from the demo study
	$(OFFSCREEN) $(PYTHON) tools/gallery.py

package: $(STAMP) ## a wheel and a .deb for this Debian in dist/
	$(PYTHON) tools/deb.py

tried: ## install both into clean roots, start them, remove them (as root, after make package)
	bash tools/try-package.sh

lock: ## pin all packages again (needs uv)
	uv pip compile pyproject.toml --extra dev --generate-hashes --universal --python-version 3.11 -o requirements.lock
