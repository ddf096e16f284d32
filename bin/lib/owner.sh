# Who runs: a process by its number, its start time and the boot of the machine, so that a number that was given to
# another process later is not taken for ours. Every service leads a session of its own, see bin/own.

identity() { # identity PID: number, start time in clock ticks since boot, boot
    local stat
    { read -r stat <"/proc/$1/stat"; } 2>/dev/null || return 1
    # The name stands in brackets and may hold anything: what follows its end has fixed places.
    # shellcheck disable=SC2086
    set -- "$1" ${stat##*) }
    printf '%s %s %s' "$1" "${21}" "$(</proc/sys/kernel/random/boot_id)"
}

gone() { # gone PID: it has ended, also where nobody has asked yet how
    [ ! -d "/proc/$1" ] || grep -qs '^State:[[:space:]]*Z' "/proc/$1/status"
}

owned() { # owned FILE: its process runs, and is the one that wrote it
    local pid start boot
    { read -r pid start boot <"$1"; } 2>/dev/null || return 1
    [ "$(identity "$pid")" = "$pid $start $boot" ] && ! gone "$pid"
}

group_of() { # group_of FILE: processes of the owner's session, such as workers that have outlived it
    local pid start boot
    { read -r pid start boot <"$1"; } 2>/dev/null || return 0
    [ "$boot" = "$(</proc/sys/kernel/random/boot_id)" ] || return 0
    # Some of them end while they are looked at.
    { cat /proc/[0-9]*/stat 2>/dev/null || true; } | awk -v owner="$pid" -v start="$start" '
        { pid = $1; sub(/^.*\) /, ""); if ($1 != "Z" && $3 == owner && $4 == owner && $20 >= start) print pid }'
}

end_group() { # end_group FILE
    local left
    left=$(group_of "$1")
    # shellcheck disable=SC2086
    [ -z "$left" ] || kill -s KILL $left 2>/dev/null || true
}
