#!/usr/bin/env bash
# Opens the demo study, or without a display makes the full example into out/.
set -euo pipefail
cd "$(dirname "$0")/.."
istrel=.venv/bin/istrel

if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
  exec "$istrel" --demo
fi

echo "No display: making the full example into out/ instead of opening the window."
study=src/istrel/demo/courses.istrel
mkdir -p out
outputs=(-o out/exhibits)
for ending in docx odt pdf tex html md csv xlsx ods json; do outputs+=(-o "out/paper.$ending"); done
"$istrel" build "$study" "${outputs[@]}" --check
ls -l out out/exhibits
