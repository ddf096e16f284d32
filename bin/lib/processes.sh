# Services are started, looked after and ended here. While the shop is open every service has a supervisor of its own
# (runsv, of Debian's runit), which starts it again within a second if it ends; test runs start them without.
# runit was taken for its size: small processes in C and plain folders, no daemon of the system, no other user needed.

. "$ROOT/bin/lib/owner.sh"

# In the order in which they come up.
SERVICES=(mariadb supplier insurer thermometer programmer intake nightly php-fpm nginx)

alive() { owned "$RUN/$1.own"; }
number_of() { cut -d' ' -f1 "$RUN/$1.own"; }

# launch NAME COMMAND…: in the background, its words in the log of its name.
launch() {
    local name=$1
    shift
    end_group "$RUN/$name.own"
    rm -f "$RUN/$name.own"
    if supervised "$name"; then
        describe "$name" "$@"
        # Also for a supervisor that comes after this one.
        rm -f "$RUN/sv/$name/down"
        sv up "$RUN/sv/$name" >/dev/null
    else
        (umask 077 && exec setsid "$ROOT/bin/own" "$RUN/$name.own" "$@" >>"$VAR/log/$name.log" 2>&1 </dev/null 9>&-) &
    fi
}

describe() { # describe NAME COMMAND…: how its supervisor starts it, with what is set now
    local name=$1 run="$RUN/sv/$1/run"
    shift
    (umask 077 && {
        printf '#!/usr/bin/env bash\numask 077\n'
        export -p
        printf 'exec setsid'
        printf ' %q' "$ROOT/bin/own" "$RUN/$name.own" "$@"
        printf ' >>%q 2>&1 </dev/null\n' "$VAR/log/$name.log"
    } >"$run.new")
    chmod 700 "$run.new"
    mv "$run.new" "$run"
}

supervised() { sv status "$RUN/sv/$1" >/dev/null 2>&1; }

# supervise: a supervisor for every service, none of which runs yet.
supervise() {
    local name
    rm -rf "$RUN/sv"
    for name in "${SERVICES[@]}"; do
        mkdir -p -m 700 "$RUN/sv/$name"
        printf '#!/bin/sh\nexec sleep 1\n' >"$RUN/sv/$name/run"
        chmod 700 "$RUN/sv/$name/run"
        : >"$RUN/sv/$name/down"
    done
    supervisor
    for name in "${SERVICES[@]}"; do wait_for "the supervisor of $name" supervised "$name"; done
}

supervisor() { # looks after the supervisors
    (umask 077 && exec setsid "$ROOT/bin/own" "$RUN/supervisor.own" runsvdir -P "$RUN/sv" >>"$VAR/log/supervisor.log" 2>&1 </dev/null 9>&-) &
}

stop_one() { # stop_one NAME SIGNAL
    local pid i
    ! supervised "$1" || sv down "$RUN/sv/$1" >/dev/null 2>&1 || true
    if alive "$1"; then
        pid=$(number_of "$1")
        kill -s "$2" "$pid" 2>/dev/null || true
        for i in $(seq 1 150); do
            gone "$pid" && break
            sleep 0.1
        done
    fi
    # Workers that outlive their master, or a master that did not listen.
    end_group "$RUN/$1.own"
    rm -f "$RUN/$1.own"
}

stop_beside_database() {
    local name
    # What takes requests first: fast, a client that idles is not waited for.
    for name in nginx php-fpm supplier insurer intake nightly thermometer programmer; do stop_one "$name" TERM; done
}

# Goes on to its end, whatever cannot be ended on the way.
stop_all() { stop_each || true; }
stop_each() {
    local name
    # First who would start them again. Without it a supervisor that is told so ends with its service.
    if alive supervisor; then kill -s KILL "$(number_of supervisor)" 2>/dev/null || true; fi
    rm -f "$RUN/started"
    stop_beside_database
    stop_one mariadb TERM
    for name in "${SERVICES[@]}"; do ! supervised "$name" || sv exit "$RUN/sv/$name" >/dev/null 2>&1 || true; done
    end_group "$RUN/supervisor.own"
    # They hold what services were started with, secrets among it.
    rm -rf "$RUN/sv"
    rm -f "$RUN/supervisor.own"
}

status() {
    local name
    for name in "${SERVICES[@]}"; do
        if [ "$name" = mariadb ] && ! own_database; then
            say "the database is elsewhere: $FACELIFT_DB_HOST"
        elif alive "$name"; then
            say "$name runs (process $(number_of "$name"), since $(ps -o lstart= -p "$(number_of "$name")"))"
        else
            say "$name does not run"
        fi
    done
    alive nginx && say "address: $(cat "$RUN/address")" || true
}

# alone COMMAND…: a start that meets another that is under way leaves it alone.
alone() {
    exec 9>"$RUN/start.lock"
    flock --nonblock 9 || die "another start is under way in this folder; wait for it, or look with ./facelift status"
    "$@"
    exec 9>&-
}

wait_for() { # wait_for WHAT COMMAND…
    local what=$1 i
    shift
    for i in $(seq 1 300); do
        "$@" >/dev/null 2>&1 && return
        sleep 0.1
    done
    die "$what did not come up within 30 s; see $VAR/log"
}

# rotate_logs: from 5 MB on, four kept. Whoever writes goes on writing to the same file.
rotate_logs() {
    (umask 077 && printf '"%s/log/*.log" {\n size 5M\n rotate 4\n copytruncate\n compress\n missingok\n notifempty\n}\n' "$VAR" >"$RUN/logrotate.conf")
    logrotate --state "$VAR/log/rotated" "$RUN/logrotate.conf"
}

enough_room() { # before anything is touched
    local free least=${FACELIFT_LEAST_FREE:-200}
    free=$(($(df -Pk "$VAR" | awk 'NR == 2 { print $4 }') / 1024))
    [ "$free" -ge "$least" ] || die "only $free MB are free where the shop's data lie ($VAR), and $least are needed: nothing was started"
}
