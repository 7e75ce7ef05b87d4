#!/usr/bin/env bash
# Opens the demo study, or without a display makes the full example into out/.
set -euo pipefail
cd "$(dirname "$0")/.."
istrel=.venv/bin/istrel

if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
  exec "$istrel" --demo
fi

echo "No display: making the full example into out/ instead of opening the window."
data=src/istrel/demo/learners.csv
table="describe practice_min, receptive_post across format with n, mean, sd, median, ci, skewness"
sample="describe age, site, education, completed across format with total"
counts="count education against format with percent = column"
shape="check spelling_speed, receptive_post across format"
matrix="relate practice_min, absences, receptive_pre, receptive_post, spelling_speed, confidence"
figure="describe receptive_post across format as histogram"
mkdir -p out
"$istrel" make "$data" "$sample" "$table" "$counts" "$shape" "$matrix" "$figure" --missing "-9,99" \
  -o out/example.docx -o out/example.html -o out/example.json
"$istrel" make "$data" "$sample" "$table" "$counts" "$shape" "$matrix" --missing "-9,99" -o out/tables.csv -o out/tables.md
"$istrel" make "$data" "$figure" --missing "-9,99" -o out/figure.pdf -o out/figure.svg -o out/figure.png
ls -l out
