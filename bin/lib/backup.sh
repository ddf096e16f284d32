# ./facelift backup, restore: one file with database and photos, and the secrets apart, under a passphrase.
# A backup is made in one transaction, so work goes on meanwhile. What it holds is known row by row: it is restored
# elsewhere, written out again, and has to come out alike.

BACKUP_FORMAT=1
# Made anew by themselves, and nobody's work.
BACKUP_WITHOUT=(sessions cache cache_locks)

backup_dump() { # backup_dump DATABASE: as text, row by row in the order of the primary keys
    local table without=()
    for table in "${BACKUP_WITHOUT[@]}"; do without+=("--ignore-table-data=$1.$table"); done
    client mariadb-dump --single-transaction --order-by-primary \
        --skip-extended-insert --complete-insert --hex-blob --skip-comments --no-tablespaces --default-character-set=utf8mb4 "${without[@]}" "$1"
}

# backup_rows: of a dump on standard input, a line for each table: name, rows, and what they hash to.
backup_rows() {
    php -r '
        $rows = $hash = [];
        while (($line = fgets(STDIN)) !== false) {
            if (preg_match("/^INSERT INTO `([^`]+)`/", $line, $m) === 1) {
                $rows[$m[1]] = ($rows[$m[1]] ?? 0) + 1;
                $hash[$m[1]] ??= hash_init("sha256");
                hash_update($hash[$m[1]], $line);
            }
        }
        ksort($rows);
        foreach ($rows as $table => $count) echo "$table $count ", hash_final($hash[$table]), "\n";'
}

backup_photos() { # backup_photos FOLDER: number and hash of every photo
    [ -d "$1" ] || return 0
    (cd "$1" && find . -type f -print0 | LC_ALL=C sort -z | xargs -0 -r sha256sum)
}

# later COMMAND: when this is over, the last first.
LATER=()
later() {
    LATER+=("$1")
    trap 'for ((i = ${#LATER[@]} - 1; i >= 0; --i)); do eval "${LATER[i]}" || true; done' EXIT
}

backup_needs_database() {
    own_database || return 0
    alive mariadb && return
    start_mariadb
    later 'stop_one mariadb TERM'
}

# backup FILE: made beside it first, so that a file of that name is whole.
backup() {
    local file=${1:-} work rows photos
    [ -n "$file" ] || die "backup needs the name of a file"
    [ ! -e "$file" ] || die "$file is there already; a backup overwrites nothing"
    mkdir -p "$(dirname "$file")"
    file="$(cd "$(dirname "$file")" && pwd -P)/$(basename "$file")"
    backup_needs_database
    secrets
    work=$(mktemp -d "$(dirname "$file")/.facelift-backup.XXXXXX")
    chmod 700 "$work"
    later "rm -rf '$work' '$work.tar'"
    quiet backup-database "writing the database out" backup_written "$work"
    # After the rows: a photo is on disk before its row is kept.
    mkdir -p "$work/photos"
    [ ! -d "$FACELIFT_PHOTOS" ] || quiet backup-photos "copying photos" cp -a "$FACELIFT_PHOTOS/." "$work/photos/"
    backup_photos "$work/photos" >"$work/photos.txt"
    if [ -n "${FACELIFT_BACKUP_PASSPHRASE:-}" ]; then
        openssl enc -aes-256-cbc -pbkdf2 -iter 300000 -salt -pass env:FACELIFT_BACKUP_PASSPHRASE -in "$VAR/secrets.env" -out "$work/secrets.enc"
    else
        say "secrets are left out: set FACELIFT_BACKUP_PASSPHRASE to take them along, encrypted"
    fi
    printf 'format %s\nmade %s\nmigration %s\n' "$BACKUP_FORMAT" "$(date -u +%Y-%m-%dT%H:%M:%SZ)" "$(newest_migration)" >"$work/about.txt"
    (umask 077 && tar -C "$work" -cf "$work.tar" .)
    mv -n "$work.tar" "$file"
    rows=$(awk '{ s += $2 } END { print s + 0 }' "$work/rows.txt")
    photos=$(wc -l <"$work/photos.txt")
    say "$file: $rows rows of $(wc -l <"$work/rows.txt") tables, $photos photos, $(du -h "$file" | cut -f1)"
}

backup_written() { # the dump, and in one pass what it holds
    set -o pipefail
    backup_dump "$DB_DATABASE" | tee >(gzip -6 >"$1/database.sql.gz") | backup_rows >"$1/rows.txt"
    # The process that packs ends after this one: until its end is written there is no whole file.
    local i
    for i in $(seq 1 600); do gzip -t "$1/database.sql.gz" 2>/dev/null && return; sleep 0.1; done
    return 1
}

newest_migration() { (cd "$ROOT/database/migrations" && printf '%s\n' *.php | LC_ALL=C sort | tail -1 | sed 's/\.php$//'); }

# backup_opened FILE FOLDER: taken apart and looked at; says what is wrong with it.
backup_opened() {
    local format migration
    tar -tf "$1" >/dev/null 2>&1 || die "$1 is no backup, or not a whole one"
    if tar -tf "$1" | grep -qE '^/|(^|/)\.\.(/|$)'; then die "$1 holds paths that lead elsewhere"; fi
    tar -C "$2" -xf "$1" --no-same-owner || die "$1 is no backup, or not a whole one"
    [ -f "$2/about.txt" ] && [ -f "$2/rows.txt" ] && [ -f "$2/database.sql.gz" ] || die "$1 is no backup"
    format=$(awk '$1 == "format" { print $2 }' "$2/about.txt")
    [[ "$format" =~ ^[0-9]+$ ]] && [ "$format" -le "$BACKUP_FORMAT" ] || die "$1 has format $format; this Facelift reads up to $BACKUP_FORMAT"
    migration=$(awk '$1 == "migration" { print $2 }' "$2/about.txt")
    [[ ! "$migration" > "$(newest_migration)" ]] || die "$1 was made by a newer Facelift ($migration); upgrade first"
}

# backup_loaded FOLDER DATABASE: into an empty database, and written out again: it has to come out alike.
backup_loaded() {
    sql "DROP DATABASE IF EXISTS \`$2\`; CREATE DATABASE \`$2\`"
    gzip -dc "$1/database.sql.gz" | client mariadb --default-character-set=utf8mb4 "$2" || return 1
    backup_dump "$2" | backup_rows | diff "$1/rows.txt" - || { echo "the database does not come out as it went in"; return 1; }
    diff "$1/photos.txt" <(backup_photos "$1/photos") || { echo "photos differ"; return 1; }
}

# backup_verify FILE: nothing of the shop is touched.
backup_verify() {
    local file=${1:-} work
    [ -f "$file" ] || die "there is no file $file"
    backup_needs_database
    secrets
    work=$(mktemp -d "$VAR/verify.XXXXXX")
    later "rm -rf '$work'; sql 'DROP DATABASE IF EXISTS \`${DB_DATABASE}_verify\`'"
    backup_opened "$file" "$work"
    quiet backup-verify "restoring it beside the shop and writing it out again" backup_loaded "$work" "${DB_DATABASE}_verify"
    say "$file is whole: $(awk '{ s += $2 } END { print s + 0 }' "$work/rows.txt") rows and $(wc -l <"$work/photos.txt") photos came out as they went in"
}

# restore FILE [--replace]: overwrites nothing without being told.
restore() {
    local file=${1:-} replace=${2:-} work restored
    [ -f "$file" ] || die "there is no file $file"
    [ -z "$replace" ] || [ "$replace" = --replace ] || die "restore knows --replace, not $replace"
    alive nginx && die "the shop is open: ./facelift stop first"
    backup_needs_database
    secrets
    restored="${DB_DATABASE}_restored"
    create_database "$DB_DATABASE"
    if [ "$(tables_of "$DB_DATABASE" | wc -l)" -gt 0 ] && [ "$replace" != --replace ]; then
        die "there is a shop already; restore --replace puts the backup in its place"
    fi
    work=$(mktemp -d "$VAR/restore.XXXXXX")
    later "rm -rf '$work'; sql 'DROP DATABASE IF EXISTS \`$restored\`'"
    backup_opened "$file" "$work"
    quiet restore "reading the backup and proving it" backup_loaded "$work" "$restored"
    restore_secrets "$work"
    # Up to here nothing of the shop was touched. Tables change places within a moment.
    quiet restore-swap "putting it in the place of what was there" restore_swapped "$restored"
    rm -rf "$FACELIFT_PHOTOS.before"
    [ ! -d "$FACELIFT_PHOTOS" ] || mv "$FACELIFT_PHOTOS" "$FACELIFT_PHOTOS.before"
    mkdir -p -m 700 "$FACELIFT_PHOTOS"
    cp -a "$work/photos/." "$FACELIFT_PHOTOS/"
    say "restored: $(awk '{ s += $2 } END { print s + 0 }' "$work/rows.txt") rows, $(wc -l <"$work/photos.txt") photos; ./facelift start brings it up to date"
}

restore_secrets() {
    [ -f "$1/secrets.enc" ] && [ -n "${FACELIFT_BACKUP_PASSPHRASE:-}" ] || { say "secrets stay as they are here: second factors may have to be set up anew"; return 0; }
    (umask 077 && openssl enc -d -aes-256-cbc -pbkdf2 -iter 300000 -pass env:FACELIFT_BACKUP_PASSPHRASE -in "$1/secrets.enc" -out "$1/secrets.env" 2>/dev/null) || die "the passphrase does not open the secrets; nothing was changed"
    mv "$1/secrets.env" "$VAR/secrets.env"
    secrets
    create_database "$DB_DATABASE"
}

tables_of() { client mariadb -N -e "SELECT table_name FROM information_schema.tables WHERE table_schema = '$1'"; }

restore_swapped() {
    local table moves=''
    for table in $(tables_of "$DB_DATABASE"); do moves+="DROP TABLE \`$DB_DATABASE\`.\`$table\`;"; done
    sql "SET foreign_key_checks = 0; $moves"
    moves=''
    for table in $(tables_of "$1"); do moves+="${moves:+, }\`$1\`.\`$table\` TO \`$DB_DATABASE\`.\`$table\`"; done
    sql "SET foreign_key_checks = 0; RENAME TABLE $moves"
}

# upgrade: what came with a newer Facelift is taken into the database, or everything is as it was before.
upgrade() {
    local file
    alive nginx && die "the shop is open: ./facelift stop first"
    install_php
    backup_needs_database
    secrets
    mkdir -p -m 700 "$VAR/backups"
    file="$VAR/backups/before-upgrade-$(date +%Y-%m-%d-%H%M%S).tar"
    backup "$file"
    backup_verify "$file"
    if (quiet upgrade "bringing the database up to date" php "$ROOT/artisan" migrate --force); then
        say "up to date; $file holds how it was before"
    else
        restore "$file" --replace
        die "the database could not be brought up to date and is as it was before; see $VAR/log/upgrade.log"
    fi
}

# nightly: a backup once in a day while the shop runs, the newest of them kept; logs that have grown are put aside.
nightly() {
    local folder="$VAR/backups" keep=${FACELIFT_BACKUPS_KEPT:-14} newest
    mkdir -p -m 700 "$folder"
    # What an end in the middle has left.
    rm -rf "$folder"/.facelift-backup.*
    while true; do
        newest=$(find "$folder" -name '*.tar' -mmin -1320 | head -1)
        # Of several machines one makes it, the same as long as it lives.
        if [ -z "$newest" ] && php "$ROOT/artisan" facelift:lease nightly 90000 >/dev/null; then
            (backup "$folder/$(date +%Y-%m-%d-%H%M%S).tar") >>"$VAR/log/nightly.log" 2>&1 || true
            find "$folder" -name '*.tar' | LC_ALL=C sort -r | tail -n "+$((keep + 1))" | xargs -r rm -f --
        fi
        # Looked at often, and seldom something to do.
        php "$ROOT/artisan" facelift:forget >>"$VAR/log/nightly.log" 2>&1 || true
        php "$ROOT/artisan" facelift:learn >>"$VAR/log/nightly.log" 2>&1 || true
        rotate_logs >>"$VAR/log/nightly.log" 2>&1 || true
        sleep 600 &
        wait $! || return 0
    done
}
