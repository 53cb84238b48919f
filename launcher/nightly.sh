#!/usr/bin/env bash
# Keeps a backup of each night while the app runs; started by ./yunque start --keep-backups, ended by ./yunque stop.
set -Eeuo pipefail
root=$1
cd "$root"
for part in words machine postgres records care lan server; do
    # shellcheck source=/dev/null
    . "$root/launcher/$part.sh"
done
keep_backups
