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
table="describe practice_min, receptive_post across format with n, mean, sd, median, ci_low, ci_high, skewness"
sample="describe age, site, education, completed across format with total = yes"
counts="count education against format with percent = column"
shape="check spelling_speed, receptive_post across format"
matrix="relate practice_min, absences, receptive_pre, receptive_post, spelling_speed, confidence"
figure="describe receptive_post across format as histogram"
mkdir -p out
for ending in docx html json; do
  "$istrel" make "$data" "$sample" "$table" "$counts" "$shape" "$matrix" "$figure" --missing "-9,99" -o "out/example.$ending"
done
for ending in csv md; do
  "$istrel" make "$data" "$sample" "$table" "$counts" "$shape" "$matrix" --missing "-9,99" -o "out/tables.$ending"
done
for ending in pdf svg png; do
  "$istrel" make "$data" "$figure" --missing "-9,99" -o "out/figure.$ending"
done
ls -l out
