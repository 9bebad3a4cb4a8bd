#!/usr/bin/env bash
# Installs, runs, upgrades and removes the package under a clean Debian, in which there is no JDK. Needs root and debootstrap.
#   packaging/test-linux.sh [ROOT]     an empty or already bootstrapped folder
set -euo pipefail
here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
packages="$here/../target/package"
deb=$(ls "$packages"/kestan_*.deb)
made=false
clean=${1:-}
[ -n "$clean" ] || { clean=$(mktemp -d /tmp/kestan-clean-XXXXXX); made=true; }
# shellcheck disable=SC1091
[ -x "$clean/bin/sh" ] || debootstrap --variant=minbase "$(. /etc/os-release && echo "$VERSION_CODENAME")" "$clean" >/dev/null

server=
finish() {
  [ -z "$server" ] || kill "$server" 2>/dev/null || true
  umount "$clean/proc" "$clean/tmp/.X11-unix" 2>/dev/null || true
  [ "$made" = false ] || rm -rf "$clean"
}
trap finish EXIT

fail() { echo "FAILED: $*" >&2; exit 1; }
passed() { echo "passed: $*"; }
inside() { chroot "$clean" /usr/bin/env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin HOME=/root DEBIAN_FRONTEND=noninteractive LC_ALL=C.UTF-8 "$@"; }
install_deb() { cp "$1" "$clean/tmp/kestan.deb"; inside apt-get install -y -qq --no-install-recommends --allow-downgrades /tmp/kestan.deb >/dev/null 2>"$clean/tmp/apt.log" || { cat "$clean/tmp/apt.log" >&2; fail "could not be installed"; }; }
has() { case "$2" in *"$1"*) ;; *) fail "expected '$1' in: $2" ;; esac; }

mount -t proc proc "$clean/proc" 2>/dev/null || true
inside apt-get update -qq >/dev/null 2>&1
! inside sh -c 'command -v java' >/dev/null || fail "a Java is there already"

# An older release, as far as the package manager can tell.
older=$(mktemp -d)
dpkg-deb -R "$deb" "$older/tree"
sed -i 's/^Version: .*/Version: 0.0.9/' "$older/tree/DEBIAN/control"
dpkg-deb --root-owner-group -Znone --build "$older/tree" "$older/kestan.deb" >/dev/null
install_deb "$older/kestan.deb"
has 0.0.9 "$(inside dpkg-query -W kestan)"
has Kestan "$(inside kestan --version)"
passed "an older release is installed, with no JDK"

cp "$here/../demo/large-flat-top-reset.kestan.json" "$clean/root/job.kestan.json"
has correctionDeg "$(inside kestan solve /root/job.kestan.json)"
inside kestan ledger import --ledger /root/.local/share/kestan/ledger.sqlite /root/job.kestan.json >/dev/null
before=$(inside kestan ledger list --ledger /root/.local/share/kestan/ledger.sqlite)
passed "it solves a job and keeps it"

install_deb "$deb"
has "$(dpkg-deb -f "$deb" Version)" "$(inside dpkg-query -W kestan)"
[ "$(inside kestan ledger list --ledger /root/.local/share/kestan/ledger.sqlite)" = "$before" ] || fail "an upgrade changed the ledger"
install_deb "$older/kestan.deb"
[ "$(inside kestan ledger list --ledger /root/.local/share/kestan/ledger.sqlite)" = "$before" ] || fail "going back changed the ledger"
install_deb "$deb"
passed "upgraded, gone back and upgraded again: the ledger is as it was"

for file in /usr/share/applications/kestan.desktop /usr/share/mime/packages/kestan.xml /usr/share/man/man1/kestan.1.gz \
  /usr/share/bash-completion/completions/kestan /usr/share/doc/kestan/bom.json /usr/share/doc/kestan/copyright \
  /usr/share/icons/hicolor/64x64/apps/kestan.png; do
  [ -e "$clean$file" ] || fail "$file is missing"
done
passed "desktop entry, kind of file, icon, man page, completion, licenses and bill of materials are there"

if command -v Xvfb >/dev/null; then
  number=77
  while [ -e "/tmp/.X11-unix/X$number" ]; do number=$((number + 1)); done
  Xvfb ":$number" -screen 0 1280x800x24 -nolisten tcp >/dev/null 2>&1 &
  server=$!
  mkdir -p "$clean/tmp/.X11-unix"
  until [ -e "/tmp/.X11-unix/X$number" ]; do sleep 0.1; done
  mount --bind /tmp/.X11-unix "$clean/tmp/.X11-unix"
  for turn in first second; do
    : >"$clean/tmp/window.log"
    start=$(date +%s%N)
    inside env DISPLAY=":$number" timeout 60 kestan open /root/job.kestan.json --started >"$clean/tmp/window.log" 2>&1 &
    window=$!
    until grep -q usable "$clean/tmp/window.log" || ! kill -0 "$window" 2>/dev/null; do sleep 0.02; done
    grep -q usable "$clean/tmp/window.log" || { cat "$clean/tmp/window.log" >&2; fail "no window came up"; }
    echo "        $turn start: usable after $((($(date +%s%N) - start) / 1000000)) ms"
    if command -v import >/dev/null; then sleep 2; DISPLAY=":$number" import -window root "$packages/window.png"; fi
    # Asked to end, it closes its ledger and keeps what it has loaded for the next start.
    pkill -TERM -f org.kestan.desktop.Launcher.*/root/job.kestan.json || true
    wait "$window" 2>/dev/null || true
  done
  passed "the window comes up with the job that was double-clicked"
fi

inside apt-get purge -y -qq kestan >/dev/null 2>&1
[ ! -e "$clean/usr/lib/kestan" ] && [ ! -e "$clean/usr/bin/kestan" ] || fail "something was left behind"
[ -e "$clean/root/.local/share/kestan/ledger.sqlite" ] || fail "the ledger went with the program"
passed "removed; what was measured stays"
rm -rf "$older"
