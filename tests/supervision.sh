#!/usr/bin/env bash
# What happens to a running shop when its processes are killed: tests/supervision.sh FOLDER PORT, of a run that
# ./facelift start -d has begun. It ends the run.
set -uo pipefail
umask 077
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -P)
export FACELIFT_VAR="${1:?a folder of its own}" FACELIFT_PORT="${2:?its port}"
. "$ROOT/bin/lib/common.sh"
. "$ROOT/bin/lib/services.sh"
wrong() { printf 'supervision: %s\n' "$*"; tail -n 3 "$VAR"/log/*.log; stop_all; exit 1; }
answers() { # the page, and a route that asks the database
    php -r 'file_get_contents("http://127.0.0.1:$argv[1]/api/jobs", false, stream_context_create(["http" => ["timeout" => 2, "ignore_errors" => true, "header" => "Accept: application/json"]])); exit(str_contains($http_response_header[0] ?? "", " 401 ") ? 0 : 1);' "$PORT"
}
within() { # within TENTHS COMMAND…
    local i left=$1
    shift
    for ((i = 0; i < left; ++i)); do
        "$@" >/dev/null 2>&1 && return
        sleep 0.1
    done
    return 1
}
again() { alive "$1" && [ "$(number_of "$1")" != "$2" ]; }
supervisor_of() { # supervisor_of NAME: its number
    pgrep -xf "runsv $1" | while read -r p; do [ "$(readlink "/proc/$p/cwd")" = "$RUN/sv/$1" ] && echo "$p"; done
}
answers || wrong "it does not answer to begin with"

# Two starts at once: one is told to wait, and harms nothing.
exec 8>"$RUN/start.lock"
flock 8
"$ROOT/facelift" start -d >"$VAR/log/second.log" 2>&1 && wrong "a second start went through while one was under way"
grep -q 'another start is under way' "$VAR/log/second.log" || wrong "the second start does not say why"
exec 8>&-
answers || wrong "the second start has done harm"

# No room: said before anything is touched.
FACELIFT_LEAST_FREE=999999999 "$ROOT/facelift" start -d >"$VAR/log/second.log" 2>&1 && wrong "started on a full disk"
grep -q 'MB are free' "$VAR/log/second.log" || wrong "a full disk is not said"
answers || wrong "a start on a full disk has ended the run"

# Each service is killed, the web servers' masters without their workers, and is there again.
for name in "${SERVICES[@]}"; do
    was=$(number_of "$name")
    kill -s KILL "$was"
    within 100 again "$name" "$was" || wrong "$name was killed and is not there again"
done
within 100 answers || wrong "it does not answer after every service was killed"
masters=$(pgrep -af "^php-fpm: master process \\($RUN/")
[ "$(grep -c . <<<"$masters")" = 1 ] || wrong "not one php-fpm: $masters; $(pgrep -af php-fpm)"

# Their supervisors, and who looks after these: services run on, and are still looked after.
kill -s KILL "$(supervisor_of nginx)"
within 100 supervised nginx || wrong "a supervisor was killed and is not there again"
within 100 answers || wrong "it does not answer after a supervisor was killed"
kill -s KILL "$(number_of supervisor)"
was=$(number_of php-fpm)
kill -s KILL "$was"
within 100 again php-fpm "$was" || wrong "php-fpm was killed and is not there again without the first supervisor"
# A new one, and then each supervisor: services go on, and are looked after by the next.
supervisor
within 100 alive supervisor || wrong "the supervisor does not come up again"
for name in mariadb php-fpm; do
    kill -s KILL "$(supervisor_of "$name")"
    within 150 supervised "$name" || wrong "the supervisor of $name was killed and is not there again"
    was=$(number_of "$name")
    kill -s KILL "$was"
    within 100 again "$name" "$was" || wrong "$name was killed and is not there again after its supervisor was"
done
within 100 answers || wrong "it does not answer without the first supervisor"

# A number that another process has by now is not ours.
sleep 600 &
other=$!
printf '%s %s %s\n' "$other" 1 "$(</proc/sys/kernel/random/boot_id)" >"$RUN/stranger.own"
alive stranger && wrong "a process of another start time is taken for ours"
stop_one stranger TERM
kill -0 "$other" || wrong "a stranger was killed"
kill "$other"

# Clients that idle do not hold up the end, and nothing of the run is left.
exec 7<>"/dev/tcp/127.0.0.1/$PORT"
printf 'GET /sign-in HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n' >&7
head -c 20 <&7 >/dev/null
began=$(date +%s%N)
"$ROOT/facelift" stop >/dev/null || wrong "stop failed"
took=$((($(date +%s%N) - began) / 1000000))
exec 7>&-
# Such a client is kept for 75 s otherwise.
[ "$took" -lt 15000 ] || wrong "stop took $took ms"
left=$(pgrep -f "$RUN/" | grep -v "^$$\$")
[ -z "$left" ] || wrong "left running: $(ps -o pid=,args= -p "$(echo $left | tr ' ' ,)")"
port_is_free "$PORT" || wrong "the port is still taken"
open=$(find "$VAR/log" -type f -perm /077)
[ -z "$open" ] || wrong "others can read $open"
[ "$(stat -c %a "$VAR/log")" = 700 ] || wrong "others can look into the logs"

# Logs are put aside when they have grown, with nobody's name from an address.
head -c 6000000 /dev/zero | tr '\0' x >"$VAR/log/grown.log"
rotate_logs || wrong "logs are not put aside"
[ "$(stat -c %s "$VAR/log/grown.log")" = 0 ] && [ -f "$VAR/log/grown.log.1.gz" ] || wrong "a log that has grown was not put aside"
printf 'supervision: every service killed and back, stopped in %d ms, nothing left\n' "$took"
