#!/usr/bin/env bash
# Builds one commit twice, in two places, and compares the archives byte for byte.
#
#     packaging/test-same.sh [COMMIT]
set -euo pipefail
root="$(cd "$(dirname "$0")/.." && pwd)"
commit="${1:-HEAD}"
scratch="$(mktemp -d)"
trap 'rm -rf "$scratch"' EXIT

for name in one a-longer-name-for-the-other; do
  git clone -q "$root" "$scratch/$name"
  git -C "$scratch/$name" checkout -q "$(git -C "$root" rev-parse "$commit")"
  (cd "$scratch/$name" && mvn -B -ntp -q -Dmaven.test.skip=true -Dspotless.check.skip=true package)
  (cd "$scratch/$name" && find . -path '*/target/kestan-*.jar' -print0 | sort -z | xargs -0 sha256sum) >"$scratch/$name.sums"
done

if diff "$scratch/one.sums" "$scratch/a-longer-name-for-the-other.sums"; then
  echo "$(wc -l <"$scratch/one.sums") archives, the same byte for byte."
else
  echo "Two builds of one commit differ." >&2
  exit 1
fi
