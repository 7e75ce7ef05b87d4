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
for ending in docx odt pdf tex html md xlsx ods json; do
  "$istrel" build "$study" -o "out/paper.$ending"
done
"$istrel" build "$study" -o out/exhibits --check
ls -l out out/exhibits
