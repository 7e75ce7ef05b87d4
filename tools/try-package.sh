#!/usr/bin/env bash
# Installs the .deb and the wheel into clean roots, starts both, opens a study, and looks for what is left when it is removed. As root.
set -euo pipefail
cd "$(dirname "$0")/.."
deb=$(ls dist/istrel_*.deb) wheel=$(ls dist/istrel-*.whl)
if [ "$(id -u)" -ne 0 ]; then echo "tools/try-package.sh needs root: it makes a system of its own to install into." >&2; exit 1; fi
command -v mmdebstrap >/dev/null || { apt-get update -q; apt-get install -y -q --no-install-recommends mmdebstrap; }

root=$(mktemp -d /tmp/istrel-root.XXXXXX)
trap 'umount "$root/proc" "$root/dev/pts" 2>/dev/null || true; rm -rf "$root"' EXIT
suite=$(. /etc/os-release; echo "$VERSION_CODENAME")
mmdebstrap --variant=apt "$suite" "$root" >/dev/null 2>&1
cp /etc/resolv.conf "$root/etc/" 2>/dev/null || true
cp -r /etc/apt/apt.conf.d "$root/etc/apt/" 2>/dev/null || true
mount -t proc proc "$root/proc" 2>/dev/null || true
mkdir -p "$root/dev/pts" && mount -t devpts devpts "$root/dev/pts" 2>/dev/null || true
inside() { chroot "$root" env -i HOME=/root PATH=/usr/sbin:/usr/bin:/sbin:/bin LANG=C.UTF-8 DEBIAN_FRONTEND=noninteractive QT_QPA_PLATFORM=offscreen "$@"; }

before=$(find "$root/usr" "$root/opt" | sort)
cp "$deb" "$root/tmp/istrel.deb"
inside apt-get update -q >/dev/null
packages_before=$(inside dpkg-query -W -f '${Package}\n' | sort)
inside apt-get install -y -q --no-install-recommends /tmp/istrel.deb >/dev/null
inside istrel --version
inside istrel doctor || true
cp src/istrel/demo/learners.csv src/istrel/demo/courses.istrel "$root/tmp/"
inside istrel make /tmp/learners.csv "describe age across format" -o /tmp/table.docx -o /tmp/table.pdf
inside istrel make /tmp/learners.csv "describe age as histogram" -o /tmp/figure.svg
for page in table.docx table.pdf figure.svg; do [ -s "$root/tmp/$page" ] || { echo "$page was not made" >&2; exit 1; }; done
code=0; inside timeout 12 istrel /tmp/courses.istrel >"$root/tmp/window.log" 2>&1 || code=$?
[ "$code" -eq 124 ] || { echo "the window did not stay open (exit $code):" >&2; cat "$root/tmp/window.log" >&2; exit 1; }
grep -i "traceback\|error" "$root/tmp/window.log" && exit 1
grep -q "application/vnd.istrel.study" "$root/usr/share/mime/packages/istrel.xml"
changed=$(inside dpkg --verify istrel)
[ -z "$changed" ] || { echo "files were changed by running it: $changed" >&2; exit 1; }
inside apt-get purge -y -q istrel >/dev/null
inside apt-get autoremove --purge -y -q >/dev/null
left=$(comm -13 <(echo "$before") <(find "$root/usr" "$root/opt" | sort) | grep -i istrel || true)
[ -z "$left" ] || { echo "left behind: $left" >&2; exit 1; }
[ "$packages_before" = "$(inside dpkg-query -W -f '${Package}\n' | sort)" ] || { echo "packages were left behind" >&2; exit 1; }
echo "the .deb was installed, started, used and removed in a clean $suite"

venv="$root/venv"
python3 -m venv "$venv"
"$venv/bin/pip" install -q --disable-pip-version-check "$wheel" 2>/dev/null
"$venv/bin/istrel" --version
"$venv/bin/istrel" make src/istrel/demo/learners.csv "describe age across format" --to md | grep -q "Weekly evening"
echo "the wheel was installed and used in a clean environment"
