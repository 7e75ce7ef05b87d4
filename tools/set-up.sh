#!/usr/bin/env bash
# Makes the virtual environment and installs what is pinned. System libraries are installed when root; otherwise the
# exact command is printed and the run stops.
set -euo pipefail
cd "$(dirname "$0")/.."

packages=(python3 python3-venv xvfb xauth dbus at-spi2-core openbox libegl1 libgl1 libdbus-1-3 libfontconfig1 libglib2.0-0 libxkbcommon-x11-0 libxcb-cursor0
  libxcb-icccm4 libxcb-image0 libxcb-keysyms1 libxcb-randr0 libxcb-render-util0 libxcb-shape0 libxcb-xinerama0 libxcb-xkb1
  libpango-1.0-0 libpangoft2-1.0-0 libharfbuzz-subset0)
new_enough='import sys, venv, ensurepip; sys.exit(sys.version_info < (3, 11))'

missing=()
if command -v dpkg-query >/dev/null; then
  for package in "${packages[@]}"; do
    # A newer Debian calls some libraries by another name (t64); a Python of one's own needs no package.
    case $package in python3*) python3 -c "$new_enough" 2>/dev/null && continue ;; esac
    status=$(dpkg-query -W -f='${Status}\n' "$package" "${package}t64" 2>/dev/null || true)
    [[ $status == *"ok installed"* ]] || missing+=("$package")
  done
fi
if [ ${#missing[@]} -gt 0 ]; then
  install="apt-get install -y --no-install-recommends ${missing[*]}"
  if [ "$(id -u)" -ne 0 ]; then
    printf 'Istrel needs some system libraries. Run this once, then again what you just ran:\n\n  sudo %s\n\n' "$install" >&2
    exit 1
  fi
  apt-get update -q
  DEBIAN_FRONTEND=noninteractive $install
fi
if ! python3 -c "$new_enough"; then
  echo "Istrel needs Python 3.11 or newer as python3." >&2
  exit 1
fi

[ -x .venv/bin/python ] || python3 -m venv .venv
.venv/bin/python -m pip install -q --disable-pip-version-check --require-hashes -r requirements.lock
.venv/bin/python -m pip install -q --disable-pip-version-check --no-build-isolation --no-deps -e .
