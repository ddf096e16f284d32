# Shared by every command: where things are kept, and how progress is shown.
# Needs ROOT.
VAR=${FACELIFT_VAR:-$ROOT/var}
PORT=${FACELIFT_PORT:-8480}
mkdir -p "$VAR/log"
VAR=$(cd "$VAR" && pwd -P)
# Logs are for whoever runs the shop alone.
chmod 700 "$VAR/log"
find "$VAR/log" -maxdepth 1 -type f -perm /077 -exec chmod 600 {} +

# A lane of the test run says itself where its sockets are.
if [ -n "${FACELIFT_RUN:-}" ]; then
    RUN="$FACELIFT_RUN"
    DATA="${FACELIFT_DATA:-$VAR}"
# A socket's path holds about a hundred bytes, and MariaDB's installer takes no blanks in a path:
# from such a folder the sockets live elsewhere, and DATA is a plain name for VAR.
elif [ ${#VAR} -gt 80 ] || [[ "$VAR" =~ [^A-Za-z0-9/._-] ]]; then
    RUN="${TMPDIR:-/tmp}/facelift-$(id -u)-$(printf '%s' "$VAR" | cksum | cut -d' ' -f1)"
    mkdir -p -m 700 "$RUN"
    [ -O "$RUN" ] || { printf 'facelift: %s belongs to somebody else\n' "$RUN" >&2; exit 1; }
    ln -sfn "$VAR" "$RUN/var"
    DATA="$RUN/var"
else
    RUN="$VAR/run"
    DATA="$VAR"
    mkdir -p -m 700 "$RUN"
fi

# Which of several machines this is, for work that only one of them does.
export FACELIFT_NODE=${FACELIFT_NODE:-$(uname -n)/$(printf '%s' "$VAR" | cksum | cut -d' ' -f1)}

say() { printf '  %s\n' "$*"; }
die() { printf 'facelift: %s\n' "$*" >&2; exit 1; }

# quiet LOGNAME WHAT COMMAND…: runs a command, shows that it goes on, and its log if it fails.
quiet() {
    local log="$VAR/log/$1.log" what=$2 began=$SECONDS
    shift 2
    # Progress is not what was asked for: standard output stays free for that.
    printf '  %s …' "$what" >&2
    (umask 077 && : >"$log")
    if "$@" >"$log" 2>&1; then
        printf '\r  %s: done in %d s\n' "$what" "$((SECONDS - began))" >&2
    else
        printf '\r  %s: failed\n' "$what" >&2
        tail -n 40 "$log" >&2
        die "$what failed; the whole log is in $log"
    fi
}

# fingerprint PATH…: one hash over the contents of files and folders.
fingerprint() {
    (cd "$ROOT" && find "$@" -type f -not -name schema.d.ts -print0 2>/dev/null | LC_ALL=C sort -z | xargs -0 -r sha256sum | sha256sum | cut -d' ' -f1)
}

# unchanged NAME HASH: true if this step was last done for the same hash.
unchanged() { [ "$(cat "$ROOT/var/stamps/$1" 2>/dev/null)" = "$2" ]; }
stamp() { mkdir -p "$ROOT/var/stamps"; printf '%s\n' "$2" >"$ROOT/var/stamps/$1"; }
