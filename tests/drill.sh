#!/usr/bin/env bash
# A drill: work is under way, a backup is made, the shop is destroyed, and everything that was acknowledged before the
# backup is there again. On its own folder and database: called by ./facelift test.
set -uo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -P)
export FACELIFT_VAR="${1:?a folder of its own}"
export FACELIFT_BACKUP_PASSPHRASE='only for this drill'
. "$ROOT/bin/lib/common.sh"
. "$ROOT/bin/lib/services.sh"
facelift() { "$ROOT/facelift" "$@" >"$VAR/log/drill.log" 2>&1; }
wrong() { printf 'drill: %s\n' "$*"; tail -5 "$VAR/log/drill.log"; kill "$writer" 2>/dev/null; stop_all; exit 1; }
writer=0
stop_all
start_mariadb
secrets
create_database facelift
export DB_DATABASE=facelift
php "$ROOT/artisan" migrate --force >"$VAR/log/drill-migrate.log" 2>&1 || wrong "no database"
mkdir -p "$FACELIFT_PHOTOS/ab"
head -c 40000 /dev/urandom >"$FACELIFT_PHOTOS/ab/one.jpg"
key=$APP_KEY

# Work: one row after the other, each said to be kept only once it is.
php "$ROOT/bin/drill-work.php" "$VAR/acknowledged" >"$VAR/log/work.log" 2>&1 &
writer=$!
for _ in $(seq 1 300); do [ "$(cat "$VAR/acknowledged" 2>/dev/null | wc -l)" -gt 200 ] && break; sleep 0.1; done
before=$(wc -l <"$VAR/acknowledged")
[ "$before" -gt 200 ] || wrong "nothing was written: $(cat "$VAR/log/work.log")"
facelift backup "$VAR/shop.tar" || wrong "no backup while work goes on"
[ "$(stat -c %a "$VAR/shop.tar")" = 600 ] || wrong "others can read the backup"
after=$(wc -l <"$VAR/acknowledged")
[ "$after" -gt "$before" ] || wrong "work stood still during the backup"
kill "$writer"; wait "$writer" 2>/dev/null; writer=0
facelift backup "$VAR/shop.tar" && wrong "a backup was overwritten"
facelift backup --verify "$VAR/shop.tar" || wrong "the backup is not whole"

# A damaged one, one of a format to come, one of a newer Facelift: refused, and nothing is touched.
head -c "$(($(stat -c %s "$VAR/shop.tar") / 2))" "$VAR/shop.tar" >"$VAR/half.tar"
facelift restore "$VAR/half.tar" --replace && wrong "half a backup was restored"
for line in 's/^format 1$/format 2/' 's/^migration .*/migration 2999_01_01_000000_later/'; do
    rm -rf "$VAR/changed" && mkdir "$VAR/changed" && tar -C "$VAR/changed" -xf "$VAR/shop.tar"
    sed -i "$line" "$VAR/changed/about.txt"
    tar -C "$VAR/changed" -cf "$VAR/changed.tar" .
    facelift restore "$VAR/changed.tar" --replace && wrong "restored after $line"
done
# A row that was changed on the way is noticed.
rm -rf "$VAR/changed" && mkdir "$VAR/changed" && tar -C "$VAR/changed" -xf "$VAR/shop.tar"
gzip -dc "$VAR/changed/database.sql.gz" | sed '0,/INSERT INTO `work`.*kept/s/kept/kepd/' | gzip >"$VAR/changed/d.gz" && mv "$VAR/changed/d.gz" "$VAR/changed/database.sql.gz"
tar -C "$VAR/changed" -cf "$VAR/changed.tar" .
facelift backup --verify "$VAR/changed.tar" && wrong "a changed row was not noticed"
facelift restore "$VAR/shop.tar" && wrong "a shop was overwritten without being told"
FACELIFT_BACKUP_PASSPHRASE='another' facelift restore "$VAR/shop.tar" --replace && wrong "another passphrase opened it"

# Destroyed: database, photos, secrets.
stop_all
rm -rf "$VAR/db" "$FACELIFT_PHOTOS" "$VAR/secrets.env"
facelift restore "$VAR/shop.tar" || wrong "it could not be restored"
unset APP_KEY
secrets
[ "$APP_KEY" = "$key" ] || wrong "the secrets did not come back"
start_mariadb
lost=$(head -n "$before" "$VAR/acknowledged" | sort >"$VAR/want"; mariadb --no-defaults --socket="$RUN/mariadb.sock" --user="$(id -un)" -N -e 'SELECT id FROM facelift.work' | sort | comm -23 "$VAR/want" - | wc -l)
[ "$lost" = 0 ] || wrong "$lost of $before acknowledged rows are lost"
[ -f "$FACELIFT_PHOTOS/ab/one.jpg" ] || wrong "the photo is lost"
php "$ROOT/artisan" migrate --force >"$VAR/log/drill-migrate.log" 2>&1 || wrong "the restored shop cannot be brought up to date"
# A newer Facelift whose change of the database fails: all is as it was before.
rows() { mariadb --no-defaults --socket="$RUN/mariadb.sock" --user="$(id -un)" -N -e "SELECT COUNT(*) FROM facelift.$1"; }
facelift upgrade || wrong "nothing to change, and it failed"
sql "DELETE FROM facelift.migrations ORDER BY id DESC LIMIT 1"
had=$(rows work)/$(rows migrations)
facelift upgrade && wrong "a change that fails went through"
[ "$(rows work)/$(rows migrations)" = "$had" ] || wrong "it is not as it was before the change that failed"
stop_all
printf 'drill: %d rows acknowledged before the backup, %d while it was made, none of the first lost\n' "$before" "$((after - before))"
